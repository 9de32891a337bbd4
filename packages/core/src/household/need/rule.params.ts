/** Rules of a household or a person that are not about one allergen. */
export const rules = [
  'vegetarian',
  'vegan',
  'no-meat',
  'no-pork',
  'no-alcohol',
  'butter-is-fine',
  'no-added-oil',
  'no-added-sugar',
  'gluten-free',
  'mild',
  'small-child',
] as const;
export type Rule = (typeof rules)[number];

export const ruleNames: Readonly<Record<Rule, string>> = {
  vegetarian: 'vegetarian',
  vegan: 'vegan',
  'no-meat': 'no meat',
  'no-pork': 'no pork',
  'no-alcohol': 'no alcohol',
  'butter-is-fine': 'dairy-free, but butter is fine',
  'no-added-oil': 'no added oil',
  'no-added-sugar': 'no added sugar',
  'gluten-free': 'gluten-free by the 20 mg/kg rule',
  mild: 'mild, hardly pungent',
  'small-child': 'small child at the table',
};

/** @source mild: estimated, S-20; salt of a child's portion: a third of 2 g a day, S-19; none added: as packs may say “free”; dislikes: estimated */
export const ruleLimits = {
  /** Pungency index 0..10 as it is eaten. */
  mildPungency: 0.35,
  /** g over which burn builds up: more than this of a mild thing burns like this much of a sharper one. */
  burnBuildsUpOverG: 100,
  /** g per 100 g of sugars or fat below which none was added. */
  noneAddedG: 0.5,
  /** g of salt in one portion for a small child. */
  childSalt: 0.7,
  /** Pieces this large and this hard are a choking hazard. */
  chokingUm: 3000,
  chokingHardness: 0.3,
  /** g a portion below which a disliked thing passes unnoticed. */
  dislikeTraceG: 0.4,
} as const;
