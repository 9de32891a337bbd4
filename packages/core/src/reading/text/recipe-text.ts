import type { Ingredient } from '../../ingredient/ingredient.js';
import type { Habits } from '../habits.js';
import { plainSpelling, spokenNumber } from '../amount/spoken-number.js';
import { readMethod, type ReadStep } from '../method/method-sentences.js';
import { stepVerbs } from '../method/method-words.params.js';
import { beginsLikeIngredient, type Range, readIngredientLine, type ReadLine } from './ingredient-line.js';

/** A line of the text of which nothing was made, and why. */
export interface Unread {
  readonly text: string;
  readonly why: string;
}

/** A recipe as far as it was understood. Nothing of the text is lost: what is no line and no step is `unread`. */
export interface ReadRecipe {
  readonly name: string | undefined;
  readonly portions: Range | undefined;
  /** With ids `line-0`, `line-1`, … in their order. */
  readonly lines: readonly (ReadLine & { readonly id: string })[];
  readonly method: readonly ReadStep[];
  readonly unread: readonly Unread[];
}

/** Parts of a recipe, whatever it was written in. */
export interface RecipeParts {
  readonly name?: string | undefined;
  readonly portions?: string | undefined;
  readonly ingredients: readonly string[];
  readonly steps: readonly string[];
  readonly unread?: readonly Unread[];
}

/** Letters of a text that are read, and lines of it. */
export const LONGEST_RECIPE = 200_000;
const MOST_LINES = 300,
  LONGEST_LINE = 2000;

const METHOD_HEAD =
  /^(?:the )?(?:method|directions?|instructions?|steps?|preparation|how to (?:make|do) (?:it|this)|to make|what to do|procedure)\s*:?\s*$/i;
const INGREDIENTS_HEAD =
  /^(?:the )?(?:ingredients?|you(?:'ll| will)? need|what you(?:'ll)? need|shopping list)(?: list)?\s*(?:\([^)]*\))?\s*:?\s*$/i;
const NOTES_HEAD =
  /^(?:notes?|tips?|recipe notes?|storage|nutrition(?: facts| information)?|equipment|variations?)\s*:?\s*$/i;
const PORTIONS =
  /^(?:(?:serves|serving|servings?|makes|yields?|yield|portions?|feeds|for)\b\s*:?\s*(?:about |approx\.? |around )?(?:\d|one|two|three|four|five|six|eight|ten|twelve).*|(?:\d+(?:\s*(?:-|to)\s*\d+)?|four|six|two|eight)\s+(?:servings?|portions?|people|persons?)\b.*)$/i;
const TIMES =
  /^(?:(?:prep(?:aration)?|cook(?:ing)?|total|active|soak(?:ing)?|ready in|hands[- ]on|rest(?:ing)?|chill(?:ing)?)\s*(?:time)?\s*:?\s*\d.*)$/i;
