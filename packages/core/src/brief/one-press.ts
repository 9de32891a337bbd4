import { type Assessed, isEmpty } from '../property/assess.js';
import { coordinateOn, NOTICEABLE, railOf, valueAt } from '../property/rail.js';
import { type OnePressRow, onePressRows } from './one-press.params.js';
import type { Wish } from './wish.js';

export type OnePressId = (typeof onePressRows)[number]['id'];

const rows: readonly (OnePressRow & { readonly id: OnePressId })[] = onePressRows;

/** What a press asks of a pot; undefined where there is nothing to take away, or no room left on the rail. */
function wishOfRow(
  { rail, by: [nearer, further], atLeast = 0, from = 0 }: OnePressRow,
  assessed: Assessed,
): Wish | undefined {
  const { scale, value } = railOf(rail),
    present = value(assessed).mid;
  if (isEmpty(assessed.prediction) || present < from) return undefined;
  const at = (by: number) => valueAt(scale, coordinateOn(scale, present) + by * NOTICEABLE);
  const more = nearer > 0;
  const low = more ? Math.max(at(nearer), atLeast) : at(further),
    high = more ? Math.max(at(further), low + at(further) - at(nearer)) : at(nearer);
  return high > low && (more ? low > present : high < present) ? { low, high, weight: 3 } : undefined;
}

/** The wishes that one press can say of this pot, each with what it asks. */
export const onePressWishes = (
  assessed: Assessed,
): readonly {
  readonly id: OnePressId;
  readonly words: string;
  readonly rail: OnePressRow['rail'];
  readonly wish: Wish;
}[] =>
  rows.flatMap((row) => {
    const wish = wishOfRow(row, assessed);
    return wish ? [{ id: row.id, words: row.words, rail: row.rail, wish }] : [];
  });

/** The wish behind a press, asked of a pot as it stands. */
export const onePressWish = (id: OnePressId, assessed: Assessed): Wish | undefined =>
  onePressWishes(assessed).find((one) => one.id === id)?.wish;
