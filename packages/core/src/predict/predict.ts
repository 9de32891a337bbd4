import { hexOf, labFromReflectance, type Reflectance, reflectanceFromRatio } from './colour/pigment.js';
import type { Mixture } from './mixture/mixture.js';
import type { Recipe } from '../recipe/recipe.js';
import { energyOf } from './nutrition/energy.js';
import { lumpIndex } from './particle/comminute.js';
import { graininessOf } from './particle/graininess.js';
import { type PotAt, potAt } from './pot-at.js';
import type { PointPrediction, Prediction, PredictionFlag } from './prediction.js';
import { modelDomain } from './prediction.params.js';
import { curdlingProbability } from './stability/curdling.js';
import { creamingIndex, oilingOffRisk } from './stability/creaming.js';
import { weepingPercent } from './stability/weeping.js';
import { pullLength } from './stretch/pull-length.js';
import { gumIds } from '../ingredient/substance.js';
import { temperatureCurve } from './temperature-curve.js';
import { type Classed, textureClassOf, thicknessClassOf } from './thickness/thickness-class.js';
import { tasteOf } from './taste/taste.js';
import { type Band, bandOf } from './uncertainty/band.js';
import { type Spread, spreadAt } from './spread.js';
import {
  compositionCv,
  guessedTasteSd,
  K80,
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

/**
 * What the model says of a pot at one moment.
 * @param knownSpread the width of its bands where that is known well enough already, which saves most of the time
 */
export function predictPot(
  { mix, at, flow }: PotAt,
  offsets: KitchenOffsets = noOffsets,
  knownSpread?: Spread,
): PointPrediction {
  const pulled = pullLength(mix, flow, at, offsets);
  const spread = knownSpread ?? spreadAt(mix, at, flow, pulled, offsets);
  const taste = tasteOf(mix),
    texture = textureClassOf(mix, flow, at.temperature);
  const unsure = guessedTasteSd * mix.guessedShare;
  const mass = Math.max(mix.mass, 1e-9),
    per100 = (g: number) => (100 * g) / mass;
  const viscosity = bandOf(flow.viscosity, spread.viscosity),
    yieldStress = bandOf(flow.yieldStress, spread.yieldStress);
  const edge = (end: 'low' | 'high'): Classed => ({
    ...flow,
    viscosity: viscosity[end],
    yieldStress: yieldStress[end],
  });
  const reflectance = mix.absorption.map(reflectanceFromRatio) as unknown as Reflectance;
  return {
    massG: Math.max(mix.mass, 0),
    volumeMl: mix.volume,
    evaporatedG: mix.evaporated,
    fat: bandOf(per100(mix.fat + mix.inPieces.fat), compositionCv.fat),
    salt: bandOf(taste.salt, compositionCv.salt),
    protein: bandOf(per100(mix.protein), compositionCv.fat),
    sweetness: bandOf(taste.sweet, compositionCv.sweet),
    savoriness: bandOf(taste.umami, Math.hypot(compositionCv.umami, unsure)),
    sourness: bandOf(taste.sour, Math.hypot(compositionCv.sour, unsure)),
    pH: linearBand(mix.pH, mix.pH * compositionCv.pH),
    energyKcal: bandOf(energyOf(mix), compositionCv.energy),
    viscosity,
    yieldStress,
    thicknessClass: texture ?? thicknessClassOf(flow),
    thicknessRange: [texture ?? thicknessClassOf(edge('low')), texture ?? thicknessClassOf(edge('high'))],
    stretch: bandOf(pulled, spread.stretch),
    curdling: curdlingProbability(mix),
    graininess: graininessOf(mix),
    lumps: lumpIndex(mix.dryHotStarch / mass),
    bitter: taste.bitter,
    pungent: taste.pungent,
    weeping: weepingPercent(mix, flow, at.days),
    creaming: creamingIndex(mix, flow),
    oilingOff: oilingOffRisk(mix, flow),
    browning: mix.browning,
    absorbedG: mix.absorbed,
    broughtG: mix.broughtG,
    particleSizeUm: mix.meanDiameter,
    solidFat: flow.solidFat,
    colour: { hex: hexOf(reflectance), lab: labFromReflectance(reflectance) },
    flags: flagsOf(mix, mix.boilsOff),
  };
}

/**
 * Everything the model says of a recipe. Pure: the same recipe gives the same figures in the browser and on the server.
 * @throws RangeError for a negative or non-finite mass (callers validate first)
 */
export function predict(recipe: Recipe, offsets: KitchenOffsets = noOffsets): Prediction {
  const pot = potAt(recipe, undefined, offsets),
    { at, mix } = pot;
  const point = predictPot(pot, offsets);
  const known = {
    temperature: at.temperature,
    viscosity: Math.log(point.viscosity.high / point.viscosity.mid) / K80,
  };
  return { ...point, curve: temperatureCurve(mix, at.storage, at.days, offsets, known) };
}
