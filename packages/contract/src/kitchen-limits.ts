/** Most of each kind that a kitchen holds at once, what was put away not counted. @source assumed: several times the largest household and the most zealous cook */
export const kitchenLimits = {
  people: 100,
  ownIngredients: 2000,
  briefs: 500,
  /** Kept versions of one formula. */
  versions: 200,
  formulas: 50_000,
} as const;
