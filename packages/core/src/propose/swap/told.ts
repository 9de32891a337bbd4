import { aimOf, missOf } from '../balance/aim.js';
import { balanceWeights } from '../balance/balance.params.js';
import type { Judged } from '../../property/assessed.js';
import type { Brief } from '../../brief/wish.js';
import { coordinateOn, type Rail, type RailId, rails } from '../../property/rail.js';
import { WORTH_TELLING } from './swap.params.js';

/** What becomes of one property. */
export interface Told {
  readonly rail: RailId;
  /** In the property’s unit. */
  readonly from: number;
  readonly to: number;
  /** Nearer to the brief or further off; moved is neither. */
  readonly as: 'won' | 'lost' | 'moved';
  /** Steps of the rail. */
  readonly steps: number;
}

/** What is better when nothing is asked of it: less, or more. */
const betterWhen: Readonly<Partial<Record<RailId, 'less' | 'more'>>> = {
  smoothness: 'less',
  splitting: 'less',
  cost: 'less',
  stretch: 'more',
};

const NEARER = 0.3;

function judgementOf(rail: Rail, brief: Brief, before: Judged, after: Judged, steps: number): Told['as'] {
  const wish = brief[rail.id];
  if (wish) {
    const aim = aimOf(rail.id, wish);
    const off = (judged: Judged) => Math.abs(missOf(aim, rail.value(judged)).middle);
    const nearer = off(before) - off(after);
    return nearer > NEARER ? 'won' : nearer < -NEARER ? 'lost' : 'moved';
  }
  const better = betterWhen[rail.id];
  return better === undefined ? 'moved' : (better === 'more') === steps > 0 ? 'won' : 'lost';
}

/** What is lost and won from one pot to another, largest first; what hardly moves is left out. */
export function toldOf(brief: Brief, before: Judged, after: Judged): readonly Told[] {
  return rails
    .flatMap((rail): Told[] => {
      const from = rail.value(before).mid,
        to = rail.value(after).mid;
      const steps = (coordinateOn(rail.scale, to) - coordinateOn(rail.scale, from)) / balanceWeights.step;
      if (!(Math.abs(steps) >= WORTH_TELLING)) return [];
      return [{ rail: rail.id, from, to, steps, as: judgementOf(rail, brief, before, after, steps) }];
    })
    .sort((a, b) => Math.abs(b.steps) - Math.abs(a.steps));
}

/** Properties by which two pots are alike to whoever eats them. */
const tasted: readonly RailId[] = [
  'fat',
  'thickness',
  'stretch',
  'savoriness',
  'salt',
  'sourness',
  'sweetness',
  'smoothness',
  'colour',
  'cold-thickness',
];

/** How far two pots are apart, in steps of a rail, root mean square over what is tasted and seen. */
export function distanceBetween(before: Judged, after: Judged): number {
  const squares = rails
    .filter(({ id }) => tasted.includes(id))
    .map(
      ({ scale, value }) =>
        ((coordinateOn(scale, value(after).mid) - coordinateOn(scale, value(before).mid)) /
          balanceWeights.step) **
        2,
    );
  return Math.sqrt(squares.reduce((all, s) => all + s, 0) / squares.length);
}
