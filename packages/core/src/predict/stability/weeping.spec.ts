import { potOf } from '../../larder/pot-of.js';
import type { Mixture } from '../mixture/mixture.js';
import { potAt } from '../pot-at.js';
import type { Consistency } from '../thickness/flow.js';
import { weepingPercent } from './weeping.js';

const { mix, flow } = potAt(potOf([['water', 100]]));
const still = (changed: Partial<Consistency>): Consistency => ({
  ...flow,
  packing: 0.62,
  viscosity: 0,
  yieldStress: 0,
  ...changed,
});
const puree = (changed: Partial<Mixture> = {}): Mixture => ({
  ...mix,
  cellWallVolume: 50,
  particleVolume: 0,
  suspensionVolume: 0,
  ...changed,
});

describe('serum of a loose vegetable purée, worked by hand: six per cent at most', () => {
  test.each([
    ['half of it at the packing where it begins to hold', {}, {}, 3],
    ['more when looser, by the logistic of a tenth', { packing: 0.52 }, {}, 4.3864],
    ['less when packed', { packing: 0.72 }, {}, 1.6136],
    ['half again at 180 mPa·s', { viscosity: 180 }, {}, 1.5],
    ['a third of that at twice the thickness to the power of 0.9', { viscosity: 360 }, {}, 1.0468],
    ['half at a yield stress of 6 Pa', { yieldStress: 6 }, {}, 1.5],
    ['a third at 12 Pa', { yieldStress: 12 }, {}, 1],
    ['half where half of the solids are no vegetable', {}, { particleVolume: 50 }, 1.5],
    ['none without vegetable', {}, { cellWallVolume: 0, particleVolume: 50 }, 0],
    [
      'a third of it where there is half as much pulp as can be seen',
      {},
      { cellWallVolume: 1, suspensionVolume: 200 },
      1,
    ],
  ] as const)('%s', (_what, flowing, pot, expected) => {
    expect(weepingPercent(puree(pot), still(flowing), 0)).toBeCloseTo(expected, 3);
  });
});

describe('water pressed out of a stored starch gel, worked by hand', () => {
  /** 10 g of maize starch (retrogradation 0.85, amylose 0.27) in 100 g of water: 140 · 0.1 · 0.85 · 0.27 = 3.213 % in the end. */
  const gel = (changed: Partial<Mixture> = {}): Mixture => {
    const dispersedStarch = new Float64Array(mix.dispersedStarch.length);
    dispersedStarch[1] = 10;
    return { ...mix, water: 100, cellWallVolume: 0, dispersedStarch, hydrolysis: 1, ...changed };
  };
  const withXanthan = (g: number): Float64Array => {
    const solutes = new Float64Array(mix.solutes.length);
    solutes[0] = g;
    return solutes;
  };
  test.each([
    ['none on the first day', 0, {}, 0],
    ['63 % of it after two days', 2, {}, 2.031],
    ['86 % after four', 4, {}, 2.7782],
    ['half of it with five hundredths of xanthan', 2, { solutes: withXanthan(0.05) }, 1.0155],
    ['a third with a tenth', 2, { solutes: withXanthan(0.1) }, 0.677],
    ['a fifth more where acid has cut the starch', 2, { hydrolysis: 0.6 }, 2.4372],
    ['half of that at the edge', 2, { hydrolysis: 0.8 }, 2.2341],
    ['twice as much in half of the water', 2, { water: 50 }, 4.062],
    ['never more than a quarter of the pot', 2, { water: 1 }, 25],
  ] as const)('%s', (_what, days, pot, expected) => {
    expect(weepingPercent(gel(pot), still({}), days)).toBeCloseTo(expected, 3);
  });
});
