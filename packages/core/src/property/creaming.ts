import { creamingIndex } from '../predict/stability/creaming.js';
import { dropletParameters } from '../predict/particle/droplet.params.js';
import { creamingParameters } from '../predict/stability/creaming.params.js';
import { exactly, type Property } from './property.js';
import { always, shown } from './shown-parameter.js';

export const creaming = {
  id: 'creaming',
  name: 'Creaming',
  term: 'fat that rises to the top, by how soon',
  unit: 'of 10',
  digits: 1,
  place: 'table',
  words: [
    { from: 0, word: 'stays mixed' },
    { from: 1, word: 'rises in days' },
    { from: 4, word: 'rises in a day' },
    { from: 7, word: 'rises soon' },
  ],
  better: 'less',
  value: ({ prediction }) => exactly(prediction.creaming),
  lines: {
    by: 'tenth-more',
    unit: 'of 10',
    as: 'difference',
    figure: ({ mix, flow }) => creamingIndex(mix, flow),
  },
  why: {
    law: 'What a tenth more of each line changes. Fat rises faster the larger its droplets and the thinner the liquid; a yield stress carries it.',
    parameters: always(
      shown('droplets of whisked oil', dropletParameters.whiskedDroplet),
      shown('yield stress that carries them', creamingParameters.yieldHolds),
    ),
    sources: ['S-06', 'E-8'],
  },
} as const satisfies Property;
