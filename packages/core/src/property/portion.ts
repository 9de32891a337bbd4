import { exactly, type Property } from './property.js';

export const portion = {
  id: 'portion',
  name: 'Portion',
  term: 'grams of the finished batch a portion',
  unit: 'g',
  digits: 0,
  place: 'on-demand',
  scale: { kind: 'linear', low: 0, high: 400 },
  words: [
    { from: 0, word: 'a spoonful' },
    { from: 40, word: 'a topping' },
    { from: 100, word: 'a ladle' },
    { from: 220, word: 'a bowl' },
  ],
  value: ({ prediction, portions }) => exactly(prediction.massG / portions),
} as const satisfies Property;
