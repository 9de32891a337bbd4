import type { Parameter, Provenance } from '../numeric/parameter.js';

/** One parameter as it is shown beside a figure. */
export interface ShownParameter {
  readonly name: string;
  readonly value: number;
  readonly unit: string;
  /** Coefficient of variation, and where the value comes from. */
  readonly cv: number;
  readonly provenance: Provenance;
  readonly basis: string;
}

export const shown = (name: string, { value, unit, cv, provenance, basis }: Parameter): ShownParameter => ({
  name,
  value,
  unit,
  cv,
  provenance,
  basis,
});

/** What provenance means, in words. */
export const provenanceWords: Readonly<Record<Provenance, string>> = {
  P: 'published range',
  'P/E': 'published range, judged',
  E: 'estimate',
};
