import { suspensionParameters } from '../predict/particle/suspension.params.js';
import { pullLength } from '../predict/stretch/pull-length.js';
import { pullParameters } from '../predict/stretch/pull-length.params.js';
import { always, shown } from './shown-parameter.js';
import type { Property } from './property.js';

export const stretch = {
  id: 'stretch',
  name: 'Stretch',
  term: 'length of a lifted strand before it snaps',
  unit: 'cm',
  digits: 1,
  place: 'large',
  scale: { kind: 'root', low: 0, high: 30 },
  words: [
    { from: 0, word: 'none' },
    { from: 2, word: 'short' },
    { from: 6, word: 'strings' },
    { from: 15, word: 'long ropes' },
  ],
  better: 'more',
  tasted: true,
  value: ({ prediction }) => prediction.stretch,
  lines: {
    by: 'tenth-more',
    unit: 'cm',
    as: 'difference',
    figure: ({ mix, flow, at }) => pullLength(mix, flow, at),
  },
  why: {
    law: 'How the pull changes with a tenth more of each line. Root starch makes strands once there is enough of it in the water that swollen particles leave it; water, fat and particles shorten them.',
    parameters: always(
      shown('starch in the water before strands form', pullParameters.threshold),
      shown('longest pull', pullParameters.longest),
      shown('fat shortens', pullParameters.fatShortens),
      shown('water in particles that strands cannot enter', suspensionParameters.strandExcluded),
    ),
    sources: ['S-02', 'E-7'],
  },
} as const satisfies Property;
