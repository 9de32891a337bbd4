import { tasteOf } from '../predict/taste/taste.js';
import { compositionCv } from '../predict/uncertainty/kitchen-offsets.params.js';
import { packSpread } from './shown-parameter.js';
import type { Property } from './property.js';

export const sourness = {
  id: 'sourness',
  name: 'Sourness',
  term: 'titratable acid that tastes sour',
  unit: 'mEq/kg',
  digits: 1,
  place: 'usual',
  scale: { kind: 'root', low: 0, high: 120 },
  words: [
    { from: 0, word: 'round' },
    { from: 5, word: 'fresh' },
    { from: 18, word: 'tangy' },
    { from: 55, word: 'sharp' },
  ],
  tasted: true,
  value: ({ prediction }) => prediction.sourness,
  lines: { by: 'tenth-more', unit: 'mEq/kg', as: 'difference', figure: ({ mix }) => tasteOf(mix).sour },
  why: {
    law: 'What a tenth more of each line changes, with the pH solved again from the charges of all acids and buffers.',
    parameters: packSpread(compositionCv.sour),
    sources: ['S-06', 'E-9'],
  },
} as const satisfies Property;
