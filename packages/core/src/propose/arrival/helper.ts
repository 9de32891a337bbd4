import type { Ingredient } from '../../ingredient/ingredient.js';
import { ingredientById } from '../../larder/catalog/larder-table.js';
import type { RailId } from '../../property/properties.js';
import { grams } from '../../quantity/quantity.js';
import type { Recipe, RecipeLine } from '../../recipe/recipe.js';
import { isWorseRegard, type People, regardsOf, worstOf } from './regard.js';
import { mayBeInHouse } from './in-house.js';
import { helpers, onlyCooked, thinners } from './helper.params.js';
import { stageOf } from './stage.js';

/** One thing beside what is in the pot, with nothing of it yet. */
export const helperLine = (ingredient: Ingredient): RecipeLine => ({
  ingredient,
  mass: grams(0),
  preparation: 'as-is',
  stage: stageOf(ingredient, 'start'),
});

interface HelperAsk extends People {
  readonly recipe: Recipe;
  readonly inHouse?: ReadonlySet<string>;
}

/** What a pot has too little of, and too much of. */
export interface Lacks {
  readonly short: readonly RailId[];
  readonly over: readonly RailId[];
}

/** Whether this pot makes it what it is eaten as. */
const isCookedIn = (id: string, { process }: Recipe): boolean =>
  process.maxTemperatureC >= onlyCooked.fromC || !onlyCooked.ids.some((one) => one === id);

/** What could help a pot that has too little or too much of something: not in it yet, in the house as far as that is known, eaten as this pot makes it, and no question to anybody. */
export function helpersFor({ short, over }: Lacks, request: HelperAsk): readonly Ingredient[] {
  const there = new Set(request.recipe.lines.map(({ ingredient }) => ingredient.id));
  const ids = new Set([
    ...short.flatMap((rail) => helpers[rail] ?? []),
    ...over.flatMap((rail) => thinners[rail] ?? []),
  ]);
  return [...ids].flatMap((id) => {
    const ingredient = ingredientById(id);
    if (!ingredient || there.has(id) || !mayBeInHouse(request.inHouse, id)) return [];
    if (!isCookedIn(id, request.recipe)) return [];
    return isWorseRegard(worstOf(regardsOf(ingredient, request)), 'clear') ? [] : [ingredient];
  });
}
