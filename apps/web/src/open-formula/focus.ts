import { flushSync } from 'react-dom';
import { whenThere } from '../ui/focus-net';

/** Where the cursor goes on the Bench; elements are found by id so that keys work from anywhere on the page. */
export const amountId = (line: string): string => `amount-${line}`;
export const NAME = 'formula-name';
export const ADD_INGREDIENT = 'add-ingredient';

function focusAmount(line: string): boolean {
  const field = document.getElementById(amountId(line));
  field?.focus();
  return field !== null;
}
export const focusName = (): void => document.getElementById(NAME)?.focus();
/** It is fetched a moment after the list. */
export const focusAddIngredient = (): void => whenThere(`#${ADD_INGREDIENT} input`, (field) => field.focus());
/** For a line that is drawn only in the next frame. */
export const focusAmountSoon = (line: string): void => void requestAnimationFrame(() => focusAmount(line));
/** Draws a change at once and goes to the amount of a line that came with it: the next key is meant for that. */
export function focusAmountAfter(change: () => void, line: string): void {
  flushSync(change);
  if (!focusAmount(line)) focusAmountSoon(line);
}
