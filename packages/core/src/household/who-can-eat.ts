import { ingredientById } from '../larder/catalog/larder-table.js';
import type { Eater } from './eater.js';
import { isDiet } from './need/diet.params.js';
import { meetAllergen } from './need/meet-allergen.js';
import { meetCompound } from './need/meet-compound.js';
import { meetDislike, meetForgotten, meetIngredient } from './need/meet-ingredient.js';
import { meetPungency } from './need/meet-pungency.js';
import { meetRule } from './need/meet-rule.js';
import { meetSalt } from './need/meet-salt.js';
import type { Avoided, Need } from './need/need.js';
import { ruleLimits } from './need/rule.params.js';
import { type Contact, holdsAnything, type Portion, type PortionLine } from './portion/portion.js';
import type { EaterVerdict, Finding, Verdict } from './verdict.js';

const named = (line: PortionLine): string => line.ingredient?.name ?? line.named;

const avoidedBy = (need: Extract<Need, { kind: 'ingredient' }>): Avoided | undefined =>
  need.what ?? ingredientById(need.ingredient);

/** What a line itself says to a need, without what stands inside it. */
function meetOwn(line: PortionLine, need: Need): Finding | undefined {
  const { ingredient } = line;
  if (!ingredient) {
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
  switch (need.kind) {
    case 'allergen':
      return meetAllergen(line, ingredient, need);
    case 'rule':
      return meetRule(line, ingredient, need);
    case 'ingredient':
      return meetIngredient(line, ingredient, need, avoidedBy(need));
    case 'salt-limit':
    case 'compound':
      return undefined;
  }
}

function meetLine(line: PortionLine, need: Need): readonly Finding[] {
  const own = meetOwn(line, need);
  const through = (line.inside ?? [])
    .flatMap((part) => meetLine(part, need))
    .map((finding) => ({
      ...finding,
      line: line.id,
      reason: `${finding.reason}, in ${named(line).toLowerCase()}`,
      chain: [named(line), ...finding.chain],
    }));
  return own ? [own, ...through] : through;
}

/** What only the whole portion can say: amounts that add up over all its lines. */
function meetWhole(portion: Portion, need: Need): Finding | undefined {
  switch (need.kind) {
    case 'salt-limit':
      return meetSalt(portion, need, need.gramsPerPortion, 'does-not');
    case 'compound':
      return meetCompound(portion, need);
    case 'ingredient':
      if (need.strictness === 'dislike') return meetDislike(portion.lines, need);
      return avoidedBy(need)?.contains ? undefined : meetForgotten(need);
    case 'rule':
      if (need.rule === 'small-child') return meetSalt(portion, need, ruleLimits.childSalt, 'ask');
      return need.rule === 'mild' ? meetPungency(portion, need) : undefined;
    case 'allergen':
      return undefined;
  }
}

/** What came in by a shared jar, spoon or frying fat: certain for a strict need, a question for the rest. */
function meetContact({ by, from, lines }: Contact, need: Need): readonly Finding[] {
  const strict = (need.kind === 'allergen' || need.kind === 'ingredient') && need.strictness === 'allergy';
  const concerns =
    need.kind === 'allergen' || need.kind === 'ingredient'
      ? need.strictness !== 'dislike'
      : need.kind === 'rule' && (need.rule === 'gluten-free' || isDiet(need.rule));
  if (!concerns) return [];
  return lines
    .flatMap((line) => meetLine(line, need))
    .map((finding) => ({
      ...finding,
      verdict: finding.verdict === 'does-not' && strict ? ('does-not' as const) : ('ask' as const),
      reason: `${finding.reason}, by the ${by} used for ${from}`,
      chain: [`${by} used for ${from}`, ...finding.chain],
      wouldChange: `a clean ${by}, or cooking this before ${from}`,
    }));
}

/**
 * Who can eat this, judged by what was entered: the ingredients’ tables, the labels read, and the person’s needs. It is no
 * medical advice; labels and clinicians come first, and the words never promise more than "nothing found against it".
 * Adding a line or a contact never turns "does not" into "fits"; what is not known is a question.
 */
export function whoCanEat(eater: Eater, portion: Portion): EaterVerdict {
  if (!holdsAnything(portion)) return { eater: eater.id, verdict: 'none', findings: [], checked: 0 };
  const findings = eater.needs
    .flatMap((need) => [
      ...portion.lines.flatMap((line) => meetLine(line, need)),
      meetWhole(portion, need),
      ...(portion.contacts ?? []).flatMap((contact) => meetContact(contact, need)),
    ])
    .filter((finding): finding is Finding => finding !== undefined)
    .sort((a, b) => Number(b.verdict === 'does-not') - Number(a.verdict === 'does-not'));
  const verdict: Verdict = findings[0]?.verdict ?? 'fits';
  return { eater: eater.id, verdict, findings, checked: eater.needs.length };
}
