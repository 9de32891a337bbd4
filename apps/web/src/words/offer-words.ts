import type { MethodEdit } from '@alterum/core';
import { findIngredient } from '../household/house-larder';

const nameOf = (id: string): string => findIngredient(id)?.name.split(',')[0]?.toLowerCase() ?? id;

/** What would be done otherwise, as an order to the cook. */
export function offerWords(edit: MethodEdit): string {
  switch (edit.kind) {
    case 'boil-down':
      return `Boil it down ${edit.minutes} minutes more`;
    case 'serve':
      return `Serve it at ${Math.round(edit.toC)} instead of ${Math.round(edit.fromC)} °C`;
    case 'later':
      return `Put the ${nameOf(edit.ingredient)} in after the heat`;
    case 'blend-longer':
      return `Blend ${edit.seconds} seconds longer`;
    case 'soak-hot':
      return `Soak the ${nameOf(edit.ingredient)} ${edit.minutes} minutes under boiling water`;
    case 'heat-gently':
      return `Heat it gently, ${edit.rateCPerMin} °C a minute`;
  }
}
