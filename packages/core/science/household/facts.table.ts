/** Heads that the facts below speak of; a row names those it holds, and holds none of the others. */
export const factHeads = ['milk', 'egg', 'fish', 'crustacean', 'mollusc', 'peanut', 'soya', 'sesame', 'celery', 'mustard', 'lupin', 'sulphite', 'gluten', 'tree-nut'] as const;

/** `ingredient: what it holds by its nature`, written down apart from the larder’s own rows. */
export const allergenFacts: Readonly<Record<string, string>> = {
  cashew: 'tree-nut', almond: 'tree-nut', hazelnut: 'tree-nut', walnut: 'tree-nut', pecan: 'tree-nut', pistachio: 'tree-nut', macadamia: 'tree-nut', 'brazil-nut': 'tree-nut',
  peanut: 'peanut', 'peanut-butter': 'peanut', 'peanut-oil': 'peanut', 'sesame-seed': 'sesame', tahini: 'sesame', 'sesame-oil': 'sesame', 'sunflower-seed': '', 'pumpkin-seed': '',
  'tofu-firm': 'soya', 'soya-drink': 'soya', tamari: 'soya', 'rice-miso': 'soya', 'soy-sauce': 'soya gluten', 'barley-miso': 'soya gluten', 'chickpea-miso': '',
  'wheat-flour': 'gluten', 'rye-flour': 'gluten', 'spelt-flour': 'gluten', 'oat-flakes': 'gluten', 'oat-drink': 'gluten', 'buckwheat-flour': '', 'rice-flour': '', 'corn-starch': '', 'wheat-starch': 'gluten',
  'malt-vinegar': 'gluten', 'white-vinegar': '', 'wine-vinegar': 'sulphite', 'white-wine': 'sulphite', celeriac: 'celery', celery: 'celery', 'vegetable-stock': 'celery', 'stock-powder': 'celery',
  mustard: 'mustard', 'mustard-powder': 'mustard', 'lupin-flour': 'lupin', butter: 'milk', ghee: 'milk', 'goat-cheese': 'milk', 'sheep-cheese': 'milk', 'cow-milk': 'milk', 'yogurt-cow': 'milk',
  'mayonnaise-egg': 'egg', 'mayonnaise-egg-free': '', 'chickpea-dip': 'sesame', 'cocoa-butter': '', 'shea-butter': '', 'coconut-milk': '', 'coconut-oil': '', 'butter-bean-boiled': '', potato: '', 'nutritional-yeast': '',
  'breadcrumbs-wheat': 'gluten', 'yeast-extract': 'gluten', 'plant-cream-cheese': 'tree-nut', 'pasta-water': 'gluten',
};

/** `ingredient: what it often holds by its recipe`: asked about, whether traces matter or not. */
export const oftenFacts: Readonly<Record<string, string>> = {
  'plant-butter-block': 'milk soya', 'plant-butter-tub': 'milk soya', 'plant-shreds': 'milk soya', 'plant-cream-cheese': 'milk soya', 'mayonnaise-egg': 'mustard sulphite', 'mayonnaise-egg-free': 'soya mustard milk',
  'breadcrumbs-wheat': 'milk egg sesame soya', 'wheat-noodles-cooked': 'egg soya', 'pasta-water': 'egg', 'oat-flakes': 'wheat barley rye', 'oat-flour': 'wheat barley', 'oat-drink': 'wheat barley', 'oat-cream': 'wheat barley',
  'stock-powder': 'wheat barley soya mustard milk', 'vegetable-stock': 'wheat soya mustard', 'vegetable-stock-without-celery': 'celery wheat soya', 'yeast-extract': 'celery wheat', 'nutritional-yeast': 'barley wheat',
  mustard: 'wheat sulphite', 'hard-cheese-cow': 'egg', 'wine-vinegar': 'egg', 'white-wine': 'egg milk fish', 'lemon-juice': 'sulphite', 'lime-juice': 'sulphite', 'cider-vinegar': 'sulphite', 'malt-vinegar': 'sulphite', 'tomato-dried': 'sulphite',
  'shiitake-dried': 'sulphite', 'porcini-dried': 'sulphite', 'coconut-milk': 'sulphite', 'coconut-desiccated': 'sulphite', 'potato-starch': 'sulphite', 'apple-sauce': 'sulphite', olives: 'sulphite', capers: 'sulphite', 'kraut-brine': 'sulphite', 'pickle-brine': 'mustard celery sulphite',
  cashew: 'peanut', almond: 'peanut', hazelnut: 'peanut', 'sunflower-seed': 'tree-nut peanut sesame', 'pumpkin-seed': 'tree-nut peanut sesame', tahini: 'tree-nut peanut', 'chia-seed': 'sesame', 'poppy-seed': 'sesame',
  'chickpea-flour': 'wheat', 'buckwheat-flour': 'wheat', 'maize-meal': 'wheat', 'millet-flour': 'wheat', 'rye-flour': 'wheat', 'lupin-flour': 'soya', 'pea-protein': 'soya', 'tofu-smoked': 'wheat', tempeh: 'wheat', tamari: 'wheat', 'rice-miso': 'barley wheat', 'chickpea-miso': 'soya barley',
  'rice-vinegar': 'wheat barley', 'lactic-acid': 'milk', 'cocoa-butter': 'milk', 'shea-butter': 'tree-nut', 'sheep-cheese': 'goat-milk', 'goat-cheese': 'cow-milk', 'mustard-powder': 'wheat',
  miso: 'barley wheat soya', 'soya-sauce': 'wheat', stock: 'celery wheat soya mustard', 'stock-cube': 'celery milk wheat', 'noodles-cooked': 'wheat egg', 'noodle-water': 'wheat egg', mayonnaise: 'egg mustard soya',
};

