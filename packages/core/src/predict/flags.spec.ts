import { gumIds, soluteIds } from '../ingredient/substance.js';
import { potOf } from '../larder/pot-of.js';
import type { Mixture } from './mixture/mixture.js';
import { potAt } from './pot-at.js';
import { type BandedFigure, bandedFigures, colourHexOf, flagsOf, labOf, predictPot } from './predict-pot.js';

const water = potAt(potOf([['water', 100]]));
const flags = (of: Partial<Mixture>, asked = 0) =>
  flagsOf({ ...water.mix, water: 100, mass: 100, evaporated: 0, allStarch: 0, ...of }, asked);
const solutes = (at: number, g: number) => Float64Array.from(soluteIds, (_id, i) => (i === at ? g : 0));

test('where the model reaches its edge it says so, and not a gram before', () => {
  expect(flags({})).toEqual([]);
  expect(flags({ mass: 0.001 })).toEqual(['empty']);
  expect(flags({ mass: 0.002, water: 0.002 })).toEqual([]);
  // Asked to lose more than half a gram above what left.
  expect(flags({ evaporated: 40 }, 40.5)).toEqual([]);
  expect(flags({ evaporated: 40 }, 40.6)).toEqual(['boiled-dry']);
  expect(flags({ water: 3 })).toEqual(['no-water']);
  expect(flags({ water: 3.1 })).toEqual([]);
  // More than five of gums, or 25 of starch, in a hundred of water; dissolved protein is no gum.
  expect(flags({ solutes: solutes(0, 5) })).toEqual([]);
  expect(flags({ solutes: solutes(0, 5.1) })).toEqual(['dough']);
  expect(flags({ solutes: solutes(gumIds.length, 9) })).toEqual([]);
  expect(flags({ allStarch: 25 })).toEqual([]);
  expect(flags({ allStarch: 25.1 })).toEqual(['dough']);
  expect(flags({ allStarch: 60, water: 1 })).toEqual(['no-water']);
  expect(flags({ flouryStarch: 1 })).toEqual([]);
  expect(flags({ flouryStarch: 1.1 })).toEqual(['raw-starch']);
  expect(flags({ undissolvedGums: 0.04 })).toEqual([]);
  expect(flags({ undissolvedGums: 0.05 })).toEqual(['gum-never-heated']);
  expect(flags({ dryHotStarch: 0.1 })).toEqual(['dry-starch-in-hot-liquid']);
});

test('a band is as wide as its cause, and amounts said loosely widen it', () => {
  const cream = potAt(
    potOf(
      [
        ['cashew', 100],
        ['water', 200],
        ['salt', 3],
        ['coconut-oil', 30],
        ['lemon-juice', 30],
      ],
      { blenderPower: 0.9, blendSeconds: 90 },
    ),
  );
  const known = { viscosity: 0.3, yieldStress: 0.5, stretch: 0.4 };
  const p = predictPot(cream, undefined, known);
  const sd = ({ low, high }: { low: number; high: number }) => Math.log(high / low) / (2 * 1.2816);
  expect(sd(p.viscosity)).toBeCloseTo(0.3, 9);
  expect(sd(p.yieldStress)).toBeCloseTo(0.5, 9);
  expect(sd(p.stretch)).toBeCloseTo(0.4, 9);
  expect(sd(p.salt)).toBeCloseTo(0.08, 9);
  expect(sd(p.fat)).toBeCloseTo(0.06, 9);
  expect(sd(p.protein)).toBeCloseTo(0.06, 9);
  expect(sd(p.sweetness)).toBeCloseTo(0.12, 9);
  expect(sd(p.savoriness)).toBeCloseTo(0.25, 9);
  expect(sd(p.sourness)).toBeCloseTo(0.15, 9);
  expect(sd(p.energyKcal)).toBeCloseTo(0.05, 9);
  // Of pH in its own unit: a twentieth of it.
  expect((p.pH.high - p.pH.low) / 2).toBeCloseTo(1.2816 * 0.05 * p.pH.mid, 9);
  expect(p.pH.high - p.pH.mid).toBeCloseTo(p.pH.mid - p.pH.low, 9);
  const nothing = Object.fromEntries(bandedFigures.map((figure) => [figure, 0.4])) as Record<
    BandedFigure,
    number
  >;
  const loose = predictPot(cream, undefined, known, nothing);
  expect(sd(loose.viscosity)).toBeCloseTo(0.5, 9);
  expect(sd(loose.salt)).toBeCloseTo(Math.hypot(0.08, 0.4), 9);
  // What was guessed widens taste.
  const guessed = predictPot({ ...cream, mix: { ...cream.mix, guessedShare: 0.5 } }, undefined, known);
  expect(sd(guessed.savoriness)).toBeCloseTo(Math.hypot(0.25, 0.15), 9);
  expect(sd(guessed.sourness)).toBeCloseTo(Math.hypot(0.15, 0.15), 9);
  expect(sd(guessed.salt)).toBeCloseTo(0.08, 9);
});

test('composition is of all that is in it, pieces too; colour is that of what it holds', () => {
  const mix: Mixture = {
    ...water.mix,
    mass: 200,
    fat: 10,
    protein: 8,
    inPieces: { ...water.mix.inPieces, fat: 6 },
    absorption: [0.25, 0.25, 0.25],
  };
  const p = predictPot({ ...water, mix });
  expect(p.fat.mid).toBeCloseTo(8, 9);
  expect(p.protein.mid).toBeCloseTo(4, 9);
  // A quarter of absorption over scattering gives half of the light back.
  expect(p.colour.hex).toBe('#bcbcbc');
  expect(colourHexOf(mix)).toBe('#bcbcbc');
  expect(labOf(mix)[0]).toBeCloseTo(76.07, 1);
  expect(p.colour.lab).toEqual(labOf(mix));
  expect(predictPot({ ...water, mix: { ...water.mix, mass: -1 } }).massG).toBe(0);
});

test('solid fat is told as far as there is fat, never above all of it', () => {
  const of = (fat: number, solidFat: number) =>
    predictPot({ ...water, mix: { ...water.mix, mass: 100, fat }, flow: { ...water.flow, solidFat } })
      .solidFat;
  expect(of(0, 50).mid).toBe(0);
  // As much fat as hardly counts: half of it.
  expect(of(0.02, 50).mid).toBeCloseTo(25, 6);
  expect(of(20, 50).mid).toBeCloseTo(49.95, 2);
  expect(of(20, 99).high).toBe(100);
});
