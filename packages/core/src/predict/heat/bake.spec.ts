import { ingredientById } from '../../larder/catalog/larder-table.js';
import { celsius } from '../../quantity/quantity.js';
import { lineOf } from '../../../science/random-pots.js';
import { assemble } from '../assemble/assemble.js';
import { type Process, uncooked } from '../../recipe/recipe.js';
import { predict } from '../predict.js';
import {
  bakedSet,
  bakeLoss,
  browningIndex,
  browningPace,
  heatWithBaking,
  keepWarmLoss,
  noodleStarchGiven,
  noodleUptake,
  steamingMinutes,
} from './bake.js';

const baked: Process = { ...uncooked, bakeMin: 25, ovenC: 200, layerMm: 10 };
const lines = (extra: readonly (readonly [string, number])[] = []) =>
  ([['cashew', 150], ['water', 300], ['salt', 4], ...extra] as const).flatMap(([id, g]) => {
    const found = ingredientById(id);
    return found ? [lineOf(found, g, 'soaked')] : [];
  });
const looked = (process: Partial<Process>, extra?: readonly (readonly [string, number])[]) =>
  predict({
    lines: lines(extra),
    process: { ...baked, blenderPower: 0.9, blendSeconds: 90, ...process },
    serving: { temperatureC: celsius(55), storage: 'cool', days: 0 },
  });

test('a thin layer dries more than a thick one, a hot oven more than a cool one, a covered dish hardly', () => {
  const loss = (process: Partial<Process>) => bakeLoss({ ...baked, ...process }, 300, 400);
  expect(loss({ layerMm: 8 })).toBeGreaterThan(1.5 * loss({ layerMm: 30 }));
  expect(loss({ ovenC: 230 })).toBeGreaterThan(loss({ ovenC: 160 }));
  expect(loss({ covered: true })).toBeLessThan(0.25 * loss({}));
  expect(loss({ bakeMin: 300, layerMm: 2 })).toBeLessThan(300);
  expect(loss({ bakeMin: 0 })).toBe(0);
});

test('twice the dish loses twice the water', () => {
  expect(bakeLoss(baked, 600, 800) / bakeLoss(baked, 300, 400)).toBeCloseTo(2, 9);
  expect(
    keepWarmLoss({ ...uncooked, keepWarmMin: 30 }, 65, 600, 800) /
      keepWarmLoss({ ...uncooked, keepWarmMin: 30 }, 65, 300, 400),
  ).toBeCloseTo(2, 9);
});

test('the middle of the dish heats up in the oven, later the thicker it is, and never past the boil', () => {
  const core = (process: Partial<Process>) => heatWithBaking({ ...baked, ...process }).maxTemperature;
  expect(core({ layerMm: 10 })).toBeGreaterThan(90);
  expect(core({ layerMm: 60 })).toBeLessThan(core({ layerMm: 20 }));
  expect(core({ bakeMin: 200 })).toBeLessThanOrEqual(98);
});

test('an open nut cream sets in the oven; flax keeps it soft', () => {
  const plain = looked({}),
    flax = looked({}, [['flax-seed-ground', 12]]);
  const setOnly =
    plain.yieldStress.mid - looked({ bakeMin: 0, maxTemperatureC: 97, holdMin: 20 }).yieldStress.mid;
  expect(setOnly).toBeGreaterThan(50);
  expect(flax.yieldStress.mid).toBeLessThan(plain.yieldStress.mid);
});

test('it browns with time, heat and what can react, and not under foil', () => {
  expect(looked({ bakeMin: 35 }).browning).toBeGreaterThan(looked({ bakeMin: 15 }).browning);
  expect(looked({ ovenC: 230 }).browning).toBeGreaterThan(2 * looked({ ovenC: 180 }).browning);
  expect(looked({ covered: true }).browning).toBeLessThan(0.5);
  expect(looked({ bakeMin: 0 }).browning).toBe(0);
});

test('kept warm it loses water and thickens; noodles drink it, and every gram is accounted for', () => {
  const fresh = looked({ bakeMin: 0, maxTemperatureC: 92, holdMin: 5 });
  const waited = looked({ bakeMin: 0, maxTemperatureC: 92, holdMin: 5, keepWarmMin: 60 });
  const noodles = looked({ bakeMin: 0, maxTemperatureC: 92, holdMin: 5, keepWarmMin: 20, noodlesG: 250 });
  expect(waited.viscosity.mid).toBeGreaterThan(fresh.viscosity.mid);
  expect(noodles.absorbedG).toBeGreaterThan(30);
  expect(noodles.viscosity.mid).toBeGreaterThan(waited.viscosity.mid);
  for (const p of [fresh, waited, noodles]) {
    // 150 g of cashews bring the water of their soak.
    expect(p.broughtG).toBeGreaterThan(50);
    expect(p.massG + p.evaporatedG + p.absorbedG - p.broughtG).toBeCloseTo(454, 6);
  }
  expect(noodleUptake({ ...uncooked, noodlesG: 1e5, keepWarmMin: 60 }, 300)).toBeLessThan(300);
});

