import { lineOf } from '../../science/random-pots.js';
import { ingredientById } from '../larder/catalog/larder-table.js';
import { potOf } from '../larder/pot-of.js';
import type { MadeIngredient } from '../recipe/made-before.js';
import type { Method } from '../recipe/method/operation.js';
import { warningsOf } from './warnings.js';
import { cookedBy } from './cooked-by.fixture.js';

const fieldsOf = (...pot: Parameters<typeof potOf>): readonly string[] =>
  warningsOf(potOf(...pot)).map(({ field }) => field);

const sauce = [
  ['oat-drink', 400],
  ['cashew', 80],
  ['salt', 5],
  ['corn-starch', 12],
] as const;
const cooked = { maxTemperatureC: 92, holdMin: 3, blenderPower: 0.6, blendSeconds: 60 };

test('an everyday sauce is not warned about', () => {
  expect(warningsOf(potOf(sauce, cooked, { atC: 65 }))).toEqual([]);
});

test.each([
  ['tablespoons of salt for teaspoons', 'salt', 60],
  ['a cup of gum', 'xanthan', 60],
  ['a bag of nutritional yeast', 'nutritional-yeast', 200],
  ['a spice jar emptied', 'paprika-smoked', 60],
  ['citric acid by the spoon', 'citric-acid', 30],
])('%s is asked about at its own line', (_what, id, g) => {
  const [warning, ...more] = warningsOf(
    potOf(
      [
        ['oat-drink', 400],
        [id, g],
      ],
      cooked,
      { atC: 65 },
    ),
  );
  expect(more).toEqual([]);
  expect(warning?.field).toBe('lines[1].amount');
  expect(warning?.message).toMatch(/Check the amount and the unit/);
});

test('a lone ingredient being weighed is no mistake', () => {
  expect(fieldsOf([['salt', 100]])).toEqual([]);
});

test('a line of the size of a canteen is asked about', () => {
  expect(
    fieldsOf([
      ['water', 25_000],
      ['cashew', 5000],
    ]),
  ).toEqual(['lines[0].amount']);
});

test.each([
  ['more boiled off than there is', { ...cooked, evaporatedG: 800 }, {}, 'process.evaporatedG'],
  [
    'water boiled off in a lukewarm pot',
    { evaporatedG: 20, maxTemperatureC: 40, holdMin: 0 },
    {},
    'process.evaporatedG',
  ],
  ['a blending time and no blender', { blendSeconds: 60 }, {}, 'process.blenderPower'],
  ['a blender and no time', { blenderPower: 0.6 }, {}, 'process.blendSeconds'],
  ['a hold in the cold', { holdMin: 10 }, {}, 'process.holdMin'],
  ['noodles that never wait', { ...cooked, noodlesG: 200 }, { atC: 65 }, 'process.noodlesG'],
  ['days in the fridge for a fresh sauce', {}, { days: 2 }, 'serve.days'],
  ['hot from the fridge', cooked, { atC: 60, storage: 'fridge' as const, days: 1 }, 'serve.temperatureC'],
  ['served hot, never heated', {}, { atC: 70 }, 'serve.temperatureC'],
])('%s contradicts itself', (_what, process, serving, field) => {
  expect(
    fieldsOf(
      [
        ['oat-drink', 400],
        ['cashew', 80],
      ],
      process,
      serving,
    ),
  ).toContain(field);
});

test('a soak that goes too far is asked about: long at room temperature, hours in the warm; not overnight in the fridge', () => {
  const soaked = (minutes: number, temperatureC: number) => {
    const pot = potOf(sauce, cooked, { atC: 65 });
    const lines = pot.lines.map((line) =>
      line.ingredient.id === 'cashew'
        ? { ...line, ready: [{ kind: 'soak', minutes, temperatureC } as const] }
        : line,
    );
    return warningsOf({ ...pot, lines });
  };
  expect(soaked(600, 5)).toEqual([]);
  expect(soaked(600, 20)).toEqual([]);
  expect(soaked(1500, 20)).toMatchObject([{ field: 'lines[1].ready' }]);
  expect(soaked(1500, 20)[0]?.message).toMatch(/12 hours at 20 °C .* slimy/);
  expect(soaked(1500, 5)).toEqual([]);
  expect(soaked(200, 40)[0]?.message).toMatch(/let germs grow/);
});

test('a warning only asks: it says what to look at in words, ending as a sentence', () => {
  for (const { message } of warningsOf(
    potOf(
      [
        ['oat-drink', 400],
        ['salt', 60],
      ],
      { blendSeconds: 60 },
      { atC: 70 },
    ),
  ))
    expect(message).toMatch(/^.{20,}[.]$/);
});

test('a jar that does not hold it is told with the loads it takes: fewer when cold, more when hot', () => {
  const of = (g: number, method: Method) =>
    warningsOf(cookedBy([['oat-drink', g]], method, 60)).filter(({ field }) => field.startsWith('method'));
  const cold: Method = [{ kind: 'blend', tool: 'jug', seconds: 60 }],
    hot: Method = [{ kind: 'heat', temperatureC: 90, minutes: 5 }, ...cold];
  expect(of(900, cold)).toEqual([]);
  expect(of(900, hot)).toEqual([
    { field: 'method[1]', message: expect.stringContaining('in 2 loads, or let it cool first') as string },
  ]);
  expect(of(3000, cold)[0]?.message).toContain('in 3 loads');
  expect(of(3000, [{ kind: 'blend', tool: 'stick', seconds: 60 }])).toEqual([]);
});

