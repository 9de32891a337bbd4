import {
  characteristicConcentration,
  CROSSOVER_VISCOSITY,
  type ThickenerState,
  viscosityIncrement,
} from './additivity.js';
import { gums } from './gum.params.js';
import { starches } from '../starch/starch.params.js';

const alone = (row: { cRef: number; etaRef: number; n1: number; n2: number }, c: number): ThickenerState => ({
  reduced: c / characteristicConcentration(row.cRef, row.etaRef, row.n1, row.n2),
  scale: CROSSOVER_VISCOSITY,
  n1: row.n1,
  n2: row.n2,
});

test.each(Object.entries({ ...starches, ...gums }))('%s alone passes its reference point', (_id, row) => {
  expect(viscosityIncrement([alone(row, row.cRef)])).toBeCloseTo(row.etaRef, 4);
});

test('a thickener and itself in two halves act as one', () => {
  const whole = viscosityIncrement([alone(starches.corn, 4)]);
  const halves = viscosityIncrement([alone(starches.corn, 1.5), alone(starches.corn, 2.5)]);
  expect(halves / whole).toBeCloseTo(1, 6);
});

test('half of what each of two thickeners needs for a thickness gives that thickness together', () => {
  // Loewe additivity: the shares of the equivalent doses sum to one.
  const target = starches.corn.etaRef;
  const dose = (row: typeof starches.tapioca) => {
    let low = 0.01,
      high = 40;
    for (let i = 0; i < 60; i++) {
      const c = (low + high) / 2;
      if (viscosityIncrement([alone(row, c)]) < target) low = c;
      else high = c;
    }
    return low;
  };
  const mixed = viscosityIncrement([
    alone(starches.corn, starches.corn.cRef / 2),
    alone(starches.tapioca, dose(starches.tapioca) / 2),
  ]);
  expect(mixed / target).toBeCloseTo(1, 4);
});

test('nothing thickens nothing, and more of anything thickens', () => {
  expect(viscosityIncrement([])).toBe(0);
  const thin = [alone(starches.potato, 2), alone(gums.xanthan, 0.1)];
  for (const more of [alone(gums.guar, 0.05), alone(starches.wheat, 0.5)]) {
    expect(viscosityIncrement([...thin, more])).toBeGreaterThan(viscosityIncrement(thin));
  }
});
