import { compiledIngredient } from '../predict/assemble/compiled-ingredient.js';
import { compositionCv } from '../predict/uncertainty/kitchen-offsets.params.js';
import type { Property } from './property.js';
import { COMPOSITION_TABLES, packSpread } from './shown-parameter.js';

export const protein = {
  id: 'protein',
  name: 'Protein',
  term: 'protein, g per 100 g',
  unit: '%',
  digits: 1,
  place: 'table',
  words: [],
  value: ({ prediction }) => prediction.protein,
  lines: {
    by: 'share',
    unit: 'g',
    of: 'batch',
    perGram: (ingredient, { arrived }) => compiledIngredient(ingredient).protein * arrived,
  },
  why: {
    law: 'Each line’s protein in the whole batch; the parts add up.',
    parameters: packSpread(compositionCv.fat),
    sources: COMPOSITION_TABLES,
  },
} as const satisfies Property;
