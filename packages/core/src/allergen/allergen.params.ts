/** A thing people must avoid. `under` names the group it belongs to; a need for the group covers it. */
export interface AllergenRow {
  readonly id: string;
  readonly name: string;
  readonly under?: string;
  /** Declared by the nine-allergen list of the United States, by the fourteen-allergen list of the European Union. */
  readonly us: boolean;
  readonly eu: boolean;
  /** Groups for which this member is a question to the label, not a certain conflict. */
  readonly askUnder?: readonly string[];
  /** What it is sold as being without, to those who avoid that: an offer to them, though they ask. */
  readonly soldWithout?: readonly string[];
  readonly note?: string;
}

/**
 * The two legal lists by species, and what households add of their own.
 * @source US: FALCPA 2004 and FASTER Act 2021 with the tree-nut guidance of January 2025 (S-09); EU: Regulation 1169/2011, Annex II (S-10).
 */
export const allergenRows = [
  { id: 'milk', name: 'milk', us: true, eu: true, note: 'of any animal: cow, goat, sheep, buffalo' },
  { id: 'cow-milk', name: 'cow’s milk', under: 'milk', us: true, eu: true },
  { id: 'goat-milk', name: 'goat’s milk', under: 'milk', us: true, eu: true },
  { id: 'sheep-milk', name: 'sheep’s milk', under: 'milk', us: true, eu: true },
  { id: 'buffalo-milk', name: 'buffalo milk', under: 'milk', us: true, eu: true },
  { id: 'egg', name: 'egg', us: true, eu: true },
  { id: 'fish', name: 'fish', us: true, eu: true },
  { id: 'crustacean', name: 'crustaceans', us: true, eu: true },
  { id: 'mollusc', name: 'molluscs', us: false, eu: true },
  { id: 'peanut', name: 'peanut', us: true, eu: true },
  { id: 'soya', name: 'soya', us: true, eu: true },
  { id: 'sesame', name: 'sesame', us: true, eu: true },
  { id: 'tree-nut', name: 'tree nuts', us: true, eu: true },
  { id: 'almond', name: 'almond', under: 'tree-nut', us: true, eu: true },
  { id: 'brazil-nut', name: 'Brazil nut', under: 'tree-nut', us: true, eu: true },
  { id: 'cashew', name: 'cashew', under: 'tree-nut', us: true, eu: true },
  { id: 'hazelnut', name: 'hazelnut', under: 'tree-nut', us: true, eu: true },
  { id: 'macadamia', name: 'macadamia', under: 'tree-nut', us: true, eu: true },
  { id: 'pecan', name: 'pecan', under: 'tree-nut', us: true, eu: true },
  { id: 'pistachio', name: 'pistachio', under: 'tree-nut', us: true, eu: true },
  { id: 'walnut', name: 'walnut', under: 'tree-nut', us: true, eu: true },
  { id: 'pine-nut', name: 'pine nut', under: 'tree-nut', us: true, eu: false, askUnder: ['tree-nut'], note: 'a tree nut by the US list, not by the EU list' },
  { id: 'chestnut', name: 'chestnut', us: false, eu: false, note: 'on neither list today, and once on the US list; some people with a nut allergy are told to avoid it' },
  { id: 'gluten', name: 'gluten cereals', us: false, eu: true, note: 'wheat, rye, barley, oats and their kin; the US list names wheat alone' },
  { id: 'wheat', name: 'wheat', under: 'gluten', us: true, eu: true },
  { id: 'spelt', name: 'spelt', under: 'wheat', us: true, eu: true },
  { id: 'khorasan', name: 'khorasan wheat', under: 'wheat', us: true, eu: true },
  { id: 'rye', name: 'rye', under: 'gluten', us: false, eu: true },
  { id: 'barley', name: 'barley', under: 'gluten', us: false, eu: true },
  { id: 'oat', name: 'oat', under: 'gluten', us: false, eu: true },
  { id: 'oat-gluten-free', name: 'oats sold as gluten-free', under: 'oat', us: false, eu: true, askUnder: ['gluten'], soldWithout: ['gluten'], note: 'at most 20 mg gluten per kg by its label; some people with coeliac disease do not tolerate it' },
  { id: 'celery', name: 'celery', us: false, eu: true, note: 'celeriac too' },
  { id: 'mustard', name: 'mustard', us: false, eu: true },
  { id: 'sulphite', name: 'sulphites', us: false, eu: true, note: 'above 10 mg per kg or litre' },
  { id: 'lupin', name: 'lupin', us: false, eu: true },
  { id: 'coconut', name: 'coconut', us: false, eu: false, note: 'counted with the tree nuts on older US labels; asked about separately' },
  { id: 'sunflower', name: 'sunflower seed', us: false, eu: false },
  { id: 'pumpkin-seed', name: 'pumpkin seed', us: false, eu: false },
  { id: 'hemp', name: 'hemp seed', us: false, eu: false },
  { id: 'flax', name: 'flax seed', us: false, eu: false },
  { id: 'poppy', name: 'poppy seed', us: false, eu: false },
  { id: 'pulse', name: 'pulses', us: false, eu: false, note: 'peas, chickpeas, beans, lentils' },
  { id: 'pea', name: 'pea', under: 'pulse', us: false, eu: false },
  { id: 'chickpea', name: 'chickpea', under: 'pulse', us: false, eu: false },
  { id: 'bean', name: 'bean', under: 'pulse', us: false, eu: false },
  { id: 'lentil', name: 'lentil', under: 'pulse', us: false, eu: false },
  { id: 'mung', name: 'mung bean', under: 'bean', us: false, eu: false },
  { id: 'maize', name: 'maize', us: false, eu: false },
  { id: 'rice', name: 'rice', us: false, eu: false },
  { id: 'buckwheat', name: 'buckwheat', us: false, eu: false },
  { id: 'potato', name: 'potato', us: false, eu: false },
  { id: 'tomato', name: 'tomato', us: false, eu: false },
  { id: 'pepper', name: 'sweet pepper and chilli', us: false, eu: false },
  { id: 'allium', name: 'garlic and onion', us: false, eu: false },
  { id: 'mushroom', name: 'mushroom', us: false, eu: false },
  { id: 'yeast', name: 'yeast', us: false, eu: false },
  { id: 'citrus', name: 'citrus', us: false, eu: false },
  { id: 'alcohol', name: 'alcohol', us: false, eu: false },
  { id: 'added-sugar', name: 'added sugar', us: false, eu: false },
  { id: 'added-oil', name: 'added oil', us: false, eu: false },
  { id: 'meat', name: 'meat', us: false, eu: false, note: 'of any animal on land' },
  { id: 'pork', name: 'pork', under: 'meat', us: false, eu: false },
  { id: 'beef', name: 'beef', under: 'meat', us: false, eu: false },
  { id: 'poultry', name: 'poultry', under: 'meat', us: false, eu: false },
  { id: 'lamb-or-game', name: 'lamb or game', under: 'meat', us: false, eu: false },
  { id: 'gelatine', name: 'gelatine', us: false, eu: false, note: 'of pigs, cattle or fish; packs rarely say which' },
  { id: 'honey', name: 'honey', us: false, eu: false },
  { id: 'insect', name: 'insect colour or glaze', us: false, eu: false },
  { id: 'animal-origin', name: 'something from animals', us: false, eu: false, note: 'rennet, and additives made of animal or of plant fats' },
] as const satisfies readonly AllergenRow[];
