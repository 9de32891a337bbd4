import { blankFormula, type Formula, ingredientById } from '@alterum/core';
import { isShort, thingsTonight } from './things-tonight';

const formula = (lines: readonly (readonly [string, number | undefined])[]): Formula => ({
  ...blankFormula,
  lines: lines.map(([ingredient, grams], i) => ({
    id: `${i}`,
    ingredient,
    amount: grams === undefined ? undefined : { value: grams, unit: 'g' },
    role: 'body',
    preparation: 'as-is',
    stage: 'start',
  })),
});
const base = formula([
  ['cashew', 100],
  ['water', 300],
]);
const known = (stock: Readonly<Record<string, number>> = {}) => ({
  larder: (id: string) => ingredientById(id) ?? (id === 'formula:base' ? ingredientById('water') : undefined),
  formulaOf: (id: string) => (id === 'base' ? base : undefined),
  stock: new Map(Object.entries(stock)),
});
const grams = (pots: Parameters<typeof thingsTonight>[0], stock = {}) =>
  thingsTonight(pots, known(stock)).map(({ id, grams: g }) => [id, g]);

test('what several pots need is added up; water comes from the tap', () => {
  const pots = [
    { formula: base },
    {
      formula: formula([
        ['cashew', 50],
        ['salt', 4],
      ]),
    },
  ];
  expect(grams(pots)).toEqual([
    ['cashew', 150],
    ['salt', 4],
  ]);
});

test('a sauce in a dish brings what it is made of, as much as goes in of it', () => {
  const dish = {
    name: '',
    note: '',
    portions: 2,
    eaters: [],
    layers: [],
    oven: [],
    restMin: 0,
    fromC: 20,
    parts: [
      { id: 's', formula: 'base', grams: 200, ready: [] },
      { id: 'l', ingredient: 'leek', ready: [] },
    ],
  };
  expect(grams([{ dish }])).toEqual([
    ['cashew', 50],
    ['leek', undefined],
  ]);
});

test('what is short stands first; what nobody has counted is not called short', () => {
  const things = thingsTonight(
    [
      { formula: base },
      {
        formula: formula([
          ['leek', 300],
          ['salt', undefined],
        ]),
      },
    ],
    known({ leek: 120, salt: 50 }),
  );
  expect(things.map(({ id }) => id)[0]).toBe('leek');
  expect(things.filter(isShort).map(({ id }) => id)).toEqual(['leek']);
});
