import { hydrodynamicFactor, inThinningLiquid, jammed, suspensionStress } from './suspension-flow.js';
import { flowIndexOf, stirredYield } from './stirred.js';

/** All figures of this file were worked apart from the code, from the equations in `docs/model.md`. */
test.each([
  [0, 0, 0, 0],
  [0.5, 0, 0, 0.0846],
  [1, 0, 0, 0.3346],
  // Nuts stick less than other particles, droplets hardly: they jam later and more sharply.
  [1, 0, 1, 0.29574],
  [1, 1, 0, 0.25343],
  [1.2, 0.5, 0.5, 0.45871],
])('packed to %d, %d of it droplets and %d nuts: jammed %d', (packing, droplets, nuts, jam) => {
  expect(jammed(packing, droplets, nuts)).toBeCloseTo(jam, 4);
});

test.each([
  [0, 1],
  [0.3, 1.7223],
  [0.6, 3.5684],
  [0.9, 9.16],
  [1.2, 20.612],
  [2, 35.643],
])('packed to %d a suspension is %d times as thick as its liquid', (packing, factor) => {
  expect(hydrodynamicFactor(packing)).toBeCloseTo(factor, 3);
});

test('a jammed paste stands by what it is made of, and droplets by how fine they are', () => {
  expect(suspensionStress(0.3, 0.4, 0.5)).toBeCloseTo(69.93, 2);
  expect(suspensionStress(0.1, 0, 1)).toBeCloseTo(4.773, 3);
  expect(suspensionStress(0.1, 1, 0.3)).toBeCloseTo(1.733, 3);
  // Nine times on a Newtonian liquid, 9^0.75 on one of flow index a half.
  expect(inThinningLiquid(9, 1)).toBeCloseTo(9, 9);
  expect(inThinningLiquid(9, 0.5)).toBeCloseTo(5.196, 3);
});

test.each([
  [100, 0, 1170.7],
  // Of a set gel hardly any is felt after stirring; more gel than stress is all gel.
  [100, 40, 829.1],
  [100, 400, 298.5],
  [8000, 0, 32_000],
  [20_000, 20_000, 30_000],
  [0, 0, 0],
])('of %d Pa, %d of them gel, %d mPa·s are felt while stirring', (stress, gel, felt) => {
  expect(stirredYield(stress, gel)).toBeCloseTo(felt, felt > 10_000 ? 0 : 1);
});

test.each([
  [0, 1, 0, 1],
  [60, 1, 0, 0.65],
  [30, 2, 0, 0.65],
  [600, 1, 0, 0.4539],
  [60, 1, 15, 0.535],
  // Thinner than a paste already: the paste changes nothing.
  [1e5, 1, 100, 0.3116],
  [0, 1, 1e6, 0.42],
])('thickeners of %d mPa·s, %d times over, and %d Pa: flow index %d', (increment, factor, stress, index) => {
  expect(flowIndexOf(increment, factor, stress)).toBeCloseTo(index, 3);
});
