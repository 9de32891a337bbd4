import { type AllergenId, allergenOf, covers } from '../../allergen/allergen.js';
import type { Ingredient } from '../../ingredient/ingredient.js';
import { saysAll } from '../portion/pack-label.js';
import type { PortionLine } from '../portion/portion.js';
import type { Finding } from '../verdict.js';
import { askedByDiets, type Diet, type DietRule, diets } from './diet.params.js';
import { meetAllergen } from './meet-allergen.js';
import type { Need } from './need.js';

type DietNeed = Extract<Need, { kind: 'rule' }> & { readonly rule: DietRule };

/** What a way of eating leaves out, seen as one thing after another that somebody does not eat. */
const meet = (line: PortionLine, ingredient: Ingredient, allergen: AllergenId): Finding | undefined =>
  meetAllergen(line, ingredient, { kind: 'allergen', allergen, strictness: 'diet', traces: false });

const asking = (finding: Finding, reason: string): Finding => ({ ...finding, verdict: 'ask', reason });

/** Butter is in many bought things, and their labels say milk: whether it is butter alone, the cook has to look. */
function butForButter({ label }: PortionLine, ingredient: Ingredient, finding: Finding): Finding {
  const byTable = ingredient.contains.some((held) => covers('milk', held) === 'covers');
  const byLabel = label?.contains.some((held) => covers('milk', held) === 'covers') === true;
  if (finding.verdict !== 'does-not' || byTable || !byLabel) return finding;
  return asking(finding, `${finding.reason}: is it butter alone?`);
}

/** What is often in it, of what only ways of eating ask about, and what nobody wrote down. */
function meetTold(
  line: PortionLine,
  { id, name, guessed }: Ingredient,
  asked: readonly AllergenId[],
): string | undefined {
  if (line.label && saysAll(line.label)) return undefined;
  const lower = name.toLowerCase();
  const told = asked.find((one) =>
    Object.entries(askedByDiets).some(
      ([held, ids]) => ids.includes(id) && covers(one, held as AllergenId) !== 'unrelated',
    ),
  );
  if (told) return `${lower} may hold ${allergenOf(told).name}: read the label`;
  if (guessed === undefined) return undefined;
  return `whether there is ${asked
    .map((one) => allergenOf(one).name)
    .slice(0, 2)
    .join(' or ')} in ${lower} is not known: read its label`;
}

/**
 * One line against a way of eating. What it leaves out is met as by anybody who does not eat it; what may be of an animal or of a plant is
 * asked about, and so is what was written down without a word of it.
 */
export function meetDiet(line: PortionLine, ingredient: Ingredient, need: DietNeed): Finding | undefined {
  const { never, asks, fine = [] }: Diet = diets[need.rule];
  if (fine.includes(ingredient.id)) return undefined;
  const told = meetTold(line, ingredient, [...never, ...asks]);
  const findings: readonly Finding[] = [
    ...never.flatMap((one) => meet(line, ingredient, one) ?? []),
    ...asks.flatMap((one) => {
      const met = meet(line, ingredient, one);
      if (met?.verdict !== 'does-not') return met ?? [];
      return asking(met, `${met.reason}: what it is made from is not said`);
    }),
    ...(told
      ? [
          {
            verdict: 'ask' as const,
            reason: told,
            line: line.id,
            ingredient: ingredient.id,
            need,
            chain: [ingredient.name],
            wouldChange: 'the label of the very pack, read and typed in, or another ingredient',
          },
        ]
      : []),
  ].map((finding) => (need.rule === 'butter-is-fine' ? butForButter(line, ingredient, finding) : finding));
  const worst = findings.find(({ verdict }) => verdict === 'does-not') ?? findings[0];
  return worst && { ...worst, need };
}
