import { noBuffers, pHOfMixture, strongIonDifference, titratable } from './charge-balance.js';

/** mmol in 1000 mL. */
const pH = (amounts: Partial<ReturnType<typeof noBuffers>>, strongIons = 0) =>
  pHOfMixture(strongIons, { ...noBuffers(), ...amounts }, 1000);

test('pure water is neutral', () => {
  expect(pH({})).toBeCloseTo(7, 3);
});

test.each([
  ['acetic', 100, 2.88],
  ['lactic', 100, 2.44],
  ['citric', 100, 2.08],
] as const)('0.1 mol/L of %s acid has its textbook pH', (acid, mmol, expected) => {
  expect(Math.abs(pH({ [acid]: mmol }) - expected)).toBeLessThan(0.03);
});

test('half neutralized, acetic acid stands at its pKa', () => {
  expect(pH({ acetic: 100 }, 50)).toBeCloseTo(4.76, 2);
});

test('what was solved from a pH leads back to it', () => {
  const milk = { ...noBuffers(), phosphate: 24, protein: 33, citric: 9 };
  for (const native of [4.5, 5.5, 6.7])
    expect(pHOfMixture(strongIonDifference(native, milk, 1000), milk, 1000)).toBeCloseTo(native, 6);
});

test('protein buffers: the same lemon sours a protein milk less', () => {
  const soya = { ...noBuffers(), protein: 35 };
  const ions = strongIonDifference(6.8, soya, 1000);
  expect(pHOfMixture(ions, { ...soya, citric: 10 }, 1000)).toBeGreaterThan(pH({ citric: 10 }) + 1);
});

test('titratable acid counts every proton', () => {
  expect(titratable({ ...noBuffers(), citric: 2, malic: 3, acetic: 4, lactic: 5 })).toBe(21);
});
