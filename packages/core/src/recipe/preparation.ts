/** How a line was made ready before the pot. */
export interface PreparationKind {
  /** As a cook says it, after the name of the thing. */
  readonly name: string;
  /** What is to be done ahead, as an order; absent where nothing is. */
  readonly ahead?: string;
  /** min from raw to ready; absent where it depends on the thing (`larder/preparation`). @source assumed: cashews, beans and roots in pieces, at the boil */
  readonly minutes?: number;
}

/** Every preparation the model knows, in the order in which they are offered. */
export const preparationKinds = {
  'as-is': { name: 'as it is', minutes: 0 },
  soaked: { name: 'soaked', ahead: 'soak' },
  boiled: { name: 'boiled soft', ahead: 'boil', minutes: 20 },
} as const satisfies Record<string, PreparationKind>;

export type Preparation = keyof typeof preparationKinds;
export const preparations = Object.keys(preparationKinds) as Preparation[];
export const preparationOf = (id: Preparation): PreparationKind => preparationKinds[id];
