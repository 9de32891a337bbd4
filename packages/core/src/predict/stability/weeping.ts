import type { Mixture } from '../mixture/mixture.js';
import { logistic } from '../../numeric/smooth-step.js';
import { parameter, valuesOf } from '../../numeric/parameter.js';
import { starchIds } from '../../ingredient/substance.js';
import { starches } from '../starch/starch.params.js';
import { dissolved, soluteWeights } from '../thickener/dissolved.js';
import type { Consistency } from '../thickness/flow.js';

/** @source engine notes E-8, estimated. */
export const weepingParameters = {
  serum: parameter(6, '% of mass', 0.5, 'E', 'serum of a loose vegetable purée'),
  loosePacking: parameter(0.62, '-', 0.1, 'E', 'purées below this let serum go'),
  looseWidth: parameter(0.1, '-', 0.3, 'E', 'as above'),
  thickScale: parameter(180, 'mPa·s', 0.4, 'E', 'thick liquids hold their water'),
  thickExponent: parameter(0.9, '-', 0.2, 'E', 'as above'),
  yieldScale: parameter(6, 'Pa', 0.4, 'E', 'as above'),
  syneresis: parameter(140, '% per g starch/g water', 0.5, 'E', 'retrograding gels press water out'),
  syneresisDays: parameter(2, 'd', 0.4, 'E', 'as above'),
  xanthanHolds: parameter(0.05, 'g/100 g', 0.4, 'E', 'xanthan holds the water'),
  acidFactor: parameter(1.2, '-', 0.3, 'E', 'hydrolysed starch lets more go'),
  acidBelow: parameter(0.8, '-', 0.1, 'E', 'as above'),
  acidWidth: parameter(0.02, '-', 0.3, 'E', 'as above'),
  pulpSeen: parameter(0.01, 'volume share', 0.5, 'E', 'less pulp than this makes no purée'),
  most: parameter(25, '% of mass', 0, 'E', 'end of the scale'),
} as const;
const p = valuesOf(weepingParameters);
const holdingSerum = soluteWeights((row) => (row.holdsSerum ? 1 : 0));

/** Water let go, % of the mass: serum of a loose purée and syneresis of a stored starch gel. */
export function weepingPercent(mix: Mixture, flow: Consistency, days: number): number {
  const puree =
    mix.cellWallVolume /
    Math.max(mix.cellWallVolume + mix.particleVolume + p.pulpSeen * mix.suspensionVolume, 1e-9);
  const serum =
    (p.serum * logistic((p.loosePacking - flow.packing) / p.looseWidth) * puree) /
    ((1 + (flow.viscosity / p.thickScale) ** p.thickExponent) * (1 + flow.yieldStress / p.yieldScale));
  const water = Math.max(mix.water, 1e-9);
  const retrograding = starchIds.reduce(
    (all, id, i) =>
      all + ((mix.dispersedStarch[i] ?? 0) / water) * starches[id].retrogradation * starches[id].amylose,
    0,
  );
  const holding = (100 * dissolved(mix, holdingSerum)) / water;
  const syneresis =
    ((p.syneresis * retrograding * (1 - Math.exp(-days / p.syneresisDays))) /
      (1 + holding / p.xanthanHolds)) *
    (1 + (p.acidFactor - 1) * logistic((p.acidBelow - mix.hydrolysis) / p.acidWidth));
  return Math.min(p.most, serum + syneresis);
}
