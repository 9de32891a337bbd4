import type { Ingredient } from '../ingredient/ingredient.js';
import { type UsedIngredients, usualness } from '../larder/used.js';
import type { Formula } from './formula.js';
import type { LarderLookup } from './recipe-of-formula.js';
import { type SkeletonPart, skeletons } from './skeleton.params.js';

/** Parts of a sauce of its family that nothing stands for yet, in the order in which they are thought of. */
export function openParts({ family, lines }: Pick<Formula, 'family' | 'lines'>): readonly SkeletonPart[] {
  const there = new Set(lines.map(({ role }) => role));
  return skeletons[family].filter(({ role }) => !there.has(role));
}

/** What may be taken for a part: what the household uses for it, the most often first, then what is usual. */
export function offersFor(
  { role, usual }: SkeletonPart,
  larder: LarderLookup,
  used: UsedIngredients = new Map(),
): readonly Ingredient[] {
  const own = [...used.keys()]
    .flatMap((id) => larder(id) ?? [])
    .filter((ingredient) => ingredient.role === role)
    .sort((a, b) => usualness(used, b.id) - usualness(used, a.id));
  const all = [...own, ...usual.flatMap((id) => larder(id) ?? [])];
  return all.filter(({ id }, i) => all.findIndex((other) => other.id === id) === i);
}
