/** Share that one of two does which act on the same thing one after the other, each on what the other left, 0..1. */
export const eitherOf = (a: number, b: number): number => 1 - (1 - a) * (1 - b);