test('baking cooks the starch that the pan left raw', () => {
  const raw = (process: Partial<Process>) => {
    const starch = ingredientById('tapioca-starch');
    if (!starch) throw new Error('no starch');
    return assemble({ lines: [...lines(), lineOf(starch, 20)], process: { ...baked, ...process } }).rawStarch;
  };
  expect(raw({ bakeMin: 0 })).toBeGreaterThan(15);
  expect(raw({})).toBeLessThan(4);
});

test('noodles that wait in a sauce drink from it and give it starch: half an hour, worked by hand', () => {
  const waiting: Process = { ...uncooked, keepWarmMin: 30, noodlesG: 100 };
  // 100·0.95·(1 − e^(−30/33)) of what a sauce of plenty has, and 100·0.015·(1 − e^(−6)).
  expect(noodleUptake(waiting, 1e6)).toBeCloseTo(56.73, 1);
  expect(noodleStarchGiven(waiting)).toBeCloseTo(1.496, 3);
  expect(noodleStarchGiven({ ...waiting, keepWarmMin: 0 })).toBe(0);
  expect(noodleUptake(waiting, 60)).toBeLessThan(30);
});

test('twenty-five minutes at 200 °C, worked by hand: when it steams, what it loses, how it browns and sets', () => {
  // The surface warms with 3 + 1.2 = 4.2 min: 25 − 4.2·(1 − e^(−25/4.2)).
  expect(steamingMinutes(baked)).toBeCloseTo(20.811, 3);
  expect(steamingMinutes({ ...baked, bakeMin: 20, layerMm: 20 })).toBeCloseTo(12.801, 3);
  expect(steamingMinutes({ ...baked, bakeMin: 0 })).toBe(0);
  // 20 W/(m²·K) over 115 K on 0.04 m² for 20.8 min would take 49.9 g; the 255 g that can leave hold some of it back.
  expect(bakeLoss(baked, 300, 400)).toBeCloseTo(45.359, 2);
  expect(bakeLoss({ ...baked, bakeMin: 25, layerMm: 20, ovenC: 180, covered: true }, 500, 600)).toBeCloseTo(
    3.114,
    3,
  );
  expect(bakeLoss(baked, 0, 400)).toBe(0);
  expect(bakeLoss({ ...baked, ovenC: 80 }, 200, 400)).toBe(0);
  expect(browningPace(220)).toBeCloseTo(0.06128, 5);
  expect(browningIndex({ ...baked, ovenC: 220 }, 12)).toBeCloseTo(5.348, 3);
  expect(browningIndex({ ...baked, ovenC: 220, covered: true }, 12)).toBeCloseTo(0.877, 3);
  // 9·(8 − 2)² Pa, all but e^(−20.8/4) of it; 0.3 g of mucilage in 100 g leaves a third.
  expect(bakedSet(baked, 8, 0)).toBeCloseTo(322.2, 1);
  expect(bakedSet(baked, 8, 0.3)).toBeCloseTo(107.4, 1);
  expect(bakedSet({ ...baked, bakeMin: 4 }, 8, 0)).toBeCloseTo(96.85, 1);
  expect(bakedSet(baked, 1, 0)).toBe(0);
});

test('the middle of a dish, worked by hand: from what it was in the pot, and only where the oven makes it hotter', () => {
  const thick = { ...baked, layerMm: 20 };
  // 4 + 2.5·4 = 14 min: 98 − 78·e^(−25/14), and 11 min held.
  const cold = heatWithBaking(thick, { maxTemperature: 20, hold: 0 });
  expect(cold.maxTemperature).toBeCloseTo(84.92, 2);
  expect(cold.hold).toBeCloseTo(11, 6);
  // From the stove it goes into the dish at 60 °C at most.
  const hot = heatWithBaking(thick, { maxTemperature: 70, hold: 3 });
  expect(hot.maxTemperature).toBeCloseTo(91.63, 2);
  expect(hot.hold).toBeCloseTo(14, 6);
  expect(heatWithBaking({ ...thick, bakeMin: 10 }, { maxTemperature: 20, hold: 2 }).hold).toBe(2);
  const boiled = { maxTemperature: 92, hold: 5 };
  expect(heatWithBaking({ ...baked, bakeMin: 20, layerMm: 40 }, boiled)).toEqual(boiled);
  expect(heatWithBaking({ ...baked, bakeMin: 0 }, boiled)).toEqual(boiled);
});

test('kept warm for forty minutes at 75 °C, worked by hand: with a lid hardly anything leaves', () => {
  const warm: Process = { ...uncooked, keepWarmMin: 40 };
  // 30 g/(min·m²)·e^0.45 on 500 mL that stand 60 mm deep.
  expect(keepWarmLoss(warm, 75, 400, 500)).toBeCloseTo(15.33, 2);
  expect(keepWarmLoss({ ...warm, covered: true }, 75, 400, 500)).toBeCloseTo(1.877, 3);
  expect(keepWarmLoss(warm, 75, 0, 500)).toBe(0);
  expect(keepWarmLoss(uncooked, 75, 400, 500)).toBe(0);
  expect(noodleUptake({ ...uncooked, keepWarmMin: 30, noodlesG: 100 }, 200)).toBeCloseTo(43.29, 2);
  expect(noodleUptake({ ...uncooked, keepWarmMin: 30, noodlesG: 100 }, 0)).toBe(0);
  expect(noodleStarchGiven({ ...uncooked, keepWarmMin: 30 })).toBe(0);
});
