import { type DishContent, storedShape } from '@alterum/contract';

/** What is written of a dish, but for its name. */
export const dishShape = storedShape<Omit<DishContent, 'name'>>(
  'a dish',
  {
    to: 2,
    name: 'versions of a dish',
    up: (old: object) => ({ ...old, kept: [] }),
  },
  {
    to: 3,
    name: 'parts that only some eat of',
    // Nobody is named: everybody eats of everything, as before.
    up: (old: object) => old,
  },
);
