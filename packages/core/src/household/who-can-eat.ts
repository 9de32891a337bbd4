import type { AllergenId } from '../allergen/allergen.js';
import type { LabelKnowledge } from '../allergen/label/read-label.js';
import type { Ingredient } from '../larder/ingredient.js';
import { COMPOUND_CV, compoundContent, compoundNames } from './compound.params.js';
import type { Eater } from './eater.js';
import { meetAllergen } from './meet-allergen.js';
import type { Need, Strictness } from './need.js';
import { ruleLimits } from './rule.params.js';

/** `fits`: nothing was found against it; never more than that. */
export type Verdict = 'fits' | 'ask' | 'does-not';
/** `none`: nothing is in it, so there is nothing to judge. */
export type VerdictOrNone = Verdict | 'none';

/** What a label of the very pack said. */
export interface PackLabel extends LabelKnowledge {
  /** ISO date. */
  readonly readOn: string;
  /** Read so long ago that the recipe may have changed. */
  readonly stale: boolean;
}

/** A line of the formula as far as people are concerned. */
export interface ServedLine {
  readonly id: string;
  /** Absent when the larder no longer knows the ingredient. */
  readonly ingredient: Ingredient | undefined;
  /** What the formula calls it, for an ingredient that is gone. */
  readonly named: string;
  /** g in one portion; absent when it is not known. */
  readonly gramsPerPortion?: number;
  /** Goes in whole, unblended. */
  readonly whole?: boolean;
  readonly label?: PackLabel;
  /** The lines of a formula that stands here as an ingredient, or of a base that everything is made from. */
  readonly inside?: readonly ServedLine[];
}

/** Something that touched this pot on its way: a jar, a spoon, a frying fat that another pot used before. */
export interface Contact {
  readonly by: string;
  readonly from: string;
  readonly lines: readonly ServedLine[];
}

/** Why a person cannot or may not eat: which line, which need, in words. */
export interface Finding {
  readonly verdict: Exclude<Verdict, 'fits'>;
  /** Absent when the whole batch is the reason (salt). */
  readonly line?: string;
  readonly ingredient?: string;
  readonly need: Need;
  readonly reason: string;
  /** From the formula down to the source, outermost first. */
  readonly chain: readonly string[];
  /** What would turn this finding. */
  readonly wouldChange: string;
}

export interface EaterVerdict {
  readonly eater: string;
  readonly verdict: VerdictOrNone;
  /** Certain conflicts first. */
  readonly findings: readonly Finding[];
  /** How many needs were checked. */
  readonly checked: number;
}

export interface Served {
  readonly lines: readonly ServedLine[];
  /** g of salt in one portion, with the upper end of its band; absent when it could not be predicted. */
  readonly saltPerPortion?: { readonly mid: number; readonly high: number };
  /** Pungency index 0..10 of the batch; absent when it could not be predicted. */
  readonly pungent?: number;
  readonly contacts?: readonly Contact[];
}

/** A certain presence binds by strictness; a dislike is for the cook to weigh, so it is a question. */
const certain = (strictness: Strictness): Finding['verdict'] =>
  strictness === 'dislike' ? 'ask' : 'does-not';

const named = (line: ServedLine): string => line.ingredient?.name ?? line.named;

/** By the table, or by the label of the pack: a label may add to what the table says. */
const holdsForRule = (line: ServedLine, ingredient: Ingredient, what: AllergenId): boolean =>
  ingredient.contains.includes(what) || (line.label?.contains.includes(what) ?? false);

