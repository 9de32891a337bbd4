import { nearestKitchenFraction, writeKitchenNumber } from './fraction.js';
import { gramsPerUnit, type Measures } from './measures.js';
import { type Amount, type AmountRange, amountText } from './amount.js';
import { type Kitchen, kitchens, unitIn, usualKitchen, writtenIn } from './kitchen.js';
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

const write = (value: number, unit: UnitId, kitchen: Kitchen = usualKitchen): string => {
  const written = writeKitchenNumber(value);
  const [one, many] = writtenIn(kitchen, unit);
  return `${written} ${value > 1.06 ? many : one}`;
};

/** Pieces of each kind that a cook would count: from half a piece up to twenty. */
function countsOf(
  mass: number,
  measures: Measures,
): readonly { readonly unit: UnitId; readonly count: number }[] {
  return COUNTED.flatMap((unit) => {
    const per = gramsPerUnit(measures, unit);
    return per === undefined ? [] : [{ unit, count: mass / per }];
  }).filter(({ count }) => count >= 0.47 && count <= 20);
}

/** Whole pieces, where it comes to that. */
function byPieces(mass: number, measures: Measures): string | undefined {
  const whole = countsOf(mass, measures).find(
    ({ count }) => Math.abs(Math.round(count) / count - 1) <= ROUNDING_ALLOWED / 2,
  );
  return whole && write(whole.count, whole.unit);
}

/** mL from which what is counted is no matter of cups any more: nobody measures three aubergines so. @source assumed: three cups */
const HEAP_ML = 720;
const isHeap = (mass: number, { density = 1, pieces }: Measures): boolean =>
  pieces !== undefined && mass / density > HEAP_ML;

/** Half pieces, of what no spoon or cup measures. */
function byHalves(mass: number, measures: Measures): string | undefined {
  const halved = countsOf(mass, measures).find(
    ({ count }) => Math.abs(Math.round(2 * count) / (2 * count) - 1) <= ROUNDING_ALLOWED,
  );
  return halved && write(Math.round(2 * halved.count) / 2, halved.unit);
}

/** Whole and fraction of the larger unit, and what is left in the smaller one. */
function withRemainder(ml: number, big: UnitId, small: UnitId, kitchen: Kitchen): string {
  const bigMl = unitOf(big).size,
    smallMl = unitOf(small).size;
  const { whole, over, under, relativeError } = nearestKitchenFraction(ml / bigMl);
  const rounded = whole + over / under;
  if (rounded > 0 && relativeError <= ROUNDING_ALLOWED) return write(rounded, big, kitchen);
  const floor = Math.floor((ml / bigMl) * 4) / 4;
  const rest = (ml - floor * bigMl) / smallMl;
  if (floor <= 0) return write(rest, small, kitchen);
  return `${write(floor, big, kitchen)} + ${write(rest, small, kitchen)}`;
}

/**
 * An amount as a kitchen measures it: "1 1/4 cup", "3 tbsp + 1 tsp", "2 medium", "a pinch"; undefined when the
 * ingredient has neither density nor piece weight.
 */
export function kitchenMeasure(
  massG: number,
  measures: Measures,
  kitchen: Kitchen = usualKitchen,
): string | undefined {
  if (!(massG > 0)) return undefined;
  const pieces = byPieces(massG, measures);
  if (pieces) return pieces;
  if (measures.density === undefined || isHeap(massG, measures)) return byHalves(massG, measures);
  const ml = massG / measures.density;
  const tsp = unitIn(kitchen, 'tsp'),
    tbsp = unitIn(kitchen, 'tbsp'),
    cup = unitIn(kitchen, 'cup');
  if (ml < unitOf(tsp).size / 12) return 'a pinch';
  if (ml < unitOf(tbsp).size * 0.95) return write(ml / unitOf(tsp).size, tsp, kitchen);
  if (ml < unitOf(cup).size / 4.2) return withRemainder(ml, tbsp, tsp, kitchen);
  return withRemainder(ml, cup, tbsp, kitchen);
}

/** Units that a kitchen measures in as they are. */
const inKitchens = new Set<UnitId>(
  (['tsp', 'tbsp', 'cup', 'pinch', 'dash'] as const).flatMap((unit) =>
    kitchens.map((kitchen) => unitIn(kitchen, unit)),
  ),
);

/** "2–3 cloves", "1/2 to 1 1/2 pinches". */
function rangeSaid({ low, high }: AmountRange, unit: UnitId, kitchen: Kitchen): string {
  // Whole ones, weights and what is poured stand as they are written: "2–4 tbsp".
  if (
    (Number.isInteger(low) && Number.isInteger(high)) ||
    (unitOf(unit).kind !== 'count' && !inKitchens.has(unit))
  )
    return amountText({ value: (low + high) / 2, unit, range: { low, high } }, kitchen);
  const [from, to] = [low, high].map((value) => writeKitchenNumber(Math.round(value * 4) / 4 || value));
  return from === to
    ? write(high, unit, kitchen)
    : `${from} to ${write(high, unit, kitchen).replace(writeKitchenNumber(high), to ?? '')}`;
}

/** The kitchen measure of a written amount: as the cook wrote it when that is a spoon, cup or count, else the nearest one. */
export function kitchenMeasureOf(
  amount: Amount | undefined,
  measures: Measures,
  kitchen: Kitchen = usualKitchen,
): string | undefined {
  if (!amount) return undefined;
  const per = gramsPerUnit(measures, amount.unit);
  if (per === undefined || !(amount.value > 0)) return undefined;
  if (amount.range) return rangeSaid(amount.range, amount.unit, kitchen);
  const inKitchenUnit = unitOf(amount.unit).kind === 'count' || inKitchens.has(amount.unit);
  if (inKitchenUnit && nearestKitchenFraction(amount.value).relativeError <= ROUNDING_ALLOWED / 2)
    return write(amount.value, amount.unit, kitchen);
  return kitchenMeasure(amount.value * per, measures, kitchen);
}
