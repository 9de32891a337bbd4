import type { Brief } from '../brief/wish.js';
import type { Role } from '../ingredient/ingredient.js';
import type { Method } from '../recipe/method/operation.js';
import { type Preparation } from '../recipe/preparation.js';
import { type Process, type Stage, type Storage, uncooked } from '../recipe/recipe.js';
import type { Amount } from '../quantity/amount.js';
import type { Family } from '../brief/family.js';

/** How far balancing may change a line: not at all, or between two masses (g). A line without it is free. */
export type Hold =
  { readonly kind: 'pinned' } | { readonly kind: 'bounded'; readonly leastG: number; readonly mostG: number };

/** One line of a formula: an ingredient, how much as the cook wrote it, and how it goes in. */
export interface Line {
  readonly id: string;
  readonly ingredient: string;
  /** As the cook wrote it; absent until the cook has said one that could be read. */
  readonly amount: Amount | undefined;
  /** Group on the Bench; the ingredient’s own role unless the cook moved it. */
  readonly role: Role;
  readonly preparation: Preparation;
  readonly stage: Stage;
  /** What is done to it before it meets the pot; absent is what the preparation says. */
  readonly ready?: Method;
  /** Its amount was weighed as made ready; absent is before. */
  readonly weighed?: 'ready';
  readonly hold?: Hold;
}

export interface Serve {
  readonly temperatureC: number;
  readonly storage: Storage;
  readonly days: number;
}

/** Everything a cook decides about one sauce, spread or butter. */
export interface Formula {
  readonly name: string;
  readonly family: Family;
  readonly portions: number;
  readonly note: string;
  readonly lines: readonly Line[];
  /** The flat words of formulas from before there were methods; counts where there is no method. */
  readonly process: Process;
  /** What is done, first to last, as the cook wants it. */
  readonly method?: Method;
  /** The app writes the method from family and lines, until the cook changes it. */
  readonly writesItself?: true;
  readonly serve: Serve;
  /** What is asked of it; absent is nothing: it is to stay as it is. */
  readonly brief?: Brief;
}

/** A formula that holds nothing yet. */
export const blankFormula: Formula = {
  name: 'New formula',
  family: 'pouring-sauce',
  portions: 4,
  note: '',
  lines: [],
  process: {
    ...uncooked,
    maxTemperatureC: 90,
    holdMin: 5,
    blenderPower: 0.6,
    blendSeconds: 60,
    blendedAfterCooking: false,
  },
  writesItself: true,
  serve: { temperatureC: 60, storage: 'cool', days: 0 },
};
