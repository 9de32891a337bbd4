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
