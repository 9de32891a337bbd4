import type { LabelKnowledge } from '../allergen/label/read-label.js';
import type { PackLabel } from './who-can-eat.js';

/** Days after which a read label is asked for again: makers change recipes. @source assumed, half a year */
export const LABEL_LASTS_DAYS = 180;
const MS_PER_DAY = 86_400_000;

/** A read label as the reasoning needs it. @param readOn ISO date or time   @param now ms since 1970, from the caller's clock */
export const packLabel = (label: LabelKnowledge & { readonly readOn: string }, now: number): PackLabel => {
  const { contains, askFor, unknown, warns, isList, readOn } = label;
  const stale = now - Date.parse(readOn) > LABEL_LASTS_DAYS * MS_PER_DAY;
  return { contains, askFor, unknown, warns, isList, readOn: readOn.slice(0, 10), stale };
};
