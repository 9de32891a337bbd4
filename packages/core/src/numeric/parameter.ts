/** How a figure came to be: published range, published range adjusted by judgement, or estimated. */
export type Provenance = 'P' | 'P/E' | 'E';

/** One model parameter with what must stand beside it. */
export interface Parameter {
  readonly value: number;
  readonly unit: string;
  /** Coefficient of variation (log standard deviation). */
  readonly cv: number;
  readonly provenance: Provenance;
  /** What it was fitted on or taken from; anchors are those of docs/sources.md. */
  readonly basis: string;
}

export const parameter = (
  value: number,
  unit: string,
  cv: number,
  provenance: Provenance,
  basis: string,
): Parameter => ({ value, unit, cv, provenance, basis });

/** The bare values of a parameter table, for the arithmetic. */
export function valuesOf<T extends Record<string, Parameter>>(table: T): { readonly [K in keyof T]: number } {
  return Object.fromEntries(Object.entries(table).map(([key, row]) => [key, row.value])) as {
    [K in keyof T]: number;
  };
}
