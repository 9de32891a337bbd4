import type { Role } from '@alterum/core';

/** Where an arrow key begins on a line without amount, g: what a cook would start with. @source assumed */
export const usualGrams: Readonly<Record<Role, number>> = {
  body: 100,
  liquid: 120,
  thickener: 8,
  fat: 14,
  sour: 10,
  savory: 10,
  seasoning: 2,
};
