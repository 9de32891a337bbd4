import type { Telling } from '@alterum/core';
import { kitchenNow } from '../household/habits';
import { knownToDish } from '../household/known-to-dish';

/** What the writer is told with: what this house knows, and its spoons and cups. */
export const tellingHere = (warmingApart = false): Telling => ({
  known: knownToDish(),
  kitchen: kitchenNow(),
  warmingApart,
});
