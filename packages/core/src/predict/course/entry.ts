import { heatsThePot } from '../../recipe/method/flat-process.js';
import { lastPlace, type Method } from '../../recipe/method/operation.js';
import type { RecipeLine } from '../../recipe/recipe.js';

/** When a line goes in: the place of the operation it goes in with, a little before it; and whether it stays in pieces. */
export interface Entry {
  readonly at: number;
  readonly inPieces: boolean;
}

/** Before any operation. */
export const AT_START = -1;
const fromTheStart: Entry = { at: AT_START, inPieces: false };

/** A line goes in as its operation begins. */
const BEFORE = 0.25;

/**
 * When each line goes in. What no operation names goes in at the start, and what goes in at the end after the last heat.
 */
export function entriesOf(
  lines: readonly Pick<RecipeLine, 'id' | 'stage'>[],
  method: Method,
): readonly Entry[] {
  let named: Map<string, Entry> | undefined;
  const lastHeat = lastPlace(method, heatsThePot),
    lastPutIn = lastPlace(method, ({ kind }) => kind === 'put-in');
  method.forEach((operation, k) => {
    for (const id of operation.lines ?? [])
      (named ??= new Map()).set(id, { at: k - BEFORE, inPieces: operation.kind === 'stir-in' });
  });
  const end: Entry = { at: (lastPutIn > lastHeat ? lastPutIn : lastHeat + 1) - BEFORE, inPieces: false };
  return lines.map((line, i) => {
    const said = named?.get(line.id ?? String(i));
    return said ?? (line.stage === 'end' ? end : fromTheStart);
  });
}
