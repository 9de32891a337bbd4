import { thicknessReheated } from './other-moments.js';
import { thicknessScale, thicknessWords } from './thickness-scale.js';
import type { Property } from './property.js';

export const reheatedThickness = {
  id: 'reheated-thickness',
  name: 'Thickness reheated',
  term: 'apparent viscosity at 50 per second, reheated the next day',
  unit: 'mPa·s',
  digits: 0,
  place: 'on-demand',
  scale: thicknessScale,
  words: thicknessWords,
  value: thicknessReheated,
  heldAs: 'thickness',
} as const satisfies Property;
