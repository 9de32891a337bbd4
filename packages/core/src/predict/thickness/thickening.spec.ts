import { soluteIds } from '../../ingredient/substance.js';
import { potOf, type PotOfLine } from '../../larder/pot-of.js';
import { inverseKelvin } from '../../numeric/arrhenius.js';
import { logistic } from '../../numeric/smooth-step.js';
import type { Mixture } from '../mixture/mixture.js';
import { potAt } from '../pot-at.js';
import { retrogradationProgress } from '../starch/retrogradation.js';
import { starches, starchRows } from '../starch/starch.params.js';
import { gums } from '../thickener/gum.params.js';
import { noOffsets } from '../uncertainty/kitchen-offsets.params.js';
import { actingTogether, gumGels } from './gum-gels.js';
import { heatSetStress, lasting, starchGels } from './set-gels.js';
import { settle } from './settle.js';
import { viscosityAtShear } from './shear-thinning.js';
import { continuousPhase } from './thickening.js';

const boiled = { maxTemperatureC: 95, holdMin: 6 };
const mixOf = (...lines: readonly PotOfLine[]): Mixture => potAt(potOf(lines, boiled)).mix;
const added = (mix: Mixture, tC: number, storage: 'cool' | 'fridge' = 'cool', days = 0, offsets = {}) =>
  continuousPhase(settle(mix, storage, days, noOffsets), tC, { ...noOffsets, ...offsets }).increment;

test('one thickener alone: colder it is thicker by its activation energy, and by what this kitchen makes of it', () => {
  const xanthan = mixOf(['water', 300], ['xanthan', 1.5]);
  expect(added(xanthan, 20) / added(xanthan, 70)).toBeCloseTo(
    Math.exp(gums.xanthan.Ea * (inverseKelvin(20) - inverseKelvin(70))),
    4,
  );
  expect(added(xanthan, 20, 'cool', 0, { gum: Math.log(2) }) / added(xanthan, 20)).toBeCloseTo(2, 4);
  expect(added(xanthan, 20, 'cool', 0, { protein: Math.log(2) }) / added(xanthan, 20)).toBeCloseTo(1, 9);
  // Where heat counts for twice as much.
  expect(
    added(xanthan, 20, 'cool', 0, { temperature: Math.log(2) }) /
      added(xanthan, 70, 'cool', 0, { temperature: Math.log(2) }),
  ).toBeCloseTo(Math.exp(2 * gums.xanthan.Ea * (inverseKelvin(20) - inverseKelvin(70))), 4);
});

test('a starch sets back as it cools, and more after days in the fridge, some of it for good', () => {
  const corn = mixOf(['water', 300], ['corn-starch', 15]);
  const row = starches.corn;
  const cooled = (tC: number) => logistic((42 - tC) / 9);
  const fresh = (tC: number) => 1 + row.setBack * cooled(tC);
  const heat = (tC: number) => Math.exp(row.Ea * inverseKelvin(tC));
  expect(added(corn, 10) / added(corn, 80)).toBeCloseTo((fresh(10) * heat(10)) / (fresh(80) * heat(80)), 3);
  const ret = retrogradationProgress(3);
  const stored = (tC: number) =>
    1 +
    (row.setBack * cooled(tC) + row.irreversible * ret) * (1 + 0.35 * row.retrogradation * ret * cooled(tC));
  expect(added(corn, 10, 'fridge', 3) / added(corn, 10)).toBeCloseTo(stored(10) / fresh(10), 3);
  expect(added(corn, 80, 'fridge', 3) / added(corn, 80)).toBeCloseTo(stored(80) / fresh(80), 3);
  expect(added(corn, 10, 'cool', 3)).toBeCloseTo(added(corn, 10), 9);
});

