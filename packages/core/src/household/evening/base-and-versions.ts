import type { Eater } from '../eater.js';
import { asOneLine, mealOf } from '../portion/meal.js';
import type { Portion } from '../portion/portion.js';
import type { EaterVerdict } from '../verdict.js';
import { whoCanEat } from '../who-can-eat.js';

/** One version made from a shared base: what only it gets, in one portion. */
export interface Version {
  readonly name: string;
  readonly added: Portion;
}

export interface VersionVerdict {
  readonly version: string;
  readonly people: readonly EaterVerdict[];
}

/** One portion of a version: its share of the base, and what only it gets. */
export const portionOfVersion = (base: Portion, named: string, { added }: Version): Portion =>
  mealOf([asOneLine('base', named, base), added], 'added');

/**
 * Who can eat which version of one base. What went into the base before it was divided is in every version, so a version
 * never fits better than its base.
 */
export const judgeVersions = (
  base: Portion & { readonly name: string },
  versions: readonly Version[],
  eaters: readonly Eater[],
): readonly VersionVerdict[] =>
  versions.map((version) => {
    const portion = portionOfVersion(base, base.name, version);
    return { version: version.name, people: eaters.map((eater) => whoCanEat(eater, portion)) };
  });
