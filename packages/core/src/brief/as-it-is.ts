import { type Assessed, isEmpty } from '../property/assess.js';
import type { RailId } from '../property/properties.js';
import { coordinateOn, NOTICEABLE, type Rail, rails, valueAt } from '../property/rail.js';
import type { Brief, Wish } from './wish.js';

/** Just noticeable differences by which a property that nobody asked about may move; those that make no dish another one, more. @source assumed: what two batches of one cook differ by */
const KEPT_WITHIN = 1.2,
  LOOSELY_WITHIN = 2.5;
const loosely: readonly RailId[] = ['sweetness', 'graininess', 'yellowness', 'curdling'];

/** What is tasted or seen stays; splitting must not become likelier. */
const staysAsItIs = ({ id, tasted }: Rail): boolean => tasted === true || id === 'curdling';

/** A wish that keeps a property about where it stands; what is better with less of it may become less. */
function keptWish({ id, scale, value, better }: Rail, assessed: Assessed): Wish {
  const place = coordinateOn(scale, value(assessed).mid);
  const within = (loosely.includes(id) ? LOOSELY_WITHIN : KEPT_WITHIN) * NOTICEABLE;
  const at = (sign: 1 | -1) => valueAt(scale, place + sign * within);
  return { low: better === 'less' ? scale.low : at(-1), high: at(1), weight: 1, kept: true };
}

/** What a pot is, as a brief: it is to stay like this. Nothing can be said of an empty one. */
export const briefAsItIs = (assessed: Assessed): Brief =>
  isEmpty(assessed.prediction)
    ? {}
    : Object.fromEntries(rails.filter(staysAsItIs).map((rail) => [rail.id, keptWish(rail, assessed)]));

/** What is asked, and for everything else that is tasted, that it stays as it is. */
export const withTheRestAsItIs = (asked: Brief, assessed: Assessed): Brief => ({
  ...briefAsItIs(assessed),
  ...asked,
});
