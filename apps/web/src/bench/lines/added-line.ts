import {
  type Ingredient,
  type Line,
  readAmount,
  readIngredientLine,
  type ReadLine,
  weighedAs,
} from '@alterum/core';
import { nanoid } from 'nanoid';
import { habitsNow } from '../../household/habits';
import { wholeLarder } from '../../household/house-larder';
import { take } from '../../open-formula/bench-store';
import { focusAmountAfter } from '../../open-formula/focus';

/** A line that waits for its amount, unless one was said: nothing is made up. */
function lineOf(ingredient: Ingredient, said: ReadLine | undefined): Line {
  return {
    id: nanoid(),
    ingredient: ingredient.id,
    amount: said?.written,
    role: ingredient.role,
    preparation: said?.preparation ?? 'as-is',
    stage: 'start',
    ...(said?.ready ? { ready: said.ready } : {}),
  };
}

/** How sure a name has to be for a line that comes along without being chosen. */
const SURE = 0.8;

/** What else was said in one go: the water that starch is stirred into, the zest beside the juice. */
function alsoSaid(typed: string): readonly Line[] {
  const [, ...more] = readIngredientLine(typed, wholeLarder(), undefined, habitsNow());
  return more.flatMap((line) =>
    line.ingredient && line.written && line.confidence >= SURE ? [lineOf(line.ingredient, line)] : [],
  );
}

/** The cursor goes to the amount; where one was said, it stays for the next ingredient, and what else was said comes along in the same step. */
export function add(ingredient: Ingredient, said?: ReadLine, typed = ''): void {
  const line = lineOf(ingredient, said),
    steps = [line, ...(said ? alsoSaid(typed) : [])].map((one) => ({ step: 'add-line' as const, line: one }));
  const put = () => take({ step: 'several', steps });
  if (line.amount === undefined) focusAmountAfter(put, line.id);
  else put();
}

/** "150 g cashews, soaked", "150 ca": an amount with its thing, in one go. */
export function spokenLine(typed: string): ReadLine | undefined {
  const [line] = /\p{L}{2}/u.test(typed)
    ? readIngredientLine(typed, wholeLarder(), undefined, habitsNow())
    : [];
  return line?.amount ? line : undefined;
}

/** A bare number is pieces or grams as in the field of an amount. */
function withBareAmount(line: ReadLine): ReadLine {
  const { amount, unit, ingredient, spoken } = line;
  // Half a lemon that is juiced has its weight already.
  if (!amount || !spoken || unit !== undefined || !ingredient || amount.low !== amount.high) return line;
  const outcome = readAmount(String(amount.mid), ingredient.measures);
  return outcome.kind === 'amount' ? { ...line, written: outcome.amount } : line;
}

/** The line that was said, of the thing that was chosen; undefined where no amount was said. */
export function saidOf(
  said: ReadLine | undefined,
  ingredient: Ingredient,
  typed: string,
): ReadLine | undefined {
  if (!said) return undefined;
  if (said.ingredient?.id === ingredient.id) return withBareAmount(said);
  const habits = habitsNow();
  const [line = said] = readIngredientLine(typed, [ingredient], undefined, habits);
  if (line.ingredient || !said.spoken) return withBareAmount(line);
  // Its name is hardly begun: it is chosen all the same.
  const written = weighedAs(said.spoken, ingredient, habits.kitchen)?.written;
  return withBareAmount({ ...said, ingredient, written });
}
