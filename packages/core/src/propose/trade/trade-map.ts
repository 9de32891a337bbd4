import { potAt } from '../../predict/pot-at.js';
import { spreadOfPot } from '../../predict/spread.js';
import { type Aim, aimsOf, figuresOf } from '../balance/aim.js';
import type { BalanceRequest } from '../balance/balance-request.js';
import { limitsOfPeople, type PeopleLimits, portionOf } from '../balance/limits-of-people.js';
import { assess, type Assessed } from '../../property/assess.js';
import { withMasses } from '../../recipe/with-masses.js';
import { sensibleShare } from '../identity/sensible-share.params.js';
import { coordinateOn, NOTICEABLE, railOf } from '../../property/rail.js';
import { type RailId } from '../../property/properties.js';

/** One axis of a trade map: a line of the recipe over a range, g. */
export interface TradeAxis {
  readonly line: number;
  readonly least: number;
  readonly most: number;
}

export interface TradeMapRequest extends BalanceRequest {
  readonly x: TradeAxis;
  readonly y: TradeAxis;
  /** Properties whose contours are drawn. */
  readonly shown: readonly [RailId, RailId];
}

/** What stands at the knots of a grid; row by row from the lowest y, `size` × `size`. */
export interface TradeMap {
  readonly size: number;
  readonly x: TradeAxis;
  readonly y: TradeAxis;
  /** Middle of each shown property, as a coordinate of its rail, so that contours are even in what is noticed. */
  readonly values: readonly [Float64Array, Float64Array];
  /** Steps of the rail outside the brief, the largest of all; negative is inside, with so much room. */
  readonly outsideBrief: Float64Array;
  /** Tenths over people’s limits, the largest of all; negative is within, with so much room. */
  readonly outsidePeople: Float64Array;
  /** People who cannot eat it wherever the two lines stand. */
  readonly cannot: readonly string[];
}

/** Knots of the first picture and of the refined one, a side. @source assumed: 100 ms for the first on a slow machine; finer than a pixel of a bead afterwards */
export const tradeSizes = { first: 13, fine: 45 } as const;

const knot = ({ least, most }: TradeAxis, i: number, size: number): number =>
  least + ((most - least) * i) / (size - 1);

/** How far the worst of the wishes lies outside, in steps of its rail. */
function outsideBriefOf(aims: readonly Aim[], assessed: Assessed): number {
  let worst = -ROOM;
  for (const aim of aims) {
    const [middle] = figuresOf(aim, railOf(aim.rail).value(assessed));
    // An end at the very beginning of its rail is no limit: nothing can lie below it.
    worst = Math.max(worst, aim.low > 0 ? aim.low - middle : -ROOM, middle - aim.high);
  }
  return worst;
}

/** How far the worst of the people’s limits is exceeded. */
function outsidePeopleOf({ portions, forbidden }: PeopleLimits, masses: Float64Array): number {
  let worst = -ROOM;
  for (const limit of portions)
    if (limit.most < Infinity) worst = Math.max(worst, (portionOf(limit, masses) / limit.most - 1) / TENTH);
  for (const { line } of forbidden) if ((masses[line] ?? 0) > 0) worst = Math.max(worst, NEVER);
  return worst;
}
/** Room, in steps, that there is where nothing is asked. */
const ROOM = 5;
const TENTH = 0.1,
  NEVER = 20;

/**
 * The trade between two lines with everything else as it is. Yields after every row, so that whoever runs it can stop.
 * @throws RangeError for a line that is not there, or an axis that is upside down
 */
export function* tradeMap(request: TradeMapRequest, size: number): Generator<number, TradeMap> {
  const { recipe, portions, x, y, shown } = request;
  for (const axis of [x, y]) {
    if (!recipe.lines[axis.line]) throw new RangeError(`the recipe has no line ${axis.line}`);
    if (!(axis.least >= 0 && axis.most > axis.least))
      throw new RangeError(
        `an axis runs from a smaller to a larger mass, not from ${axis.least} to ${axis.most} g`,
      );
  }
  const aims = aimsOf(request.brief),
    limits = limitsOfPeople(recipe, portions, request.eaters ?? [], request.labels),
    spread = spreadOfPot(potAt(recipe)),
    masses = Float64Array.from(recipe.lines, ({ mass }) => mass);
  const count = size * size,
    values = [new Float64Array(count), new Float64Array(count)] as const,
    outsideBrief = new Float64Array(count),
    outsidePeople = new Float64Array(count);
  for (let row = 0; row < size; row++) {
    masses[y.line] = knot(y, row, size);
    for (let column = 0; column < size; column++) {
      masses[x.line] = knot(x, column, size);
      const assessed = assess(withMasses(recipe, masses), portions, spread);
      const at = row * size + column;
      shown.forEach((rail, k) => {
        const { scale, value } = railOf(rail);
        values[k as 0 | 1][at] = coordinateOn(scale, value(assessed).mid);
      });
      outsideBrief[at] = outsideBriefOf(aims, assessed);
      outsidePeople[at] = outsidePeopleOf(limits, masses);
    }
    yield (row + 1) / size;
  }
  const others = limits.forbidden.filter(
    ({ line }) => line !== x.line && line !== y.line && (masses[line] ?? 0) > 0,
  );
  return {
    size,
    x,
    y,
    values,
    outsideBrief,
    outsidePeople,
    cannot: [...new Set(others.map(({ eater }) => eater))],
  };
}

/** How far a line is looked at: so many times what there is, or a share of what is sensible in the batch, whichever is more. @source assumed */
const AROUND = { times: 2.5, ofSensible: 0.5, ofBatch: 0.05 } as const;

/** A range for an axis that holds the present amount with room on both sides, whatever the line. */
export function axisAround({ lines }: BalanceRequest['recipe'], line: number): TradeAxis {
  const asked = lines[line];
  if (!asked) throw new RangeError(`the recipe has no line ${line}`);
  const batchG = lines.reduce((all, { mass }) => all + mass, 0);
  const sensible = Math.min(AROUND.ofSensible * sensibleShare(asked.ingredient), AROUND.ofBatch) * batchG;
  return { line, least: 0, most: Math.max(asked.mass * AROUND.times, sensible, LEAST_AXIS_G) };
}
const LEAST_AXIS_G = 0.5;

/** Levels of the contours on a rail, as coordinates: one every other noticed step. */
export const contourLevels = (low: number, high: number): readonly number[] => {
  const step = 2 * NOTICEABLE;
  const from = Math.ceil(low / step),
    to = Math.floor(high / step);
  return Array.from({ length: Math.max(0, to - from + 1) }, (_unused, i) => (from + i) * step);
};
