import { tasteOf } from '../predict/taste/taste.js';
import { umamiParameters } from '../predict/taste/taste.params.js';
import { always, shown } from './shown-parameter.js';
import type { Property } from './property.js';

export const savoriness = {
  id: 'savoriness',
  name: 'Savoriness',
  term: 'equivalent umami concentration, as MSG',
  unit: 'g/100 g',
  digits: 2,
  place: 'large',
  scale: { kind: 'root', low: 0, high: 4 },
  words: [
    { from: 0, word: 'flat' },
    { from: 0.1, word: 'mild' },
    { from: 0.4, word: 'savory' },
    { from: 1.5, word: 'strong' },
  ],
  tasted: true,
  value: ({ prediction }) => prediction.savoriness,
  lines: {
    by: 'tenth-more',
    unit: 'g MSG-eq/100 g',
    as: 'difference',
    figure: ({ mix }) => tasteOf(mix).umami,
  },
  why: {
    law: 'What a tenth more of each line adds. Glutamate and the nucleotides of mushrooms, tomato and yeast strengthen each other.',
    parameters: always(
      shown('synergy of glutamate and nucleotides', umamiParameters.synergy),
      shown('GMP against IMP', umamiParameters.gmp),
    ),
    sources: ['S-06', 'E-10'],
  },
} as const satisfies Property;
