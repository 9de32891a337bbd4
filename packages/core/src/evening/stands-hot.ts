import { briefOf, standingOf, wishesOf } from '../brief/brief.js';
import type { Formula } from '../formula/formula.js';
import { type LarderLookup, recipeOfFormula } from '../formula/recipe-of-formula.js';
import { type Assessed, assess } from '../property/assess.js';
import type { RailId } from '../property/properties.js';
import { celsius } from '../quantity/quantity.js';
import { standing as p } from './task.params.js';

/** How long a hot sauce may stand, and what it is no more after that. */
export interface StandsHot {
  readonly minutes: number;
  /** The property that leaves its brief first; absent where none does in that time. */
  readonly leaves?: RailId;
}

/** °C of so many g under a lid, off the heat, so many min after it had another temperature. */
export const cooledUnderLid = (fromC: number, grams: number, minutes: number): number => {
  const tau = p.tauMin * Math.max(grams / p.tauAtG, p.leastShare) ** p.power;
  return p.roomC + (fromC - p.roomC) * Math.exp(-minutes / tau);
};

/** min to which it is worked out: nobody cooks to the half of one. */
const TO = 0.5;

/**
 * Minutes that a hot sauce may stand under its lid before something that its brief asks for, and that it is as it is served, is so no
 * more: it cools, and with that it thickens, sets or stops pulling.
 * @param most min that are asked about
 * @source cooling under a lid: kitchen physics 14; the rest is the engine at the temperature it has come to
 */
export function standsHot(formula: Formula, larder: LarderLookup, most: number): StandsHot {
  const brief = briefOf(formula),
    asked = wishesOf(brief).map(({ rail }) => rail);
  if (!(most > 0) || asked.length === 0) return { minutes: Math.max(most, 0) };
  const { recipe } = recipeOfFormula(formula, larder);
  const grams = recipe.lines.reduce((all, { mass }) => all + mass, 0);
  if (!(grams > 0)) return { minutes: most };
  const after = (minutes: number): Assessed => {
    const temperatureC = celsius(cooledUnderLid(recipe.serving.temperatureC, grams, minutes));
    return assess({ ...recipe, serving: { ...recipe.serving, temperatureC } }, formula.portions);
  };
  const served = after(0),
    right = asked.filter((rail) => standingOf(brief, rail, served) === 'inside');
  const leftAt = (minutes: number): RailId | undefined => {
    const assessed = after(minutes);
    return right.find((rail) => standingOf(brief, rail, assessed) !== 'inside');
  };
  let leaves = right.length > 0 ? leftAt(most) : undefined;
  if (leaves === undefined) return { minutes: most };
  let holds = 0,
    short = most;
  while (short - holds > TO) {
    const middle = (holds + short) / 2,
      left = leftAt(middle);
    if (left === undefined) holds = middle;
    else {
      short = middle;
      leaves = left;
    }
  }
  return { minutes: Math.min(most, Math.max(holds, p.leastMin)), leaves };
}
