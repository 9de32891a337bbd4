import { culinaryKindOf } from '../../larder/facts/culinary-kind.js';
import type { Ingredient } from '../../ingredient/ingredient.js';
import { type Dish, knownBy } from './identity.js';
import { dishLiquid } from './dish-liquid.js';
import {
  arrivalFreedom,
  type FreedomRow,
  freedomOfKind,
  freedomOfRole,
  KNOWN_BY_FACTOR,
} from './identity.params.js';
import { helperMost } from '../arrival/helper.params.js';
import { sensibleShare } from './sensible-share.params.js';

/** Within what a line stays what a cook would call the same dish, g. */
export interface LineLimit {
  readonly low: number;
  readonly high: number;
  /** How much the dish is known by it, 0..1. */
  readonly knownBy: number;
}

const freedomOf = (ingredient: Ingredient): FreedomRow =>
  freedomOfKind[culinaryKindOf(ingredient)?.kind ?? ''] ?? freedomOfRole[ingredient.role];

/** What came into a dish that was not in it. */
interface Arrived {
  /** Places of lines that are new: only what is sensible binds them. */
  readonly arrivals?: ReadonlySet<number> | undefined;
  /** g of water that they bring beyond what they stand for; the dish’s liquid gives way by as much. */
  readonly waterArriving?: number | undefined;
}

/** Least share of the dish’s liquid that stays however much water comes in otherwise. @source assumed: enough to blend with */
const LIQUID_KEPT = 0.25;

/** What is new finds its own amount, around the first one where there is one. */
function arrivalLimit({ role }: Ingredient, mass: number, sensible: number, batchG: number): LineLimit {
  if (!(mass > 0)) return { low: 0, high: Math.min(sensible, helperMost[role] * batchG), knownBy: 0 };
  const least = role === 'body' ? arrivalFreedom.leastOfBody : arrivalFreedom.least;
  return {
    low: Math.min(least * mass, sensible),
    high: Math.max(mass, Math.min(arrivalFreedom.most * mass, sensible)),
    knownBy: 0,
  };
}

/** What the dish is known by moves little; of what is added to taste, or to thicken, more is still the same dish. */
const mostGrowth = ({ role }: Ingredient, factor: number, by: number): number => {
  const tied = addedToTaste.includes(role) ? Math.sqrt(factor * KNOWN_BY_FACTOR) : KNOWN_BY_FACTOR;
  return between(factor, tied, by);
};
/** The factor of what the dish is not known by, drawn towards that of what it is. */
const between = (free: number, tied: number, by: number): number =>
  Math.exp((1 - by) * Math.log(free) + by * Math.log(tied));
const addedToTaste: readonly Ingredient['role'][] = ['thickener', 'sour', 'savory'];

/** The limits of every line of a dish. What it is known by moves least, a seasoning never becomes bulk, a liquid is not removed. */
export function lineLimits(
  dish: Dish,
  { arrivals = new Set(), waterArriving = 0 }: Arrived = {},
): readonly LineLimit[] {
  const { lines } = dish.recipe;
  const batchG = lines.reduce((all, { mass }) => all + mass, 0);
  const known = knownBy(dish);
  const liquid = dishLiquid(lines, (_line, i) => !arrivals.has(i));
  return lines.map(({ ingredient, mass }, i): LineLimit => {
    const sensible = sensibleShare(ingredient, dish.family) * batchG;
    if (arrivals.has(i)) return arrivalLimit(ingredient, mass, sensible, batchG);
    const by = known[i] ?? 0,
      { factor, room, mayGo } = freedomOf(ingredient);
    const most = between(factor, KNOWN_BY_FACTOR, by);
    const water = i === liquid ? waterArriving : 0;
    return {
      low: mayGo ? 0 : Math.max(Math.min(LIQUID_KEPT * mass, mass / most), mass / most - Math.max(0, water)),
      high:
        Math.max(
          mass,
          Math.min(sensible, Math.max(mass * mostGrowth(ingredient, factor, by), (1 - by) * room * batchG)),
        ) + Math.max(0, -water),
      knownBy: by,
    };
  });
}
