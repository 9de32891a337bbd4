/** Limits inside which the model was thought through. @source engine notes E-16, estimated. */
export const modelDomain = {
  /** g below which the pot counts as empty. */
  leastBatchG: 0.001,
  /** °C. */
  coldest: 0,
  hottest: 100,
  /** g per 100 g of water. */
  mostGum: 5,
  mostStarch: 25,
  /** Share of the mass below which there is no water to speak of. */
  traceWater: 0.03,
  /** Share of the mass that is uncooked starch above which it will taste raw. */
  rawStarchShare: 0.01,
  /** Share of the mass that is gum without the heat it needs, above which it is missed. */
  idleGum: 0.0004,
} as const;
