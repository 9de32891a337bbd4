import type { Ingredient } from '../ingredient/ingredient.js';
import type { Habits } from './habits.js';
import { partsOfText } from './text/parts-of-text.js';
import { readParts, type ReadRecipe } from './text/recipe-text.js';
import { partsOfJson, partsOfPage, plainText } from './text/structured-recipe.js';

/** What a recipe was written in. */
export type RecipeSource = { readonly text: string } | { readonly html: string };

const LOOKS_LIKE_PAGE = /<(?:html|head|body|script|div|ul|li|p|br|article)\b/i;

/**
 * A recipe as far as it can be understood, from a message, a file of linked data or the source of a page. Pure: the same text reads
 * the same in the page and on the server.
 * @param habits what the household means where the text leaves it open
 */
export function readRecipe(
  source: RecipeSource,
  larder: readonly Ingredient[],
  habits: Habits = {},
): ReadRecipe {
  const written = 'html' in source ? source.html : source.text;
  const structured =
    partsOfJson(written) ?? (LOOKS_LIKE_PAGE.test(written) ? partsOfPage(written) : undefined);
  if (structured && structured.ingredients.length > 0) return readParts(structured, larder, habits);
  return readParts(partsOfText(LOOKS_LIKE_PAGE.test(written) ? plainText(written) : written), larder, habits);
}
