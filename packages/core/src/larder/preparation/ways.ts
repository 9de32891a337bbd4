import { type EquivalentRow, equivalentRows } from './equivalent.params.js';
import { soak, soakHours } from './soak.js';
import { type YieldRow, yieldRows } from './yield.params.js';

/** What a cook can do with one ingredient before the pot, in figures. */
export interface Ways {
  readonly soak?: {
    readonly coldHours: number;
    readonly hotHours: number;
    /** g of water per g dry after a full soak. */
    readonly uptake: number;
  };
  /** As the raw thing or as the cooked one. */
  readonly yields: readonly YieldRow[];
  readonly equivalents: readonly EquivalentRow[];
}

/** A soak that reaches its end, h. */
const LONG_HOURS = 48;

/** @returns everything the tables know of an ingredient's preparation; empty lists where they know nothing */
export function waysOf(id: string): Ways {
  const coldHours = soakHours(id, false),
    hotHours = soakHours(id, true);
  const uptake = coldHours === undefined ? undefined : soak(id, LONG_HOURS, false)?.uptake.mid;
  return {
    ...(coldHours !== undefined && hotHours !== undefined && uptake !== undefined
      ? { soak: { coldHours, hotHours, uptake } }
      : {}),
    yields: yieldRows.filter((row) => row.from === id || row.to === id),
    equivalents: equivalentRows.filter((row) => row.from === id),
  };
}
