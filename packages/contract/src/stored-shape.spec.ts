import { formOf, storedOf, storedShape, valueOfStored } from './stored-shape.js';

interface Name {
  readonly first: string;
  readonly last: string;
}
const shape = storedShape<Name>(
  'a name',
  {
    to: 2,
    name: 'split-names',
    up: (old: string) => ({ first: old.split(' ')[0], second: old.split(' ')[1] }),
  },
  {
    to: 3,
    name: 'second-is-last',
    up: ({ first, second }: { first: string; second: string }) => ({ first, last: second }),
  },
);

test('what was kept in any older form is read as it stands today', () => {
  const ada = { first: 'Ada', last: 'Bell' };
  expect(valueOfStored(shape, 'Ada Bell')).toEqual(ada);
  expect(valueOfStored(shape, { form: 2, value: { first: 'Ada', second: 'Bell' } })).toEqual(ada);
  expect(valueOfStored(shape, storedOf(shape, ada))).toEqual(ada);
});

test('a value is kept with the number of its form', () => {
  expect(storedOf(shape, { first: 'Ada', last: 'Bell' }).form).toBe(3);
  expect(formOf(storedShape('never changed'))).toBe(1);
});

test('a form that only a newer program knows is refused, never guessed', () => {
  expect(() => valueOfStored(shape, { form: 4, value: {} })).toThrow(/newer/);
});
