import { thicknessRaw } from './other-moments.js';
import { thicknessScale, thicknessWords } from './thickness-scale.js';
import type { Property } from './property.js';

export const rawThickness = {
  id: 'raw-thickness',
  name: 'Thickness raw',
  term: 'apparent viscosity at 50 per second before cooking, 20 °C',
  unit: 'mPa·s',
  digits: 0,
  place: 'on-demand',
  scale: thicknessScale,
  words: thicknessWords,
  value: thicknessRaw,
  heldAs: 'thickness',
} as const satisfies Property;
