import { CLASS_EDGES } from '../predict/thickness/thickness-class.js';
import type { PropertyWord, RailScale } from './property.js';

/** One scale for the thickness at every moment, so that they can be compared; mPa·s. */
export const thicknessScale: RailScale = { kind: 'log', low: 1, high: 200_000 };

const edge = (i: number): number => 10 ** (CLASS_EDGES[i] ?? 0);

/** @source class edges of engine notes E-6; where a paste begins to be spread, assumed */
export const thicknessWords: readonly PropertyWord[] = [
  { from: 1, word: 'like milk' },
  { from: edge(0), word: 'like cream' },
  { from: edge(1), word: 'coats' },
  { from: edge(2), word: 'clings' },
  { from: edge(3), word: 'mounds' },
  { from: 20_000, word: 'spreads' },
];
