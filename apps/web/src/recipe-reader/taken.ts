import type { Ingredient, ReadRecipe, TakenLine } from '@alterum/core';

/** How sure a name must be to be taken without a look. @source assessed on recipes as they are written */
export const SURE = 0.7;

/** What the cook said of a line that was read: another ingredient, or that it is left out. */
export type Choices = ReadonlyMap<string, string | undefined>;

type Read = ReadRecipe['lines'][number];

/** Where a line stands: taken, taken but to be looked at, or left out until somebody says what it is. */
export type LineStanding = 'sure' | 'look' | 'unknown' | 'out';

export function standingOf(line: Read, choices: Choices): LineStanding {
  if (choices.has(line.id)) return choices.get(line.id) === undefined ? 'out' : 'sure';
  if (!line.ingredient) return 'unknown';
  return line.confidence >= SURE ? 'sure' : 'look';
}

/** Id of the ingredient a line goes in as; undefined leaves it out. */
export const ingredientOf = (line: Read, choices: Choices): string | undefined =>
  choices.has(line.id) ? choices.get(line.id) : line.ingredient?.id;

export const takenLines = ({ lines }: ReadRecipe, choices: Choices): readonly TakenLine[] =>
  lines.map((line) => ({ id: line.id, ingredient: ingredientOf(line, choices) }));

/** Ingredients a line may be, each once, likeliest first. */
export function mayBe(line: Read, find: (id: string) => Ingredient | undefined): readonly Ingredient[] {
  const all = [
    ...(line.ingredient ? [line.ingredient] : []),
    ...line.others,
    ...line.alternatives.flatMap(({ ingredient }) => ingredient ?? []),
  ];
  return [...new Set(all.map(({ id }) => id))].flatMap((id) => find(id) ?? []);
}
