import type { AllergenId } from '../../allergen/allergen.js';
import { allergenOf } from '../../allergen/allergen.js';
import { type Ingredient, isLikenedByNumbers } from '../../ingredient/ingredient.js';
import { saysAll } from '../portion/pack-label.js';
import type { PortionLine } from '../portion/portion.js';
import type { Finding } from '../verdict.js';
import { isDiet } from './diet.params.js';
import { meetAllergen } from './meet-allergen.js';
import { meetDiet } from './meet-diet.js';
import type { Need } from './need.js';
import { ruleLimits } from './rule.params.js';

type RuleNeed = Extract<Need, { kind: 'rule' }>;

/** g per 100 g by its own label, below which nothing of the kind was added; absent where a label does not tell it. */
const figureOf: Readonly<Partial<Record<AllergenId, (ingredient: Ingredient) => number>>> = {
  'added-sugar': ({ per100 }) => per100.sugars ?? 0,
  'added-oil': ({ per100 }) => per100.fat ?? 0,
};

/** How sure it is that something is in a line: by the table or what was written down, by its label, or for want of either. */
function holds(
  line: PortionLine,
  ingredient: Ingredient,
  what: AllergenId,
): 'certain' | 'may' | 'unknown' | 'no' {
  if (ingredient.contains.includes(what) || line.label?.contains.includes(what)) return 'certain';
  if (line.label && saysAll(line.label)) return line.label.askFor.includes(what) ? 'may' : 'no';
  if (ingredient.askFor.includes(what) || line.label?.askFor.includes(what)) return 'may';
  if (ingredient.guessed === undefined) return line.label && line.label.unknown.length > 0 ? 'unknown' : 'no';
  const figure = figureOf[what]?.(ingredient);
  if (figure !== undefined && figure < ruleLimits.noneAddedG) return 'no';
  return ingredient.contains.length > 0 || ingredient.askFor.length > 0 ? 'no' : 'unknown';
}

/** One line against a rule of the household. */
export function meetRule(line: PortionLine, ingredient: Ingredient, need: RuleNeed): Finding | undefined {
  const { rule } = need;
  if (isDiet(rule)) return meetDiet(line, ingredient, { ...need, rule });
  const lower = ingredient.name.toLowerCase();
  const found = (verdict: Finding['verdict'], reason: string): Finding => ({
    verdict,
    reason,
    line: line.id,
    ingredient: ingredient.id,
    need,
    chain: [ingredient.name],
    wouldChange: 'another ingredient',
  });
  const meet = (what: AllergenId, certain: Finding['verdict']): Finding | undefined => {
    const { name } = allergenOf(what);
    switch (holds(line, ingredient, what)) {
      case 'certain':
        return found(certain, `${name} in ${lower}`);
      case 'may':
        return found('ask', `${lower} may hold ${name}: read the label`);
      case 'unknown':
        return found('ask', `whether there is ${name} in ${lower} is not known: read its label`);
      case 'no':
        return undefined;
    }
  };
  switch (rule) {
    case 'no-added-oil':
      return meet('added-oil', 'does-not');
    case 'no-added-sugar':
      return meet('added-sugar', 'does-not');
    case 'gluten-free':
      return meetAllergen(line, ingredient, {
        kind: 'allergen',
        allergen: 'gluten',
        strictness: 'intolerance',
        traces: true,
      });
    case 'small-child':
      return meetPieces(line, ingredient, found) ?? meet('alcohol', 'ask');
    case 'mild':
      return undefined;
  }
}

/** Pieces that a small child can choke on. */
function meetPieces(
  { whole, preparationUnknown }: PortionLine,
  ingredient: Ingredient,
  found: (verdict: Finding['verdict'], reason: string) => Finding,
): Finding | undefined {
  const lower = ingredient.name.toLowerCase();
  const { particleSizeUm, hardness, particles } = ingredient.behaviour;
  if ((whole || preparationUnknown) && isLikenedByNumbers(ingredient))
    return found('ask', `whether there are hard pieces in ${lower} is not known`);
  if (particleSizeUm < ruleLimits.chokingUm || hardness < ruleLimits.chokingHardness || particles !== 'nut')
    return undefined;
  if (whole) return found('does-not', `${lower} in pieces: a choking hazard for a small child`);
  return preparationUnknown ? found('ask', `whether ${lower} stays in pieces is not known`) : undefined;
}
