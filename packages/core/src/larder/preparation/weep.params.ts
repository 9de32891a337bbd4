import type { Settling, Weeping } from '../../ingredient/handling.js';

/** Water that salt draws, by larder id; @source kitchen physics 7, S-15, E, CV 0.35: osmosis out of damaged cells; most and squeezed in g per g, minutes. */
export const saltRows: Readonly<Record<string, Weeping>> = {
  aubergine: { most: 0.3, minutes: 40, squeezed: 0.12, cv: 0.35, source: 'S-15' },
  courgette: { most: 0.3, minutes: 25, squeezed: 0.22, cv: 0.35, source: 'S-15' },
  'tomato-fresh': { most: 0.2, minutes: 15, squeezed: 0.15, cv: 0.35, source: 'S-15' },
};

/** Water that a weight presses out, by larder id; @source assumed from kitchen practice, S-15, E, CV 0.35: a firm block loses about an eighth in half an hour. */
export const pressRows: Readonly<Record<string, Weeping>> = {
  'tofu-firm': { most: 0.16, minutes: 20, squeezed: 0, cv: 0.35, source: 'S-15' },
  'tofu-smoked': { most: 0.08, minutes: 20, squeezed: 0, cv: 0.4, source: 'S-15' },
  'tofu-silken': { most: 0.22, minutes: 60, squeezed: 0, cv: 0.45, source: 'S-15' },
};

/** Of the protein of a legume milk, what stays over the sediment; @source kitchen physics 11, S-15, E, CV 0.3. */
export const settleRows: Readonly<Record<string, Settling>> = {
  'soya-bean-dry': { proteinAbove: 0.65, cv: 0.3, source: 'S-15' },
  'mung-dry': { proteinAbove: 0.5, cv: 0.3, source: 'S-15' },
  'red-lentil-dry': { proteinAbove: 0.5, cv: 0.3, source: 'S-15' },
  'split-pea-dry': { proteinAbove: 0.5, cv: 0.3, source: 'S-15' },
  'chickpea-dry': { proteinAbove: 0.5, cv: 0.3, source: 'S-15' },
};
