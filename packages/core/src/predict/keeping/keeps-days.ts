import type { Ingredient } from '../../ingredient/ingredient.js';
import { logistic } from '../../numeric/smooth-step.js';
import type { LineFate, Mixture } from '../mixture/mixture.js';
import { K80 } from '../../numeric/normal.js';
import { keeps as p, keepsDays, type KeepingKind } from './keeping.params.js';

/** How long it is usually kept at 5 °C: guidance by kind, never a proof of safety. */
export interface Keeping {
  /** d */
  readonly low: number;
  readonly high: number;
  /** The kind that goes off first. */
  readonly because: KeepingKind;
  /** Raw garlic under oil: never at room temperature. */
  readonly garlicInOil: boolean;
}

/** °C from which a thing counts as cooked. @source P: vegetative germs die within minutes */
const COOKED = 72;
const HERBS = new Set(['herbs and spices']);

/** What kind a line is when it is kept; undefined for what does not go off first: oil, salt, starch unmixed, dry spice. */
export function keepingKindOf(
  { shelf, role, per100, behaviour, id }: Ingredient,
  cooked: boolean,
): KeepingKind | undefined {
  if (behaviour.cultured) return 'cultured';
  if (shelf === 'meat and eggs') return 'meat, fish or egg';
  if (shelf === 'nuts' || shelf === 'seeds')
    return cooked ? 'nuts or seeds, heated' : 'raw nuts or seeds, blended';
  if (shelf === 'soya' && behaviour.particles === 'curd') return 'soya curd';
  if (shelf === 'pulses' || shelf === 'soya') return 'cooked pulses';
  if (shelf === 'plant milks' || shelf === 'creams')
    return id === 'water' ? undefined : 'plant drink or cream';
  if (shelf === 'grains') return (per100.water ?? 0) > 40 ? 'cooked rice or noodles' : 'starch sauce';
  if (shelf === 'starches') return 'starch sauce';
  if (shelf === 'vegetables' || HERBS.has(shelf)) {
    if ((per100.water ?? 0) < 40) return undefined;
    return cooked ? 'cooked vegetables' : 'raw vegetables and herbs';
  }
  return role === 'body' ? 'bought, once opened' : undefined;
}

const arrivedShare = ({ arrivedG }: LineFate, mass: number): number => arrivedG / Math.max(mass, 1e-9);

/** @source kitchen physics 17: the shortest line rules; acid, salt and sugar stretch it */
export function keepingOf(mix: Mixture, oilContinuous: number): Keeping {
  let days: number = keepsDays['fat and little else'],
    because: KeepingKind = 'fat and little else',
    garlic = false;
  for (const fate of mix.fates) {
    const { ingredient, heat } = fate;
    if (!ingredient) continue;
    if (ingredient.id === 'garlic' && heat.maxTemperature < COOKED) garlic = true;
    const kind = keepingKindOf(ingredient, heat.maxTemperature >= COOKED);
    // A pinch of something hardly rules the whole; the more there is of it, the more its own days count.
    if (!kind) continue;
    const weight = 1 - Math.exp(-arrivedShare(fate, mix.mass) / p.share);
    const own = keepsDays[kind] * (keepsDays['fat and little else'] / keepsDays[kind]) ** (1 - weight);
    if (own < days) [days, because] = [own, kind];
  }
  const water = Math.max(mix.water, 1e-9);
  const salty = logistic(((100 * mix.salt) / (mix.salt + water) - p.saltFrom) / p.saltWidth),
    sweet = logistic(((100 * mix.sugars) / (mix.sugars + water) - p.sugarFrom) / p.sugarWidth),
    sour = because === 'cultured' ? 0 : logistic((p.sourBelow - mix.pH) / p.sourWidth);
  days *= (1 + (p.sourFactor - 1) * sour) * (1 + (p.conserves - 1) * Math.max(salty, sweet));
  const garlicInOil = garlic && oilContinuous > 0.5;
  if (garlicInOil) days = Math.min(days, p.garlicMost);
  const wide = Math.exp(K80 * p.doubt);
  return {
    low: days / wide,
    high: garlicInOil ? Math.min(days * wide, p.garlicMost) : days * wide,
    because,
    garlicInOil,
  };
}
