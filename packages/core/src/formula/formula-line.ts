/** "formula:<id>" as an ingredient is a kept sauce inside a dish. */
const PREFIX = 'formula:';

/** The ingredient that stands for a kept formula. */
export const lineOfFormula = (id: string): string => `${PREFIX}${id}`;

/** The kept formula that an ingredient stands for; undefined for what is none. */
export const formulaInLine = (ingredient: string): string | undefined =>
  ingredient.startsWith(PREFIX) ? ingredient.slice(PREFIX.length) : undefined;
