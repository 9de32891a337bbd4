import type { Mixture } from '../predict/mixture/mixture.js';
import { type LinedId, propertyOf } from './properties.js';
import type { ShownParameter } from './shown-parameter.js';

/** Why a figure is what it is, apart from the lines. */
export interface Explanation {
  /** The law in a sentence a cook can read. */
  readonly law: string;
  /** Those that matter for this pot. */
  readonly parameters: readonly ShownParameter[];
  /** Entries of docs/sources.md. */
  readonly sources: readonly string[];
}

/** The law, the parameters and the sources behind a figure of this pot. */
export function explanationOf(property: LinedId, mix: Mixture): Explanation {
  const { why } = propertyOf(property);
  return { law: why?.law ?? '', parameters: why?.parameters?.(mix) ?? [], sources: why?.sources ?? [] };
}
