import type { Ingredient } from '../../ingredient/ingredient.js';
import { logistic } from '../../numeric/smooth-step.js';
import type { HeatHistory } from '../starch/gelatinize.js';
import { course as p } from './course.params.js';

/** Share of an aroma that some min near the boil leave, 0..1; undefined for a thing of which no rate is known. @source kitchen physics 18 */
export const aromaLeft = ({ handling }: Ingredient, minutes: number): number | undefined =>
  handling?.aromaRate === undefined ? undefined : Math.exp(-handling.aromaRate * minutes);

/** Share of its bite that heat leaves, 0..1: that of chilli and pepper lasts. */
export function biteLeft(ingredient: Ingredient, minutes: number): number {
  const { pungent, lastingBite } = ingredient.behaviour;
  if (pungent === 0 || minutes === 0) return 1;
  const rate = ingredient.handling?.aromaRate ?? (lastingBite ? 0 : p.aromaUnknown);
  const stays = lastingBite ? 0 : p.biteStays;
  return stays + (1 - stays) * Math.exp(-rate * minutes);
}

/**
 * Share of the alcohol that cooking leaves, 0..1: with the liquid that boils off, whose vapour is far richer, and with the time
 * at the simmer.
 * @param keptLiquid share of the liquid that did not boil off   @source kitchen physics 4
 */
export function alcoholLeft({ maxTemperature, hold }: HeatHistory, keptLiquid: number): number {
  const hot = logistic((maxTemperature - p.alcoholMidpoint) / p.alcoholWidth);
  const soon = p.alcoholSoon * (1 - Math.exp(-hold / p.alcoholSoonTime));
  const late = (1 - p.alcoholStirred - p.alcoholSoon) * (1 - Math.exp(-hold / p.alcoholLate));
  const byTime = 1 - hot * (p.alcoholStirred * (1 - Math.exp(-hold)) + soon + late);
  return Math.min(byTime, keptLiquid ** p.alcoholRicher);
}
