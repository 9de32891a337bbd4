import type { Formula, Line } from '../formula/formula.js';
import { methodOfFormula } from '../formula/method/method-of-formula.js';
import { type LarderLookup, recipeOfFormula } from '../formula/recipe-of-formula.js';
import type { Ingredient } from '../ingredient/ingredient.js';
import { gramsOf } from '../quantity/amount.js';
import type { Kitchen } from '../quantity/kitchen.js';
import { madeBefore } from '../recipe/made-before.js';
import type { OperationKindId } from '../recipe/method/operation-kinds.js';
import { choiceOf, type Method, type Operation } from '../recipe/method/operation.js';
import { amountOfThing, type AmountSaid, amountSaid } from './amount-said.js';

/** One thing that goes in, in words. */
export interface ThingSaid {
  readonly line: string;
  readonly ingredient: Ingredient | undefined;
  /** As it stands in a list: "White beans, boiled". */
  readonly name: string;
  /** As it stands in a sentence: "white beans"; told apart from others of that name. */
  readonly short: string;
  /** Absent where the cook has said none yet, or its weight is not known. */
  readonly amount?: AmountSaid;
  /** g as bought or as weighed before it is made ready. */
  readonly grams?: number;
  /** The amount is that of the thing made ready. */
  readonly weighedReady: boolean;
  /** What was done to it before: "drained", "boiled". */
  readonly made?: string;
  readonly stage: Line['stage'];
  readonly role: Line['role'];
}

/** What a thing is called once that was done to it; absent is no other thing for it. */
const doneWords: Partial<Record<OperationKindId, (operation: Operation) => string>> = {
  soak: (operation) => (choiceOf(operation, 'water') === 'kept' ? 'soaked' : 'drained'),
  'boil-soft': () => 'boiled',
  roast: () => 'roasted',
  fry: () => 'fried',
  trim: () => 'peeled',
  pluck: () => 'plucked',
  drain: (operation) => (choiceOf(operation, 'rinse') === 'rinsed' ? 'rinsed' : 'drained'),
  press: () => 'pressed',
  salt: () => 'salted',
  swell: () => 'swollen',
  cut: () => 'cut',
};

/** "drained", "boiled"; undefined where nothing is done to it before. */
export function madeSaid(ready: Method): string | undefined {
  const words = ready.flatMap((operation) => doneWords[operation.kind]?.(operation) ?? []);
  return words.at(-1);
}

/** A name in the flow of a sentence: without what stands behind its comma; a sauce of one's own keeps its capital letters. */
const shortOf = (ingredient: Ingredient): string =>
  madeBefore(ingredient) ? ingredient.name : (ingredient.name.split(',')[0] ?? ingredient.name).toLowerCase();

/** The whole name where another thing in the pot has the same first word: "light miso (barley)". */
function toldApart({ name }: Ingredient): string {
  const [head = name, ...rest] = name.split(',');
  return rest.length > 0 ? `${head} (${rest.join(',').trim()})`.toLowerCase() : name.toLowerCase();
}

const NOT_KNOWN = 'something that is not in the larder';

/** Names as sentences say them, one a thing; those that would be the same are told apart. */
function shortNames(ingredients: readonly (Ingredient | undefined)[]): readonly string[] {
  const names = ingredients.map((ingredient) => (ingredient ? shortOf(ingredient) : NOT_KNOWN));
  return ingredients.map((ingredient, i) => {
    const alike = names.some(
      (name, k) => k !== i && name === names[i] && ingredients[k]?.id !== ingredient?.id,
    );
    return ingredient && alike && !madeBefore(ingredient) ? toldApart(ingredient) : names[i]!;
  });
}

/** What goes into a pot in words, by line. @param share how many times as much of it is made as is written */
export function thingsSaid(
  formula: Formula,
  larder: LarderLookup,
  kitchen: Kitchen | undefined,
  share = 1,
): ReadonlyMap<string, ThingSaid> {
  const { readyOf } = methodOfFormula(formula, larder),
    { recipe, lineIds } = recipeOfFormula(formula, larder);
  const ingredients = formula.lines.map(({ ingredient }) => larder(ingredient)),
    shorts = shortNames(ingredients);
  return new Map(
    formula.lines.map((line, i): [string, ThingSaid] => {
      const mass = recipe.lines[lineIds.indexOf(line.id)]?.mass;
      return [line.id, thingSaid(line, ingredients[i], shorts[i]!, readyOf(line), mass, kitchen, share)];
    }),
  );
}

/** One line in words. @param mass g before it is made ready; undefined where it is not known */
export function thingSaid(
  line: Line,
  ingredient: Ingredient | undefined,
  short: string,
  ready: Method,
  mass: number | undefined,
  kitchen: Kitchen | undefined,
  share = 1,
): ThingSaid {
  const made = madeSaid(ready),
    weighedReady = line.weighed === 'ready' && made !== undefined;
  const written = line.amount && {
    ...line.amount,
    value: line.amount.value * share,
    ...(line.amount.range
      ? { range: { low: line.amount.range.low * share, high: line.amount.range.high * share } }
      : {}),
  };
  const grams = mass === undefined ? undefined : mass * share;
  return {
    line: line.id,
    ingredient,
    name: ingredient?.name ?? NOT_KNOWN,
    short,
    weighedReady,
    stage: line.stage,
    role: line.role,
    ...(grams === undefined ? {} : { grams }),
    ...(written && grams !== undefined && ingredient
      ? {
          amount: amountSaid(
            written,
            gramsOf(written, ingredient.measures) ?? grams,
            ingredient.measures,
            kitchen,
          ),
        }
      : {}),
    ...(made === undefined ? {} : { made }),
  };
}

export const shortName = (ingredient: Ingredient | undefined): string =>
  ingredient ? shortOf(ingredient) : NOT_KNOWN;

/** "364 g coconut drink (1 1/2 cups)"; a thing without amount asks for it. */
export const withAmount = ({ amount, short }: ThingSaid): string =>
  amount ? amountOfThing(amount, short) : `${short} (no amount is said yet)`;

/** As it goes in, with what was done to it before: "the drained cashews (from 100 g)". */
export function asItGoesIn(thing: ThingSaid): string {
  const { made, short, amount, weighedReady } = thing;
  if (made === undefined) return withAmount(thing);
  const of = amount ? (amount.byMeasure ? `${amount.measure}, ${amount.weight}` : amount.weight) : undefined;
  return `the ${made} ${short}${of === undefined ? '' : weighedReady ? ` (${of} of it)` : ` (from ${of})`}`;
}
