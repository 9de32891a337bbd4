import { weepingParameters, weepingPercent } from '../predict/stability/weeping.js';
import { exactly, type Property } from './property.js';
import { always, shown } from './shown-parameter.js';

export const weeping = {
  id: 'weeping',
  name: 'Weeping',
  term: 'water let go, % of the mass',
  unit: '% let go',
  digits: 1,
  place: 'table',
  words: [
    { from: 0, word: 'holds its water' },
    { from: 0.5, word: 'weeps a little' },
    { from: 3, word: 'weeps' },
  ],
  better: 'less',
  value: ({ prediction }) => exactly(prediction.weeping),
  lines: {
    by: 'tenth-more',
    unit: '% of mass',
    as: 'difference',
    figure: ({ mix, flow, at }) => weepingPercent(mix, flow, at.days),
  },
  why: {
    law: 'What a tenth more of each line changes. A loose purée lets serum go; a stored starch gel presses water out; xanthan holds it.',
    parameters: always(
      shown('serum of a loose purée', weepingParameters.serum),
      shown('water pressed out by stored starch', weepingParameters.syneresis),
    ),
    sources: ['E-8'],
  },
} as const satisfies Property;
