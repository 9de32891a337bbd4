export const operationId = (at: number): string => `operation-${at}`;

/** Place of the operation that is to have the focus once the strip is drawn with it. */
let wanted: number | undefined;

/** Focus goes to an operation of the strip, which is drawn a moment later. */
export const focusOperation = (at: number): void => {
  wanted = at;
};

/** Called when the strip is drawn anew. */
export function focusWanted(): void {
  if (wanted === undefined) return;
  const there = document.getElementById(operationId(wanted));
  wanted = undefined;
  there?.focus();
}
