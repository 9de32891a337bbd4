import { isFlavour } from '../identity/identity.js';
import { KNOWN_BY_STIFFNESS } from '../identity/identity.params.js';
import { type LineLimit, lineLimits } from '../identity/line-limits.js';
import { sensibleShare, unseenWork } from '../identity/sensible-share.params.js';
import { wishesOf } from '../../brief/brief.js';
import type { RailId } from '../../property/properties.js';
import { BATCH_FACTOR, LEAST_KEPT, smallAmount } from './balance.params.js';
import type { BalanceRequest } from './balance-request.js';
import { limitsOfPeople, mayBeTooMuch, type PeopleLimits } from './limits-of-people.js';

/** The amounts a balance may choose from. Arrays run over the lines of the recipe, in g. */
export interface SearchSpace {
  readonly request: BalanceRequest;
  readonly present: Float64Array;
  readonly low: Float64Array;
  readonly high: Float64Array;
  /** Lines that can move. */
  readonly free: readonly number[];
  /** g below which a change counts in grams rather than as a factor. */
  readonly small: Float64Array;
  /** Factor on the price of changing a line. */
  readonly stiffness: Float64Array;
  /** g of everything weighed in: one mass where it stays, a range where it may change. */
  readonly batch: readonly [least: number, most: number];
  /** g of everything weighed in at present. */
  readonly batchG: number;
  readonly people: PeopleLimits;
  /** Within what each line stays the same dish, for a batch of the present mass; none where that is lifted. */
  readonly limits: readonly LineLimit[];
  /** Lines whose limits follow the batch where it may change its mass: a larger batch of the same dish has more of everything. */
  readonly follows: readonly number[];
}

/** Bounds of one line by its hold, what keeps the dish what it is, and what is in the house. */
function rangeOf(
  request: BalanceRequest,
  line: number,
  limit: LineLimit | undefined,
  batchG: number,
  batchBy: number,
): readonly [low: number, high: number] {
  const recipeLine = request.recipe.lines[line];
  if (!recipeLine) throw new RangeError(`the recipe has no line ${line}`);
  const { ingredient, mass } = recipeLine,
    hold = request.holds?.[line];
  const inHouse = request.stock?.get(ingredient.id) ?? Infinity;
  if (hold?.kind === 'pinned') return [mass, mass];
  if (hold?.kind === 'bounded') return [hold.leastG, Math.max(hold.leastG, Math.min(hold.mostG, inHouse))];
  if (limit) return [Math.min(limit.low / batchBy, inHouse), Math.min(limit.high * batchBy, inHouse)];
  const high = Math.min(Math.max(mass, sensibleShare(ingredient, request.family) * batchG), inHouse);
  return [Math.min(LEAST_KEPT * mass, high), high];
}

/** What flavours are there for. */
const tasteRails: readonly RailId[] = ['savoriness', 'salt', 'sourness', 'sweetness', 'yellowness'];

/** Where nothing is asked of the taste, and nobody has too much of something, flavours stay to the gram: they are never what fills up. */
function flavoursStay({ brief }: BalanceRequest, people: PeopleLimits, present: Float64Array): boolean {
  const asked = tasteRails.some((rail) => brief[rail] !== undefined && !brief[rail].kept);
  const over = people.portions.some((limit) => mayBeTooMuch(limit, present));
  return !asked && !over && wishesOf(brief).length > 0;
}

/** @throws RangeError when a hold is upside down (callers validate first) */
export function searchSpace(request: BalanceRequest): SearchSpace {
  const { lines } = request.recipe;
  const present = Float64Array.from(lines, (line) => line.mass);
  const batchG = request.batchG ?? present.reduce((all, g) => all + g, 0);
  const judged = limitsOfPeople(request.recipe, request.portions, request.eaters ?? [], request.labels);
  const people: PeopleLimits = request.asTheyStand
    ? { ...judged, forbidden: judged.forbidden.filter(({ line }) => !request.asTheyStand?.has(line)) }
    : judged;
  const limits =
    request.sameDish === 'lifted'
      ? []
      : lineLimits(request, { arrivals: request.arrivals, waterArriving: request.waterArriving });
  const batchBy = request.holdMass === false ? BATCH_FACTOR : 1;
  const low = new Float64Array(lines.length),
    high = new Float64Array(lines.length);
  const still = flavoursStay(request, people, present);
  lines.forEach((line, i) => {
    const [from, to] = rangeOf(request, i, limits[i], batchG, batchBy);
    if (from > to) throw new RangeError(`line ${i} is held between ${from} and ${to} g`);
    const out = people.forbidden.some(({ line }) => line === i) && request.holds?.[i] === undefined;
    const mass = present[i] ?? 0;
    const stays =
      still && limits[i] !== undefined && request.holds?.[i] === undefined && !request.arrivals?.has(i);
    const kept = stays && isFlavour(line.ingredient) ? Math.min(mass, to) : undefined;
    low[i] = out ? 0 : (kept ?? from);
    high[i] = out ? 0 : (kept ?? to);
  });
  return {
    request,
    present,
    low,
    high,
    people,
    free: lines.flatMap((_line, i) => ((high[i] ?? 0) > (low[i] ?? 0) ? [i] : [])),
    small: present.map((g) => Math.max(smallAmount.ofLine * g, smallAmount.ofBatch * batchG)),
    stiffness: Float64Array.from(
      lines,
      ({ ingredient }, i) =>
        (unseenWork[ingredient.shelf] ?? 1) * (1 + KNOWN_BY_STIFFNESS * (limits[i]?.knownBy ?? 0)),
    ),
    limits,
    follows:
      request.holdMass === false
        ? limits.flatMap((_limit, i) => (request.holds?.[i] === undefined && (high[i] ?? 0) > 0 ? [i] : []))
        : [],
    batch: [batchG / batchBy, batchG * batchBy],
    batchG,
  };
}

