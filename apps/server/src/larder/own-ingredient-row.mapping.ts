import type { OwnIngredientView } from '@alterum/contract';
import type { OwnIngredientRow } from './own-ingredient.row.js';

export function viewOfOwn(row: OwnIngredientRow): OwnIngredientView {
  const { id, version, name, like, role, label, contains, askFor, density, pricePerKg } = row;
  return {
    id, version, name, label, contains, askFor,
    like: like ?? null, role: role ?? null, density: density ?? null, pricePerKg: pricePerKg ?? null,
  }; // prettier-ignore
}
