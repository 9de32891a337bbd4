/** Where the cursor goes on the Bench; elements are found by id so that keys work from anywhere on the page. */
export const amountId = (line: string): string => `amount-${line}`;
export const NAME = 'formula-name';
export const ADD_INGREDIENT = 'add-ingredient';

export const focusAmount = (line: string): void => document.getElementById(amountId(line))?.focus();
export const focusName = (): void => document.getElementById(NAME)?.focus();
/** How often the field is looked for, and how long between, ms: it is loaded a moment after the list. */
const TRIES = 40,
  WAIT_MS = 50;
export function focusAddIngredient(): void {
  const look = (left: number): void => {
    const field = document.querySelector<HTMLInputElement>(`#${ADD_INGREDIENT} input`);
    if (field) field.focus();
    else if (left > 0) setTimeout(() => look(left - 1), WAIT_MS);
  };
  look(TRIES);
}
/** For a line that is drawn only in the next frame. */
export const focusAmountSoon = (line: string): void => void requestAnimationFrame(() => focusAmount(line));
