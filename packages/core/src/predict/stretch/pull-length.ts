import type { Mixture } from '../mixture/mixture.js';
import { logistic } from '../../numeric/smooth-step.js';
import { starchIds } from '../../ingredient/substance.js';
import { starches } from '../starch/starch.params.js';
import { dissolved, soluteWeights } from '../thickener/dissolved.js';
import { type Consistency, type Moment } from '../thickness/flow.js';
import { type KitchenOffsets, noOffsets } from '../uncertainty/kitchen-offsets.params.js';
import { retrogradationProgress } from '../starch/retrogradation.js';
import { pull as p } from './pull-length.params.js';

const helping = soluteWeights((row) => row.strands ?? 0),
  crowding = soluteWeights((row) => (row.crowdsStrands ? 1 : 0));

/** Dissolved starch without strands of its own, and gums that crowd strands (pectin), g. */
function otherPolymers(mix: Mixture, strands: number): number {
  let all = dissolved(mix, crowding);
  for (let i = 0; i < starchIds.length; i++) all += mix.dispersedStarch[i] ?? 0;
  return Math.max(all - strands, 0);
}

function storageFactor(at: Moment, retrogradation: number): number {
  const ret = retrogradationProgress(at.days);
  if (at.storage === 'cool') return 1;
  if (at.storage === 'fridge') return 1 - p.fridgeLoss * ret * (p.fridgeBase + retrogradation);
  return 1 - p.reheatLoss * ret * (p.reheatBase + retrogradation);
}

/**
 * Length of the strand a fork lifts before it snaps, cm. Not monotone in starch: above about 17 % it turns to rubber.
 * @source engine notes E-7
 */
export function pullLength(
  mix: Mixture,
  flow: Consistency,
  at: Moment,
  offsets: KitchenOffsets = noOffsets,
): number {
  let polymer = 0,
    weightedRet = 0;
  starchIds.forEach((id, i) => {
    const strands = (mix.dispersedStarch[i] ?? 0) * starches[id].stretch;
    polymer += strands;
    weightedRet += strands * starches[id].retrogradation;
  });
  const retrogradation = polymer > 0 ? weightedRet / polymer : 0;
  const gumHelp = Math.min(dissolved(mix, helping), p.gumHelp * polymer);
  const crowded = Math.min(p.otherPolymer * otherPolymers(mix, polymer), p.otherMost * polymer);
  const open = Math.min((mix.water + flow.freeWater) / 2, mix.water - flow.excludedWater);
  const c = (100 * (polymer + gumHelp + crowded)) / Math.max(open, 1e-9);
  const rise = logistic((c - p.threshold) / p.width) * ((c * c) / (c * c + p.dilute));
  const rubber = p.rubberyLeft + (1 - p.rubberyLeft) * logistic((p.rubbery - c) / p.rubberyWidth);
  const fatVolume = flow.dropletShare * flow.dispersedVolume,
    solidVolume = (1 - flow.dropletShare) * flow.dispersedVolume;
  const broken = Math.exp(-p.fatShortens * fatVolume - p.particlesBreak * solidVolume) * (1 - mix.coarseness);
  const cooked = mix.hydrolysis * (1 - p.brokenGranules * mix.breakdown);
  const warm =
    logistic((at.temperature - p.warmFrom) / p.warmWidth) *
    (1 - p.hotLoss * logistic((at.temperature - p.hotFrom) / p.hotWidth));
  const stored = Math.max(storageFactor(at, retrogradation), p.storedLeast);
  const strand = p.longest * rise * rubber * broken * cooked * warm * stored * Math.exp(offsets.stretch);
  return strand + p.viscousDrip * (1 - Math.exp(-flow.viscosity / p.viscousScale));
}
