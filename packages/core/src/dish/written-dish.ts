import type { Method } from '../recipe/method/operation.js';
import type { LayerAsk } from './layers.js';
import type { OvenStage } from './oven.js';
import type { DishVessel } from './vessel.js';

/** One part of a dish as it is written: a kept formula, or a bought or plain thing. */
export interface DishPart {
  readonly id: string;
  readonly name?: string;
  /** Id of a kept formula; exactly one of the two. */
  readonly formula?: string;
  /** Name of one of the versions that the household divides this formula into; absent is the formula as it is. */
  readonly version?: string;
  readonly ingredient?: string;
  /** g as bought, or of the sauce as it is made; absent is all that the formula makes. */
  readonly grams?: number;
  /** What is done to a thing before it goes in. */
  readonly ready: Method;
  /** Ids of those who alone eat of it; absent is everybody who eats of the dish. */
  readonly onlyFor?: readonly string[];
}

/** A layer as it is written, with a name of its own: the same part may lie in several. */
export interface DishLayer extends LayerAsk {
  readonly id: string;
}

/** Somebody who eats of a dish, and how many usual portions. */
export interface DishEater {
  readonly eater: string;
  readonly appetite: number;
}

export type NamedVessel = DishVessel & { readonly name?: string };

/** A dish as the cook writes it down; what is not said yet is left open. */
export interface WrittenDish {
  readonly name: string;
  readonly note: string;
  /** Usual portions, where nobody is named. */
  readonly portions: number;
  readonly eaters: readonly DishEater[];
  readonly vessel?: NamedVessel;
  readonly parts: readonly DishPart[];
  /** From the bottom up. */
  readonly layers: readonly DishLayer[];
  readonly oven: readonly OvenStage[];
  readonly restMin: number;
  /** °C as it goes into the oven. */
  readonly fromC: number;
  /** How it stood when a version of it was kept, oldest first; absent is none. */
  readonly kept?: readonly KeptMoment[];
}

/** A dish as it stood once, under a name. */
export interface KeptMoment {
  readonly id: string;
  readonly name: string;
  /** ISO date and time. */
  readonly keptAt: string;
  readonly dish: Omit<WrittenDish, 'kept'>;
}

/** Usual portions that a dish is divided into: those of who is named, or so many as are written. */
export const portionsOfDish = ({ portions, eaters }: Pick<WrittenDish, 'portions' | 'eaters'>): number =>
  eaters.length > 0 ? eaters.reduce((all, { appetite }) => all + appetite, 0) : portions;
