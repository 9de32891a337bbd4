import { tidyLine } from './tidy-text.js';
import { plainSpelling } from '../amount/spoken-number.js';
import { stepVerbs } from '../method/method-words.params.js';
import { headingOf } from './heading.js';
import { beginsLikeIngredient } from './ingredient-line.js';
import { portionsOf } from './portions-text.js';
import type { RecipeParts, Unread } from './recipe-parts.js';

/** Letters of a text that are read. */
export const LONGEST_RECIPE = 200_000;

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

type Where = 'start' | 'ingredients' | 'method' | 'notes';

/** What has been found above a line. */
interface Above {
  readonly where: Where;
  readonly hasName: boolean;
  readonly hasIngredients: boolean;
}

/** What a line is taken for. */
type TakenFor =
  | { readonly kind: 'head'; readonly where: Where }
  | { readonly kind: 'name' | 'portions' | 'ingredient' | 'step' }
  | { readonly kind: 'unread'; readonly why: string };

const isProse = (text: string): boolean => text.split(/\s+/).length > 14;
/** Short, and no sentence. */
const isTitle = (text: string): boolean => text.split(/\s+/).length <= 9 && !/[.!?]\s+\S/.test(text);
/** Whether a line stands in a list of ingredients. */
const isIngredientLike = (text: string): boolean =>
  (beginsLikeIngredient(text) && !/^\d+[.)]\s+[A-Z][a-z]+ (?:the|a|all|in|to|until|it)\b/.test(text)) ||
  /^[-*•·▢□☐◦]\s*\S/.test(text);
const NUMBERED = /^\d+[.)]\s+/;
const beginsWithVerb = (text: string): boolean => stepVerbs.test(text.replace(/^\d+[.)]\s*/, ''));

/** A line that says something of the whole recipe, wherever it stands. */
function ofTheWhole(plain: string, { where }: Above): TakenFor | undefined {
  if (INGREDIENTS_HEAD.test(plain)) return { kind: 'head', where: 'ingredients' };
  if (METHOD_HEAD.test(plain)) return { kind: 'head', where: 'method' };
  if (NOTES_HEAD.test(plain)) return { kind: 'head', where: 'notes' };
  if (PORTIONS.test(plain) && where !== 'method') {
    if (!isProse(plain) && portionsOf(plain)) return { kind: 'portions' };
    if (/^(?:makes|yields?)\b/i.test(plain))
      return { kind: 'unread', why: 'says how much comes out, not for how many' };
  }
  return TIMES.test(plain) ? { kind: 'unread', why: 'a time of the whole recipe' } : undefined;
}

/** A line that is a step although no head of the method stands above it. */
const isStep = (plain: string, { hasIngredients }: Above): boolean =>
  (NUMBERED.test(plain) && beginsWithVerb(plain)) ||
  (stepVerbs.test(plain) && (isProse(plain) || hasIngredients) && plain.split(/\s+/).length > 3);

function takenFor(plain: string, above: Above): TakenFor {
  const whole = ofTheWhole(plain, above);
  if (whole) return whole;
  const { where, hasName } = above;
  if (where === 'notes') return { kind: 'unread', why: 'a note' };
  if (where === 'method') return { kind: 'step' };
  if (isIngredientLike(plain) && !(isProse(plain) && beginsWithVerb(plain))) return { kind: 'ingredient' };
  if (isStep(plain, above)) return { kind: 'step' };
  if (headingOf(plain) !== undefined) return { kind: 'ingredient' };
  if (!hasName && where === 'start' && isTitle(plain)) return { kind: 'name' };
  if (isProse(plain)) return { kind: 'unread', why: 'reads like a story, not like a line or a step' };
  return where === 'ingredients'
    ? { kind: 'ingredient' }
    : { kind: 'unread', why: 'is neither an ingredient nor a step' };
}

/** The lines of a text without what is no words: control characters, marks of hidden text and of headings. */
const linesOf = (text: string): readonly string[] =>
  text
    .slice(0, LONGEST_RECIPE)
    .split(/\r\n?|\n/)
    .map((written) =>
      tidyLine(written)
        .replace(/^#+\s*/, '')
        .replace(/\*\*/g, '')
        .trim(),
    )
    .filter((line) => line !== '');

/** The parts of a recipe that is written as plain text. */
export function partsOfText(text: string): RecipeParts {
  const ingredients: string[] = [],
    steps: string[] = [],
    unread: Unread[] = [];
  let name: string | undefined,
    portions: string | undefined,
    where: Where = 'start';
  for (const line of linesOf(text)) {
    const plain = plainSpelling(line),
      taken = takenFor(plain, {
        where,
        hasName: name !== undefined,
        hasIngredients: ingredients.length > 0,
      });
    if (taken.kind === 'head') where = taken.where;
    else if (taken.kind === 'unread') unread.push({ text: line, why: taken.why });
    else if (taken.kind === 'portions') portions ??= plain;
    else if (taken.kind === 'name') name = line.replace(/:$/, '');
    else if (taken.kind === 'step') {
      where = 'method';
      steps.push(line);
    } else {
      where = 'ingredients';
      ingredients.push(line);
    }
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
