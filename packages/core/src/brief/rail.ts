import type { PointPrediction } from '../predict/prediction.js';
import { type Band } from '../predict/uncertainty/band.js';
import { CLASS_EDGES } from '../predict/thickness/thickness-class.js';

/** Properties a cook balances; each is one rail on the Bench, in this order. */
export const railIds = [
  'fat',
  'thickness',
  'stretch',
  'savoriness',
  'salt',
  'sourness',
  'sweetness',
] as const;
export type RailId = (typeof railIds)[number];

/** How a rail places a value: evenly, or by the logarithm, from `low` to `high` in the property's unit. */
export interface RailScale {
  readonly kind: 'linear' | 'log' | 'root';
  readonly low: number;
  readonly high: number;
}

/** A word on the rail, from where it begins; edges are estimates of where cooks change the word. */
export interface RailWord {
  readonly from: number;
  readonly word: string;
}

export interface Rail {
  readonly id: RailId;
  readonly name: string;
  readonly unit: string;
  /** The technical term behind the kitchen word. */
  readonly term: string;
  readonly digits: number;
  readonly scale: RailScale;
  readonly words: readonly RailWord[];
  readonly value: (prediction: PointPrediction) => Band;
}

const edge = (i: number): number => 10 ** (CLASS_EDGES[i] ?? 0);

/** @source word edges: class edges of engine notes E-6 for thickness; the rest judged from the bands of engine notes E-10, assumed. */
export const rails: readonly Rail[] = [
  {
    id: 'fat', name: 'Fat', unit: '%', term: 'fat, g per 100 g', digits: 1, scale: { kind: 'root', low: 0, high: 85 },
    words: [{ from: 0, word: 'lean' }, { from: 3, word: 'light' }, { from: 10, word: 'creamy' }, { from: 22, word: 'rich' }, { from: 45, word: 'buttery' }],
    value: (p) => p.fat,
  },
  {
    id: 'thickness', name: 'Thickness', unit: 'mPa·s', term: 'apparent viscosity at 50 per second', digits: 0, scale: { kind: 'log', low: 1, high: 200_000 },
    words: [{ from: 1, word: 'like milk' }, { from: edge(0), word: 'like cream' }, { from: edge(1), word: 'coats' }, { from: edge(2), word: 'clings' }, { from: edge(3), word: 'mounds' }, { from: 20_000, word: 'spreads' }],
    value: (p) => p.viscosity,
  },
  {
    id: 'stretch', name: 'Stretch', unit: 'cm', term: 'pull length of a lifted strand', digits: 1, scale: { kind: 'root', low: 0, high: 30 },
    words: [{ from: 0, word: 'none' }, { from: 2, word: 'short' }, { from: 6, word: 'strings' }, { from: 15, word: 'long ropes' }],
    value: (p) => p.pull,
  },
  {
    id: 'savoriness', name: 'Savoriness', unit: 'g/100 g', term: 'equivalent umami concentration, as MSG', digits: 2, scale: { kind: 'root', low: 0, high: 4 },
    words: [{ from: 0, word: 'flat' }, { from: 0.1, word: 'mild' }, { from: 0.4, word: 'savory' }, { from: 1.5, word: 'strong' }],
    value: (p) => p.umami,
  },
  {
    id: 'salt', name: 'Salt', unit: '%', term: 'sodium chloride, g per 100 g', digits: 2, scale: { kind: 'linear', low: 0, high: 3 },
    words: [{ from: 0, word: 'bland' }, { from: 0.4, word: 'mild' }, { from: 0.8, word: 'seasoned' }, { from: 1.5, word: 'salty' }],
    value: (p) => p.salt,
  },
  {
    id: 'sourness', name: 'Sourness', unit: 'mEq/kg', term: 'titratable acid that tastes sour', digits: 1, scale: { kind: 'root', low: 0, high: 120 },
    words: [{ from: 0, word: 'round' }, { from: 5, word: 'fresh' }, { from: 18, word: 'tangy' }, { from: 55, word: 'sharp' }],
    value: (p) => p.sour,
  },
  {
    id: 'sweetness', name: 'Sweetness', unit: '%', term: 'sucrose equivalents, g per 100 g', digits: 1, scale: { kind: 'root', low: 0, high: 15 },
    words: [{ from: 0, word: 'dry' }, { from: 0.8, word: 'soft' }, { from: 3, word: 'sweetish' }, { from: 6, word: 'sweet' }],
    value: (p) => p.sweet,
  },
]; // prettier-ignore

export function railOf(id: RailId): Rail {
  const rail = rails.find((candidate) => candidate.id === id);
  if (!rail) throw new RangeError(`no rail is called "${id}"`);
  return rail;
}

/** Place of a value on its rail, 0 (left end) .. 1 (right end); values beyond an end stay at it. */
export function placeOnRail(scale: RailScale, value: number): number {
  const map = (v: number) =>
    scale.kind === 'log'
      ? Math.log(Math.max(v, scale.low))
      : scale.kind === 'root'
        ? Math.sqrt(Math.max(v, 0))
        : v;
  const place = (map(value) - map(scale.low)) / (map(scale.high) - map(scale.low));
  return Math.min(1, Math.max(0, place));
}

/** The word for a value: the last one that begins at or below it. */
export const wordFor = (rail: Rail, value: number): string =>
  [...rail.words].reverse().find((entry) => value >= entry.from)?.word ?? rail.words[0]?.word ?? '';
