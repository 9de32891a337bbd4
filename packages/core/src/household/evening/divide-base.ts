import type { Formula, Line } from '../../formula/formula.js';
import { methodOfFormula, withEveryLine } from '../../formula/method/method-of-formula.js';
import type { LarderLookup } from '../../formula/recipe-of-formula.js';
import type { Method } from '../../recipe/method/operation.js';
import { type EaterVerdict, isWorse, type VerdictOrNone } from '../verdict.js';

/** A version as it is judged: who can eat it, and who was put to it by hand. */
export interface JudgedVersion {
  readonly name: string;
  readonly people: readonly EaterVerdict[];
  /** How many things are added to it. */
  readonly added: number;
  /** Ids of those who were put to it by hand. */
  readonly chosen?: readonly string[];
}

/** One version of a divided base: who eats it, and how much of the base it gets. */
export interface BaseShare {
  readonly version: string;
  readonly eaters: readonly string[];
  /** g of the base. */
  readonly baseG: number;
}

export interface DividedBase {
  readonly shares: readonly BaseShare[];
  /** Who can eat none of them. */
  readonly without: readonly string[];
  /** Versions in the order in which spoons go from one to the next: those first whose people bear the least of the others. */
  readonly spoons: readonly string[];
}

const verdictOf = ({ people }: JudgedVersion, eater: string): VerdictOrNone =>
  people.find((one) => one.eater === eater)?.verdict ?? 'ask';

/** The version somebody eats: the one they were put to; else what fits best, and of equals what has most in it. */
function versionFor(versions: readonly JudgedVersion[], eater: string): JudgedVersion | undefined {
  const byHand = versions.find(({ chosen }) => chosen?.includes(eater));
  if (byHand) return byHand;
  const best = versions.reduce<JudgedVersion | undefined>((found, one) => {
    if (!found) return one;
    const [a, b] = [verdictOf(one, eater), verdictOf(found, eater)];
    if (isWorse(b, a)) return one;
    return !isWorse(a, b) && one.added > found.added ? one : found;
  }, undefined);
  return best && verdictOf(best, eater) !== 'does-not' ? best : undefined;
}

/** People of a version who must not meet something of another one. */
const mustNotMeet = (
  version: JudgedVersion,
  eaters: readonly string[],
  all: readonly JudgedVersion[],
): number =>
  eaters.filter((eater) =>
    all.some((other) => other !== version && isWorse(verdictOf(other, eater), verdictOf(version, eater))),
  ).length;

/**
 * A base divided among those who eat: who gets which version, how much of the base goes into each, and in which order spoons touch them.
 * @param baseG g of the base as it is divided   @param eaters ids of everybody who eats
 */
export function divideBase(
  baseG: number,
  versions: readonly JudgedVersion[],
  eaters: readonly string[],
): DividedBase {
  const of = eaters.map((eater) => ({ eater, version: versionFor(versions, eater) }));
  const fed = of.filter(({ version }) => version !== undefined).length;
  const shares = versions.map((version): BaseShare => {
    const own = of.filter((one) => one.version === version).map(({ eater }) => eater);
    return { version: version.name, eaters: own, baseG: fed > 0 ? (baseG * own.length) / fed : 0 };
  });
  const strict = versions.map((version, i) => mustNotMeet(version, shares[i]!.eaters, versions));
  const spoons = versions
    .map(({ name, added }, i) => ({ name, added, strict: strict[i]! }))
    .sort((a, b) => b.strict - a.strict || a.added - b.added)
    .map(({ name }) => name);
  return {
    shares,
    without: of.filter(({ version }) => version === undefined).map(({ eater }) => eater),
    spoons,
  };
}

/** Something stirred into one version, g in a portion. */
export interface AddedToVersion {
  readonly ingredient: string;
  readonly grams: number;
}

/** The method of a base with every line in it: after which of its operations it may be divided. */
export const methodOfBase = (base: Formula, larder: LarderLookup): Method =>
  withEveryLine(methodOfFormula(base, larder).method, base.lines);

/** A base with what the household makes of it: what goes into all of it, and into each version by its name. */
export interface VersionsOfBase {
  readonly inBase: readonly AddedToVersion[];
  readonly versions: readonly { readonly name: string; readonly added: readonly AddedToVersion[] }[];
  readonly dividedAfter?: number | undefined;
}

/** The formula of one version, found by its name. */
export function versionNamed(
  base: Formula,
  larder: LarderLookup,
  { inBase, versions, dividedAfter }: VersionsOfBase,
  name: string,
): Formula | undefined {
  const version = versions.find((one) => one.name === name);
  if (!version) return undefined;
  const made = versionOfBase(base, larder, [...inBase, ...version.added], dividedAfter);
  return { ...made, name: `${base.name}, ${name}` };
}

/**
 * The formula that one version comes to, as if all of the base became it: what is added goes in right after it is divided, and meets what
 * is done to the base from then on.
 * @param after place of the operation after which it is divided; the last one where nothing is said
 */
export function versionOfBase(
  base: Formula,
  larder: LarderLookup,
  added: readonly AddedToVersion[],
  after?: number,
): Formula {
  if (added.length === 0) return base;
  const method = methodOfBase(base, larder);
  const at = Math.min(after ?? method.length - 1, method.length - 1) + 1;
  const lines = added.map(({ ingredient, grams }, i): Line => ({
    id: `added-${i}`,
    ingredient,
    amount: { value: grams * base.portions, unit: 'g' },
    role: larder(ingredient)?.role ?? 'seasoning',
    preparation: 'as-is',
    stage: 'start',
  }));
  const { writesItself: _, ...rest } = base;
  return {
    ...rest,
    lines: [...base.lines, ...lines],
    method: [
      ...method.slice(0, at),
      { kind: 'put-in', lines: lines.map(({ id }) => id) },
      ...method.slice(at),
    ],
  };
}
