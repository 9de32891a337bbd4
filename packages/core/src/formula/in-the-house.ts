import type { Line } from './formula.js';
import { formulaInLine } from './formula-line.js';

/** What the house knows of its stock, and of the formulas that stand in lines. */
export interface HouseStock {
  /** g in the house, by ingredient; what nobody said anything of is not in it. */
  readonly stock: ReadonlyMap<string, number>;
  /** g of a line; undefined where no amount is given or it cannot be weighed. */
  readonly grams: (line: Line) => number | undefined;
  /** Lines of a formula in sight and the g that it makes. */
  readonly inside: (
    formula: string,
  ) => { readonly lines: readonly Line[]; readonly batchG: number } | undefined;
}

/** What comes out of the tap is never short. */
const FROM_THE_TAP: ReadonlySet<string> = new Set(['water']);

/** g that lines want of each ingredient; a line whose amount is not known wants some, which is more than none. */
function wantedOf(
  lines: readonly Line[],
  house: HouseStock,
  times: number,
  within: readonly string[],
): ReadonlyMap<string, number> | undefined {
  const wanted = new Map<string, number>();
  const want = (id: string, g: number) => wanted.set(id, (wanted.get(id) ?? 0) + g);
  for (const line of lines) {
    const g = house.grams(line),
      formula = formulaInLine(line.ingredient);
    if (formula === undefined) {
      want(line.ingredient, (g ?? 0) * times);
      continue;
    }
    const inner = within.includes(formula) ? undefined : house.inside(formula);
    if (!inner) return undefined;
    const share = g !== undefined && inner.batchG > 0 ? g / inner.batchG : 1;
    const through = wantedOf(inner.lines, house, times * share, [...within, formula]);
    if (!through) return undefined;
    for (const [id, more] of through) want(id, more);
  }
  return wanted;
}

/** Whether everything that a formula wants is in the house, and enough of it. What nobody said anything of is not known, so it is not. */
export function isInTheHouse(lines: readonly Line[], house: HouseStock): boolean {
  if (lines.length === 0) return false;
  const wanted = wantedOf(lines, house, 1, []);
  if (!wanted) return false;
  return [...wanted].every(([id, g]) => {
    if (FROM_THE_TAP.has(id)) return true;
    const there = house.stock.get(id) ?? 0;
    return there > 0 && there >= g;
  });
}
