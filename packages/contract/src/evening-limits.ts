/** Most of an evening. @source assumed: more than any household cooks at once */
export const eveningLimits = {
  pots: 12,
  dishes: 6,
  versions: 8,
  eaters: 100,
  added: 30,
  addedG: 5000,
} as const;
