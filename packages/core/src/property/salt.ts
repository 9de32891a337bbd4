import { compiledIngredient } from '../predict/assemble/compiled-ingredient.js';
import { compositionCv } from '../predict/uncertainty/kitchen-offsets.params.js';
import { packSpread, COMPOSITION_TABLES } from './shown-parameter.js';
import type { Property } from './property.js';

export const salt = {
  id: 'salt',
  name: 'Salt',
  term: 'sodium chloride, g per 100 g',
  unit: '%',
  digits: 2,
  place: 'usual',
  scale: { kind: 'linear', low: 0, high: 3 },
  words: [
    { from: 0, word: 'bland' },
    { from: 0.4, word: 'mild' },
    { from: 0.8, word: 'seasoned' },
    { from: 1.5, word: 'salty' },
  ],
  tasted: true,
  value: ({ prediction }) => prediction.salt,
  lines: {
    by: 'share',
    unit: 'g/100 g',
    of: '100 g',
    perGram: (ingredient, { arrived }) => compiledIngredient(ingredient).salt * arrived,
  },
  why: {
    law: 'Each line’s salt in 100 g of the finished batch; the parts add up.',
    parameters: packSpread(compositionCv.salt),
    sources: COMPOSITION_TABLES,
  },
} as const satisfies Property;
