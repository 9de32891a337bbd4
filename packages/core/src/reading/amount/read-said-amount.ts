import type { Ingredient } from '../../ingredient/ingredient.js';
import {
  type AmountHabits,
  type AmountOutcome,
  gramsOf,
  LARGEST_LINE_G,
  readAmount,
} from '../../quantity/amount.js';
import { weighedAs } from '../text/ingredient-line.js';
import { plainSpelling } from './spoken-number.js';
import { spokenAmount } from './spoken-amount.js';

/** Stands behind an amount that is said alone: "a handful" of it. */
const OF_IT = ' of it';

/**
 * Reads the amount of a known ingredient as a cook types or says it: what `readAmount` reads, and else "4-5 cloves", "a handful",
 * "two heaped tbsp", "about 200 g".
 */
export function readSaidAmount(
  text: string,
  ingredient: Ingredient,
  habits: AmountHabits = {},
): AmountOutcome {
  const plain = readAmount(text, ingredient.measures, habits);
  if (plain.kind === 'amount') return plain;
  const said = spokenAmount(`${plainSpelling(text)}${OF_IT}`, habits.kitchen);
  if (!said || !/^(?:of )?it$/.test(said.rest)) return plain;
  const amount = weighedAs(said, ingredient, habits.kitchen)?.written,
    grams = gramsOf(amount, ingredient.measures);
  if (!amount || grams === undefined || grams > LARGEST_LINE_G) return plain;
  return { kind: 'amount', amount, grams };
}
