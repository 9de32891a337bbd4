import { particlesIn, thickenersIn } from './thickness-causes.js';
import { thicknessScale, thicknessWords } from './thickness-scale.js';
import type { Property } from './property.js';

export const thickness = {
  id: 'thickness',
  name: 'Thickness',
  term: 'apparent viscosity at 50 per second',
  unit: 'mPa·s',
  digits: 0,
  place: 'large',
  scale: thicknessScale,
  words: thicknessWords,
  tasted: true,
  value: ({ prediction }) => prediction.viscosity,
  lines: {
    by: 'tenth-more',
    unit: 'factor on viscosity − 1',
    as: 'factor',
    figure: ({ flow }) => flow.viscosity,
  },
  why: {
    law: 'How much thicker or thinner it is at serving temperature with a tenth more of each line. Thickeners strengthen each other (Loewe additivity) and swollen particles crowd each other, so the parts do not add up.',
    parameters: (mix) => [...thickenersIn(mix), ...particlesIn(mix)],
    sources: ['S-02', 'S-03', 'E-4', 'E-5'],
  },
} as const satisfies Property;
