/**
 * What a small and a large one weigh of a middling one, where the larder knows only that.
 * @source median of the 25 rows of this larder that hold all three sizes (S-08): small 0.50-0.75, large 1.29-1.70
 */
export const pieceSizes = { small: 0.66, large: 1.57 } as const;
