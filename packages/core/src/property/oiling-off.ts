import { oilingOffRisk } from '../predict/stability/creaming.js';
import { creamingParameters } from '../predict/stability/creaming.params.js';
import { exactly, type Property } from './property.js';
import { always, shown } from './shown-parameter.js';

export const oilingOff = {
  id: 'oiling-off',
  name: 'Oil on top',
  term: 'probability that oil separates',
  unit: '% likely',
  digits: 0,
  place: 'table',
  words: [
    { from: 0, word: 'unlikely' },
    { from: 10, word: 'possible' },
    { from: 35, word: 'likely' },
    { from: 70, word: 'almost certain' },
  ],
  better: 'less',
  value: ({ prediction }) => exactly(100 * prediction.oilingOff),
  lines: {
    by: 'tenth-more',
    unit: 'probability',
    as: 'difference',
    figure: ({ mix, flow }) => oilingOffRisk(mix, flow),
  },
  why: {
    law: 'What a tenth more of each line changes. Fat comes loose where there is too little emulsifying protein for it and nothing thick to hold it.',
    parameters: always(shown('protein that just covers the fat', creamingParameters.emulsifierNeeded)),
    sources: ['E-8'],
  },
} as const satisfies Property;
