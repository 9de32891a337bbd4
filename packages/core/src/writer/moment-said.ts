import { starchTotal } from '../ingredient/composition.js';
import type { Operation } from '../recipe/method/operation.js';
import type { ThingSaid } from './thing-said.js';

/** What a cook has before them when an operation begins. */
export interface MomentSaid {
  readonly operation: Operation;
  /** What goes in with it. */
  readonly things: readonly ThingSaid[];
  /** What is in the pot already. */
  readonly inside: readonly ThingSaid[];
  /** The pot is hot. */
  readonly hot: boolean;
  /** What is done to the pot after it. */
  readonly next: Operation | undefined;
  /** min in which it only warms up. */
  readonly warmMin: number;
  /** Loads that a jar takes it in; 1 where one holds it. */
  readonly loads: number;
  /** It stands in the jar that it was blended in. */
  readonly inJar: boolean;
  /** The water that goes into the pot as a line of its own, where there is one. */
  readonly potWater?: ThingSaid | undefined;
  /** The thing it is done to alone, before it meets the pot. */
  readonly alone?: ThingSaid;
}

/** g of starch in 100 g from which a thing is one that thickens when it is cooked. @source assumed: flours and starches, not roots */
const STARCHY = 40;

/** Something in the pot turns thick by its starch when it is cooked. */
export const hasStarch = ({ inside, things }: Pick<MomentSaid, 'inside' | 'things'>): boolean =>
  [...inside, ...things].some(
    ({ ingredient, role }) =>
      role === 'thickener' && ingredient !== undefined && starchTotal(ingredient.per100) > STARCHY,
  );

const HARD_SHELVES: ReadonlySet<string> = new Set(['nuts', 'seeds', 'pulses', 'grains']);

/** Something in the pot is gritty until it is blended fine. */
export const hasGrit = ({ inside, things }: Pick<MomentSaid, 'inside' | 'things'>): boolean =>
  [...inside, ...things].some(
    ({ ingredient }) => ingredient !== undefined && HARD_SHELVES.has(ingredient.shelf),
  );
