import { type StoredShape, storedShape } from '@alterum/contract';
import { readStored, StoredJson } from './stored-json.js';

/** A shape that was once kept as text with blanks between. */
const shape: StoredShape<readonly string[]> = storedShape('words', {
  to: 2,
  name: 'words stand in a list',
  up: (text: string) => text.split(' '),
});
const column = new StoredJson(shape);

test('nothing is kept as nothing, never as a value that is empty', () => {
  expect(column.convertToDatabaseValue(null)).toBeNull();
  expect(column.convertToDatabaseValue(undefined as unknown as null)).toBeNull();
  expect(column.convertToJSValue(null)).toBeNull();
  expect(column.convertToJSValue(undefined)).toBeNull();
});

test('a value is kept with the number of its form and read back as it was', () => {
  const kept = column.convertToDatabaseValue(['salt', 'miso']);
  expect(JSON.parse(kept ?? '')).toEqual({ form: 2, value: ['salt', 'miso'] });
  expect(column.convertToJSValue(kept)).toEqual(['salt', 'miso']);
  // Some drivers have read the text already.
  expect(column.convertToJSValue(JSON.parse(kept ?? ''))).toEqual(['salt', 'miso']);
  expect(readStored(shape, kept ?? '')).toEqual(['salt', 'miso']);
});

test('what was kept in an older form is brought up to this one', () => {
  expect(column.convertToJSValue('"salt miso"')).toEqual(['salt', 'miso']);
  expect(readStored(shape, '{"form":1,"value":"salt miso"}')).toEqual(['salt', 'miso']);
  expect(() => column.convertToJSValue('{"form":3,"value":{}}')).toThrow(/newer version wrote/);
});
