import { type DishContent, storedShape } from '@alterum/contract';

/** What is written of a dish, but for its name. */
export const dishShape = storedShape<Omit<DishContent, 'name'>>('a dish', {
  to: 2,
  name: 'versions of a dish',
  up: (old: object) => ({ ...old, kept: [] }),
});
