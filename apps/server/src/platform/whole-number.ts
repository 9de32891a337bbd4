import { invalidInput } from './failure.js';

/** A whole number from 1 in the query of an address, when it was said. @throws Failure when it is anything else, or larger than `most` */
export function wholeNumberFromQuery(
  query: Readonly<Record<string, unknown>>,
  field: string,
  most: number,
): number | undefined {
  const text = query[field];
  if (text === undefined) return undefined;
  const number = typeof text === 'string' && /^\d{1,16}$/.test(text) ? Number(text) : NaN;
  if (Number.isSafeInteger(number) && number >= 1 && number <= most) return number;
  const upTo = most === Number.MAX_SAFE_INTEGER ? '' : ` to ${most}`;
  throw invalidInput([{ field, message: `“${field}” must be a whole number from 1${upTo}.` }]);
}
