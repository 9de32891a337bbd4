import type { UnitId } from './unit.params.js';

/** What the words for spoons and cups mean in one country's kitchens. */
export interface KitchenRow {
  readonly id: string;
  readonly name: string;
  /** How large its spoons and cups are, as it is said on the screen. */
  readonly says: string;
  readonly tsp: UnitId;
  readonly tbsp: UnitId;
  readonly cup: UnitId;
  readonly floz: UnitId;
  /** mL. */
  readonly pint: number;
  readonly quart: number;
  readonly gallon: number;
}

/** @source S-08: legal and customary kitchen measures of each country */
export const kitchenRows = [
  { id: 'us', name: 'US', says: 'cup 240 ml, tbsp 15 ml', tsp: 'tsp', tbsp: 'tbsp', cup: 'cup', floz: 'floz', pint: 473, quart: 946, gallon: 3785 },
  { id: 'metric', name: 'Metric', says: 'cup 250 ml, tbsp 15 ml', tsp: 'tsp', tbsp: 'tbsp', cup: 'cup-250', floz: 'floz-28', pint: 568, quart: 1137, gallon: 4546 },
  { id: 'australian', name: 'Australian', says: 'cup 250 ml, tbsp 20 ml', tsp: 'tsp', tbsp: 'tbsp-20', cup: 'cup-250', floz: 'floz-28', pint: 568, quart: 1137, gallon: 4546 },
  { id: 'imperial', name: 'Imperial', says: 'cup 284 ml, tbsp 18 ml', tsp: 'tsp-6', tbsp: 'tbsp-18', cup: 'cup-284', floz: 'floz-28', pint: 568, quart: 1137, gallon: 4546 },
] as const satisfies readonly KitchenRow[];

export type Kitchen = (typeof kitchenRows)[number]['id'];