describe('gels, worked by hand', () => {
  const nothing = mixOf(['water', 100]);
  const soft = (x: number, width: number) => width * Math.log1p(Math.exp(x / width));

  test('of starch: its strength times the square of what is above its least, as much of it as acid and boiling have left', () => {
    const c = starchRows.map((row, i) => (i === 0 ? 0 : row.gelC0 + 2));
    const gels = starchGels({ ...nothing, hydrolysis: 0.8, breakdown: 0.5 }, c);
    expect(gels[0]).toBe(0);
    starchRows.slice(1).forEach((row, k) => {
      const left = 0.8 * (1 - 0.5 * row.breakdown);
      expect(lasting({ ...nothing, hydrolysis: 0.8, breakdown: 0.5 }, k + 1)).toBeCloseTo(left, 9);
      expect(gels[k + 1]!).toBeCloseTo(left * row.gelK * soft(2, 0.5) ** 2, 6);
    });
  });

  test('of pulse protein: 25 Pa times the square of what is above four in a hundred, and a gum that keeps apart concentrates it', () => {
    const heated = (1 / (1 + Math.exp(-(90 - 76) / 3))) * (1 - Math.exp(-6 / 4));
    const mix = {
      ...nothing,
      heatSetProtein: 20,
      maxTemperature: 90,
      hold: 6,
      solutes: new Float64Array(soluteIds.length),
    };
    const stress = (gum: number, free = 200) => {
      const solutes = new Float64Array(soluteIds.length);
      solutes[soluteIds.indexOf('konjac')] = gum;
      return heatSetStress({ ...mix, solutes }, free);
    };
    expect(stress(0)).toBeCloseTo(25 * soft(6, 0.6) ** 2 * heated, 6);
    // One in a hundred of konjac: 0.35 more of everything; more than one and a half changes nothing any more.
    expect(stress(2)).toBeCloseTo(25 * soft(10 * 1.35 - 4, 0.6) ** 2 * heated, 6);
    expect(stress(4)).toBeCloseTo(25 * soft(10 * 1.525 - 4, 0.6) ** 2 * heated, 6);
    expect(stress(9)).toBeCloseTo(stress(4), 9);
    expect(stress(0, 100)).toBeCloseTo(25 * soft(16, 0.6) ** 2 * heated, 6);
    expect(heatSetStress({ ...mix, heatSetProtein: 0 }, 200)).toBe(0);
  });

  test('of two gums: as much as both are there, twice their product over their sum', () => {
    const c = (of: Partial<Record<string, number>>) => soluteIds.map((id) => of[id] ?? 0);
    const pair = (a: number, b: number) =>
      gumGels(c({ xanthan: a, locustBean: b }), nothing).reduce((all, { stress }) => all + stress, 0);
    const both = (2 * 0.2 * 0.6) / 0.8;
    expect(pair(0.2, 0.6)).toBeCloseTo(1150 * soft(both - 0.02, 0.04) ** 1.9 * (both / (both + 0.02)), 4);
    expect(pair(0.2, 0)).toBe(0);
    expect(pair(0, 0.6)).toBe(0);
    // Equal parts of xanthan and guar act as a quarter more of either, three to one as three sixteenths.
    const acting = actingTogether(c({ xanthan: 0.3, guar: 0.1, agar: 0.5 }));
    expect(acting[soluteIds.indexOf('xanthan')]).toBeCloseTo(0.3 * (1 + 0.25 * 0.75), 9);
    expect(acting[soluteIds.indexOf('guar')]).toBeCloseTo(0.1 * (1 + 0.25 * 0.75), 9);
    expect(acting[soluteIds.indexOf('agar')]).toBe(0.5);
    expect(actingTogether(c({ xanthan: 0.3 }))).toEqual(c({ xanthan: 0.3 }));
  });

  test('of what needs calcium: neutral three tenths of it are dissolved, in acid all', () => {
    const gel = (pH: number, calciumMg: number) =>
      gumGels(
        soluteIds.map((id) => (id === 'alginate' ? 1 : 0)),
        { ...nothing, water: 100, pH, calciumMg },
      ).reduce((all, { stress }) => all + stress, 0);
    const full = 4000 * soft(0.9, 0.04) ** 1.6 * (1 / 1.02);
    const share = (pH: number) => 0.3 + 0.7 / (1 + Math.exp(-(5.6 - pH) / 0.35));
    for (const [pH, mg] of [
      [7, 40],
      [5.6, 40],
      [4, 20],
    ] as const)
      expect(gel(pH, mg)).toBeCloseTo(full * (1 - Math.exp((-mg * share(pH)) / 35)), 2);
    expect(gel(4, 0)).toBe(0);
  });
});

test('what is settled: fat and solids by volume, nuts as a share of the solids', () => {
  const mix: Mixture = {
    ...mixOf(['water', 300]),
    suspensionVolume: 400,
    fat: 40,
    particleVolume: 60,
    nutVolume: 30,
    dryParticleVolume: 20,
  };
  const on = settle(mix, 'cool', 0);
  const droplets = 40 * 1.087;
  expect(on.dispersedVolume).toBeCloseTo((60 + droplets) / 400, 9);
  expect(on.dropletShare).toBeCloseTo(droplets / (60 + droplets), 9);
  expect(on.packing).toBeCloseTo((60 / 0.64 + droplets / 0.74) / 400, 9);
  // More nut than solids is all nut.
  expect(settle({ ...mix, nutVolume: 60 }, 'cool', 0).jam).toBeCloseTo(
    settle({ ...mix, nutVolume: 600 }, 'cool', 0).jam,
    9,
  );
  expect(settle({ ...mix, nutVolume: 0 }, 'cool', 0).jam).toBeGreaterThan(on.jam);
});

test('twice as fast, a power law of index a half counts 0.71 as thick', () => {
  const flow = { viscosity: 1000, yieldStress: 0, flowIndex: 0.5 };
  expect(viscosityAtShear(flow, 50)).toBeCloseTo(1, 12);
  expect(viscosityAtShear(flow, 100)).toBeCloseTo(Math.SQRT1_2, 12);
  expect(viscosityAtShear({ ...flow, flowIndex: 1 }, 3)).toBeCloseTo(1, 12);
});