describe('just this side of an edge nothing is asked', () => {
  const plain = [
    ['oat-drink', 400],
    ['cashew', 80],
  ] as const;
  const bake = { bakeMin: 20, ovenC: 200, layerMm: 20 };
  test.each([
    ['a little boiled off at sixty degrees', { ...cooked, evaporatedG: 20, maxTemperatureC: 60 }, {}],
    ['what the oven takes from a cold dish', { ...bake, evaporatedG: 20, maxTemperatureC: 40 }, {}],
    ['a hold just warmer than a warm kitchen', { holdMin: 10, maxTemperatureC: 31 }, {}],
    ['nothing held in the cold', { maxTemperatureC: 20 }, {}],
    ['noodles that wait', { ...cooked, noodlesG: 200, keepWarmMin: 10 }, { atC: 65 }],
    ['a day in the fridge', cooked, { atC: 20, storage: 'fridge' as const, days: 2 }],
    ['from the fridge, as warm as a room', cooked, { atC: 25, storage: 'fridge' as const, days: 1 }],
    ['reheated hot', cooked, { atC: 70, storage: 'reheat' as const, days: 1 }],
    ['served at thirty-five, never heated', {}, { atC: 35 }],
    ['served five degrees above the pot', { ...cooked, maxTemperatureC: 60 }, { atC: 65 }],
    ['served hot from the oven, never heated before', bake, { atC: 70 }],
  ])('%s', (_what, process, serving) => {
    expect(fieldsOf(plain, process, serving)).toEqual([]);
  });

  test('as much boiled off as there is water, and a gram more', () => {
    const of = (evaporatedG: number) => fieldsOf([['water', 300]], { ...cooked, evaporatedG });
    expect(of(300)).toEqual([]);
    expect(of(301)).toEqual(['process.evaporatedG']);
  });

  test('five hundredths of salt, six of spice or gum, a fifth of yeast, three of acid', () => {
    const share = (id: string, g: number) =>
      fieldsOf([
        ['water', 100 - g],
        [id, g],
      ]);
    for (const [id, g] of [
      ['salt', 4.9],
      ['paprika-smoked', 6],
      ['nutritional-yeast', 20],
      ['citric-acid', 3],
    ] as const) {
      expect(share(id, g)).toEqual([]);
      expect(share(id, g * 1.15)).toEqual(['lines[1].amount']);
    }
    expect(
      fieldsOf([
        ['water', 20_000],
        ['cashew', 4000],
      ]),
    ).toEqual([]);
  });

  test('what stood in the water warm for two hours, at its edges', () => {
    const of = (hours: number, temperatureC: number, pour?: 'boiling') => {
      const pot = potOf([
        ['cashew', 80],
        ['water', 100],
      ]);
      const ready: Method = [{ kind: 'soak', minutes: 60 * hours, temperatureC, ...(pour ? { pour } : {}) }];
      return warningsOf({
        ...pot,
        lines: pot.lines.map((line, i) => (i === 0 ? { ...line, ready } : line)),
      }).map(({ message }) => (message.includes('germs') ? 'germs' : 'slimy'));
    };
    expect(of(2, 30)).toEqual([]);
    expect(of(2.1, 30)).toEqual(['germs']);
    expect(of(3, 28)).toEqual([]);
    expect(of(3, 60)).toEqual(['slimy']);
    expect(of(30, 20)).toEqual(['slimy']);
    expect(of(30, 40, 'boiling')).toEqual([]);
  });
});

test('something made four days ago may go in tonight; a day later, or kept a day more, its age is asked about', () => {
  const of = (daysBefore: number, days: number, storage: 'cool' | 'fridge' = 'fridge') => {
    const base = potOf([['oat-drink', 400]], cooked, { atC: 20 });
    const ingredient: MadeIngredient = {
      ...ingredientById('oat-drink')!,
      id: 'own-sauce',
      name: 'Base sauce',
      made: { recipe: base, massG: 400, days: daysBefore, leftOut: [] },
    };
    const pot = potOf([['water', 100]], cooked, { atC: 20, storage, days });
    const lines = [...pot.lines, lineOf(ingredient, 50)];
    return warningsOf({ ...pot, lines }).filter(({ field }) => field === 'lines[1].ingredient');
  };
  expect(of(4, 0)).toEqual([]);
  expect(of(5, 0)).toHaveLength(1);
  expect(of(3, 1)).toEqual([]);
  expect(of(3, 2)[0]?.message).toMatch(
    /^Base sauce is 3 days old when it goes in, and stands 2 more: .* Local rules come first[.]$/,
  );
  expect(of(5, 0)[0]?.message).toMatch(/^Base sauce is 5 days old when it goes in: /);
  expect(of(0, 9)).toEqual([]);
});
