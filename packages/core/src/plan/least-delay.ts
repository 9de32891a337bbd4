import { REPLAN } from './plan.params.js';

/**
 * As little later as can be, in whole minutes: nobody serves between two. Undefined where it cannot be had at all.
 * @param least min that it is later at any rate
 */
export function leastDelay(least: number, possible: (lateBy: number) => boolean): number | undefined {
  if (possible(least)) return least;
  let short = least,
    enough = least + REPLAN.step;
  while (!possible(enough)) {
    if (enough - least > REPLAN.latest) return undefined;
    short = enough;
    enough += enough - least;
  }
  while (enough - short > 1) {
    const middle = Math.floor((short + enough) / 2);
    if (possible(middle)) enough = middle;
    else short = middle;
  }
  return enough;
}
