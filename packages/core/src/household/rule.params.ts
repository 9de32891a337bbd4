/** Rules of a household or a person that are not about one allergen. */
export const rules = ['no-added-oil', 'no-added-sugar', 'gluten-free', 'mild', 'small-child'] as const;
export type Rule = (typeof rules)[number];

export const ruleNames: Readonly<Record<Rule, string>> = {
  'no-added-oil': 'no added oil',
  'no-added-sugar': 'no added sugar',
  'gluten-free': 'gluten-free by the 20 mg/kg rule',
  mild: 'mild, hardly pungent',
  'small-child': 'small child at the table',
};

/** @source mild: estimated from the pungency index; salt of a child's portion: a third of 2 g a day, S-19; dislikes: estimated */
export const ruleLimits = {
  /** Pungency index 0..10 of the finished batch. */
  mildPungency: 0.35,
  /** g of salt in one portion for a small child. */
  childSalt: 0.7,
  /** Pieces this large and this hard are a choking hazard. */
  chokingUm: 3000,
  chokingHardness: 0.3,
  /** g a portion below which a disliked thing passes unnoticed. */
  dislikeTraceG: 0.4,
} as const;
