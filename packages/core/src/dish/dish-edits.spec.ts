import { formulaWith } from '../formula/formula.fixture.js';
import { ingredientById } from '../larder/catalog/larder-table.js';
import {
  amountOfLayer,
  atMoment,
  layerAdded,
  layerAmounted,
  layerMoved,
  partOfVersion,
  partUnweighed,
  withAdvice,
  withMoment,
  withoutMoment,
  withoutPart,
  withPart,
} from './dish-edits.js';
import { readDish } from './read-dish.js';
import type { WrittenDish } from './written-dish.js';

const white = formulaWith([
  ['oat-drink', 500],
  ['wheat-flour', 30],
]);
const thin = formulaWith([
  ['oat-drink', 300],
  ['wheat-flour', 9],
]);
const known = {
  larder: (id: string) => ingredientById(id),
  formulaOf: (id: string) => (id === 'white' ? white : id === 'thin' ? thin : undefined),
};
const wet: WrittenDish = {
  name: 'Courgette bake',
  note: '',
  portions: 4,
  eaters: [],
  vessel: { shape: 'rectangular', lengthCm: 26, widthCm: 18, depthCm: 6 },
  parts: [
    { id: 'sauce', formula: 'white', grams: 450, ready: [] },
    { id: 'courgette', ingredient: 'courgette', grams: 700, ready: [] },
  ],
  layers: [
    { id: 'a', component: 'courgette' },
    { id: 'b', component: 'sauce' },
    { id: 'c', component: 'courgette' },
    { id: 'd', component: 'sauce', mm: 5 },
  ],
  oven: [{ temperatureC: 190, minutes: 35, cover: 'foil', fan: false }],
  restMin: 0,
  fromC: 20,
};
const read = (dish: WrittenDish) => readDish(dish, known).report!;

test('each proposal that is about the dish, taken, gives the dish that it promised', () => {
  const report = read(wet);
  expect(report.moisture.word).toBe('soupy');
  const taken = report.advice.flatMap((advice) => {
    const dish = withAdvice(wet, advice, report);
    return dish ? [{ advice, after: read(dish).moisture }] : [];
  });
  expect(taken.map(({ advice }) => advice.kind).sort()).toEqual(
    expect.arrayContaining(
      ['bake-longer', 'fry', 'rest', 'uncover'].filter((kind) =>
        report.advice.some((one) => one.kind === kind),
      ),
    ),
  );
  expect(taken.length).toBeGreaterThanOrEqual(3);
  for (const { advice, after } of taken) {
    // Spoons stay behind once more where less sauce is laid: within a tenth or so.
    expect([advice.kind, Math.abs(after.perLayer.mid / advice.perLayer - 1) < 0.15]).toEqual([
      advice.kind,
      true,
    ]);
    expect(after.perLayer.mid).toBeLessThan(report.moisture.perLayer.mid);
  }
});

test('where one thing is not enough, several together make it set, each on what the ones before leave', () => {
  const mushrooms: WrittenDish = {
    ...wet,
    vessel: { shape: 'rectangular', lengthCm: 28, widthCm: 20, depthCm: 6 },
    parts: [
      { id: 'sauce', formula: 'thin', ready: [] },
      { id: 'courgette', ingredient: 'mushroom', grams: 500, ready: [] },
    ],
    layers: wet.layers.map(({ id, component }) => ({ id, component })),
  };
  const report = read(mushrooms);
  expect(report.advice.every(({ word }) => word !== 'just set')).toBe(true);
  expect(report.together.length).toBeGreaterThan(1);
  expect(report.together.at(-1)!.word).toBe('just set');
  const taken = report.together.reduce<WrittenDish>(
    (dish, advice) => withAdvice(dish, advice, read(dish))!,
    mushrooms,
  );
  expect(read(taken).moisture.perLayer.mid).toBeLessThan(6.5);
  expect(read(taken).together).toEqual([]);
});

test('what only a sauce can do is not done to the dish', () => {
  const report = read(wet);
  for (const kind of ['boil-down', 'add-water'] as const)
    expect(withAdvice(wet, { kind, component: 'sauce', amount: 50 }, report)).toBeUndefined();
  expect(
    withAdvice({ ...wet, oven: [] }, { kind: 'bake-longer', component: undefined, amount: 9 }, report),
  ).toBeUndefined();
});

