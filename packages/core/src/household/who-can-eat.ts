import { type AllergenId, allergenOf, covers, isGroupOf } from '../allergen/allergen.js';
import type { Ingredient } from '../larder/ingredient.js';
import type { Eater } from './eater.js';
import type { Need, Strictness } from './need.js';

/** `fits`: nothing was found against it; never more than that. */
export type Verdict = 'fits' | 'ask' | 'does-not';

/** A line of the formula as far as people are concerned. */
export interface ServedLine {
  readonly id: string;
  /** Absent when the larder no longer knows the ingredient. */
  readonly ingredient: Ingredient | undefined;
  /** What the formula calls it, for an ingredient that is gone. */
  readonly named: string;
}

/** Why a person cannot or may not eat: which line, which need, in words. */
export interface Finding {
  readonly verdict: Exclude<Verdict, 'fits'>;
  /** Absent when the whole batch is the reason (salt). */
  readonly line?: string;
  readonly ingredient?: string;
  readonly need: Need;
  readonly reason: string;
}

export interface EaterVerdict {
  readonly eater: string;
  readonly verdict: Verdict;
  /** Certain conflicts first. */
  readonly findings: readonly Finding[];
  /** How many needs were checked. */
  readonly checked: number;
}

export interface Served {
  readonly lines: readonly ServedLine[];
  /** g of salt in one portion, with the upper end of its band; absent when it could not be predicted. */
  readonly saltPerPortion?: { readonly mid: number; readonly high: number };
}

/** A certain presence binds by strictness; a dislike is for the cook to weigh, so it is a question. */
const certain = (strictness: Strictness): Finding['verdict'] =>
  strictness === 'dislike' ? 'ask' : 'does-not';

/** The name without what follows its comma: "light miso, barley" is light miso. */
const plainName = (lower: string): string => lower.split(',')[0] ?? lower;

const named = (line: ServedLine): string => line.ingredient?.name ?? line.named;

function meetAllergen(
  line: ServedLine,
  ingredient: Ingredient,
  need: Extract<Need, { kind: 'allergen' }>,
): Finding | undefined {
  const base = { line: line.id, ingredient: ingredient.id, need };
  const lower = ingredient.name.toLowerCase();
  for (const held of ingredient.contains) {
    const name = allergenOf(held).name;
    const relation = covers(need.allergen, held);
    if (relation === 'covers') {
      if (need.strictness === 'dislike')
        return { ...base, verdict: 'ask', reason: `dislikes ${allergenOf(need.allergen).name}: ${lower}` };
      return {
        ...base,
        verdict: certain(need.strictness),
        reason: lower.startsWith(name) ? lower : `${name} in ${plainName(lower)}`,
      };
    }
    if (relation === 'ask')
      return {
        ...base,
        verdict: 'ask',
        reason: `${name} in ${lower}: ${allergenOf(held).note ?? 'read the label'}`,
      };
    if (isGroupOf(held, need.allergen))
      return { ...base, verdict: 'ask', reason: `${name} in ${lower}, kind not named: read the label` };
  }
  if (need.strictness === 'dislike') return undefined;
  const doubtful = ingredient.askFor.find(
    (held) => covers(need.allergen, held) !== 'unrelated' || isGroupOf(held, need.allergen),
  );
  return doubtful ? { ...base, verdict: 'ask', reason: askReason(doubtful, lower, need.traces) } : undefined;
}

const askReason = (held: AllergenId, lower: string, traces: boolean): string =>
  traces
    ? `${lower} may hold traces of ${allergenOf(held).name}: read the label`
    : `${lower} may hold ${allergenOf(held).name}: read the label`;

function meetLine(line: ServedLine, need: Need): Finding | undefined {
  if (need.kind === 'salt-limit') return undefined;
  if (!line.ingredient)
    return {
      verdict: 'ask',
      line: line.id,
      need,
      reason: `${named(line)} is no longer in the larder, so nothing is known of it`,
    };
  if (need.kind === 'allergen') return meetAllergen(line, line.ingredient, need);
  if (line.ingredient.id !== need.ingredient) return undefined;
  const lower = line.ingredient.name.toLowerCase();
  const reason = need.strictness === 'dislike' ? `dislikes ${lower}` : lower;
  return { verdict: certain(need.strictness), line: line.id, ingredient: need.ingredient, need, reason };
}

const gramsText = (g: number): string => `${g.toFixed(1)} g`;

function meetSalt(served: Served, need: Extract<Need, { kind: 'salt-limit' }>): Finding | undefined {
  const salt = served.saltPerPortion,
    limit = gramsText(need.gramsPerPortion);
  if (!salt) return { verdict: 'ask', need, reason: `salt a portion is not known; the limit is ${limit}` };
  if (salt.mid > need.gramsPerPortion)
    return { verdict: 'does-not', need, reason: `${gramsText(salt.mid)} salt a portion; limit ${limit}` };
  if (salt.high > need.gramsPerPortion)
    return {
      verdict: 'ask',
      need,
      reason: `about ${gramsText(salt.mid)} salt a portion, close to the limit of ${limit}`,
    };
  return undefined;
}

/**
 * Who can eat this, judged by what was entered: the ingredients’ tables and the person’s needs. It is no medical
 * advice; labels and clinicians come first, and the words never promise more than "nothing found against it".
 */
export function whoCanEat(eater: Eater, served: Served): EaterVerdict {
  const findings = eater.needs
    .flatMap((need) =>
      need.kind === 'salt-limit'
        ? [meetSalt(served, need)]
        : served.lines.map((line) => meetLine(line, need)),
    )
    .filter((finding): finding is Finding => finding !== undefined)
    .sort((a, b) => Number(b.verdict === 'does-not') - Number(a.verdict === 'does-not'));
  const verdict: Verdict = findings[0]?.verdict ?? 'fits';
  return { eater: eater.id, verdict, findings, checked: eater.needs.length };
}
