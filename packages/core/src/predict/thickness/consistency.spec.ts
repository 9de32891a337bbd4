import { ingredientById } from '../../larder/catalog/larder-table.js';
import { potOf, type PotOfLine, type PotOfServing } from '../../larder/pot-of.js';
import { arrhenius } from '../../numeric/arrhenius.js';
import { logistic } from '../../numeric/smooth-step.js';
import type { Process } from '../../recipe/recipe.js';
import { suspension } from '../particle/suspension.params.js';
import { potAt } from '../pot-at.js';
import { gelatinization } from '../starch/gelatinization.params.js';
import { starches } from '../starch/starch.params.js';
import { gums } from '../thickener/gum.params.js';
import { consistency } from './consistency.params.js';

const boiled: Partial<Process> = { maxTemperatureC: 95, holdMin: 6, blenderPower: 0.6, blendSeconds: 60 };
const flow = (lines: readonly PotOfLine[], process: Partial<Process>, serving: PotOfServing) =>
  potAt(potOf(lines, process, serving)).flow;

test('a packed paste softens when warm by the factor of its activation energy', () => {
  const dip: readonly PotOfLine[] = [
    ['chickpea-boiled', 300],
    ['sunflower-seed', 60],
    ['water', 60],
  ];
  const stress = (atC: number) =>
    flow(dip, { ...boiled, maxTemperatureC: 20, holdMin: 0 }, { atC }).yieldStress;
  const expected = arrhenius(suspension.jammingEa, 70, 298) / arrhenius(suspension.jammingEa, 10, 298);
  expect(expected).toBeLessThan(0.9);
  expect(stress(70) / stress(10)).toBeCloseTo(expected, 2);
});

describe('a gel of agar', () => {
  const gel = (atC: number, storage: 'cool' | 'fridge') =>
    flow(
      [
        ['water', 300],
        ['agar', 3],
      ],
      boiled,
      { atC, storage, days: storage === 'cool' ? 0 : 1 },
    ).gelStress;

  test('sets at its setting point on cooling, where half of its strength is there', () => {
    expect(gel(gums.agar.gel.Tset, 'cool') / gel(5, 'cool')).toBeCloseTo(0.5, 2);
    expect(gel(gums.agar.gel.Tset + 10, 'cool')).toBeLessThan(0.02 * gel(5, 'cool'));
  });

  test('once set melts only far above that: from the fridge it stands at sixty degrees', () => {
    expect(gel(60, 'fridge') / gel(5, 'fridge')).toBeGreaterThan(0.99);
    expect(gel(gums.agar.gel.Tmelt, 'fridge') / gel(5, 'fridge')).toBeCloseTo(0.5, 2);
    expect(gel(gums.agar.gel.Tmelt + 10, 'fridge')).toBeLessThan(0.02 * gel(5, 'fridge'));
  });
});

describe('pulse protein that heat has set', () => {
  const chickpea = ingredientById('chickpea-flour');
  if (!chickpea) throw new Error('the larder has no chickpea flour');
  // Without its starch, whose own gel would stand beside that of the protein.
  const flour: readonly PotOfLine[] = [
    [{ ...chickpea, id: 'protein-alone', per100: { ...chickpea.per100, starch: {} } }, 60],
    ['water', 140],
  ];
  const heatSet = (process: Partial<Process>, atC: number) =>
    potAt(potOf(flour, process, { atC })).flow.gelStress;

  test('is there only once it was hot enough, long enough', () => {
    const cooked = heatSet(boiled, 60);
    expect(cooked).toBeGreaterThan(0);
    expect(heatSet({ ...boiled, maxTemperatureC: 60 }, 60)).toBeLessThan(0.02 * cooked);
    expect(heatSet({ ...boiled, holdMin: 0.5 }, 60)).toBeLessThan(0.4 * cooked);
  });

  test('stiffens when cold by as much as its table says', () => {
    const stiff = (atC: number) =>
      1 +
      suspension.coldHeatGel * logistic((suspension.coldHeatGelMidpoint - atC) / suspension.coldHeatGelWidth);
    expect(heatSet(boiled, 5) / heatSet(boiled, 70)).toBeCloseTo(stiff(5) / stiff(70), 3);
  });
});

describe('starch in the fridge', () => {
  const pudding: readonly PotOfLine[] = [
    ['water', 300],
    ['corn-starch', 24],
  ];
  const ret = (days: number) => 1 - Math.exp(-days / gelatinization.retrogradationDays);
  const stored = (days: number, atC: number, storage: 'fridge' | 'reheat' = 'fridge') =>
    flow(pudding, boiled, { atC, storage, days });

  test('its gel grows with the days towards its full strength', () => {
    const share = (days: number) => consistency.storedGelShare + (1 - consistency.storedGelShare) * ret(days);
    expect(stored(3, 5).gelStress / stored(0.25, 5).gelStress).toBeCloseTo(share(3) / share(0.25), 3);
    expect(flow(pudding, boiled, { atC: 5 }).gelStress / stored(3, 5).gelStress).toBeCloseTo(
      consistency.freshGelShare / share(3),
      3,
    );
  });

  test('reheated it stays thicker than it was, by what cannot be undone', () => {
    const fresh = flow(pudding, boiled, { atC: 85 }).viscosity;
    expect(stored(2, 85, 'reheat').viscosity).toBeGreaterThan(
      fresh * (1 + starches.corn.irreversible * ret(2) * 0.8),
    );
    expect(stored(0, 85, 'reheat').viscosity).toBeLessThan(fresh * 1.02);
  });
});

test('wine loses its alcohol with the time at the simmer, and far faster with the liquid that boils off', () => {
  const left = (process: Partial<Process>) =>
    potAt(
      potOf(
        [
          ['white-wine', 200],
          ['water', 100],
        ],
        process,
      ),
    ).mix.alcoholLeft;
  // Simmered dishes keep about 40, 35, 25 and 5 to 10 % after 15, 30, 60 and 150 minutes.
  const shares = [15, 30, 60, 150].map((holdMin) => left({ maxTemperatureC: 96, holdMin }));
  [0.4, 0.35, 0.25, 0.07].forEach((kept, i) => expect(Math.abs((shares[i] ?? 1) - kept)).toBeLessThan(0.08));
  expect(left({ maxTemperatureC: 96, holdMin: 5, evaporatedG: 140 })).toBeLessThan(0.02);
  expect(left({ maxTemperatureC: 60, holdMin: 60 })).toBeGreaterThan(0.98);
  expect(left({ maxTemperatureC: 20 })).toBeCloseTo(1, 6);
});
