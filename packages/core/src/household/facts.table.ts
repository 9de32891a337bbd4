/** Heads that the facts below speak of; a row names those it holds, and holds none of the others. */
export const factHeads = ['milk', 'egg', 'fish', 'crustacean', 'mollusc', 'peanut', 'soya', 'sesame', 'celery', 'mustard', 'lupin', 'sulphite', 'gluten', 'tree-nut'] as const; // prettier-ignore

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
}; // prettier-ignore