/** `ingredient: what shares its lines`: asked about where traces matter, and only there. */
export const lineFacts: Readonly<Record<string, string>> = {
  'soya-drink': 'milk tree-nut', 'rice-drink': 'milk soya', 'oat-drink': 'milk tree-nut', 'almond-drink': 'milk', 'pea-drink': 'milk', 'coconut-drink': 'milk', 'soya-cream': 'milk tree-nut', 'oat-cream': 'milk', 'coconut-milk': 'milk', 'coconut-yogurt': 'milk', 'soya-yogurt': 'milk',
  walnut: 'sesame soya milk', cashew: 'sesame milk', 'peanut-butter': 'soya milk', 'almond-butter': 'sesame soya', 'pumpkin-seed': 'soya mustard gluten', tahini: 'soya mustard', 'sunflower-seed': 'gluten mustard',
  'rice-flour': 'gluten soya mustard lupin', 'maize-meal': 'soya mustard lupin', 'buckwheat-flour': 'soya sesame', 'wheat-flour': 'sesame mustard', 'corn-starch': 'gluten', 'rice-starch': 'gluten', arrowroot: 'gluten soya',
  'red-lentil-dry': 'soya', 'chickpea-flour': 'soya mustard', 'pea-flour': 'mustard soya', cumin: 'mustard celery sesame gluten peanut tree-nut', 'paprika-sweet': 'mustard celery peanut', 'black-pepper': 'mustard celery', nutmeg: 'celery mustard', turmeric: 'mustard gluten', 'oregano-dried': 'celery mustard',
  xanthan: 'gluten soya', guar: 'soya', agar: 'crustacean mollusc fish', 'kappa-carrageenan': 'crustacean mollusc', 'tofu-firm': 'gluten sesame', 'sesame-oil': 'peanut tree-nut', 'walnut-oil': 'peanut sesame', capers: 'mustard celery', 'nutritional-yeast': 'celery soya', 'smoke-water': 'gluten',
};

/** `ingredient: needs that find nothing against it`, traces or not. */
export const clearFacts: Readonly<Record<string, string>> = {
  potato: 'milk egg soya gluten tree-nut peanut celery sulphite mustard', carrot: 'milk egg soya gluten celery', cauliflower: 'milk gluten mustard', onion: 'milk gluten sulphite', garlic: 'milk gluten soya celery', 'parsley-fresh': 'celery mustard gluten', water: 'milk egg soya gluten tree-nut peanut sesame celery mustard sulphite lupin fish',
  salt: 'milk egg soya gluten sulphite', sugar: 'milk egg soya gluten', 'olive-oil': 'milk egg soya gluten tree-nut peanut sesame', 'rapeseed-oil': 'milk egg gluten mustard', 'white-bean-boiled': 'milk egg soya gluten peanut lupin', 'butter-bean-boiled': 'milk egg soya', 'chickpea-boiled': 'milk gluten soya',
  'rice-cooked': 'gluten milk egg', 'coconut-milk': 'peanut egg gluten', celeriac: 'milk gluten egg mustard', butter: 'egg soya gluten tree-nut', 'cow-milk': 'egg soya gluten', 'white-vinegar': 'gluten milk egg', 'maple-syrup': 'milk gluten', spinach: 'milk gluten sulphite', 'tomato-fresh': 'celery milk sulphite',
};
