import type { Ingredient } from '../../ingredient/ingredient.js';
import type { PackLabel } from './pack-label.js';

/** A total of which some is not known: there may be more. */
interface PartlyKnown {
  readonly partly?: true;
}

/** An amount with the upper end of its 80 % interval, g in one portion. */
export interface Amounted extends PartlyKnown {
  readonly mid: number;
  readonly high: number;
}

/** How much of what bites somebody meets: strengths against what bites half as much as can be felt (`bitingStrength`). */
export interface Pungency extends PartlyKnown {
  /** Strength of the most pungent mouthful. */
  readonly bite: number;
  /** Strength × g over the portion: burn builds up. */
  readonly burn: number;
}

/** A line of what is eaten, as far as people are concerned. */
export interface PortionLine {
  readonly id: string;
  /** Absent when the larder no longer knows the ingredient. */
  readonly ingredient: Ingredient | undefined;
  /** What the formula calls it, for an ingredient that is gone. */
  readonly named: string;
  /** g in one portion; absent when it is not known. */
  readonly gramsPerPortion?: number;
  /** Goes in whole, unblended. */
  readonly whole?: boolean;
  /** How it was prepared is not known, so neither is whether pieces of it are left. */
  readonly preparationUnknown?: boolean;
  readonly label?: PackLabel;
  /** The lines of a formula that stands here as an ingredient, or of a base that everything is made from. */
  readonly inside?: readonly PortionLine[];
}

/** Something that touched this pot on its way: a jar, a spoon, a frying fat that another pot used before. */
export interface Contact {
  readonly by: string;
  readonly from: string;
  readonly lines: readonly PortionLine[];
}

/** What one person eats of a pot, of a version of it, or of a whole meal. Of a total that is absent nothing is known. */
export interface Portion {
  readonly lines: readonly PortionLine[];
  /** g, as far as it is known. */
  readonly massG?: number;
  readonly salt?: Amounted;
  readonly pungency?: Pungency;
  readonly contacts?: readonly Contact[];
}

/** All lines, those of formulas inside formulas too. */
export const flatLines = (lines: readonly PortionLine[]): readonly PortionLine[] =>
  lines.flatMap((line) => (line.inside ? [line, ...flatLines(line.inside)] : [line]));

/** A base that is empty, or a formula inside a formula, holds only what stands in it. */
export const holdsAnything = ({ lines }: Pick<Portion, 'lines'>): boolean =>
  flatLines(lines).some((line) => line.ingredient ?? !line.inside);
