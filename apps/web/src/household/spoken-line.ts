import { type Ingredient, readAmount, readIngredientLine, type ReadLine, weighedAs } from '@alterum/core';
import { habitsNow } from './habits';
import { wholeLarder } from './house-larder';

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
