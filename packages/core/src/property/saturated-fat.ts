import { nutritionOf } from '../predict/nutrition/nutrition.js';
import { compositionCv } from '../predict/uncertainty/kitchen-offsets.params.js';
import { perGramOf100 } from './per-gram.js';
import { exactly, type Property } from './property.js';
import { COMPOSITION_TABLES, packSpread } from './shown-parameter.js';

export const saturatedFat = {
  id: 'saturated-fat',
  name: 'Saturated fat',
  term: 'saturated fatty acids, g a portion, of the lines whose figure is known',
  unit: 'g',
  digits: 1,
  place: 'table',
  words: [],
  value: ({ mix, portions }) => exactly(nutritionOf(mix).saturatedFat.amount / portions),
  lines: {
    by: 'share',
    unit: 'g',
    of: 'batch',
    perGram: ({ facts }, { arrived }) => {
      const whole = perGramOf100(facts.saturatedFat);
      return whole === undefined ? undefined : whole * arrived;
    },
  },
  why: {
    law: 'Each line’s saturated fat in the whole batch, as composition tables state it; a line without a figure is marked.',
    parameters: packSpread(compositionCv.fat),
    sources: COMPOSITION_TABLES,
  },
} as const satisfies Property;
