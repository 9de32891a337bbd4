import type { LabelKnowledge } from '../../label/label-knowledge.js';

/** What a label of the very pack said. */
export interface PackLabel extends LabelKnowledge {
  /** ISO date. */
  readonly readOn: string;
  /** Read so long ago that the recipe may have changed. */
  readonly stale: boolean;
}

/** Days after which a read label is asked for again: makers change recipes. @source assumed, half a year */
export const LABEL_LASTS_DAYS = 180;
const MS_PER_DAY = 86_400_000;

/** A read label as the reasoning needs it. @param readOn ISO date or time   @param now ms since 1970, from the caller's clock */
export const packLabel = (label: LabelKnowledge & { readonly readOn: string }, now: number): PackLabel => {
  const { contains, askFor, unknown, warns, isList, readOn } = label;
  const stale = now - Date.parse(readOn) > LABEL_LASTS_DAYS * MS_PER_DAY;
  return { contains, askFor, unknown, warns, isList, readOn: readOn.slice(0, 10), stale };
};

/** It says all there is: a list, fresh, every word of it understood. */
export const saysAll = (label: PackLabel | undefined): boolean =>
  label !== undefined && !label.stale && label.isList && label.unknown.length === 0;
