import { ingredientById } from '../larder/catalog/larder-table.js';
import { potOf } from '../larder/pot-of.js';
import { potAt } from '../predict/pot-at.js';
import type { Method } from '../recipe/method/operation.js';
import { componentOfIngredient, componentOfPot, type DishComponent } from './component.js';
import { type LayeredDish, reportOnDish } from './dish.js';
import type { OvenStage } from './oven.js';

const thing = (id: string, g: number, ready: Method = []) =>
  componentOfIngredient(id, ingredientById(id)!, g, ready);
const cooked = { maxTemperatureC: 92, holdMin: 5 } as const;
const white = (g: number): DishComponent =>
  componentOfPot(
    'white',
    'White sauce',
    potAt(
      potOf(
        [
          ['oat-drink', 500],
          ['wheat-flour', 35],
          ['salt', 4],
        ],
        cooked,
      ),
    ).mix,
    g,
  );
const red = (g: number): DishComponent =>
  componentOfPot(
    'red',
    'Red sauce',
    potAt(
      potOf(
        [
          ['passata', 500],
          ['salt', 4],
        ],
        cooked,
      ),
    ).mix,
    g,
  );

const oven = (more: Partial<OvenStage> = {}): OvenStage => ({
  temperatureC: 190,
  minutes: 40,
  cover: 'open',
  fan: false,
  ...more,
});
const lasagne = (more: Partial<LayeredDish> = {}): LayeredDish => ({
  vessel: { shape: 'rectangular', lengthCm: 30, widthCm: 24, depthCm: 6 },
  components: [red(800), white(550), thing('pasta-sheet-dry', 250)],
  layers: ['red', 'pasta-sheet-dry', 'white', 'red', 'pasta-sheet-dry', 'white'].map((component) => ({
    component,
  })),
  oven: [oven()],
  restMin: 10,
  fromC: 20,
  ...more,
});
const wet = (dish: LayeredDish): number => reportOnDish(dish).moisture.perLayer.mid;
const budget = (dish: LayeredDish) => reportOnDish(dish).moisture.budget;

test('sheets drink, the oven dries, and a cover keeps nearly all', () => {
  const { drunkG, evaporatedG, filled } = budget(lasagne());
  // 250 g of dry sheets hold 1.45 g each at most; two time constants after the lag they are mostly full.
  expect(drunkG).toBeGreaterThan(0.7 * 1.45 * 250);
  expect(drunkG).toBeLessThan(1.45 * 250);
  expect(filled).toBeCloseTo(drunkG / (1.45 * 250), 9);
  // 0.58 g a minute on a dm² at 190 °C, 7.2 dm², some 30 minutes of it steaming, less what a
  // top that has dried gives.
  expect(evaporatedG).toBeGreaterThan(60);
  expect(evaporatedG).toBeLessThan(140);
  const covered = budget(lasagne({ oven: [oven({ cover: 'foil' })] }));
  expect(covered.evaporatedG / evaporatedG).toBeCloseTo(0.04, 1);
  expect(budget(lasagne({ oven: [oven({ cover: 'parchment' })] })).evaporatedG).toBeGreaterThan(
    covered.evaporatedG,
  );
});

test.each<readonly [string, Partial<LayeredDish>, 'wetter' | 'drier']>([
  ['ten minutes longer', { oven: [oven({ minutes: 50 })] }, 'drier'],
  ['hotter', { oven: [oven({ temperatureC: 210 })] }, 'drier'],
  ['with the fan', { oven: [oven({ fan: true })] }, 'drier'],
  ['under foil', { oven: [oven({ cover: 'foil' })] }, 'wetter'],
  ['rested longer', { restMin: 25 }, 'drier'],
  ['with more sauce', { components: [red(950), white(550), thing('pasta-sheet-dry', 250)] }, 'wetter'],
  ['with more sheets', { components: [red(800), white(550), thing('pasta-sheet-dry', 300)] }, 'drier'],
  [
    'with sheets boiled first',
    {
      components: [red(800), white(550), thing('pasta-sheet-dry', 250, [{ kind: 'boil-soft', minutes: 8 }])],
    },
    'wetter',
  ],
])('%s it is as a cook would say', (_name, change, way) => {
  const before = wet(lasagne()),
    after = wet(lasagne(change));
  if (way === 'wetter') expect(after).toBeGreaterThan(before);
  else expect(after).toBeLessThan(before);
});

test('a gram, a minute, a degree changes little', () => {
  const at = wet(lasagne());
  for (const change of [
    { components: [red(801), white(550), thing('pasta-sheet-dry', 250)] },
    { components: [red(800), white(550), thing('pasta-sheet-dry', 251)] },
    { oven: [oven({ minutes: 40.5 })] },
    { oven: [oven({ temperatureC: 191 })] },
    { fromC: 21 },
    { restMin: 10.2 },
  ])
    expect(Math.abs(wet(lasagne(change)) / at - 1)).toBeLessThan(0.02);
});

const with_ = (vegetable: DishComponent): LayeredDish =>
  lasagne({
    components: [red(500), white(400), thing('pasta-sheet-dry', 200), vegetable],
    layers: ['red', 'pasta-sheet-dry', vegetable.id, 'white', 'pasta-sheet-dry', 'red', 'white'].map(
      (component) => ({
        component,
      }),
    ),
  });

