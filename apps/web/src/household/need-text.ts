import { allergenOf, compoundNames, type Need, ruleNames } from '@alterum/core';
import { findIngredient } from './house-larder';

/** A need in a few words: "tree nuts", "milk, traces", "dislikes nutritional yeast", "salt to 1.3 g". */
export function needText(need: Need): string {
  switch (need.kind) {
    case 'salt-limit':
      return `salt to ${need.gramsPerPortion} g`;
    case 'compound':
      return `${compoundNames[need.compound]} to ${need.gramsPerPortion} g`;
    case 'rule':
      return ruleNames[need.rule];
    case 'allergen': {
      const what = allergenOf(need.allergen).name;
      if (need.strictness === 'dislike') return `dislikes ${what}`;
      return need.traces ? `${what}, traces` : what;
    }
    case 'ingredient': {
      const { name = need.ingredient } = findIngredient(need.ingredient) ?? need.what ?? {},
        what = name.toLowerCase();
      return need.strictness === 'dislike' ? `dislikes ${what}` : what;
    }
  }
}
