import type { AcidMoment } from '../mixture/acid-moment.js';
import type { Mixture } from '../mixture/mixture.js';
import { logistic } from '../../numeric/smooth-step.js';
import { curdling as p } from './curdling.params.js';

/** Probability at one moment, from what acid and heat met then. */
function atMoment(mix: Mixture, moment: AcidMoment, protein: number): number {
  const per100 = (g: number) => (100 * g) / Math.max(mix.water, 1e-9);
  const near = Math.exp(-0.5 * ((moment.pH - mix.isoelectricPh) / p.nearWidth) ** 2);
  const low = logistic((p.lowPh - moment.pH) / p.lowWidth);
  const hot = logistic((moment.temperatureC - p.hotMidpoint) / p.hotWidth) * moment.contact;
  const fast = logistic((moment.rateCPerMin - p.fastMidpoint) / p.fastWidth);
  // What was soured before it was bought splits only when it is heated.
  const sour = 1 - (mix.culturedProtein / Math.max(mix.coagulatingProtein, 1e-9)) * (1 - hot);
  const starch = per100(mix.dispersedStarch.reduce((all, g) => all + g, 0));
  return logistic(
    p.base +
      p.acid * sour * Math.max(near, low * p.lowColdWeight) +
      p.hotAcid * hot * Math.max(near, p.lowHotWeight * low) +
      p.fastHeat * hot * fast +
      p.calcium * per100(mix.calciumMg) * hot +
      p.protein * Math.log(protein + p.proteinFloor) +
      p.starch * Math.min(starch, p.starchMost) +
      p.tannin * Math.min(per100(mix.tannin), p.tanninMost) +
      p.alcohol * hot * per100(mix.alcoholBefore) +
      p.fat * Math.min(per100(mix.fat), p.fatMost) +
      p.heat * hot,
  );
}

/** g of protein that can coagulate in 100 g of water. */
const coagulating = (mix: Mixture): number => (100 * mix.coagulatingProtein) / Math.max(mix.water, 1e-9);

/** Probability that what can split does, 0..1, however little of it there is. */
export function splittingProbability(mix: Mixture): number {
  const protein = coagulating(mix);
  if (!(protein > 0)) return 0;
  return mix.acidMoments.reduce(
    (worst, moment) => Math.max(worst, atMoment(mix, moment, protein)),
    mix.curdledBefore,
  );
}

/**
 * Probability that the pot is seen to split or curdle, 0..1: the worst of the moments at which acid and heat met. What went in after
 * the heat does not curdle what was heated before it, and hardly any protein makes no curd that anyone sees.
 * @source engine notes E-9
 */
export const curdlingProbability = (mix: Mixture): number =>
  splittingProbability(mix) * (1 - Math.exp(-coagulating(mix) / p.leastProtein));
