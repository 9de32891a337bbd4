export const operationId = (at: number): string => `operation-${at}`;

/** Focus on an operation of the strip, once it is drawn. */
export const focusOperation = (at: number): void => {
  requestAnimationFrame(() => document.getElementById(operationId(at))?.focus());
};
