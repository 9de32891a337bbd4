import { anchorsOf } from './define.js';

/** Creams and drinks of nuts and seeds. */
export const nutAndSeedCreams = anchorsOf('nut and seed creams', [
  { id: 'N01', name: 'cashew cream 1:1.5, cold, 20 °C', quantity: 'viscosity', lines: [['cashew', 100, 'soaked'], ['water', 150]], way: 'blended', at: 20, reference: [250, 2500], provenance: 'E', confidence: 'low-med', basis: 'recalled' },
  { id: 'N02', name: 'cashew drink 1:6, 20 °C', quantity: 'viscosity', lines: [['cashew', 100, 'soaked'], ['water', 600]], way: 'blended', at: 20, reference: [1.5, 10], provenance: 'E', confidence: 'med', basis: 'recalled' },
  { id: 'N03', name: 'sunflower cream 1:1.5, 20 °C', quantity: 'viscosity', lines: [['sunflower-seed', 100, 'soaked'], ['water', 150]], way: 'blended', at: 20, reference: [200, 5000], provenance: 'E', confidence: 'low', basis: 'recalled' },
  { id: 'N04', name: 'sunflower 1:3, 20 °C', quantity: 'viscosity', lines: [['sunflower-seed', 100, 'soaked'], ['water', 300]], way: 'blended', at: 20, reference: [8, 180], provenance: 'E', confidence: 'low', basis: 'guessed' },
  { id: 'N05', name: 'almond 1:4 with its pulp, 20 °C', quantity: 'viscosity', lines: [['almond', 100, 'soaked'], ['water', 400]], way: 'blended', at: 20, reference: [2.5, 60], provenance: 'E', confidence: 'low-med', basis: 'recalled' },
  { id: 'N06', name: 'pumpkin seed cream 1:2, 20 °C', quantity: 'viscosity', lines: [['pumpkin-seed', 100, 'soaked'], ['water', 200]], way: 'blended', at: 20, reference: [40, 1500], provenance: 'E', confidence: 'low', basis: 'guessed' },
  { id: 'N07', name: 'sesame paste and water 1:1, 20 °C', quantity: 'viscosity', lines: [['tahini', 60], ['water', 60]], way: 'jug', at: 20, reference: [300, 6000], provenance: 'P/E', confidence: 'med', basis: 'recalled' },
  { id: 'N08', name: 'sesame paste and water 1:2, 20 °C', quantity: 'viscosity', lines: [['tahini', 60], ['water', 120]], way: 'jug', at: 20, reference: [20, 400], provenance: 'E', confidence: 'low-med', basis: 'recalled' },
  { id: 'N09', name: 'macadamia and water 1:1, 20 °C', quantity: 'viscosity', lines: [['macadamia', 100, 'soaked'], ['water', 100]], way: 'blended', at: 20, reference: [600, 25000], provenance: 'E', confidence: 'low', basis: 'guessed' },
  { id: 'N10', name: 'hemp seed drink 1:4, 20 °C', quantity: 'viscosity', lines: [['hemp-seed', 100], ['water', 400]], way: 'blended', at: 20, reference: [2, 40], provenance: 'E', confidence: 'low', basis: 'recalled' },
  { id: 'N11', name: 'peanut butter and water 1:1, 20 °C', quantity: 'viscosity', lines: [['peanut-butter', 60], ['water', 60]], way: 'jug', at: 20, reference: [200, 8000], provenance: 'E', confidence: 'low-med', basis: 'recalled' },
  { id: 'N12', name: 'cashew cream 1:1, a day in the fridge, 6 °C: holds a mark', quantity: 'yield-stress', lines: [['cashew', 100, 'soaked'], ['water', 100]], way: 'blended', at: 6, storage: 'fridge', days: 1, reference: [150, 3000], provenance: 'E', confidence: 'low-med', basis: 'recalled' },
]);
