import type { KnownToDish } from '../dish/read-dish.js';
import type { DishPart, WrittenDish } from '../dish/written-dish.js';
import type { Method } from '../recipe/method/operation.js';
import type { DoneToDish } from './tasks-of-formula.js';
import { formulaWith } from '../formula/formula.fixture.js';
import type { Formula } from '../formula/formula.js';
import { ingredientById } from '../larder/catalog/larder-table.js';
import { faultsOf } from '../plan/plan.fixture.js';
import { schedule } from '../plan/schedule.js';
import { type CookedTonight, eveningTonight, type KitchenTonight, unnamedCooks } from './evening-tonight.js';
import { preheating, tasksOfDish } from './tasks-of-dish.js';

const white: Formula = {
  ...formulaWith([
    ['oat-drink', 500],
    ['wheat-flour', 35],
  ]),
  name: 'White',
  method: [
    { kind: 'put-in', lines: ['oat-drink', 'wheat-flour'] },
    { kind: 'heat', temperatureC: 92, minutes: 5 },
  ],
  // By itself it is served cold: laid in a dish it is not chilled first.
  serve: { temperatureC: 6, storage: 'fridge', days: 1 },
};
const known: KnownToDish = {
  larder: (id) => ingredientById(id),
  formulaOf: (id) => (id === 'white' ? white : undefined),
};
const bake: WrittenDish = {
  name: 'Bake',
  note: '',
  portions: 4,
  eaters: [],
  vessel: { shape: 'rectangular', lengthCm: 30, widthCm: 24, depthCm: 6 },
  parts: [
    { id: 'sauce', formula: 'white', ready: [] },
    {
      id: 'mushrooms',
      ingredient: 'mushroom',
      grams: 400,
      ready: [{ kind: 'fry', minutes: 10, flame: 'medium' }],
    },
    { id: 'sheets', ingredient: 'pasta-sheet-dry', grams: 180, ready: [] },
    { id: 'unused', ingredient: 'squash', grams: 500, ready: [{ kind: 'roast', minutes: 40, ovenC: 200 }] },
  ],
  layers: [
    { id: '1', component: 'sheets' },
    { id: '2', component: 'mushrooms' },
    { id: '3', component: 'sauce' },
  ],
  oven: [
    { temperatureC: 190, minutes: 25, cover: 'foil', fan: false },
    { temperatureC: 210, minutes: 10, cover: 'open', fan: false },
  ],
  restMin: 10,
  fromC: 20,
};
const kitchen: KitchenTonight = {
  serveAt: 1440 + 19 * 60,
  burners: 2,
  ovens: 1,
  blenders: 1,
  cooks: unnamedCooks(1),
  keepWarmMin: 20,
  awake: [],
};
const planned = (cooked: CookedTonight) => {
  const { evening } = eveningTonight(cooked, known, kitchen);
  const outcome = schedule(evening);
  if (outcome.kind !== 'planned') throw new Error(JSON.stringify(outcome));
  expect(faultsOf(evening, outcome.plan)).toEqual([]);
  return new Map(outcome.plan.map((one) => [one.id, one]));
};

test('a dish is made part by part, laid, baked in an oven that is warm by then, and rests', () => {
  const at = planned({ pots: [], dishes: [{ id: 'd', dish: bake }] });
  const ids = [...at.keys()];
  expect(ids.filter((id) => !id.includes('sauce'))).toEqual(
    expect.arrayContaining(['d/mushrooms/0', 'd/layers', 'd/preheat', 'd/oven/0', 'd/oven/1', 'd/rest']),
  );
  // A sauce opens to its formula; how long a part may stand is said by the dish.
  const parts = tasksOfDish('d', bake, known, 20).filter(({ id }) => id.startsWith('d/sauce'));
  expect(parts.map(({ insideId }) => insideId)).toEqual(parts.map(() => 'white'));
  expect(parts.at(-1)).toMatchObject({ mayStand: 90, leaves: undefined });
  // What lies in no layer is not cooked, and a sauce that is laid is not chilled.
  expect(ids.some((id) => id.includes('unused'))).toBe(false);
  expect(at.get('d/rest')!.end).toBeLessThanOrEqual(1440 + 1140);
  expect(at.get('d/rest')!.end).toBeGreaterThanOrEqual(1440 + 1140 - kitchen.keepWarmMin);
  expect(at.get('d/oven/0')!.start).toBe(1440 + 1140 - 10 - 10 - 25);
  expect(at.get('d/preheat')!.end).toBe(at.get('d/oven/0')!.start);
  expect(at.get('d/layers')!.end).toBeLessThanOrEqual(at.get('d/oven/0')!.start);
  for (const before of ['d/mushrooms/0', 'd/sauce/1'])
    expect(at.get(before)!.end).toBeLessThanOrEqual(at.get('d/layers')!.start);
});

const boiled = (ingredient: string, sizeMm: number, more: Method = []): DishPart => ({
  id: ingredient,
  ingredient,
  grams: 300,
  ready: [{ kind: 'cut', sizeMm }, { kind: 'boil-soft', minutes: 15 }, ...more],
});
const withRoots = (...parts: readonly DishPart[]): WrittenDish => ({
  ...bake,
  parts: [...bake.parts, ...parts],
  layers: [...bake.layers, ...parts.map(({ id }) => ({ id, component: id }))],
});

