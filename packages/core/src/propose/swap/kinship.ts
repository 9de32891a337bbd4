import { sameKind } from '../../larder/facts/culinary-kind.js';
import { carbohydrateOf } from '../../ingredient/composition.js';
import type { Ingredient } from '../../ingredient/ingredient.js';

/** Of another kind on one shelf, and of another shelf. */
const OTHER_KIND = 0.2,
  OTHER_SHELF = 0.4;
/** Furthest that two ingredients count as apart. */
const FURTHEST = 5;

/**
 * How unlike two ingredients are by what they are made of, 0 (the same) to 1: what the rails do not see, a nutty or a milky taste, goes
 * mostly with composition and with the shelf they stand on.
 * @source relative differences of the main constituents, widths assumed
 */
export function unlikeness(a: Ingredient, b: Ingredient): number {
  const apart = (ours: number, theirs: number, width: number) =>
    ((ours - theirs) / (width + 0.15 * (ours + theirs))) ** 2;
  const [c, d] = [a.per100, b.per100];
  const squares = [
    apart(c.fat ?? 0, d.fat ?? 0, 2),
    apart(c.protein ?? 0, d.protein ?? 0, 2),
    apart(carbohydrateOf(c), carbohydrateOf(d), 3),
    apart(c.water ?? 0, d.water ?? 0, 6),
    apart(c.salt ?? 0, d.salt ?? 0, 1),
  ];
  const rms = Math.sqrt(squares.reduce((all, s) => all + s, 0) / squares.length);
  const kind = sameKind(a, b) ? 0 : a.shelf === b.shelf ? OTHER_KIND : OTHER_SHELF;
  return Math.min(1, kind + (0.6 * Math.min(rms, FURTHEST)) / FURTHEST);
}
