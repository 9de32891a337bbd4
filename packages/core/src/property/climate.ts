import { climateOf } from '../predict/climate/climate.js';
import { perGramOfKg } from './per-gram.js';
import { type Property, scaledBand } from './property.js';

export const climate = {
  id: 'climate',
  name: 'Climate',
  term: 'greenhouse gas to the shop, kg CO₂ equivalents a portion',
  unit: 'kg CO₂e',
  digits: 2,
  place: 'table',
  words: [],
  value: ({ recipe, portions }) => scaledBand(climateOf(recipe.lines).kgCO2e, 1 / portions),
  lines: {
    by: 'share',
    unit: 'kg CO2e',
    of: 'batch',
    perGram: ({ facts }) => facts.climate && perGramOfKg(Math.sqrt(facts.climate[0] * facts.climate[1])),
  },
  why: {
    law: 'Each line’s mass times the greenhouse gas of making it and bringing it to the shop; cooking is not counted.',
    sources: ['S-14'],
  },
} as const satisfies Property;
