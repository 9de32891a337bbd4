import {
  hexOf,
  type Lab,
  labFromReflectance,
  type Reflectance,
  reflectanceFromRatio,
} from './colour/pigment.js';
import type { Mixture } from './mixture/mixture.js';
import { energyOf } from './nutrition/energy.js';
import { lumpIndex } from './particle/comminute.js';
import { solidFatSd } from './fat/solid-fat.js';
import { graininessOf } from './particle/graininess.js';
import type { PotAt } from './pot-at.js';
import type { PointPrediction, PredictionFlag } from './prediction.js';
import { modelDomain } from './prediction.params.js';
import { curdlingProbability } from './stability/curdling.js';
import { creamingIndex, oilingOffRisk } from './stability/creaming.js';
import { weepingPercent } from './stability/weeping.js';
import { pullLength } from './stretch/pull-length.js';
import { gumIds } from '../ingredient/substance.js';
import { textureClassOf, thicknessClassOf, wordChances, wordRange } from './thickness/thickness-class.js';
import { tasteOf } from './taste/taste.js';
import { type Band, bandOf } from './uncertainty/band.js';
import { type Spread, spreadAt } from './spread.js';
import { K80 } from '../numeric/normal.js';
import {
  compositionCv,
  guessedTasteSd,
  type KitchenOffsets,
  noOffsets,
} from './uncertainty/kitchen-offsets.params.js';

/** Where the model reaches its edge. @source engine notes E-16 */
export function flagsOf(mix: Mixture, asked: number): readonly PredictionFlag[] {
  const flags: PredictionFlag[] = [];
  if (!(mix.mass > modelDomain.leastBatchG)) return ['empty'];
  const water = Math.max(mix.water, 1e-9);
  const gums = mix.solutes.reduce((all, g, i) => all + (i < gumIds.length ? g : 0), 0);
  const wet = mix.water > modelDomain.traceWater * mix.mass;
  if (asked > mix.evaporated + 0.5) flags.push('boiled-dry');
  if (!wet) flags.push('no-water');
  if (
    wet &&
    ((100 * gums) / water > modelDomain.mostGum || (100 * mix.allStarch) / water > modelDomain.mostStarch)
  )
    flags.push('dough');
  if (mix.flouryStarch > modelDomain.rawStarchShare * mix.mass) flags.push('raw-starch');
  if (mix.undissolvedGums > modelDomain.idleGum * mix.mass) flags.push('gum-never-heated');
  if (mix.dryHotStarch > 0) flags.push('dry-starch-in-hot-liquid');
  return flags;
}

function linearBand(mid: number, sd: number): Band {
  return { low: mid - K80 * sd, mid, high: mid + K80 * sd };
}

/** Share of the mass below which fat is too little to be called solid or not. @source assumed */
const FAT_SEEN = 0.0002;

/** % of the fat that is solid, and how far fats of a name differ; never more than all of it. */
function solidFatBand(mix: Mixture, solid: number): Band {
  const seen = mix.fat / Math.max(mix.fat + FAT_SEEN * mix.mass, 1e-9);
  const { low, mid, high } = bandOf(solid * seen, solidFatSd(mix.fatByType, solid));
  return { low, mid, high: Math.min(high, 100) };
}

/** Log standard deviation that a band stands for. */
const sdOfBand = ({ low, high }: Band): number => (low > 0 ? Math.log(high / low) / (2 * K80) : 0);

const reflectanceOf = ({ absorption }: Mixture): Reflectance =>
  absorption.map(reflectanceFromRatio) as unknown as Reflectance;
/** Colour of a mixture as #rrggbb. */
export const colourHexOf = (mix: Mixture): string => hexOf(reflectanceOf(mix));
/** CIELAB of a pot. */
export const labOf = (mix: Mixture): Lab => labFromReflectance(reflectanceOf(mix));

/** Figures that have a band. */
export const bandedFigures = [
  'fat',
  'salt',
  'protein',
  'sweetness',
  'savoriness',
  'sourness',
  'pH',
  'energyKcal',
  'viscosity',
  'yieldStress',
  'stretch',
] as const;
export type BandedFigure = (typeof bandedFigures)[number];

