import { compiledIngredient } from '../predict/assemble/compiled-ingredient.js';
import { compositionCv } from '../predict/uncertainty/kitchen-offsets.params.js';
import { packSpread, COMPOSITION_TABLES } from './shown-parameter.js';
import type { Property } from './property.js';

export const fat = {
  id: 'fat',
  name: 'Fat',
  term: 'fat, g per 100 g',
  unit: '%',
  digits: 1,
  place: 'large',
  scale: { kind: 'root', low: 0, high: 85 },
  words: [
    { from: 0, word: 'lean' },
    { from: 3, word: 'light' },
    { from: 10, word: 'creamy' },
    { from: 22, word: 'rich' },
    { from: 45, word: 'buttery' },
  ],
  tasted: true,
  value: ({ prediction }) => prediction.fat,
  lines: {
    by: 'share',
    unit: 'g/100 g',
    of: '100 g',
    perGram: (ingredient, { arrived }) => compiledIngredient(ingredient).fat * arrived,
  },
  why: {
    law: 'Each line’s fat in 100 g of the finished batch; the parts add up.',
    parameters: packSpread(compositionCv.fat),
    sources: COMPOSITION_TABLES,
  },
} as const satisfies Property;
