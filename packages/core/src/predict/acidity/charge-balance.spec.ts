import {
  addBuffers,
  bufferCharge,
  noBuffers,
  organicAcidG,
  pHOfMixture,
  strongIonDifference,
  titratable,
} from './charge-balance.js';

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

describe('worked by hand', () => {
  const nothing = noBuffers();
  test.each([
    ['water alone', 0, 7],
    ['a millimole of base in a litre', 1, 11],
    ['a millimole of acid in a litre', -1, 3],
    ['a tenth of that', -0.1, 4],
    ['a hundredth of a millimole of base', 0.01, 9],
  ] as const)('%s', (_what, strongIons, pH) => {
    expect(pHOfMixture(strongIons, nothing, 1000)).toBeCloseTo(pH, 4);
    expect(strongIonDifference(pH, nothing, 1000)).toBeCloseTo(strongIons, 5);
  });

  test('half of vinegar’s acid is charged at its pKa, all of citric acid’s three protons are gone when alkaline', () => {
    const h = (pH: number) => 10 ** -pH,
      chargeAt = (...of: Parameters<typeof bufferCharge>) => bufferCharge(...of).charge;
    expect(chargeAt(h(4.76), { ...nothing, acetic: 2 })).toBeCloseTo(1, 9);
    expect(chargeAt(h(3.86), { ...nothing, lactic: 2 })).toBeCloseTo(1, 9);
    expect(chargeAt(h(12), { ...nothing, citric: 1 })).toBeCloseTo(3, 4);
    expect(chargeAt(h(12), { ...nothing, malic: 1 })).toBeCloseTo(2, 4);
    expect(chargeAt(h(12), { ...nothing, phosphate: 1 })).toBeCloseTo(2, 4);
    expect(chargeAt(h(12), { ...nothing, protein: 1 })).toBeCloseTo(0.55 + 0.55 + 0.15, 4);
    expect(chargeAt(h(4), { ...nothing, protein: 1 })).toBeCloseTo(
      0.55 / 2 + 0.55 / 11 + 0.15 / (1 + 10 ** 2.4),
      6,
    );
    expect(chargeAt(h(4.76), { ...nothing, citric: 1 })).toBeCloseTo(
      // 1 : 10^1.63 : 10^1.63 : 10^(1.63 − 1.64) by the stepwise constants
      (10 ** 1.63 + 2 * 10 ** 1.63 + 3 * 10 ** -0.01) / (1 + 10 ** 1.63 + 10 ** 1.63 + 10 ** -0.01),
      6,
    );
  });

  test('what lies beyond the range ends at its ends', () => {
    expect(pHOfMixture(1e6, nothing, 1000)).toBe(12);
    expect(pHOfMixture(-1e6, nothing, 1000)).toBe(1);
  });
});

test('a thousand millimoles weigh what a mole weighs, each acid its own; phosphate and protein are no organic acid', () => {
  const one = { ...noBuffers(), phosphate: 1000, protein: 1000 };
  expect(organicAcidG({ ...one, citric: 1000 })).toBeCloseTo(192.1, 6);
  expect(organicAcidG({ ...one, malic: 1000 })).toBeCloseTo(134.1, 6);
  expect(organicAcidG({ ...one, acetic: 1000 })).toBeCloseTo(60.05, 6);
  expect(organicAcidG({ ...one, lactic: 1000 })).toBeCloseTo(90.08, 6);
});

test('what is put in adds up gram by gram', () => {
  const pot = { citric: 1, malic: 2, acetic: 3, lactic: 4, phosphate: 5, protein: 6 };
  addBuffers(pot, { citric: 0.1, malic: 0.2, acetic: 0.3, lactic: 0.4, phosphate: 0.5, protein: 0.6 }, 10);
  expect(pot).toEqual({ citric: 2, malic: 4, acetic: 6, lactic: 8, phosphate: 10, protein: 12 });
});

test('in hardly any water it is still solved: what little there is decides', () => {
  expect(pHOfMixture(0, { ...noBuffers(), lactic: 1 }, 0)).toBeCloseTo(1, 0);
  expect(pHOfMixture(0.5, { ...noBuffers(), lactic: 1 }, 1e-9)).toBeCloseTo(3.86, 2);
});

test.each([3, 5.5, 8.2, 10.7])('solved to ten places whatever is in it: pH %d', (native) => {
  for (const amounts of [
    { ...noBuffers(), malic: 7, protein: 20 },
    { ...noBuffers(), citric: 40, phosphate: 3 },
    { ...noBuffers(), acetic: 0.01 },
  ])
    expect(pHOfMixture(strongIonDifference(native, amounts, 300), amounts, 300)).toBeCloseTo(native, 9);
});

describe('buffer value', () => {
  const at = (pH: number, amounts: Partial<ReturnType<typeof noBuffers>>) =>
    bufferCharge(10 ** -pH, { ...noBuffers(), ...amounts }).perPH;

  test('a weak acid buffers most at its pKa, a quarter of ln 10 for each mole, and a hundredth of that two units off', () => {
    expect(at(4.76, { acetic: 4 })).toBeCloseTo(Math.LN10, 9);
    expect(at(3.86, { lactic: 4 })).toBeCloseTo(Math.LN10, 9);
    // One charged in 101: 4 · ln 10 · 100/101².
    expect(at(2.76, { acetic: 4 })).toBeCloseTo((4 * Math.LN10 * 100) / 101 ** 2, 9);
  });

  test.each(['citric', 'malic', 'acetic', 'lactic', 'phosphate', 'protein'] as const)(
    'is the slope of the charge: %s',
    (buffer) => {
      for (const pH of [2.5, 4.4, 5.6, 7.9]) {
        const charge = (at: number) => bufferCharge(10 ** -at, { ...noBuffers(), [buffer]: 7 }).charge;
        expect(at(pH, { [buffer]: 7 })).toBeCloseTo((charge(pH + 1e-4) - charge(pH - 1e-4)) / 2e-4, 5);
      }
    },
  );
});

test('solved wherever it lies: pure acid and base, and every tenth of a unit between', () => {
  const thin = { ...noBuffers(), lactic: 0.003, protein: 0.01 };
  for (let pH = 1.05; pH < 12; pH += 0.1)
    for (const amounts of [noBuffers(), thin])
      expect(pHOfMixture(strongIonDifference(pH, amounts, 250), amounts, 250)).toBeCloseTo(pH, 9);
});
