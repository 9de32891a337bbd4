import type { BalanceRequest } from '../balance/balance-request.js';
import type { Role } from '../../ingredient/ingredient.js';
import type { Need } from '../../household/need/need.js';
import { arrivingOf } from '../../predict/assemble/weighed.js';
import { type PotLine, sumOf, waterOf } from './replace-line.js';
import type { SwapRequest } from './swap-request.js';

/** g that a line brings to the pot beyond what was weighed. */
const broughtBy = (line: PotLine): number => arrivingOf(line) - 1;
const seasons: readonly Role[] = ['savory', 'seasoning'];
/** A need that adds up over the lines. */
const limitsAPortion = (need: Need): boolean =>
  need.kind === 'salt-limit' ||
  need.kind === 'compound' ||
  (need.kind === 'rule' && need.rule === 'small-child');

/**
 * The balance of a pot in which something was replaced. Its other lines stand as they stood in the original, so that every move away from
 * that counts; what the cook holds stays held, and only what is new is free.
 */
export function potRequest(request: SwapRequest, lines: readonly PotLine[]): BalanceRequest {
  const { recipe, holds, eaters = [] } = request;
  const stays = new Set(lines.map(({ origin }) => origin));
  const gone = recipe.lines.filter((_line, i) => !stays.has(i));
  const arrived = lines.filter(({ origin }) => origin === undefined);
  const staying = lines.map((line) =>
    line.origin === undefined ? line : { ...line, mass: recipe.lines[line.origin]?.mass ?? line.mass },
  );
  // What is left out is left out: only seasoning makes up for it, and the batch weighs as much less.
  const leftOut = arrived.length === 0;
  return {
    ...request,
    // Who cannot have another line is no matter of this one; how much of something a person may have is.
    eaters: eaters.map((eater) => ({ ...eater, needs: eater.needs.filter(limitsAPortion) })),
    recipe: {
      ...recipe,
      lines: staying,
    },
    holds: lines.map(({ origin, ingredient: { role, shelf } }) => {
      if (origin === undefined) return undefined;
      // No figure sees what a spice is there for; another body is no reason to move it.
      const stays = shelf === 'herbs and spices' || (leftOut && !seasons.includes(role));
      return holds?.[origin] ?? (stays ? { kind: 'pinned' } : undefined);
    }),
    arrivals: new Set(lines.flatMap(({ origin }, i) => (origin === undefined ? [i] : []))),
    // The pot weighs what it weighed, the water that was drunk before it included.
    batchG: leftOut
      ? sumOf(staying, () => 1)
      : sumOf(recipe.lines, () => 1) + sumOf(gone, broughtBy) - sumOf(arrived, broughtBy),
    ...(leftOut ? { holdMass: false } : {}),
    waterArriving: sumOf(arrived, waterOf) - sumOf(gone, waterOf),
  };
}