/** Variable of a line: the logarithm of its amount, turning linear below what is small, so that nothing at all can be reached. */
export const variableOf = (space: SearchSpace, line: number, g: number): number =>
  Math.log1p(g / (space.small[line] ?? 1));
const amountAt = (space: SearchSpace, line: number, variable: number): number =>
  (space.small[line] ?? 1) * Math.expm1(variable);

export const variablesOf = (space: SearchSpace, masses: Float64Array): Float64Array =>
  Float64Array.from(space.free, (line) => variableOf(space, line, masses[line] ?? 0));

/** How much larger the batch is than it was, where it may be; a larger batch of the same is no change of the dish. */
export const batchScale = ({ follows, batchG }: SearchSpace, masses: Float64Array): number =>
  follows.length > 0 ? masses.reduce((all, g) => all + g, 0) / batchG : 1;

const clip = (value: number, low: number, high: number): number => Math.min(high, Math.max(low, value));
/** Most steps towards the factor, share of the mass that is near enough, and how far a factor may go. */
const STEPS = 60,
  NEAR_ENOUGH = 1e-12,
  FURTHEST = 1e5;

/**
 * Scales the free lines by one factor, each within its bounds, until the sum is what it may be; the nearest where that cannot be.
 * The sum grows with the factor in straight pieces: Newton's rule inside a bracket finds the piece and then the factor exactly.
 */
export function holdMass(
  space: SearchSpace,
  masses: Float64Array,
  movable: readonly number[] = space.free,
): Float64Array {
  const { batch, low, high } = space;
  let sum = 0;
  for (const g of masses) sum += g;
  const heldMass = clip(sum, batch[0], batch[1]);
  if (movable.length === 0 || Math.abs(sum - heldMass) <= NEAR_ENOUGH * heldMass) return masses;
  let fixed = sum;
  for (const i of movable) fixed -= masses[i]!;
  const wanted = heldMass - fixed;
  let factor = wanted / Math.max(sum - fixed, 1e-12),
    below = 0,
    above = FURTHEST;
  for (let step = 0; step < STEPS; step++) {
    let there = 0,
      slope = 0;
    for (const i of movable) {
      const g = masses[i]! * factor;
      if (g <= low[i]!) there += low[i]!;
      else if (g >= high[i]!) there += high[i]!;
      else {
        there += g;
        slope += masses[i]!;
      }
    }
    const off = wanted - there;
    if (Math.abs(off) <= NEAR_ENOUGH * heldMass) break;
    if (off > 0) below = factor;
    else above = factor;
    const next = slope > 0 ? factor + off / slope : NaN;
    factor = next > below && next < above ? next : above < FURTHEST ? (below + above) / 2 : factor * 4 + 1e-9;
    if (factor > FURTHEST || above - below <= 1e-15 * above) break;
  }
  const held = Float64Array.from(masses);
  for (const i of movable) held[i] = clip(masses[i]! * factor, low[i]!, high[i]!);
  return held;
}

/** Masses of all lines for a point of the search. */
export function massesAt(space: SearchSpace, at: Float64Array): Float64Array {
  const masses = space.low.map((low, i) => ((space.high[i] ?? 0) > low ? 0 : low));
  space.free.forEach((line, k) => {
    masses[line] = clip(amountAt(space, line, at[k] ?? 0), space.low[line] ?? 0, space.high[line] ?? 0);
  });
  return holdMass(space, sameDish(space, masses));
}

/** Rounds in which limits follow a batch whose mass they change. */
const ROUNDS = 3;

/** Every line within its share of the batch as it comes out. */
function sameDish({ follows, limits, low, high, batchG }: SearchSpace, masses: Float64Array): Float64Array {
  for (let round = 0; round < ROUNDS && follows.length > 0; round++) {
    let sum = 0;
    for (const g of masses) sum += g;
    const by = sum / batchG;
    for (const i of follows) {
      const { low: least, high: most } = limits[i]!;
      masses[i] = clip(clip(masses[i]!, least * by, most * by), low[i]!, high[i]!);
    }
  }
  return masses;
}

/** Where the sum of all bounds cannot reach the mass that is to be held. */
export function massOutOfReach({ batch: [least, most], low, high }: SearchSpace): boolean {
  const sum = (values: Float64Array) => values.reduce((all, g) => all + g, 0);
  return sum(low) > most * (1 + 1e-9) || sum(high) < least * (1 - 1e-9);
}
