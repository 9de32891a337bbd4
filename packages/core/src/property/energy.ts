import { parameter } from '../numeric/parameter.js';
import { compiledIngredient } from '../predict/assemble/compiled-ingredient.js';
import { energyFactors, energyOfIngredient } from '../predict/nutrition/energy.js';
import { type Property, scaledBand } from './property.js';
import { always, COMPOSITION_TABLES, shown } from './shown-parameter.js';

const factors = (['fat', 'protein', 'carbohydrate', 'fibre', 'organicAcid', 'alcohol'] as const).map((key) =>
  shown(key, parameter(energyFactors[key], 'kcal/g', 0, 'P', 'food law')),
);

export const energy = {
  id: 'energy',
  name: 'Energy',
  term: 'kilocalories a portion',
  unit: 'kcal',
  digits: 0,
  place: 'on-demand',
  scale: { kind: 'linear', low: 0, high: 900 },
  words: [
    { from: 0, word: 'light' },
    { from: 150, word: 'medium' },
    { from: 350, word: 'filling' },
  ],
  value: ({ prediction, portions }) => scaledBand(prediction.energyKcal, 1 / portions),
  lines: {
    by: 'share',
    unit: 'kcal',
    of: 'batch',
    perGram: (ingredient, { arrived, sugarsLeft, alcoholLeft }) =>
      energyOfIngredient(compiledIngredient(ingredient), alcoholLeft) * arrived -
      energyFactors.carbohydrate * sugarsLeft,
  },
  why: {
    law: 'Each line’s energy in the whole batch: fat, protein, carbohydrate, fibre, organic acids and what is left of the alcohol by the factors of food law; the parts add up.',
    parameters: always(...factors),
    sources: ['S-10', ...COMPOSITION_TABLES],
  },
} as const satisfies Property;
