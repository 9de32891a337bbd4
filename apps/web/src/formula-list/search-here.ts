import { type Ingredient, isOwn, searchIngredients } from '@alterum/core';
import { habitsNow } from '../household/habits';
import { wholeLarder } from '../household/house-larder';
import { isCalled } from './found-sauces';

/** What the larder of this house has for what is typed: what the household wrote down itself and is called so comes first. */
export function searchHere(typed: string): readonly Ingredient[] {
  const found = searchIngredients(wholeLarder(), typed, habitsNow().used);
  const isFirst = ({ id, name }: Ingredient): boolean => isOwn(id) && isCalled(name, typed);
  return [...found.filter(isFirst), ...found.filter((one) => !isFirst(one))];
}
