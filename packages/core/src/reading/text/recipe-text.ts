import type { Ingredient } from '../../ingredient/ingredient.js';
import type { Habits } from '../habits.js';
import { readMethod, type ReadStep } from '../method/method-sentences.js';
import { beginsLikeIngredient, type Range, readIngredientLine, type ReadLine } from './ingredient-line.js';
import { headingOf } from './heading.js';
import { portionsOf } from './portions-text.js';
import type { RecipeParts, Unread } from './recipe-parts.js';
import { tidyLine, tidyLines } from './tidy-text.js';

/** A recipe as far as it was understood. Nothing of the text is lost: what is no line and no step is `unread`. */
export interface ReadRecipe {
  readonly name: string | undefined;
  readonly portions: Range | undefined;
  /** With ids `line-0`, `line-1`, … in their order. */
  readonly lines: readonly (ReadLine & { readonly id: string })[];
  readonly method: readonly ReadStep[];
  readonly unread: readonly Unread[];
}

/** Lines of a list that are read, and letters of a line. */
const MOST_LINES = 300,
  LONGEST_LINE = 2000;

/** What comes of the parts of a recipe. */
export function readParts(
  parts: RecipeParts,
  larder: readonly Ingredient[],
  habits: Habits = {},
): ReadRecipe {
  const lines: (ReadLine & { id: string })[] = [],
    unread: Unread[] = [...(parts.unread ?? [])];
  let section: string | undefined;
  for (const text of parts.ingredients.slice(MOST_LINES))
    unread.push({ text, why: `beyond the first ${MOST_LINES} lines, more than a recipe has` });
  for (const text of parts.ingredients.slice(0, MOST_LINES)) {
    const trimmed = tidyLine(text).slice(0, LONGEST_LINE);
    if (trimmed === '') continue;
    const heading = headingOf(trimmed);
    if (heading !== undefined && !beginsLikeIngredient(trimmed)) {
      section = heading;
      continue;
    }
    for (const line of readIngredientLine(trimmed, larder, section, habits))
      lines.push({ ...line, id: `line-${lines.length}` });
  }
  const named = lines.map(({ id, name, ingredient }) => ({
    id,
    name: name === '' ? (ingredient?.name ?? '') : name,
  }));
  return {
    name: parts.name?.trim().slice(0, 120) || undefined,
    portions: portionsOf(parts.portions),
    lines,
    method: readMethod(tidyLines(parts.steps.join('\n')), named),
    unread,
  };
}
