import type { Brief } from '../../brief/wish.js';
import type { Assessed } from '../../property/assess.js';
import type { RailId } from '../../property/properties.js';
import { noticed, type Rail, rails } from '../../property/rail.js';
import { aimOf, missOf } from '../balance/aim.js';
import { NEARER, WORTH_SAYING } from './swap.params.js';

/** What becomes of one property from one pot to another. */
export interface Shift {
  readonly rail: RailId;
  /** In the property’s unit. */
  readonly from: number;
  readonly to: number;
  /** Nearer to the brief or further off; moved is neither. */
  readonly as: 'won' | 'lost' | 'moved';
  /** How far, in differences that a cook would just notice; negative is down. */
  readonly by: number;
}

function senseOf(rail: Rail, brief: Brief, before: Assessed, after: Assessed, by: number): Shift['as'] {
  const wish = brief[rail.id];
  if (wish) {
    const aim = aimOf(rail.id, wish);
    const off = (assessed: Assessed) => Math.abs(missOf(aim, rail.value(assessed)).middle);
    const nearer = off(before) - off(after);
    return nearer > NEARER ? 'won' : nearer < -NEARER ? 'lost' : 'moved';
  }
  if (rail.better === undefined) return 'moved';
  return (rail.better === 'more') === by > 0 ? 'won' : 'lost';
}

/** What is lost and won from one pot to another, largest first; what hardly moves is left out. */
export function shiftsBetween(brief: Brief, before: Assessed, after: Assessed): readonly Shift[] {
  return rails
    .flatMap((rail): Shift[] => {
      const from = rail.value(before).mid,
        to = rail.value(after).mid,
        by = noticed(rail.scale, from, to);
      if (!(Math.abs(by) >= WORTH_SAYING)) return [];
      return [{ rail: rail.id, from, to, by, as: senseOf(rail, brief, before, after, by) }];
    })
    .sort((a, b) => Math.abs(b.by) - Math.abs(a.by));
}

const tasted = rails.filter((rail) => rail.tasted);

/** How far two pots are apart to whoever eats them: differences just noticed, root mean square over what is tasted and seen. */
export function distanceBetween(before: Assessed, after: Assessed): number {
  const squares = tasted.map(({ scale, value }) => noticed(scale, value(before).mid, value(after).mid) ** 2);
  return Math.sqrt(squares.reduce((all, s) => all + s, 0) / squares.length);
}