function meetRule(line: ServedLine, ingredient: Ingredient, need: Extract<Need, { kind: 'rule' }>): Finding | undefined {
  const lower = ingredient.name.toLowerCase();
  const found = (verdict: Finding['verdict'], reason: string): Finding => ({
    verdict, reason, line: line.id, ingredient: ingredient.id, need, chain: [ingredient.name], wouldChange: 'another ingredient',
  }); // prettier-ignore
  switch (need.rule) {
    case 'no-added-oil':
      return holdsForRule(line, ingredient, 'added-oil') ? found('does-not', `added oil in ${lower}`) : undefined;
    case 'no-added-sugar':
      return holdsForRule(line, ingredient, 'added-sugar') ? found('does-not', `added sugar in ${lower}`) : undefined;
    case 'gluten-free':
      return meetAllergen(line, ingredient, { kind: 'allergen', allergen: 'gluten', strictness: 'intolerance', traces: true });
    case 'small-child': {
      const { particleSizeUm, hardness, particles } = ingredient.behaviour;
      const chokes = particleSizeUm >= ruleLimits.chokingUm && hardness >= ruleLimits.chokingHardness && particles === 'nut';
      if (line.whole && chokes) return found('does-not', `${lower} in pieces: a choking hazard for a small child`);
      return holdsForRule(line, ingredient, 'alcohol') ? found('ask', `alcohol in ${lower}`) : undefined;
    }
    case 'mild':
      return undefined;
  }
} // prettier-ignore

function meetIngredient(line: ServedLine, ingredient: Ingredient, need: Extract<Need, { kind: 'ingredient' }>): Finding | undefined {
  if (ingredient.id !== need.ingredient) return undefined;
  const lower = ingredient.name.toLowerCase();
  const trace = line.gramsPerPortion !== undefined && line.gramsPerPortion < ruleLimits.dislikeTraceG;
  if (need.strictness === 'dislike' && trace) return undefined;
  return {
    verdict: certain(need.strictness),
    line: line.id,
    ingredient: need.ingredient,
    need,
    reason: need.strictness === 'dislike' ? `dislikes ${lower}` : lower,
    chain: [ingredient.name],
    wouldChange: need.strictness === 'dislike' ? 'less of it, or another savory thing' : 'another ingredient',
  };
} // prettier-ignore

function meetLine(line: ServedLine, need: Need): readonly Finding[] {
  const own = meetOwn(line, need);
  const within = (line.inside ?? []).flatMap((part) => meetLine(part, need));
  const through = within.map((finding) => ({
    ...finding,
    line: line.id,
    reason: `${finding.reason}, in ${named(line).toLowerCase()}`,
    chain: [named(line), ...finding.chain],
  }));
  return own ? [own, ...through] : through;
}

function meetOwn(line: ServedLine, need: Need): Finding | undefined {
  if (need.kind === 'salt-limit' || need.kind === 'compound') return undefined;
  if (!line.ingredient) {
    if (line.inside) return undefined;
    return {
      verdict: 'ask',
      line: line.id,
      need,
      reason: `${named(line)} is no longer in the larder, so nothing is known of it`,
      chain: [named(line)],
      wouldChange: 'an ingredient the larder knows',
    };
  }
  if (need.kind === 'allergen') return meetAllergen(line, line.ingredient, need);
  if (need.kind === 'rule') return meetRule(line, line.ingredient, need);
  return meetIngredient(line, line.ingredient, need);
}

const gramsText = (g: number): string => `${g.toFixed(1)} g`;
const wholeBatch = { chain: ['the whole batch'], wouldChange: 'less of it, or smaller portions' } as const;

function meetSalt(
  served: Served,
  need: Need,
  limitG: number,
  over: Finding['verdict'] = 'does-not',
): Finding | undefined {
  const salt = served.saltPerPortion,
    limit = gramsText(limitG);
  if (!salt)
    return {
      verdict: 'ask',
      need,
      reason: `salt a portion is not known; the limit is ${limit}`,
      ...wholeBatch,
    };
  if (salt.mid > limitG)
    return {
      verdict: over,
      need,
      reason: `${gramsText(salt.mid)} salt a portion; limit ${limit}`,
      ...wholeBatch,
    };
  if (salt.high > limitG)
    return {
      verdict: 'ask',
      need,
      reason: `about ${gramsText(salt.mid)} salt a portion, close to the limit of ${limit}`,
      ...wholeBatch,
    };
  return undefined;
}

const flat = (lines: readonly ServedLine[]): readonly ServedLine[] =>
  lines.flatMap((line) => (line.inside ? [line, ...flat(line.inside)] : [line]));

/** A base that is empty, or a formula inside a formula, holds only what stands in it. */
const holdsAnything = ({ lines }: Served): boolean =>
  flat(lines).some((line) => line.ingredient ?? !line.inside);

