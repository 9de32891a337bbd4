/** What a cook counts as one kind of thing, and the work that kinds can do for each other. */
export interface CulinaryKindRow {
  /** As a cook says it. */
  readonly kind: string;
  /** Kinds that share a work can stand in for each other. */
  readonly works: readonly string[];
  readonly ids: readonly string[];
}

/**
 * Kinds of the larder. A thing is in one kind; what is in no row stands in for whatever has its role.
 * @source kitchen habit as general cooking knowledge has it, assumed
 */
export const culinaryKinds: readonly CulinaryKindRow[] = [
  { kind: 'nut', works: ['rich base'], ids: ['cashew', 'almond', 'hazelnut', 'walnut', 'macadamia', 'brazil-nut', 'pecan', 'pistachio', 'pine-nut', 'almond-ground', 'peanut', 'cashew-roasted-salted'] },
  { kind: 'nut butter', works: ['rich base'], ids: ['cashew-butter', 'peanut-butter', 'almond-butter', 'peanut-butter-salted'] },
  { kind: 'seed', works: ['rich base'], ids: ['sunflower-seed', 'hemp-seed', 'pumpkin-seed', 'sesame-seed', 'poppy-seed'] },
  { kind: 'seed butter', works: ['rich base'], ids: ['tahini', 'sunflower-seed-butter', 'pumpkin-seed-butter'] },
  { kind: 'coconut flesh', works: ['rich base'], ids: ['coconut-desiccated'] },
  { kind: 'tofu', works: ['rich base', 'mealy base', 'cultured'], ids: ['tofu-firm', 'tofu-silken'] },
  { kind: 'smoked or fermented soya', works: ['mealy base'], ids: ['tofu-smoked', 'tempeh'] },
  { kind: 'bean', works: ['mealy base', 'rich base'], ids: ['white-bean-boiled', 'white-bean-canned', 'butter-bean-boiled', 'chickpea-boiled', 'chickpea-canned', 'soya-bean-boiled', 'kidney-bean-boiled', 'chickpea-dip'] },
  { kind: 'lentil', works: ['mealy base'], ids: ['red-lentil-dry', 'red-lentil-boiled', 'green-lentil-boiled', 'split-pea-dry', 'mung-dry', 'mung-sediment'] },
  { kind: 'dry pulse', works: ['dry pulse'], ids: ['chickpea-dry', 'white-bean-dry', 'kidney-bean-dry', 'butter-bean-dry', 'green-lentil-dry', 'soya-bean-dry'] },
  { kind: 'dry rice', works: ['dry rice'], ids: ['rice-dry'] },
  { kind: 'green vegetable', works: ['green base'], ids: ['green-pea', 'spinach', 'kale', 'broccoli'] },
  { kind: 'floury root', works: ['mealy base', 'mild base', 'rich base'], ids: ['potato', 'potato-boiled', 'sweet-potato'] },
  { kind: 'chestnut', works: ['mealy base'], ids: ['chestnut-boiled'] },
  { kind: 'cooked rice', works: ['mealy base'], ids: ['rice-cooked'] },
  { kind: 'pale vegetable', works: ['mild base', 'mealy base', 'rich base'], ids: ['cauliflower', 'cauliflower-roasted', 'parsnip', 'celeriac', 'turnip', 'swede', 'courgette', 'jerusalem-artichoke'] },
  { kind: 'orange vegetable', works: ['mild base', 'red base'], ids: ['squash', 'squash-roasted', 'pumpkin-puree', 'carrot', 'carrot-roasted'] },
  { kind: 'onion', works: ['onion base'], ids: ['onion', 'onion-roasted', 'leek', 'shallot'] },
  { kind: 'red vegetable', works: ['red base'], ids: ['red-pepper', 'red-pepper-roasted', 'tomato-canned', 'tomato-fresh'] },
  { kind: 'aromatic stalk', works: ['aromatic base', 'onion base'], ids: ['celery', 'fennel'] },
  { kind: 'aubergine', works: ['mild base'], ids: ['aubergine', 'aubergine-roasted'] },
  { kind: 'avocado', works: ['cultured'], ids: ['avocado'] },
  { kind: 'fruit', works: ['fruit base'], ids: ['apple-sauce'] },
  { kind: 'beetroot', works: ['red base'], ids: ['beetroot'] },
  { kind: 'yogurt', works: ['cultured'], ids: ['soya-yogurt', 'coconut-yogurt'] },
  { kind: 'soft cheese', works: ['cultured', 'melting'], ids: ['plant-cream-cheese'] },
  { kind: 'mayonnaise', works: ['cultured'], ids: ['mayonnaise', 'mayonnaise-egg', 'mayonnaise-egg-free'] },
  { kind: 'shreds', works: ['melting'], ids: ['plant-shreds', 'plant-shreds-tapioca'] },
  { kind: 'noodles', works: ['noodles'], ids: ['noodles-cooked', 'wheat-noodles-cooked', 'rice-noodles-cooked', 'pulse-noodles-cooked'] },
  { kind: 'crumbs', works: ['crumbs'], ids: ['breadcrumbs-wheat'] },

  { kind: 'cereal drink', works: ['milk'], ids: ['oat-drink', 'oat-drink-gluten-free', 'rice-drink'] },
  { kind: 'soya or pea drink', works: ['milk'], ids: ['soya-drink', 'soya-drink-plain', 'soya-drink-sweetened', 'pea-drink'] },
  { kind: 'nut drink', works: ['milk'], ids: ['almond-drink', 'almond-cashew-drink', 'cashew-drink', 'hazelnut-drink'] },
  { kind: 'coconut drink', works: ['milk'], ids: ['coconut-drink'] },
  { kind: 'seed drink', works: ['milk'], ids: ['hemp-drink'] },
  { kind: 'coconut milk', works: ['milk', 'cream'], ids: ['coconut-milk', 'coconut-cream', 'rice-coconut-cream'] },
  { kind: 'cooking cream', works: ['milk', 'cream'], ids: ['soya-cream', 'oat-cream'] },
  { kind: 'water', works: ['milk', 'stock', 'thin'], ids: ['water'] },
  { kind: 'stock', works: ['stock'], ids: ['stock', 'vegetable-stock', 'vegetable-stock-unsalted', 'vegetable-stock-without-celery'] },
  { kind: 'starchy water', works: ['thin'], ids: ['pasta-water', 'noodle-water', 'rice-noodle-water', 'pulse-noodle-water', 'chickpea-water'] },

  { kind: 'cereal flour', works: ['thickening'], ids: ['wheat-flour', 'wheat-flour-wholemeal', 'spelt-flour', 'rye-flour', 'rice-flour', 'millet-flour', 'buckwheat-flour', 'maize-meal', 'oat-flour', 'oat-flakes', 'oat-flakes-gluten-free'] },
  { kind: 'cereal starch', works: ['thickening'], ids: ['corn-starch', 'wheat-starch', 'rice-starch'] },
  { kind: 'root starch', works: ['thickening', 'stretching'], ids: ['tapioca-starch', 'cassava-flour', 'potato-starch', 'sweet-potato-starch', 'arrowroot', 'kudzu-starch'] },
  { kind: 'glutinous rice flour', works: ['thickening', 'stretching'], ids: ['glutinous-rice-flour'] },
  { kind: 'pulse flour', works: ['thickening'], ids: ['chickpea-flour', 'lupin-flour', 'red-lentil-flour', 'pea-flour', 'pea-protein', 'broad-bean-flour'] },
  { kind: 'swelling seed', works: ['thickening', 'setting'], ids: ['psyllium-husk', 'psyllium-powder', 'flax-seed-ground', 'chia-seed'] },
  { kind: 'gum', works: ['thickening'], ids: ['xanthan', 'guar', 'konjac', 'locust-bean-gum'] },
  { kind: 'gelling agent', works: ['setting'], ids: ['agar', 'agar-flakes', 'kappa-carrageenan', 'pectin'] },

  { kind: 'mild oil', works: ['fat'], ids: ['rapeseed-oil', 'sunflower-oil', 'olive-oil', 'avocado-oil'] },
  { kind: 'nut or seed oil', works: ['fat'], ids: ['peanut-oil', 'sesame-oil', 'walnut-oil', 'flax-oil', 'almond-oil'] },
  { kind: 'hard fat', works: ['fat', 'hard fat'], ids: ['coconut-oil', 'cocoa-butter', 'shea-butter', 'palm-fat', 'palm-kernel-fat', 'shea-stearin'] },
  { kind: 'plant butter', works: ['fat', 'hard fat'], ids: ['plant-butter-block', 'plant-butter-tub'] },

  { kind: 'citrus juice', works: ['souring'], ids: ['lemon-juice', 'lime-juice', 'orange-juice'] },
  { kind: 'vinegar', works: ['souring'], ids: ['white-vinegar', 'cider-vinegar', 'wine-vinegar', 'rice-vinegar', 'malt-vinegar'] },
  { kind: 'brine', works: ['souring'], ids: ['kraut-brine', 'pickle-brine', 'olive-brine'] },
  { kind: 'wine', works: ['souring'], ids: ['white-wine'] },
  { kind: 'acid crystals', works: ['souring'], ids: ['citric-acid', 'lactic-acid'] },

  { kind: 'mushroom', works: ['umami'], ids: ['mushroom', 'mushroom-roasted', 'shiitake-dried', 'porcini-dried'] },
  { kind: 'miso', works: ['umami'], ids: ['miso', 'rice-miso', 'barley-miso', 'chickpea-miso'] },
  { kind: 'soy sauce', works: ['umami'], ids: ['soy-sauce', 'soya-sauce', 'tamari', 'soy-sauce-reduced-salt', 'coconut-seasoning'] },
  { kind: 'yeast', works: ['umami'], ids: ['nutritional-yeast', 'yeast-extract'] },
  { kind: 'tomato', works: ['umami'], ids: ['tomato-paste', 'tomato-dried'] },
  { kind: 'stock powder', works: ['umami'], ids: ['stock-powder', 'stock-cube', 'stock-powder-without-celery'] },
  { kind: 'glutamate', works: ['umami'], ids: ['msg'] },
  { kind: 'garlic', works: ['allium'], ids: ['garlic', 'garlic-roasted', 'garlic-powder'] },
  { kind: 'onion powder', works: ['allium'], ids: ['onion-powder'] },
  { kind: 'mustard', works: ['mustard'], ids: ['mustard', 'mustard-coarse', 'mustard-powder'] },
  { kind: 'olives and capers', works: ['briny'], ids: ['olives', 'capers'] },
  { kind: 'smoke', works: ['smoke'], ids: ['smoke-water', 'paprika-smoked'] },

  { kind: 'salt', works: ['salting'], ids: ['salt', 'sea-salt-flakes', 'black-salt'] },
  { kind: 'sweetener', works: ['sweetening'], ids: ['sugar', 'maple-syrup', 'agave-syrup'] },
  { kind: 'yellow or red colour', works: ['colouring'], ids: ['turmeric', 'annatto', 'paprika-sweet'] },
  { kind: 'pink colour', works: ['pink'], ids: ['beetroot-powder'] },
  { kind: 'hot spice', works: ['heat'], ids: ['black-pepper', 'white-pepper', 'cayenne'] },
  { kind: 'warm spice', works: ['warmth'], ids: ['nutmeg', 'cumin'] },
  { kind: 'fresh herb', works: ['herb'], ids: ['parsley-fresh', 'chives-fresh', 'basil-fresh', 'dill-fresh'] },
  { kind: 'dried herb', works: ['herb'], ids: ['thyme-dried', 'oregano-dried', 'parsley-dried', 'basil-dried', 'dill-dried'] },
];
