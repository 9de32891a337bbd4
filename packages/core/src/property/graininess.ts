import { graininessOf } from '../predict/particle/graininess.js';
import { comminutionParameters } from '../predict/particle/comminution.params.js';
import { bandOf } from '../predict/uncertainty/band.js';
import { always, shown } from './shown-parameter.js';
import type { Property } from './property.js';

/** Log standard deviation of grain felt. @source estimated, engine notes E-8 */
const GRAIN_SD = 0.25;

export const graininess = {
  id: 'graininess',
  name: 'Graininess',
  term: 'hard particles felt on the tongue',
  unit: 'of 10',
  digits: 1,
  place: 'on-demand',
  scale: { kind: 'linear', low: 0, high: 10 },
  words: [
    { from: 0, word: 'silky' },
    { from: 1, word: 'fine' },
    { from: 3.5, word: 'grainy' },
    { from: 6.5, word: 'coarse' },
  ],
  better: 'less',
  tasted: true,
  value: ({ prediction }) => bandOf(prediction.graininess, GRAIN_SD),
  lines: {
    by: 'tenth-more',
    unit: 'of 10',
    as: 'difference',
    figure: ({ mix }) => graininessOf(mix),
  },
  why: {
    law: 'What a tenth more of each line changes. The blade makes pieces smaller with power and time; a soak or boiling softens them first; hard grains are felt smaller than soft ones.',
    parameters: always(
      shown('soft grains are felt from', comminutionParameters.grainBase),
      shown('floor of a tool with hard things', comminutionParameters.floorHard),
      shown('size against the work of the blade', comminutionParameters.workSpan),
    ),
    sources: ['E-8'],
  },
} as const satisfies Property;