/** Half-width of the 80 % interval of a compound's amount, as a factor. */
const COMPOUND_HIGH = Math.exp(1.2816 * COMPOUND_CV);

function meetCompound(served: Served, need: Extract<Need, { kind: 'compound' }>): Finding | undefined {
  const name = compoundNames[need.compound],
    content = compoundContent[need.compound];
  let grams = 0;
  const holders: string[] = [];
  for (const { ingredient, gramsPerPortion } of flat(served.lines)) {
    const per100 =
      ingredient && (content[ingredient.id] ?? (ingredient.like ? content[ingredient.like] : undefined));
    if (per100 === undefined || !ingredient) continue;
    if (gramsPerPortion === undefined)
      return { verdict: 'ask', need, reason: `${name} in ${ingredient.name.toLowerCase()}, amount not known`, chain: [ingredient.name], wouldChange: 'a weight for the line' }; // prettier-ignore
    grams += (per100 * gramsPerPortion) / 100;
    holders.push(ingredient.name);
  }
  if (grams * COMPOUND_HIGH <= need.gramsPerPortion) return undefined;
  const said = `about ${grams.toFixed(2)} g ${name} a portion; limit ${need.gramsPerPortion} g`;
  const verdict = grams > need.gramsPerPortion ? 'does-not' : 'ask';
  return {
    verdict,
    need,
    reason: said,
    chain: holders,
    wouldChange: 'less of these lines, or smaller portions',
  };
}

function meetBatch(served: Served, need: Need): readonly (Finding | undefined)[] {
  if (need.kind === 'salt-limit') return [meetSalt(served, need, need.gramsPerPortion)];
  if (need.kind === 'compound') return [meetCompound(served, need)];
  if (need.kind !== 'rule') return [];
  if (need.rule === 'small-child') return [meetSalt(served, need, ruleLimits.childSalt, 'ask')];
  if (need.rule !== 'mild') return [];
  if (served.pungent === undefined)
    return [{ verdict: 'ask', need, reason: 'how pungent it is could not be predicted', ...wholeBatch }];
  if (served.pungent <= ruleLimits.mildPungency) return [];
  return [{ verdict: 'ask', need, reason: `pungent, ${served.pungent.toFixed(1)} of 10`, ...wholeBatch }];
}

/** What came in by a shared jar, spoon or frying fat: certain for a strict need, a question for the rest. */
function meetContact({ by, from, lines }: Contact, need: Need): readonly Finding[] {
  if (need.kind !== 'allergen' || need.strictness === 'dislike') return [];
  return lines
    .flatMap((line) => meetLine(line, need))
    .map((finding) => ({
      ...finding,
      verdict: finding.verdict === 'does-not' && need.strictness === 'allergy' ? ('does-not' as const) : ('ask' as const),
      reason: `${finding.reason}, by the ${by} used for ${from}`,
      chain: [`${by} used for ${from}`, ...finding.chain],
      wouldChange: `a clean ${by}, or cooking this before ${from}`,
    }));
} // prettier-ignore

/**
 * Who can eat this, judged by what was entered: the ingredients’ tables, the labels read, and the person’s needs. It is no
 * medical advice; labels and clinicians come first, and the words never promise more than "nothing found against it".
 * Adding a line or a contact never turns "does not" into "fits"; what is not known is a question.
 */
export function whoCanEat(eater: Eater, served: Served): EaterVerdict {
  if (!holdsAnything(served)) return { eater: eater.id, verdict: 'none', findings: [], checked: 0 };
  const findings = eater.needs
    .flatMap((need) => [
      ...served.lines.flatMap((line) => meetLine(line, need)),
      ...meetBatch(served, need),
      ...(served.contacts ?? []).flatMap((contact) => meetContact(contact, need)),
    ])
    .filter((finding): finding is Finding => finding !== undefined)
    .sort((a, b) => Number(b.verdict === 'does-not') - Number(a.verdict === 'does-not'));
  const verdict: Verdict = findings[0]?.verdict ?? 'fits';
  return { eater: eater.id, verdict, findings, checked: eater.needs.length };
}
