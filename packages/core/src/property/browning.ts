import { exactly, type Property } from './property.js';

export const browning = {
  id: 'browning',
  name: 'Top',
  term: 'browning of the baked surface',
  unit: 'of 10',
  digits: 1,
  place: 'table',
  words: [
    { from: 0, word: 'not baked' },
    { from: 0.2, word: 'pale' },
    { from: 2, word: 'golden' },
    { from: 5, word: 'brown' },
    { from: 8, word: 'dark' },
  ],
  value: ({ prediction }) => exactly(prediction.browning),
} as const satisfies Property;
