import { type AllergenId, covers } from '../../allergen/allergen.js';
import { type Ingredient, isLikenedByNumbers } from '../../ingredient/ingredient.js';
import { type Band, bandOf } from '../../predict/uncertainty/band.js';
import { flatLines, type Portion, type PortionLine } from '../portion/portion.js';
import type { Finding } from '../verdict.js';
import { knownContent } from './compound-content.js';
import { COMPOUND_CV, compoundNames, mostOfCompound, toldBy } from './compound.params.js';
import type { Need } from './need.js';

type CompoundNeed = Extract<Need, { kind: 'compound' }>;

/** g per 100 g, from what is known for certain to the most there may be. */
type Content = Pick<Band, 'mid' | 'high'>;

function contentOf({ compound }: CompoundNeed, { label }: PortionLine, ingredient: Ingredient): Content {
  const known = knownContent(compound, ingredient);
  if (known !== undefined) return bandOf(known, COMPOUND_CV);
  const tells = (held: AllergenId) => toldBy[compound].some((teller) => covers(teller, held) !== 'unrelated');
  // What is only likened by its numbers, or is said to hold milk or onion that the table does not count, may hold as much as its label leaves room for.
  const saidToHold = label?.contains.some(tells) && !ingredient.contains.some(tells);
  const unknown = isLikenedByNumbers(ingredient) || saidToHold;
  return { mid: 0, high: unknown ? mostOfCompound[compound](ingredient.per100) : 0 };
}

/** A compound that is tolerated in small amounts, summed over all that is eaten. */
export function meetCompound({ lines }: Portion, need: CompoundNeed): Finding | undefined {
  const name = compoundNames[need.compound];
  let mid = 0,
    high = 0;
  let unweighed: { readonly line: PortionLine; readonly ingredient: Ingredient } | undefined;
  const holders: string[] = [];
  for (const line of flatLines(lines)) {
    const { ingredient, gramsPerPortion } = line;
    if (!ingredient) continue;
    const content = contentOf(need, line, ingredient);
    if (content.high <= 0) continue;
    if (gramsPerPortion === undefined) {
      unweighed ??= { line, ingredient };
      continue;
    }
    mid += (content.mid * gramsPerPortion) / 100;
    high += (content.high * gramsPerPortion) / 100;
    holders.push(ingredient.name);
  }
  const over = mid > need.gramsPerPortion;
  if (unweighed && !over) {
    const { line, ingredient } = unweighed;
    return {
      verdict: 'ask',
      need,
      line: line.id,
      ingredient: ingredient.id,
      reason: `${name} in ${ingredient.name.toLowerCase()}, amount not known`,
      chain: [ingredient.name],
      wouldChange: 'a weight for the line',
    };
  }
  if (high <= need.gramsPerPortion) return undefined;
  const amount = mid > 0 || over ? `about ${mid.toFixed(2)} g` : `perhaps up to ${high.toFixed(2)} g`;
  return {
    verdict: over ? 'does-not' : 'ask',
    need,
    reason: `${amount} ${name} a portion; limit ${need.gramsPerPortion} g`,
    chain: holders,
    wouldChange: 'less of these lines, or smaller portions',
  };
}
