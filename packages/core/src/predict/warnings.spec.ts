import { potOf } from '../larder/pot-of.js';
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
