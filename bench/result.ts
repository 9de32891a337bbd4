/** One measured figure with what it should be. */
export interface Result {
  readonly name: string;
  readonly value: number;
  readonly unit: string;
  readonly goal: number;
  /** `most`: the value should not be above the goal; `least`: not below it. */
  readonly sense: 'most' | 'least';
}

export const percentile = (values: readonly number[], p: number): number => {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(p * sorted.length))] ?? NaN;
};
