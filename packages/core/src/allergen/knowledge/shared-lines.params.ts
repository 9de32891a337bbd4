import type { Shelf } from '../../larder/ingredient.js';
import type { AllergenId } from '../allergen.js';

/**
 * What is often made or packed on the same lines, by shelf: matters only where traces do. The label may know better.
 * @source precautionary statements seen on packs of each kind, S-16
 */
export const sharedLines: Readonly<Partial<Record<Shelf, readonly AllergenId[]>>> = {
  nuts: ['tree-nut', 'peanut', 'sesame'],
  seeds: ['tree-nut', 'peanut', 'sesame', 'mustard'],
  pulses: ['wheat', 'mustard', 'soya'],
  grains: ['wheat', 'soya', 'mustard', 'lupin'],
  starches: ['wheat'],
  'plant milks': ['tree-nut', 'soya', 'oat'],
  creams: ['tree-nut', 'soya', 'oat'],
  'herbs and spices': ['mustard', 'celery', 'sesame', 'wheat'],
  savory: ['celery', 'mustard', 'wheat', 'soya'],
  bought: ['milk', 'soya', 'tree-nut', 'wheat', 'mustard'],
  gums: ['wheat', 'soya'],
  soya: ['wheat', 'sesame'],
};
