/** @source Abramowitz and Stegun, 26.2.17: off by 7.5e-8 at most */
const P = 0.2316419,
  B = [0.31938153, -0.356563782, 1.781477937, -1.821255978, 1.330274429] as const;

/** Probability that a standard normal draw lies below z. */
export function normalBelow(z: number): number {
  const t = 1 / (1 + P * Math.abs(z));
  const poly = B.reduceRight((all, b) => t * (b + all), 0);
  const above = (Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI)) * poly;
  return z >= 0 ? 1 - above : above;
}

/** Half-width of the 80 % interval in standard deviations; @source normal distribution. */
export const K80 = 1.2816;
