import { type Grams, grams } from './quantity.js';
import { type UnitId, unitOf } from './unit.js';

/** What turns spoons, cups and pieces of one ingredient into grams. */
export interface Measures {
  /** Bulk density as spooned or poured, g/mL; absent when nobody measures it by volume. */
  readonly density?: number;
  /** Grams of one counted piece, by count unit. */
  readonly pieces?: Readonly<Partial<Record<UnitId, number>>>;
}

/** g in one of the unit for this ingredient, or undefined when its weight in that unit is not known. */
export function gramsPerUnit(measures: Measures, unit: UnitId): Grams | undefined {
  const row = unitOf(unit);
  switch (row.kind) {
    case 'mass':
      return grams(row.size);
    case 'volume':
      return measures.density === undefined ? undefined : grams(row.size * measures.density);
    case 'count': {
      const piece = measures.pieces?.[unit];
      return piece === undefined ? undefined : grams(piece);
    }
  }
}
