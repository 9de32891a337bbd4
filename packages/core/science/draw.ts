import type { Anchor } from './anchor.js';

/**
 * Draws anchors to hold back, the same for the same seed on every machine.
 * @param seed of a linear congruential generator   @param count how many are held back
 * @returns their ids, in the order of the list
 */
export function drawHeldBack(from: readonly Anchor[], count: number, seed: number): readonly string[] {
  let state = seed >>> 0;
  const keyed = from.map((anchor) => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return { id: anchor.id, key: state };
  });
  const chosen = new Set(
    [...keyed]
      .sort((a, b) => a.key - b.key)
      .slice(0, count)
      .map(({ id }) => id),
  );
  return from.map(({ id }) => id).filter((id) => chosen.has(id));
}
