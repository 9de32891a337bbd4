import { whenThere } from '../ui/focus-net';

/** Where the cursor goes on the Bench; elements are found by id so that keys work from anywhere on the page. */
export const amountId = (line: string): string => `amount-${line}`;
export const NAME = 'formula-name';
export const ADD_INGREDIENT = 'add-ingredient';

const focusAmount = (line: string): void => document.getElementById(amountId(line))?.focus();
export const focusName = (): void => document.getElementById(NAME)?.focus();
/** It is fetched a moment after the list. */
export const focusAddIngredient = (): void => whenThere(`#${ADD_INGREDIENT} input`, (field) => field.focus());
/** For a line that is drawn only in the next frame. */
export const focusAmountSoon = (line: string): void => void requestAnimationFrame(() => focusAmount(line));
