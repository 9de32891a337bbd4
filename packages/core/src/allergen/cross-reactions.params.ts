import type { AllergenId } from './allergen.js';

/** Two things that people allergic to one often react to as well: a question for a clinician, never a verdict. */
export interface CrossReactionRow {
  readonly between: readonly [AllergenId, AllergenId];
  readonly because: string;
}

/** @source clinical reviews of co-sensitisation as remembered, S-17 */
export const crossReactions: readonly CrossReactionRow[] = [
  { between: ['cashew', 'pistachio'], because: 'nearly everybody allergic to one reacts to the other' },
  { between: ['walnut', 'pecan'], because: 'nearly everybody allergic to one reacts to the other' },
  { between: ['hazelnut', 'almond'], because: 'often together, and with birch pollen' },
  { between: ['peanut', 'lupin'], because: 'their proteins are alike; reactions to lupin are known in people with peanut allergy' },
  { between: ['peanut', 'soya'], because: 'related pulses; most people react to one only' },
  { between: ['peanut', 'pea'], because: 'related pulses; pea protein concentrates are asked about' },
  { between: ['peanut', 'chickpea'], because: 'related pulses' },
  { between: ['peanut', 'lentil'], because: 'related pulses' },
  { between: ['lupin', 'soya'], because: 'related pulses' },
  { between: ['pea', 'lentil'], because: 'their proteins are alike' },
  { between: ['pea', 'chickpea'], because: 'their proteins are alike' },
  { between: ['sesame', 'poppy'], because: 'seed storage proteins alike' },
  { between: ['sesame', 'tree-nut'], because: 'often together in children' },
  { between: ['peanut', 'tree-nut'], because: 'not related, yet often together' },
  { between: ['tree-nut', 'coconut'], because: 'asked about separately; most people with a nut allergy eat coconut' },
  { between: ['tree-nut', 'pine-nut'], because: 'a seed by botany, a tree nut by the US list' },
  { between: ['mustard', 'sesame'], because: 'seed storage proteins alike' },
  { between: ['mustard', 'flax'], because: 'seed storage proteins alike' },
  { between: ['milk', 'goat-milk'], because: 'the milks of cow, goat, sheep and buffalo are nearly alike' },
  { between: ['crustacean', 'mollusc'], because: 'tropomyosin is alike; some people react to both' },
  { between: ['wheat', 'rye'], because: 'their gluten is alike' },
  { between: ['wheat', 'barley'], because: 'their gluten is alike' },
  { between: ['celery', 'mustard'], because: 'with mugwort pollen, spices come together' },
  { between: ['tomato', 'potato'], because: 'with latex allergy, together with avocado, banana and chestnut' },
  { between: ['chestnut', 'tomato'], because: 'with latex allergy' },
  { between: ['buckwheat', 'rice'], because: 'rarely' },
];
