/** Shares of the finished batch beyond which a cook is asked whether the amount is meant. @source assumed: far beyond the bands of engine notes E-10 */
export const absurdShares = {
  salt: 0.05,
  seasoning: 0.06,
  gum: 0.06,
  yeast: 0.2,
  strongAcid: 0.03,
} as const;

/** g of one line above which it is more than a household cooks. */
export const largeLineG = 20_000;

/** °C between which germs grow in soak water, and h after which that is said. @source common advice of food-safety agencies as remembered, S-19; local rules come first */
export const growth = { from: 28, to: 60, hours: 2 } as const;

/** Days that something cooked is kept in the fridge at most. @source common advice of food-safety agencies as remembered, S-19; local rules come first */
export const keptDays = 4;
