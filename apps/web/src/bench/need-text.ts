import { allergenOf, type Need } from '@alterum/core';
import { findIngredient } from '../app/house-larder';

/** A need in a few words: "tree nuts", "milk, traces", "dislikes nutritional yeast", "salt to 1.3 g". */
export const needText = (need: Need): string => {
  if (need.kind === 'salt-limit') return `salt to ${need.gramsPerPortion} g`;
  const what =
    need.kind === 'allergen'
      ? allergenOf(need.allergen).name
      : (findIngredient(need.ingredient)?.name.toLowerCase() ?? need.ingredient);
  if (need.strictness === 'dislike') return `dislikes ${what}`;
  return need.kind === 'allergen' && need.traces ? `${what}, traces` : what;
};
