import { bladeOf } from '../../recipe/method/blade.js';
import { heatOf } from '../../recipe/method/flat-process.js';
import type { Method } from '../../recipe/method/operation.js';
import type { RecipeLine } from '../../recipe/recipe.js';

/** When a line goes in: the place of the operation it goes in with, a little before it; and whether it stays in pieces. */
export interface Entry {
  readonly at: number;
  readonly inPieces: boolean;
}

/** A line goes in as its operation begins. */
const BEFORE = 0.25;

/**
 * When each line goes in. What no operation names goes in at the start, and what goes in at the end after the last heat.
 */
export function entriesOf(lines: readonly RecipeLine[], method: Method): readonly Entry[] {
  let named: Map<string, Entry> | undefined;
  let lastHeat = -1,
    lastPutIn = -1;
  method.forEach((operation, k) => {
    if (heatOf(operation)) lastHeat = k;
    if (operation.kind === 'put-in') lastPutIn = k;
    for (const id of operation.lines ?? [])
      (named ??= new Map()).set(id, { at: k - BEFORE, inPieces: operation.kind === 'stir-in' });
  });
  const start: Entry = { at: -1, inPieces: false };
  const end: Entry = { at: (lastPutIn > lastHeat ? lastPutIn : lastHeat + 1) - BEFORE, inPieces: false };
  return lines.map((line, i) => {
    const said = named?.get(line.id ?? String(i));
    return said ?? (line.stage === 'end' ? end : start);
  });
}

/** Whether any blade runs. */
export const hasBlade = (method: Method): boolean =>
  method.some((operation) => bladeOf(operation) !== undefined);
