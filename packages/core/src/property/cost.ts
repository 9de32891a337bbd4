import { parameter } from '../numeric/parameter.js';
import { costOf, PRICE_CV } from '../predict/cost/cost.js';
import { perGramOfKg } from './per-gram.js';
import { always, shown } from './shown-parameter.js';
import { type Property, scaledBand } from './property.js';

export const cost = {
  id: 'cost',
  name: 'Cost',
  term: 'coins a portion, from the price table',
  unit: 'coins',
  digits: 2,
  place: 'on-demand',
  scale: { kind: 'root', low: 0, high: 6 },
  words: [
    { from: 0, word: 'thrifty' },
    { from: 0.4, word: 'modest' },
    { from: 1.2, word: 'dear' },
  ],
  better: 'less',
  value: ({ recipe, portions }) => scaledBand(costOf(recipe.lines).coins, 1 / portions),
  lines: { by: 'share', unit: 'coins', of: 'batch', perGram: ({ facts }) => perGramOfKg(facts.pricePerKg) },
  why: {
    law: 'Each line’s mass times its price; a line without a price is marked.',
    parameters: always(shown('how far shops differ', parameter(PRICE_CV, 'of the price', 0, 'E', 'assumed'))),
    sources: ['S-13'],
  },
} as const satisfies Property;
