import { type Parameter, parameter, type Provenance } from '../numeric/parameter.js';

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
  'P/E': 'published range, assessed',
  E: 'estimate',
};

/** Parameters that matter for every pot. */
export const always =
  (...rows: readonly ShownParameter[]) =>
  () =>
    rows;

/** Entries of docs/sources.md behind the composition tables. */
export const COMPOSITION_TABLES = ['S-05a', 'S-05b', 'S-05c', 'S-05d', 'S-05e', 'S-05f', 'S-05g'] as const;

/** How far one pack may be off the tables. @param cv of the figure */
export const packSpread = (cv: number) =>
  always(
    shown(
      'how far a pack may be off',
      parameter(cv, 'of the figure', 0, 'E', 'spread between packs of one kind'),
    ),
  );
