import type { Ingredient } from '../../ingredient/ingredient.js';
import { saysAll } from '../portion/pack-label.js';
import { flatLines, type PortionLine } from '../portion/portion.js';
import type { Finding } from '../verdict.js';
import type { Avoided, Need } from './need.js';
import { ruleLimits } from './rule.params.js';

type IngredientNeed = Extract<Need, { kind: 'ingredient' }>;

/** Whether something may hold an ingredient under another name: what it is made of is not known to the last thing. */
const mayHoldAnything = ({ guessed, shelf }: Ingredient): boolean =>
  guessed !== undefined || shelf === 'bought';

/** One line against an ingredient somebody avoids: itself, its kin (garlic in garlic powder), or what nobody wrote down. */
export function meetIngredient(
  line: PortionLine,
  ingredient: Ingredient,
  need: IngredientNeed,
  wanted: Avoided | undefined,
): Finding | undefined {
  const lower = ingredient.name.toLowerCase();
  const found = (
    verdict: Finding['verdict'],
    reason: string,
    wouldChange = 'another ingredient',
  ): Finding => ({
    verdict,
    line: line.id,
    ingredient: ingredient.id,
    need,
    reason,
    chain: [ingredient.name],
    wouldChange,
  });
  if (ingredient.id === need.ingredient) {
    if (need.strictness === 'dislike') return undefined;
    return found('does-not', lower);
  }
  if (need.strictness === 'dislike' || need.strictness === 'diet') return undefined;
  const name = wanted?.name.toLowerCase() ?? need.ingredient;
  if (ingredient.like === need.ingredient && ingredient.likened)
    return found('ask', `${lower} was written down as a kind of ${name}`);
  const held = wanted?.contains ?? [];
  const kin = held.find(
    (one) =>
      ingredient.contains.includes(one) ||
      ingredient.askFor.includes(one) ||
      line.label?.contains.includes(one),
  );
  if (kin !== undefined) return found('ask', `${lower} holds what ${name} holds: ask whether it counts too`);
  if (mayHoldAnything(ingredient) && !(saysAll(line.label) && held.length > 0))
    return found(
      'ask',
      `whether there is ${name} in ${lower} is not known: read its label`,
      'a label that names all it is made of, or another ingredient',
    );
  return undefined;
}

/** What nobody knows any more may be in anything; whoever only would rather not have it is asked nothing. */
export function meetForgotten(need: IngredientNeed): Finding | undefined {
  if (need.strictness === 'dislike' || need.strictness === 'diet') return undefined;
  const avoided = need.what?.name.toLowerCase() ?? 'something they avoid';
  return {
    verdict: 'ask',
    need,
    reason: `${avoided} is no longer in the larder, so what else holds it is not known`,
    chain: [],
    wouldChange: 'a need that names an ingredient of the larder',
  };
}

/** A dislike counts by what a person gets of it in all: a trace passes unnoticed, two traces may not. */
export function meetDislike(lines: readonly PortionLine[], need: IngredientNeed): Finding | undefined {
  const own = flatLines(lines).filter(({ ingredient }) => ingredient?.id === need.ingredient);
  const [first] = own;
  if (!first?.ingredient) return undefined;
  const unknown = own.some(({ gramsPerPortion }) => gramsPerPortion === undefined);
  const grams = own.reduce((sum, { gramsPerPortion = 0 }) => sum + gramsPerPortion, 0);
  if (!unknown && grams < ruleLimits.dislikeTraceG) return undefined;
  const top = lines.find((line) => line === first || flatLines(line.inside ?? []).includes(first)) ?? first;
  return {
    verdict: 'ask',
    line: top.id,
    ingredient: need.ingredient,
    need,
    reason: `dislikes ${first.ingredient.name.toLowerCase()}`,
    chain: top === first ? [first.ingredient.name] : [top.named, first.ingredient.name],
    wouldChange: 'less of it, or another savory thing',
  };
}