test('vegetables that are boiled soft share one pot: the firmest first, and the rest of what is done to each comes after', () => {
  const dish = withRoots(boiled('carrot', 20), boiled('potato', 20, [{ kind: 'fry', minutes: 5 }]));
  const tasks = tasksOfDish('d', dish, known, 20);
  const boils = tasks.filter(({ operation }) => operation.kind === 'boil-soft');
  expect(boils).toHaveLength(1);
  const [pot] = boils;
  expect(pot).toMatchObject({ id: 'd/pot', machine: 'burner', hands: false, toDish: { kind: 'boil' } });
  const { pieces } = pot!.toDish as Extract<DoneToDish, { kind: 'boil' }>;
  // Carrots want 7.5 + 6 min, potatoes 6 + 4.
  expect(pieces.map(({ name }) => name)).toEqual(['Carrot', 'Potato']);
  expect(pieces[1]!.goesInAt).toBeCloseTo(3.5, 0);
  expect(pot!.minutes.low).toBeLessThan(13.5);
  expect(pot!.minutes.high).toBeGreaterThan(13.5);
  const after = (id: string) => tasks.find((task) => task.id === id)!.after.map((lag) => lag.id);
  expect(after('d/potato/2')).toEqual(['d/pot']);
  expect(after('d/layers')).toEqual(expect.arrayContaining(['d/pot', 'd/potato/2', 'd/mushrooms/0']));
  expect(pot!.after.map(({ id }) => id)).toEqual(['d/carrot/0', 'd/potato/0']);
  const at = planned({ pots: [], dishes: [{ id: 'd', dish }] });
  expect(at.get('d/pot')!.end).toBeLessThanOrEqual(at.get('d/potato/2')!.start);
});

test('one vegetable alone has its own pot, and what nobody knows to soften has one too', () => {
  const kinds = (...parts: readonly DishPart[]) =>
    tasksOfDish('d', withRoots(...parts), known, 20)
      .filter(({ operation }) => operation.kind === 'boil-soft')
      .map(({ id }) => id);
  expect(kinds(boiled('carrot', 20))).toEqual(['d/carrot/1']);
  expect(kinds(boiled('carrot', 20), boiled('cashew', 20))).toEqual(['d/carrot/1', 'd/cashew/1']);
});

test('a dip is eaten half an hour before the bake: both are ready for their own time, and stand no longer than they may', () => {
  const dip: Formula = { ...white, serve: { temperatureC: 60, storage: 'cool', days: 0 } };
  const at = planned({
    pots: [{ id: 'dip', formula: dip, serveAt: 1440 + 18 * 60 + 30 }],
    dishes: [{ id: 'd', dish: bake }],
  });
  expect(at.get('d/rest')!.end).toBeLessThanOrEqual(1440 + 1140);
  expect(at.get('d/rest')!.end).toBeGreaterThanOrEqual(1440 + 1140 - kitchen.keepWarmMin);
  expect(at.get('dip/1')!.end).toBeLessThanOrEqual(1440 + 1110);
  expect(at.get('dip/1')!.end).toBeGreaterThanOrEqual(1440 + 1110 - kitchen.keepWarmMin);
});

test('two dishes share the oven only at one temperature', () => {
  const plain = (temperatureC: number): WrittenDish => ({
    ...bake,
    oven: [{ temperatureC, minutes: 30, cover: 'open', fan: false }],
    restMin: 0,
  });
  const overlap = (a: number, b: number) => {
    const { evening } = eveningTonight(
      {
        pots: [],
        dishes: [
          { id: 'a', dish: plain(a) },
          { id: 'b', dish: plain(b) },
        ],
      },
      known,
      { ...kitchen, keepWarmMin: 60 },
    );
    const outcome = schedule(evening);
    if (outcome.kind !== 'planned') return false;
    const at = new Map(outcome.plan.map((one) => [one.id, one]));
    return (
      at.get('a/oven/0')!.end > at.get('b/oven/0')!.start &&
      at.get('b/oven/0')!.end > at.get('a/oven/0')!.start
    );
  };
  expect(overlap(190, 190)).toBe(true);
  expect(overlap(190, 220)).toBe(false);
});

test('an oven comes to 190 °C in nine to sixteen minutes, to more in longer', () => {
  expect(preheating(190)).toEqual({ low: expect.closeTo(8.4, 6), high: 16 });
  expect(preheating(230).high).toBeGreaterThan(16);
  expect(preheating(20)).toEqual({ low: 0, high: 0 });
});

test('a dish without layers is no work, one without an oven ends with its layers', () => {
  expect(tasksOfDish('d', { ...bake, layers: [] }, known, 20)).toEqual([]);
  const cold = tasksOfDish('d', { ...bake, oven: [] }, known, 20);
  expect(cold.at(-1)).toMatchObject({ id: 'd/layers', hands: true, mayStand: 20 });
  // Three layers: two minutes and 1.2 for each, a fifth longer at most.
  expect(cold.at(-1)!.minutes).toEqual({ low: expect.closeTo(5.6, 6), high: 7 });
});

test('what is made for a dish stands no longer than it may', () => {
  const tasks = tasksOfDish('d', bake, known, 20);
  const of = (id: string) => tasks.find((task) => task.id === id)!;
  expect(of('d/mushrooms/0').mayStand).toBe(90);
  expect(of('d/layers').mayStand).toBe(40);
  expect(of('d/rest').mayStand).toBe(20);
  expect(
    tasksOfDish(
      'd',
      { ...bake, parts: [{ id: 'sauce', formula: 'gone', ready: [] }, ...bake.parts.slice(1)] },
      known,
      20,
    ).some(({ id }) => id.startsWith('d/sauce')),
  ).toBe(false);
});
