import {
  boilingWater,
  minutesTender,
  sizeTenderAfter,
  type SofteningWater,
} from '../predict/ready/soften.js';
import { softenLaw, softenRows } from '../predict/ready/soften.params.js';
import type { DishPart } from './written-dish.js';

/** Pieces of one thing in a pot that several share. */
export interface Pieces {
  readonly id: string;
  readonly ingredient: string;
  /** mm; of the usual size where nothing is said. */
  readonly sizeMm?: number;
}

export interface PiecesInPot {
  readonly id: string;
  readonly sizeMm: number;
  /** min until they are fork-tender, and how far kitchens lie apart in that (log sd). */
  readonly tenderMin: number;
  readonly cv: number;
  /** min after the first that they go in, so that all are tender at once. */
  readonly goesInAt: number;
  /** mm to cut them to, so that all may go in together; undefined where no size does. */
  readonly cutToMm: number | undefined;
}

export interface FinishedTogether {
  /** min from when the first go in until all are tender. */
  readonly minutes: number;
  /** The first to go in stand first. */
  readonly pieces: readonly PiecesInPot[];
  /** Of these nobody knows how they soften. */
  readonly unknown: readonly string[];
}

/** Whether it is known how a thing softens. */
export const softens = (ingredient: string): boolean => softenRows.has(ingredient);

/** Parts of a dish that are boiled soft in the pot that they share: how they soften has to be known. */
export const piecesBoiled = (
  parts: readonly Pick<DishPart, 'id' | 'ingredient' | 'ready'>[],
): readonly Pieces[] =>
  parts.flatMap(({ id, ingredient, ready }) => {
    if (ingredient === undefined || !softens(ingredient)) return [];
    if (!ready.some(({ kind }) => kind === 'boil-soft')) return [];
    const sizeMm = ready.find(({ kind }) => kind === 'cut')?.sizeMm;
    return [{ id, ingredient, ...(sizeMm === undefined ? {} : { sizeMm }) }];
  });

/** Pieces of several things in one pot: when each goes in, or how each is cut, for all to be tender at once. */
export function finishTogether(
  pieces: readonly Pieces[],
  water: SofteningWater = boilingWater,
): FinishedTogether {
  const known = pieces.flatMap(({ id, ingredient, sizeMm = softenLaw.sizeMm }) => {
    const row = softenRows.get(ingredient);
    return row ? [{ id, row, sizeMm, tenderMin: minutesTender(row, sizeMm, water) }] : [];
  });
  const minutes = Math.max(0, ...known.map(({ tenderMin }) => tenderMin));
  return {
    minutes,
    pieces: known
      .map(({ id, row, sizeMm, tenderMin }): PiecesInPot => ({
        id,
        sizeMm,
        tenderMin,
        cv: row.cv,
        goesInAt: minutes - tenderMin,
        cutToMm: sizeTenderAfter(row, minutes, water),
      }))
      .sort((a, b) => a.goesInAt - b.goesInAt),
    unknown: pieces.filter(({ ingredient }) => !softenRows.has(ingredient)).map(({ id }) => id),
  };
}
