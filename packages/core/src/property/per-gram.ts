/** Facts per gram from facts per 100 g and per kg; what is not known stays unknown. */
export const perGramOf100 = (per100: number | undefined): number | undefined =>
  per100 === undefined ? undefined : per100 / 100;
export const perGramOfKg = (perKg: number | undefined): number | undefined =>
  perKg === undefined ? undefined : perKg / 1000;
