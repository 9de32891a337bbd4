import { thicknessCold } from './other-moments.js';
import { thicknessScale, thicknessWords } from './thickness-scale.js';
import type { Property } from './property.js';

export const coldThickness = {
  id: 'cold-thickness',
  name: 'Thickness cold',
  term: 'apparent viscosity at 50 per second after a night at 6 °C',
  unit: 'mPa·s',
  digits: 0,
  place: 'on-demand',
  scale: thicknessScale,
  words: thicknessWords,
  tasted: true,
  value: thicknessCold,
  heldAs: 'thickness',
} as const satisfies Property;
