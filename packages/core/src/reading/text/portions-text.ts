import { plainSpelling, spokenNumber } from '../amount/spoken-number.js';
import type { Range } from './ingredient-line.js';

/** For how many a text says that a recipe is, as in "serves 4 to 6"; undefined where it says something else, such as how many cups. */
export function portionsOf(text: string | undefined): Range | undefined {
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
