/** A linear congruential generator: the same seed gives the same recipes on every machine. */
export function seededChance(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state * 1664525 + 1013904223) >>> 0;
    return state / 4294967296;
  };
}
