import { dishBodyOf, type KeptDishView } from '@alterum/contract';
import type { WrittenDish } from '@alterum/core';
import type { DishRow } from './dish.row.js';

export const viewOfDishRow = ({ id, version, name, content, updatedAt }: DishRow): KeptDishView => ({
  id,
  version,
  name,
  ...content,
  updatedAt: updatedAt.toISOString(),
});

export function columnsOfDish(dish: WrittenDish) {
  const { name, ...content } = dishBodyOf(dish);
  return { name, content };
}
