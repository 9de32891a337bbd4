import { wholeNumberFromQuery } from './whole-number.js';

/** The version a delete was meant for, when it was said. */
export const versionFromQuery = (text: string | undefined): number | undefined =>
  wholeNumberFromQuery({ version: text }, 'version', Number.MAX_SAFE_INTEGER);
