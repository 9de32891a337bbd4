/** Most of an evening. @source assumed: more than any household cooks at once */
export const eveningLimits = {
  pots: 12,
  dishes: 6,
  versions: 8,
  eaters: 100,
  added: 30,
  addedG: 5000,
  cooks: 6,
  /** Things that are bought before. */
  buys: 200,
  /** min on the way and in the shop. */
  shopping: 360,
  /** Tasks of which something is said while it is cooked, and letters of the id of one. */
  said: 1000,
  taskId: 200,
} as const;