const HEADING = /^(?:for (?:the )?)?([\p{L}][\p{L}\p{N} '&\-/]{1,38}?)\s*:$/u;
const FOR_HEADING = /^for the ([\p{L}][\p{L} '&-]{1,38}?)\s*:?$/iu;

function portionsOf(text: string | undefined): Range | undefined {
  if (!text) return undefined;
  const found = /(?:\d|[a-z]).*/i.exec(
    text.replace(/^(?:serves|servings?|serving|makes|yields?|yield|portions?|feeds|for)\b\s*:?\s*/i, ''),
  );
  const number = found && spokenNumber(plainSpelling(found[0]));
  if (!number || number.mid <= 0 || number.mid > 200) return undefined;
  // "Makes 500 ml", "2 cups" are no portions.
  if (/^(?:g|ml|l|cups?|grams?|oz|kg|litres?|liters?|jars?|pints?)\b/i.test(number.rest)) return undefined;
  return { low: number.low, mid: number.mid, high: number.high };
}

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
    const trimmed = text.trim().slice(0, LONGEST_LINE);
    if (trimmed === '') continue;
    const heading = HEADING.exec(trimmed) ?? FOR_HEADING.exec(trimmed);
    if (heading && !beginsLikeIngredient(trimmed)) {
      section = heading[1]!.trim().toLowerCase();
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
    method: readMethod(parts.steps.join('\n'), named),
    unread,
  };
}

type Where = 'start' | 'ingredients' | 'method' | 'notes';

const isProse = (text: string): boolean => text.split(/\s+/).length > 14;
/** Short, and no sentence. */
const isTitle = (text: string): boolean => text.split(/\s+/).length <= 9 && !/[.!?]\s+\S/.test(text);
/** Whether a line stands in a list of ingredients. */
const isIngredientLike = (text: string): boolean =>
  (beginsLikeIngredient(text) && !/^\d+[.)]\s+[A-Z][a-z]+ (?:the|a|all|in|to|until|it)\b/.test(text)) ||
  /^[-*•·▢□☐◦]\s*\S/.test(text);

/** The parts of a recipe that is written as plain text. */
export function partsOfText(text: string): RecipeParts {
  const ingredients: string[] = [],
    steps: string[] = [],
    unread: Unread[] = [];
  let name: string | undefined,
    portions: string | undefined,
    where: Where = 'start';
  for (const written of text.slice(0, LONGEST_RECIPE).split(/\r\n?|\n/)) {
    // Control characters and marks of hidden text are no words.
    const line = written
      .replace(/[\p{Cc}\p{Cf}]/gu, ' ')
      .replace(/^#+\s*/, '')
      .replace(/\*\*/g, '')
      .trim();
    if (line === '') continue;
    const plain = plainSpelling(line);
    if (INGREDIENTS_HEAD.test(plain)) where = 'ingredients';
    else if (METHOD_HEAD.test(plain)) where = 'method';
    else if (NOTES_HEAD.test(plain)) where = 'notes';
    else if (PORTIONS.test(plain) && !isProse(plain) && where !== 'method' && portionsOf(plain))
      portions ??= plain;
    else if (PORTIONS.test(plain) && /^(?:makes|yields?)\b/i.test(plain) && where !== 'method')
      unread.push({ text: line, why: 'says how much comes out, not for how many' });
    else if (TIMES.test(plain)) unread.push({ text: line, why: 'a time of the whole recipe' });
    else if (where === 'notes') unread.push({ text: line, why: 'a note' });
    else if (where === 'method') steps.push(line);
    else if (
      isIngredientLike(plain) &&
      !(isProse(plain) && stepVerbs.test(plain.replace(/^\d+[.)]\s*/, '')))
    ) {
      where = 'ingredients';
      ingredients.push(line);
    } else if (/^\d+[.)]\s+/.test(plain) && stepVerbs.test(plain.replace(/^\d+[.)]\s*/, ''))) {
      where = 'method';
      steps.push(line);
    } else if (
      stepVerbs.test(plain) &&
      (isProse(plain) || ingredients.length > 0) &&
      plain.split(/\s+/).length > 3
    ) {
      where = 'method';
      steps.push(line);
    } else if (HEADING.test(plain) || FOR_HEADING.test(plain)) {
      where = 'ingredients';
      ingredients.push(line);
    } else if (name === undefined && where === 'start' && isTitle(plain)) name = line.replace(/:$/, '');
    else if (where === 'ingredients' && !isProse(plain)) ingredients.push(line);
    else
      unread.push({
        text: line,
        why: isProse(plain)
          ? 'reads like a story, not like a line or a step'
          : 'is neither an ingredient nor a step',
      });
  }
  portions ??= /\(((?:serves|makes|for)\b[^)]*)\)/i.exec(name ?? '')?.[1];
  return {
    name: name?.replace(/\s*\((?:serves|makes|for)\b[^)]*\)/i, ''),
    portions,
    ingredients,
    steps,
    unread,
  };
}

/** A recipe from plain text. */
export const readRecipeText = (text: string, larder: readonly Ingredient[]): ReadRecipe =>
  readParts(partsOfText(text), larder);
