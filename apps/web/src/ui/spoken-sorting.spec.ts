import { spokenSorting } from './spoken-sorting';

const spoken = spokenSorting(['a', 'b', 'c'], (id) => ({ a: 'Cashew nuts', b: 'Water' })[id]).announcements;
const event = (active: string, over?: string) =>
  ({ active: { id: active }, over: over === undefined ? null : { id: over } }) as never;

test('what is heard are names and places, never ids', () => {
  expect(spoken?.onDragStart(event('a'))).toBe('Cashew nuts is taken, from place 1 of 3.');
  expect(spoken?.onDragOver(event('a', 'c'))).toBe('Cashew nuts would come to place 3 of 3.');
  expect(spoken?.onDragEnd(event('a', 'b'))).toBe('Cashew nuts was put down at place 2 of 3.');
  expect(spoken?.onDragEnd(event('b'))).toBe('Water stays where it was.');
  expect(spoken?.onDragCancel(event('c'))).toBe('It stays where it was.');
});