test('raw vegetables let go by their kind; fried, roasted or salted first they let go less, the longer the less', () => {
  const released = (id: string, ready: Method = []) => budget(with_(thing(id, 400, ready))).releasedG;
  expect(released('mushroom')).toBeGreaterThan(released('courgette'));
  expect(released('courgette')).toBeGreaterThan(released('broccoli'));
  expect(released('broccoli')).toBeGreaterThan(released('squash'));
  expect(released('potato')).toBeLessThan(5);
  const fried = (minutes: number) =>
    released('mushroom', [{ kind: 'fry', minutes, flame: 'medium', panCm: 28 }]);
  let last = released('mushroom');
  for (const minutes of [2, 5, 8, 12, 16]) {
    expect(fried(minutes)).toBeLessThan(last);
    last = fried(minutes);
  }
  const salted = released('courgette', [{ kind: 'salt', saltPct: 1.5, minutes: 40, rinse: 'squeezed' }]);
  expect(salted).toBeLessThan(0.6 * released('courgette'));
  expect(wet(with_(thing('mushroom', 400)))).toBeGreaterThan(
    wet(with_(thing('mushroom', 400, [{ kind: 'fry', minutes: 12, flame: 'medium', panCm: 28 }]))) + 1,
  );
});

test('of a vegetable that nobody has weighed the dish is less sure', () => {
  const width = (id: string) => {
    const { low, high } = reportOnDish(with_(thing(id, 500))).moisture.perLayer;
    return high - low;
  };
  expect(width('kohlrabi')).toBeLessThan(width('artichoke-hearts'));
});

test('what a sauce gives up: nearly all of water, most of tomato, some of a white sauce, least of a nut cream', () => {
  const nut = componentOfPot(
    'nut',
    'Nut cream',
    potAt(
      potOf(
        [
          ['cashew', 150],
          ['water', 300],
        ],
        { ...cooked, blenderPower: 0.6, blendSeconds: 60 },
      ),
    ).mix,
  );
  const water = componentOfPot('water', 'Water', potAt(potOf([['water', 300]], cooked)).mix);
  expect(water.reach).toBeGreaterThan(0.9);
  expect(red(1).reach).toBeGreaterThan(0.7);
  expect(red(1).reach).toBeGreaterThan(white(1).reach);
  expect(white(1).reach).toBeGreaterThan(0.5);
  expect(nut.reach).toBeLessThan(0.45);
  expect(water.runs).toBeGreaterThan(0.98);
  expect(nut.runs).toBeLessThan(white(1).runs);
});

test('water is at the bottom where it can run down, and nothing runs up', () => {
  const soupy = lasagne({
    components: [thing('tomato-fresh', 1200), white(200)],
    layers: [{ component: 'tomato-fresh' }, { component: 'white' }],
    oven: [oven({ cover: 'foil' })],
    restMin: 0,
  });
  const [bottom, , top] = reportOnDish(soupy).moisture.places;
  expect(bottom!.freeG).toBeGreaterThan(top!.freeG);
  expect(reportOnDish(soupy).moisture.word).toBe('soupy');
});

/** Nothing in it drinks. */
const mushrooms = (g: number, ready: Method = []): LayeredDish =>
  lasagne({
    components: [red(400), white(400), thing('mushroom', g, ready)],
    layers: ['red', 'mushroom', 'white'].map((component) => ({ component })),
  });

test('what is advised brings it nearer to set, and what is set already is left alone', () => {
  const soupy = mushrooms(500);
  const { advice, moisture } = reportOnDish({ ...soupy, oven: [oven({ cover: 'foil' })], restMin: 0 });
  expect(moisture.word).toBe('soupy');
  expect(advice.map(({ kind }) => kind)).toEqual(
    expect.arrayContaining(['fry', 'rest', 'less-sauce', 'uncover']),
  );
  for (const { perLayer } of advice) expect(perLayer).toBeLessThan(moisture.perLayer.mid);
  const dry = reportOnDish(lasagne({ components: [red(320), white(200), thing('pasta-sheet-dry', 300)] }));
  expect(dry.moisture.word).toBe('dry');
  const water = dry.advice.find(({ kind }) => kind === 'add-water')!;
  expect(water.perLayer).toBeGreaterThan(dry.moisture.perLayer.mid);
  const set = reportOnDish(
    lasagne({ components: [red(700), white(500), thing('pasta-sheet-dry', 270)], restMin: 20 }),
  );
  expect(set.moisture.word).toBe('just set');
  expect(set.advice).toEqual([]);
});

test('what is advised does what it says when it is done', () => {
  const soupy = { ...mushrooms(500), oven: [oven({ cover: 'foil' })], restMin: 0 };
  const { advice } = reportOnDish(soupy);
  const rest = advice.find(({ kind }) => kind === 'rest')!;
  expect(wet({ ...soupy, restMin: rest.amount })).toBeCloseTo(rest.perLayer, 6);
  const { amount, perLayer } = advice.find(({ kind }) => kind === 'uncover')!;
  const uncovered = [oven({ cover: 'foil', minutes: 40 - amount }), oven({ minutes: amount })];
  expect(wet({ ...soupy, oven: uncovered.filter(({ minutes }) => minutes > 0) })).toBeCloseTo(perLayer, 6);
  const fry = advice.find(({ kind }) => kind === 'fry')!;
  const fried = mushrooms(500, [{ kind: 'fry', minutes: fry.amount, flame: 'medium' }]);
  expect(wet({ ...soupy, components: fried.components })).toBeCloseTo(fry.perLayer, 1);
});
