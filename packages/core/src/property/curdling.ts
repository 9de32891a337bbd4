import { curdlingProbability } from '../predict/stability/curdling.js';
import { curdlingParameters } from '../predict/stability/curdling.params.js';
import { always, shown } from './shown-parameter.js';
import { exactly, type Property } from './property.js';

export const curdling = {
  id: 'curdling',
  name: 'Curdling',
  term: 'probability that protein coagulates',
  unit: '% likely',
  digits: 0,
  place: 'on-demand',
  scale: { kind: 'linear', low: 0, high: 100 },
  words: [
    { from: 0, word: 'unlikely' },
    { from: 20, word: 'possible' },
    { from: 55, word: 'likely' },
  ],
  better: 'less',
  value: ({ prediction }) => exactly(100 * prediction.curdling),
  lines: {
    by: 'tenth-more',
    unit: 'probability',
    as: 'difference',
    figure: ({ mix }) => curdlingProbability(mix),
  },
  why: {
    law: 'What a tenth more of each line changes. Protein coagulates near its own pH, when hot, when heated fast, and with calcium; starch protects it.',
    parameters: always(
      shown('acid near the protein’s own pH', curdlingParameters.acid),
      shown('fast heating', curdlingParameters.fastHeat),
      shown('starch protects', curdlingParameters.starch),
    ),
    sources: ['E-9'],
  },
} as const satisfies Property;
