import type { AllergenId } from '../allergen/allergen.js';
import type { PackLabel } from './who-can-eat.js';

/** Days after which a read label is asked for again: makers change recipes. @source assumed, half a year */
export const LABEL_LASTS_DAYS = 180;
const MS_PER_DAY = 86_400_000;

/** A read label as the reasoning needs it. @param readOn ISO date or time   @param now ms since 1970, from the caller's clock */
export const packLabel = (
  label: {
    readonly contains: readonly AllergenId[];
    readonly askFor: readonly AllergenId[];
    readonly readOn: string;
  },
  now: number,
): PackLabel => ({
  contains: label.contains,
  askFor: label.askFor,
  readOn: label.readOn.slice(0, 10),
  stale: now - Date.parse(label.readOn) > LABEL_LASTS_DAYS * MS_PER_DAY,
});
