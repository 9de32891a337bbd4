import type { Ingredient } from '../../ingredient/ingredient.js';
import { soakHours } from '../../larder/preparation/soak.js';
import { notBoiled } from '../../larder/preparation/not-boiled.params.js';
import type { Preparation } from '../../recipe/preparation.js';
import type { RecipeLine } from '../../recipe/recipe.js';
import { stretchingStarches } from './swap.params.js';

/** Ways of cooking without dairy that a cook holds to, or leaves open. */
export interface Schools {
  readonly nutritionalYeast: 'any' | 'without';
  readonly addedOil: 'any' | 'without';
  /** How nuts, seeds and pulses are made soft. */
  readonly made: 'any' | 'soaked' | 'boiled';
  /** A melt that pulls because of its starch, or one that only flows. */
  readonly melt: 'any' | 'starch-stretch' | 'soft-melt';
}

export const openToAll: Schools = { nutritionalYeast: 'any', addedOil: 'any', made: 'any', melt: 'any' };

const isYeast = ({ id, like }: Ingredient): boolean =>
  id === 'nutritional-yeast' || like === 'nutritional-yeast';
/** Oils, hard fats, and what is made of them. */
export const isOil = ({ role, shelf }: Ingredient): boolean => role === 'fat' || shelf === 'fats and oils';
const pulls = ({ id, like }: Ingredient): boolean =>
  stretchingStarches.includes(id) || (like !== undefined && stretchingStarches.includes(like));

/** Whether a school has room for an ingredient. */
export function schoolAllows(schools: Schools, ingredient: Ingredient): boolean {
  if (schools.nutritionalYeast === 'without' && isYeast(ingredient)) return false;
  if (schools.addedOil === 'without' && isOil(ingredient)) return false;
  return !(schools.melt === 'soft-melt' && pulls(ingredient));
}

const takesBoiling: ReadonlySet<Ingredient['shelf']> = new Set(['vegetables', 'nuts', 'seeds', 'pulses']);
/** µm from which a piece is boiled soft; what is ground already is not. @source assumed */
const PIECE_UM = 1500;

/** How a substitute is made ready, the ways that are possible first choice first. */
export function preparationsOf(
  { id, shelf, behaviour }: Ingredient,
  like: Preparation,
  { made }: Schools,
): readonly Preparation[] {
  const drinks = soakHours(id, false) !== undefined;
  // Raw pulses are no food: whatever the school, they are boiled.
  if (drinks && (shelf === 'pulses' || shelf === 'soya')) return ['boiled'];
  const soaks = drinks && (shelf === 'nuts' || shelf === 'seeds');
  const boils =
    !notBoiled.has(id) &&
    takesBoiling.has(shelf) &&
    behaviour.hardness > 0 &&
    behaviour.particleSizeUm >= PIECE_UM;
  if (made === 'soaked' && soaks) return ['soaked'];
  if (made === 'boiled' && boils) return ['boiled'];
  if (soaks) return like === 'boiled' ? ['boiled'] : ['soaked'];
  return boils ? ['boiled'] : ['as-is'];
}

/** What one school of cooking would call this pot: what it stands on, what binds it, whether yeast and oil are in. */
export function schoolOf(lines: readonly RecipeLine[]): string {
  const heaviest = (role: Ingredient['role']): Ingredient | undefined =>
    lines
      .filter(({ ingredient, mass }) => ingredient.role === role && mass > 0)
      .reduce<RecipeLine | undefined>(
        (most, line) => (most && most.mass >= line.mass ? most : line),
        undefined,
      )?.ingredient;
  const base = heaviest('body')?.shelf ?? heaviest('liquid')?.shelf ?? 'none';
  const binder = heaviest('thickener');
  const has = (test: (ingredient: Ingredient) => boolean) =>
    lines.some(({ ingredient, mass }) => mass > 0 && test(ingredient));
  const binds = binder ? (pulls(binder) ? 'root starch' : binder.shelf) : 'nothing';
  return `${base} / ${binds}${has(isYeast) ? ' / yeast' : ''}${has(isOil) ? ' / oil' : ''}`;
}
