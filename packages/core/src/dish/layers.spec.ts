import { ingredientById } from '../larder/catalog/larder-table.js';
import { potOf } from '../larder/pot-of.js';
import { potAt } from '../predict/pot-at.js';
import { componentOfIngredient, componentOfPot } from './component.js';
import { layered, type LayerAsk } from './layers.js';
import { minutesToMiddle } from './oven.js';
import { areaOf, type DishVessel } from './vessel.js';

const vessel: DishVessel = { shape: 'rectangular', lengthCm: 30, widthCm: 20, depthCm: 5 };
const sauce = (g: number) =>
  componentOfPot(
    'sauce',
    'Sauce',
    potAt(
      potOf(
        [
          ['water', 500],
          ['corn-starch', 25],
        ],
        { maxTemperatureC: 92, holdMin: 3 },
      ),
    ).mix,
    g,
  );
const sheets = componentOfIngredient('sheets', ingredientById('pasta-sheet-dry')!, 200);
const place = (asks: readonly LayerAsk[], g = 900) => layered(vessel, [sauce(g), sheets], asks);

test('a round vessel has the area of its circle', () => {
  expect(areaOf({ shape: 'round', diameterCm: 20, depthCm: 5 })).toBeCloseTo(Math.PI, 6);
  expect(areaOf(vessel)).toBe(6);
});

test('layers by share are shared out, less what stays on spoon and bowl; mm follow from volume and area', () => {
  const { layers, supplies, heightMm, roomMm } = place([
    { component: 'sauce', share: 1 },
    { component: 'sheets' },
    { component: 'sauce', share: 2 },
  ]);
  expect(layers[2]!.grams / layers[0]!.grams).toBeCloseTo(2, 9);
  expect(layers[0]!.grams + layers[2]!.grams).toBeCloseTo(900 - 15, 9);
  expect(layers[1]!.grams).toBeCloseTo(200, 9);
  expect(layers[2]!.mm).toBeCloseTo((layers[2]!.grams * sauce(1).volume) / 60, 9);
  expect(heightMm).toBeCloseTo(
    layers.reduce((all, { mm }) => all + mm, 0),
    9,
  );
  expect(roomMm).toBeCloseTo(50 - heightMm - 15, 9);
  expect(supplies[0]).toMatchObject({ times: 1, leftG: 0 });
  expect(layers[2]!.ofAll).toBeCloseTo(layers[2]!.grams / 900, 9);
});

test('the last layer is reserved first: what is short is short below', () => {
  const { layers, supplies } = place(
    [{ component: 'sauce', grams: 400 }, { component: 'sheets' }, { component: 'sauce', grams: 120 }],
    309,
  );
  expect(layers[2]!.grams).toBe(120);
  expect(layers[0]!.grams).toBeCloseTo(309 * 0.97 - 120, 6);
  const [short] = supplies;
  expect(short!.times).toBeCloseTo(520 / (309 * 0.97), 6);
  expect(short).toMatchObject({ topG: 120, belowG: 400, leftG: 0 });
  // So many times as much, and every layer has its own.
  const enough = place(
    [{ component: 'sauce', grams: 400 }, { component: 'sheets' }, { component: 'sauce', grams: 120 }],
    309 * short!.times + 0.01,
  );
  expect(enough.supplies[0]!.times).toBe(1);
  expect(enough.layers[0]!.grams).toBeCloseTo(400, 1);
});

test('a sauce that must cover five layers and has enough for two is too little; with a height asked for, by that', () => {
  const five = [0, 1, 2, 3, 4].map(() => ({ component: 'sauce' }));
  const thin = place(five, 300);
  expect(thin.supplies[0]!.times).toBeGreaterThan(2.5);
  // Equal shares are equal, the top too; that none of them covers is told with how much more it takes.
  for (const { grams } of thin.layers) expect(grams).toBeCloseTo(thin.layers[0]!.grams, 9);
  expect(thin.supplies[0]!.topG).toBeGreaterThan(thin.layers[4]!.grams);
  const high = place([{ component: 'sauce', mm: 20 }], 900);
  expect(high.supplies[0]!.needG).toBeGreaterThan(1000);
});

test('more than the vessel holds runs over', () => {
  expect(place([{ component: 'sauce' }], 3500).roomMm).toBeLessThan(0);
  expect(place([{ component: 'sauce' }], 900).roomMm).toBeGreaterThan(0);
});

test.each([
  [35, 28],
  [50, 47],
  [70, 78],
])('the middle of %d mm is hot after some %d minutes from 20 °C at 190 °C', (mm, minutes) => {
  const stage = { temperatureC: 190, minutes: 90, cover: 'open', fan: false } as const;
  expect(minutesToMiddle(mm, stage, 20) / minutes).toBeGreaterThan(0.9);
  expect(minutesToMiddle(mm, stage, 20) / minutes).toBeLessThan(1.1);
  expect(minutesToMiddle(mm, { ...stage, fan: true }, 20)).toBeLessThan(minutesToMiddle(mm, stage, 20));
  expect(minutesToMiddle(mm, { ...stage, cover: 'foil' }, 20)).toBeGreaterThan(
    minutesToMiddle(mm, stage, 20),
  );
  expect(minutesToMiddle(mm, stage, 45)).toBeLessThan(0.75 * minutesToMiddle(mm, stage, 20));
});

test('an oven that is not hot enough never heats the middle, and hot food is hot at once', () => {
  const stage = { temperatureC: 70, minutes: 90, cover: 'open', fan: false } as const;
  expect(minutesToMiddle(40, stage, 20)).toBe(Infinity);
  expect(minutesToMiddle(40, { ...stage, temperatureC: 180 }, 80)).toBe(0);
});
