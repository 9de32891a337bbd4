import type { Ingredient } from '../../ingredient/ingredient.js';
import type { Recipe, RecipeLine } from '../../recipe/recipe.js';
import type { Family } from '../../brief/family.js';
import { sensibleShare } from './sensible-share.params.js';
import { BULKY_FROM, SIGNATURE_FROM, SWIMS_FROM } from './identity.params.js';

/** What a dish is, apart from its amounts. */
export interface Dish {
  readonly recipe: Recipe;
  readonly family: Family;
  /** As the cook calls it; what it names it is known by. */
  readonly name?: string;
}

/** Words that name no ingredient by themselves. @source assumed: words of kinds, forms and ways of making */
const SAYS_NOTHING = new Set(
  'sauce cream cheese melt spread butter dip dressing topping curd milk drink white dried fresh ground flour starch seed nut boiled roasted cooked canned raw plain sweet oil powder water juice house friday table soft smooth free with without bake pasta soup plant'.split(
    ' ',
  ),
);
const SHORTEST = 3;

const wordsOf = (text: string): readonly string[] =>
  (text.toLowerCase().match(/\p{L}+/gu) ?? [])
    .map((word) => (word.length > SHORTEST + 1 ? word.replace(/(?<!s)s$/, '').replace(/oe$/, 'o') : word))
    .filter((word) => word.length >= SHORTEST && !SAYS_NOTHING.has(word));

/** Whether the name of a dish names an ingredient. */
function names(words: ReadonlySet<string>, { ingredient }: RecipeLine): boolean {
  const [main = ''] = ingredient.name.split(/[,(]/);
  return (
    [main, ...ingredient.otherNames].some((name) => {
      const own = wordsOf(name);
      return own.length > 0 && own.every((word) => words.has(word));
    }) || wordsOf(main).some((word) => words.has(word))
  );
}

/** How much a line counts as the body of a dish: by its mass and by what it brings beside water. */
const bodyWeight = ({ ingredient, mass }: RecipeLine): number =>
  mass * Math.sqrt(Math.max(0, 1 - (ingredient.per100.water ?? 0) / 100));

/** What is there for its taste. */
export const isFlavour = ({ role, shelf }: Ingredient): boolean =>
  role === 'savory' || shelf === 'herbs and spices';

/**
 * How much a dish is known by each of its lines, 0..1: the largest body, the liquid it swims in, the fat of what is mostly fat, the flavour
 * that stands out, and whatever its name says. What is nearly as much as the largest counts nearly as much.
 */
export function knownBy({ recipe: { lines }, family, name = '' }: Dish): readonly number[] {
  const batchG = lines.reduce((all, { mass }) => all + mass, 0);
  const words = new Set(wordsOf(name));
  const against = (
    weight: (line: RecipeLine) => number,
    counts: (line: RecipeLine) => boolean,
    least = 0,
  ) => {
    const most = Math.max(least, ...lines.map((line) => (counts(line) ? weight(line) : 0)));
    return lines.map((line) => (most > 0 && counts(line) ? (weight(line) / most) ** 2 : 0));
  };
  const of = (role: RecipeLine['ingredient']['role']) => (line: RecipeLine) => line.ingredient.role === role;
  const mass = (line: RecipeLine) => line.mass;
  const parts = [
    against(bodyWeight, of('body')),
    // A third of the bowl is what it is, however watery: the cucumber of a yogurt dip.
    lines.map((line) =>
      line.ingredient.role === 'body' ? Math.min(1, line.mass / (BULKY_FROM * batchG)) ** 2 : 0,
    ),
    against(mass, of('liquid'), SWIMS_FROM * batchG),
    against(
      (line) => line.mass / batchG / sensibleShare(line.ingredient, family),
      ({ ingredient }) => isFlavour(ingredient),
      SIGNATURE_FROM,
    ),
    // What is mostly fat is known by its fat.
    against(mass, of('fat'), family === 'butter-with-fat' ? 0 : batchG / 2),
    lines.map((line) => (words.size > 0 && names(words, line) ? 1 : 0)),
  ];
  return lines.map((_line, i) => Math.max(...parts.map((part) => part[i] ?? 0)));
}