test('frying is said once, and longer where it is said already; the cover comes off at the end', () => {
  const report = read(wet);
  const fry = { kind: 'fry', component: 'courgette', amount: 7 } as const;
  const once = withAdvice(wet, fry, report)!,
    twice = withAdvice(once, fry, report)!;
  expect(once.parts[1]!.ready).toEqual([{ kind: 'fry', minutes: 7, flame: 'medium' }]);
  expect(twice.parts[1]!.ready).toEqual([{ kind: 'fry', minutes: 14, flame: 'medium' }]);
  const open = withAdvice(wet, { kind: 'uncover', component: undefined, amount: 10 }, report)!;
  expect(open.oven.map(({ minutes, cover }) => [minutes, cover])).toEqual([
    [25, 'foil'],
    [10, 'open'],
  ]);
  const longer = withAdvice(open, { kind: 'bake-longer', component: undefined, amount: 5 }, report)!;
  expect(longer.oven.at(-1)).toMatchObject({ minutes: 15, cover: 'open' });
});

test('parts come in at the top and take their layers along when they go', () => {
  const more = withPart(wet, { id: 'crumbs', ingredient: 'breadcrumbs-wheat', grams: 30, ready: [] }, 'e');
  expect(more.layers.at(-1)).toEqual({ id: 'e', component: 'crumbs' });
  const less = withoutPart(more, 'courgette');
  expect(less.layers.map(({ id }) => id)).toEqual(['b', 'd', 'e']);
  expect('grams' in partUnweighed(wet, 'sauce').parts[0]!).toBe(false);
  expect(partUnweighed(wet, 'sauce').parts[1]).toMatchObject({ grams: 700 });
});

test('layers move, take another amount, and come in above another one', () => {
  const order = (dish: WrittenDish) => dish.layers.map(({ id }) => id).join('');
  expect(order(layerMoved(wet, 'a', 'c'))).toBe('bcad');
  expect(order(layerMoved(wet, 'd', 'a'))).toBe('dabc');
  expect(layerMoved(wet, 'd', 'gone')).toBe(wet);
  expect(order(layerAdded(wet, { id: 'x', component: 'sauce' }, 'b'))).toBe('abxcd');
  expect(order(layerAdded(wet, { id: 'x', component: 'sauce' }))).toBe('abcdx');
  const byWeight = layerAmounted(wet, 'd', { by: 'grams', value: 120 }).layers[3]!;
  expect(byWeight).toEqual({ id: 'd', component: 'sauce', grams: 120 });
  expect(amountOfLayer(byWeight)).toEqual({ by: 'grams', value: 120 });
  expect(amountOfLayer(layerAmounted(wet, 'd', { by: 'share' }).layers[3]!)).toEqual({ by: 'share' });
});

test('a version is the dish as it stood: taken again, its name and the versions stay', () => {
  const at = '2026-11-27T18:00:00.000Z',
    first = withMoment(wet, { id: 'v', name: 'First', keptAt: at });
  const changed = withMoment(
    { ...withoutPart(first, 'courgette'), name: 'Renamed' },
    { id: 'w', name: 'Without', keptAt: at },
  );
  const back = atMoment(changed, 'v');
  expect(back).toMatchObject({ name: 'Renamed', parts: wet.parts, layers: wet.layers });
  expect(back.kept!.map(({ name }) => name)).toEqual(['First', 'Without']);
  expect('kept' in back.kept![0]!.dish).toBe(false);
  expect(atMoment(changed, 'gone')).toBe(changed);
  // Kept under the same name again, the new one stands for it.
  expect(withMoment(changed, { id: 'x', name: 'First', keptAt: at }).kept!.map(({ id }) => id)).toEqual([
    'w',
    'x',
  ]);
  expect(withoutMoment(changed, 'v').kept!.map(({ id }) => id)).toEqual(['w']);
});

test('a part is a version of its formula, and the formula as it is again', () => {
  const hot = partOfVersion(wet, 'sauce', 'Hot');
  expect(hot.parts.map(({ version }) => version)).toEqual(['Hot', undefined]);
  expect(partOfVersion(hot, 'sauce', undefined)).toEqual(wet);
});
