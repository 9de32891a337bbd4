/** Most of each kind that a kitchen holds at once, what was put away not counted. @source assumed: several times the largest household and the most zealous cook */
export const kitchenLimits = {
  people: 100,
  ownIngredients: 2000,
  briefs: 500,
  /** Kept versions of one formula. */
  versions: 200,
  formulas: 50_000,
  dishes: 2000,
  vessels: 200,
  evenings: 500,
  /** Words taught to the reader of labels. */
  words: 2000,
} as const;

/** Most that can be worked out in one request. @source assumed: more than the largest formula holds, and than the needs of any table */
export const requestLimits = {
  lines: 100,
  /** Of one method, and on one line. */
  operations: 60,
  readyOperations: 12,
  /** Of all people together. */
  needs: 600,
} as const;
