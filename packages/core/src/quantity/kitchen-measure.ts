import { nearestKitchenFraction, writeKitchenNumber } from './fraction.js';
import { gramsPerUnit, type Measures } from './measures.js';
import type { Amount } from './amount.js';
import { type UnitId, unitOf } from './unit.js';

/** Counted units, in the order in which a cook would think of them. */
const COUNTED: readonly UnitId[] = [
  'medium',
  'piece',
  'clove',
  'large',
  'small',
  'can',
  'block',
  'slice',
  'stick',
  'sprig',
];
/** Rounding a kitchen measure may move the amount by this share before a second measure is added; kitchen habit, S-08. */
const ROUNDING_ALLOWED = 0.06;

const write = (value: number, unit: UnitId): string => {
  const written = writeKitchenNumber(value);
  const [one, many] = unitOf(unit).written;
  return `${written} ${value > 1.06 ? many : one}`;
};

/** A count is only natural from half a piece up to twenty; whole pieces come first. */
function byPieces(mass: number, measures: Measures): string | undefined {
  const counts = COUNTED.flatMap((unit) => {
    const per = gramsPerUnit(measures, unit);
    return per === undefined ? [] : [{ unit, count: mass / per }];
  }).filter(({ count }) => count >= 0.47 && count <= 20);
  const whole = counts.find(({ count }) => Math.abs(Math.round(count) / count - 1) <= ROUNDING_ALLOWED / 2);
  const near =
    whole ?? counts.find(({ count }) => nearestKitchenFraction(count).relativeError <= ROUNDING_ALLOWED * 2);
  return near && write(near.count, near.unit);
}

/** Whole and fraction of the larger unit, and what is left in the smaller one. */
function withRemainder(ml: number, big: UnitId, bigMl: number, small: UnitId, smallMl: number): string {
  const { whole, over, under, relativeError } = nearestKitchenFraction(ml / bigMl);
  const rounded = whole + over / under;
  if (rounded > 0 && relativeError <= ROUNDING_ALLOWED) return write(rounded, big);
  const floor = Math.floor((ml / bigMl) * 4) / 4;
  const rest = (ml - floor * bigMl) / smallMl;
  if (floor <= 0) return write(rest, small);
  return `${write(floor, big)} + ${write(rest, small)}`;
}

/**
 * An amount as a kitchen measures it: "1 1/4 cup", "3 tbsp + 1 tsp", "2 medium", "a pinch"; undefined when the
 * ingredient has neither density nor piece weight.
 */
export function kitchenMeasure(massG: number, measures: Measures): string | undefined {
  if (!(massG > 0)) return undefined;
  const pieces = byPieces(massG, measures);
  if (pieces) return pieces;
  if (measures.density === undefined) return undefined;
  const ml = massG / measures.density;
  const tsp = unitOf('tsp').size,
    tbsp = unitOf('tbsp').size,
    cup = unitOf('cup').size;
  if (ml < tsp / 12) return 'a pinch';
  if (ml < tbsp * 0.95) return write(ml / tsp, 'tsp');
  if (ml < cup / 4.2) return withRemainder(ml, 'tbsp', tbsp, 'tsp', tsp);
  return withRemainder(ml, 'cup', cup, 'tbsp', tbsp);
}

/** The kitchen measure of a written amount: as the cook wrote it when that is a spoon, cup or count, else the nearest one. */
export function kitchenMeasureOf(amount: Amount | undefined, measures: Measures): string | undefined {
  if (!amount) return undefined;
  const per = gramsPerUnit(measures, amount.unit);
  if (per === undefined || !(amount.value > 0)) return undefined;
  const inKitchenUnit =
    unitOf(amount.unit).kind === 'count' || ['tsp', 'tbsp', 'cup', 'pinch', 'dash'].includes(amount.unit);
  if (inKitchenUnit && nearestKitchenFraction(amount.value).relativeError <= ROUNDING_ALLOWED / 2)
    return write(amount.value, amount.unit);
  return kitchenMeasure(amount.value * per, measures);
}