/** How unsure figures are by what is said loosely: a log standard deviation each, of pH one in its own unit. */
export type FigureSd = Readonly<Record<BandedFigure, number>>;

/** A figure with its band; what is unsure by loosely said amounts widens it. */
type Banded = (figure: BandedFigure, mid: number, sd: number) => Band;

const bandedBy =
  (amounts: FigureSd | undefined): Banded =>
  (figure, mid, sd) =>
    (figure === 'pH' ? linearBand : bandOf)(mid, amounts ? Math.hypot(sd, amounts[figure]) : sd);

/** How it tastes, and what of it is guessed. */
function tasteFigures(mix: Mixture, banded: Banded) {
  const taste = tasteOf(mix),
    unsure = guessedTasteSd * mix.guessedShare;
  return {
    salt: banded('salt', taste.salt, compositionCv.salt),
    sweetness: banded('sweetness', taste.sweet, compositionCv.sweet),
    savoriness: banded('savoriness', taste.umami, Math.hypot(compositionCv.umami, unsure)),
    sourness: banded('sourness', taste.sour, Math.hypot(compositionCv.sour, unsure)),
    pH: banded('pH', mix.pH, mix.pH * compositionCv.pH),
    bitter: taste.bitter,
    pungent: taste.pungent,
  };
}

/** How it flows, in figures and in words. */
function flowFigures({ mix, at, flow }: PotAt, spread: Spread, banded: Banded) {
  const viscosity = banded('viscosity', flow.viscosity, spread.viscosity),
    yieldStress = banded('yieldStress', flow.yieldStress, spread.yieldStress);
  const said = textureClassOf(mix, flow, at.temperature) ?? thicknessClassOf(flow),
    words = wordChances(mix, flow, at.temperature, {
      viscosity: sdOfBand(viscosity),
      yieldStress: sdOfBand(yieldStress),
    });
  return {
    viscosity,
    yieldStress,
    thicknessClass: said,
    thicknessRange: wordRange(words, said),
    thicknessWords: words,
  };
}

/** How it looks. */
function colourFigures(mix: Mixture): PointPrediction['colour'] {
  const reflectance = reflectanceOf(mix);
  return { hex: hexOf(reflectance), lab: labFromReflectance(reflectance) };
}

/**
 * What the model says of a pot at one moment.
 * @param knownSpread the width of its bands where that is known well enough already, which saves most of the time
 * @param amounts how unsure its figures are by amounts that were said loosely; nothing where all were weighed
 */
export function predictPot(
  pot: PotAt,
  offsets: KitchenOffsets = noOffsets,
  knownSpread?: Spread,
  amounts?: FigureSd,
): PointPrediction {
  const { mix, at, flow } = pot,
    pulled = pullLength(mix, flow, at, offsets),
    spread = knownSpread ?? spreadAt(mix, at, flow, pulled, offsets),
    banded = bandedBy(amounts);
  const mass = Math.max(mix.mass, 1e-9),
    per100 = (g: number) => (100 * g) / mass;
  return {
    massG: Math.max(mix.mass, 0),
    volumeMl: mix.volume,
    evaporatedG: mix.evaporated,
    fat: banded('fat', per100(mix.fat + mix.inPieces.fat), compositionCv.fat),
    protein: banded('protein', per100(mix.protein), compositionCv.fat),
    ...tasteFigures(mix, banded),
    energyKcal: banded('energyKcal', energyOf(mix), compositionCv.energy),
    ...flowFigures(pot, spread, banded),
    stretch: banded('stretch', pulled, spread.stretch),
    curdling: curdlingProbability(mix),
    graininess: graininessOf(mix),
    lumps: lumpIndex(mix.dryHotStarch / mass),
    weeping: weepingPercent(mix, flow, at.days),
    creaming: creamingIndex(mix, flow),
    oilingOff: oilingOffRisk(mix, flow),
    browning: mix.browning,
    absorbedG: mix.absorbed,
    broughtG: mix.broughtG,
    particleSizeUm: mix.meanDiameter,
    solidFat: solidFatBand(mix, flow.solidFat),
    colour: colourFigures(mix),
    flags: flagsOf(mix, mix.boilsOff),
  };
}
