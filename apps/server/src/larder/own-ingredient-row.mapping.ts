import { labelFromInput, type OwnIngredientBody, type OwnIngredientView } from '@alterum/contract';
import type { OwnIngredientRow } from './own-ingredient.row.js';

export function viewOfOwn(row: OwnIngredientRow): OwnIngredientView {
  const { id, version, name, like, role, label, contains, askFor, density, pricePerKg } = row;
  return {
    id,
    version,
    name,
    label,
    contains,
    askFor,
    like: like ?? null,
    role: role ?? null,
    density: density ?? null,
    pricePerKg: pricePerKg ?? null,
  };
}

/** Columns of an own ingredient from what was sent, without what the server adds. */
export function columnsOfOwn(body: OwnIngredientBody) {
  const { name, like, role, label, contains, askFor, density, pricePerKg } = body;
  return {
    name: name.trim(),
    like: like ?? null,
    role: role ?? null,
    label: labelFromInput(label),
    contains: contains ?? [],
    askFor: askFor ?? [],
    density: density ?? null,
    pricePerKg: pricePerKg ?? null,
  };
}
