import { compositionCv } from '../predict/uncertainty/kitchen-offsets.params.js';
import type { Property } from './property.js';
import { always, shown } from './shown-parameter.js';
import { parameter } from '../numeric/parameter.js';

export const acidity = {
  id: 'pH',
  name: 'Acid',
  term: 'pH',
  unit: 'pH',
  digits: 1,
  place: 'table',
  words: [],
  value: ({ prediction }) => prediction.pH,
  lines: { by: 'tenth-more', unit: 'pH', as: 'difference', figure: ({ mix }) => mix.pH },
  why: {
    law: 'What a tenth more of each line changes: the pH at which the charges of acids, buffers and minerals cancel.',
    parameters: always(
      shown(
        'how far the figure may be off',
        parameter(compositionCv.pH, 'of the figure', 0, 'E', 'spread between packs of one kind'),
      ),
    ),
    sources: ['S-06', 'E-9'],
  },
} as const satisfies Property;
