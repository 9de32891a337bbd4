import { logistic } from '../../numeric/smooth-step.js';
import { starchIds } from '../../ingredient/substance.js';
import { solidFatOfMix } from '../fat/solid-fat.js';
import type { Mixture } from '../mixture/mixture.js';
import { suspension } from '../particle/suspension.params.js';
import { flocVolume } from '../particle/sour-flocs.js';
import { starches } from '../starch/starch.params.js';
import { dissolved, soluteWeights } from '../thickener/dissolved.js';
import type { Consistency } from '../thickness/flow.js';
import { block, freezing as p } from './keeping.params.js';

const holding = soluteWeights((row) => (row.holdsSerum ? 1 : 0)),
  brittle = soluteWeights((row) => (row.brittle ? 1 : 0));

/** Amylose of wheat, by which starches are counted: what has none hardly weeps. */
const FLOUR = starches.wheat.amylose * starches.wheat.retrogradation;

/**
 * Probability that a pot is seen to separate when it is frozen and thawed, 0..1.
 * @source common knowledge of freezing sauces, estimated (E-19)
 */
export function freezingRisk(mix: Mixture, flow: Consistency): number {
  if (!(mix.mass > 0)) return 0;
  const water = Math.max(mix.water, 1e-9),
    volume = Math.max(mix.suspensionVolume, 1e-9);
  const starch = starchIds.reduce(
    (all, id, i) =>
      all +
      ((mix.dispersedStarch[i] ?? 0) *
        (id === 'nut' ? p.nutStarch : 1) *
        starches[id].amylose *
        starches[id].retrogradation) /
        FLOUR,
    0,
  );
  // Pieces of curd are counted among all that stays in pieces.
  const curd =
    (mix.curdVolume + flocVolume(mix) + Math.max(mix.pieceVolume - mix.inPieces.volume, 0)) / volume;
  const enclosed = Math.min(mix.emulsifiedFat * 3, 1);
  const fat = (suspension.fatVolume * mix.fat) / volume,
    packed = logistic((fat - p.packedFrom) / p.packedWidth),
    hard = (p.hardFat * solidFatOfMix(mix.fatByType, block.chilledC)) / 100;
  const drops = fat * (1 - (1 - p.covered) * enclosed * (1 - packed)) * (1 - hard);
  const soured = mix.coagulatingProtein > 0 ? mix.culturedProtein / mix.coagulatingProtein : 0;
  return logistic(
    p.base +
      p.starch * Math.min((100 * starch) / water, p.starchMost) * Math.max(1 - flow.dispersedVolume, 0) +
      p.curd * Math.min(curd, p.curdMost) +
      (1 - flow.oilContinuous) * p.drops * drops +
      p.soured * soured * (curd / (curd + 0.05)) +
      p.holds * Math.min((100 * dissolved(mix, holding)) / water, p.holdsMost) +
      p.brittle * Math.min((100 * dissolved(mix, brittle)) / water, p.brittleMost) +
      p.fatOutside * flow.oilContinuous,
  );
}
