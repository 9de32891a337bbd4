import type { RecipeLine } from '../../recipe/recipe.js';

/** How much sooner a cook makes up a lack with what is nearly water than with what brings fat or solids: power of the share of water. @source assumed: a stock before twice as much cream, a drink before a splash of water */
const WATERY = 4;

/**
 * The liquid of a dish that makes up for what comes or goes elsewhere: the largest one, where a thin one counts for more than a rich one;
 * -1 where there is none.
 * @param counts which lines may be it
 */
export const dishLiquid = (
  lines: readonly RecipeLine[],
  counts: (line: RecipeLine, at: number) => boolean = () => true,
): number =>
  lines.reduce((most, line, i) => {
    if (line.ingredient.role !== 'liquid' || !counts(line, i)) return most;
    return weightOf(line) > weightOf(lines[most]) ? i : most;
  }, -1);

const weightOf = (line: RecipeLine | undefined): number =>
  line ? line.mass * ((line.ingredient.per100.water ?? 0) / 100) ** WATERY : 0;
