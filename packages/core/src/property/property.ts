import type { Ingredient } from '../ingredient/ingredient.js';
import type { LineFate, Mixture } from '../predict/mixture/mixture.js';
import type { PotAt } from '../predict/pot-at.js';
import type { Band } from '../predict/uncertainty/band.js';
import type { Assessed } from './assess.js';
import type { ShownParameter } from './shown-parameter.js';

/** How a rail places a value: evenly, by the square root or by the logarithm, from `low` to `high` in the property's unit. */
export interface RailScale {
  readonly kind: 'linear' | 'log' | 'root';
  readonly low: number;
  readonly high: number;
}

/** A kitchen word, from where it begins. */
export interface PropertyWord {
  readonly from: number;
  readonly word: string;
}

/** The parts of the lines add up to the whole (fat, salt). */
export interface SharedOut {
  readonly by: 'share';
  readonly unit: string;
  /** Whether the parts are given for 100 g of the batch, or for the whole of it. */
  readonly of: 'batch' | '100 g';
  /** Per gram of the ingredient as weighed; undefined where the tables do not know it. */
  readonly perGram: (ingredient: Ingredient, fate: LineFate) => number | undefined;
}

/**
 * How much the figure would move with a tenth more of a line and nothing else changed. Leaving a line out whole would
 * say less: without its liquid a pot is no sauce.
 */
export interface TriedOut {
  readonly by: 'tenth-more';
  readonly unit: string;
  /** Thickness is given as a factor, everything else as a difference. */
  readonly as: 'difference' | 'factor';
  readonly figure: (pot: PotAt) => number;
}

/** Why a figure is what it is, apart from the lines. */
export interface PropertyLaw {
  /** In a sentence a cook can read. */
  readonly law: string;
  /** Those that matter for this pot. */
  readonly parameters?: (mix: Mixture) => readonly ShownParameter[];
  /** Entries of docs/sources.md. */
  readonly sources: readonly string[];
}

/** Where a property stands on the Bench: among the large rails, the usual ones below, those on demand, or only at the table. */
export type PropertyPlace = 'large' | 'usual' | 'on-demand' | 'table';

/** One thing that can be said of a pot, from the law to the word on the screen. */
export interface Property {
  readonly id: string;
  /** As a cook says it. */
  readonly name: string;
  /** The field's term behind the kitchen word. */
  readonly term: string;
  readonly unit: string;
  readonly digits: number;
  readonly place: PropertyPlace;
  /** Where it can be asked for: how its rail places it. */
  readonly scale?: RailScale;
  /** Edges are estimates of where cooks change the word. */
  readonly words: readonly PropertyWord[];
  /** What is better when nothing is asked of it. */
  readonly better?: 'less' | 'more';
  /** Whoever eats it would tell two pots apart by it. */
  readonly tasted?: true;
  readonly value: (of: Assessed) => Band;
  /** How its lines hold it where it is; absent where that would say nothing. */
  readonly lines?: SharedOut | TriedOut;
  readonly why?: PropertyLaw;
  /** Property whose lines and law hold this one as well: thickness at another moment. */
  readonly heldAs?: string;
}

/** A figure without doubt of its own. */
export const exactly = (value: number): Band => ({ low: value, mid: value, high: value });

export const scaledBand = ({ low, mid, high }: Band, by: number): Band => ({
  low: low * by,
  mid: mid * by,
  high: high * by,
});
