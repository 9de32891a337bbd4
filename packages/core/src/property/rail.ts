import { costOf } from '../predict/cost/cost.js';
import { type Band, bandOf } from '../predict/uncertainty/band.js';
import { CLASS_EDGES } from '../predict/thickness/thickness-class.js';
import type { Judged } from './assessed.js';
import { coldThickness, rawThickness, reheatedThickness } from './other-moments.js';

/** Properties a cook balances; each is one rail on the Bench, in this order. */
export const railIds = [
  'fat',
  'thickness',
  'stretch',
  'savoriness',
  'salt',
  'sourness',
  'sweetness',
  'smoothness',
  'splitting',
  'colour',
  'raw-thickness',
  'cold-thickness',
  'reheated-thickness',
  'cost',
  'energy',
  'portion',
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
  readonly value: (judged: Judged) => Band;
}

const exactly = (value: number): Band => ({ low: value, mid: value, high: value });
const scaled = ({ low, mid, high }: Band, by: number): Band => ({
  low: low * by,
  mid: mid * by,
  high: high * by,
});
/** Log standard deviation of grain felt, and half-width of the 80 % interval of yellowness. @source estimated, engine notes E-8 and E-12 */
const GRAIN_SD = 0.25,
  YELLOW_DOUBT = 3;
const thicknessScale: RailScale = { kind: 'log', low: 1, high: 200_000 };

const edge = (i: number): number => 10 ** (CLASS_EDGES[i] ?? 0);

const thicknessWords: readonly RailWord[] = [
  { from: 1, word: 'like milk' },
  { from: edge(0), word: 'like cream' },
  { from: edge(1), word: 'coats' },
  { from: edge(2), word: 'clings' },
  { from: edge(3), word: 'mounds' },
  { from: 20_000, word: 'spreads' },
];

/** @source word edges: class edges of engine notes E-6 for thickness; the rest judged from the bands of engine notes E-10, assumed. */
export const rails: readonly Rail[] = [
  {
    id: 'fat',
    name: 'Fat',
    unit: '%',
    term: 'fat, g per 100 g',
    digits: 1,
    scale: { kind: 'root', low: 0, high: 85 },
    words: [
      { from: 0, word: 'lean' },
      { from: 3, word: 'light' },
      { from: 10, word: 'creamy' },
      { from: 22, word: 'rich' },
      { from: 45, word: 'buttery' },
    ],
    value: ({ prediction: p }) => p.fat,
  },
  {
    id: 'thickness',
    name: 'Thickness',
    unit: 'mPa·s',
    term: 'apparent viscosity at 50 per second',
    digits: 0,
    scale: thicknessScale,
    words: thicknessWords,
    value: ({ prediction: p }) => p.viscosity,
  },
  {
    id: 'stretch',
    name: 'Stretch',
    unit: 'cm',
    term: 'pull length of a lifted strand',
    digits: 1,
    scale: { kind: 'root', low: 0, high: 30 },
    words: [
      { from: 0, word: 'none' },
      { from: 2, word: 'short' },
      { from: 6, word: 'strings' },
      { from: 15, word: 'long ropes' },
    ],
    value: ({ prediction: p }) => p.pull,
  },
  {
    id: 'savoriness',
    name: 'Savoriness',
    unit: 'g/100 g',
    term: 'equivalent umami concentration, as MSG',
    digits: 2,
    scale: { kind: 'root', low: 0, high: 4 },
    words: [
      { from: 0, word: 'flat' },
      { from: 0.1, word: 'mild' },
      { from: 0.4, word: 'savory' },
      { from: 1.5, word: 'strong' },
    ],
    value: ({ prediction: p }) => p.umami,
  },
  {
    id: 'salt',
    name: 'Salt',
    unit: '%',
    term: 'sodium chloride, g per 100 g',
    digits: 2,
    scale: { kind: 'linear', low: 0, high: 3 },
    words: [
      { from: 0, word: 'bland' },
      { from: 0.4, word: 'mild' },
      { from: 0.8, word: 'seasoned' },
      { from: 1.5, word: 'salty' },
    ],
    value: ({ prediction: p }) => p.salt,
  },
  {
    id: 'sourness',
    name: 'Sourness',
    unit: 'mEq/kg',
    term: 'titratable acid that tastes sour',
    digits: 1,
    scale: { kind: 'root', low: 0, high: 120 },
    words: [
      { from: 0, word: 'round' },
      { from: 5, word: 'fresh' },
      { from: 18, word: 'tangy' },
      { from: 55, word: 'sharp' },
    ],
    value: ({ prediction: p }) => p.sour,
  },
  {
    id: 'sweetness',
    name: 'Sweetness',
    unit: '%',
    term: 'sucrose equivalents, g per 100 g',
    digits: 1,
    scale: { kind: 'root', low: 0, high: 15 },
    words: [
      { from: 0, word: 'dry' },
      { from: 0.8, word: 'soft' },
      { from: 3, word: 'sweetish' },
      { from: 6, word: 'sweet' },
    ],
    value: ({ prediction: p }) => p.sweet,
  },
  {
    id: 'smoothness',
    name: 'Grain',
    unit: 'of 10',
    term: 'hard particles felt on the tongue',
    digits: 1,
    scale: { kind: 'linear', low: 0, high: 10 },
    words: [
      { from: 0, word: 'silky' },
      { from: 1, word: 'fine' },
      { from: 3.5, word: 'grainy' },
      { from: 6.5, word: 'coarse' },
    ],
    value: ({ prediction }) => bandOf(prediction.graininess, GRAIN_SD),
  },
  {
    id: 'splitting',
    name: 'Splitting',
    unit: '% likely',
    term: 'probability that protein coagulates',
    digits: 0,
    scale: { kind: 'linear', low: 0, high: 100 },
    words: [
      { from: 0, word: 'unlikely' },
      { from: 20, word: 'possible' },
      { from: 55, word: 'likely' },
    ],
    value: ({ prediction }) => exactly(100 * prediction.curdling),
  },
  {
    id: 'colour',
    name: 'Yellow',
    unit: 'b*',
    term: 'yellowness, CIELAB b*',
    digits: 0,
    scale: { kind: 'linear', low: 0, high: 70 },
    words: [
      { from: 0, word: 'white' },
      { from: 12, word: 'ivory' },
      { from: 26, word: 'yellow' },
      { from: 46, word: 'amber' },
    ],
    value: ({
      prediction: {
        colour: { lab },
      },
    }) => ({ low: lab[2] - YELLOW_DOUBT, mid: lab[2], high: lab[2] + YELLOW_DOUBT }),
  },
  {
    id: 'raw-thickness',
    name: 'Thickness raw',
    unit: 'mPa·s',
    term: 'apparent viscosity at 50 per second before cooking, 20 °C',
    digits: 0,
    scale: thicknessScale,
    words: thicknessWords,
    value: rawThickness,
  },
  {
    id: 'cold-thickness',
    name: 'Thickness cold',
    unit: 'mPa·s',
    term: 'apparent viscosity at 50 per second after a night at 6 °C',
    digits: 0,
    scale: thicknessScale,
    words: thicknessWords,
    value: coldThickness,
  },
  {
    id: 'reheated-thickness',
    name: 'Thickness reheated',
    unit: 'mPa·s',
    term: 'apparent viscosity at 50 per second, reheated the next day',
    digits: 0,
    scale: thicknessScale,
    words: thicknessWords,
    value: reheatedThickness,
  },
  {
    id: 'cost',
    name: 'Cost',
    unit: 'coins',
    term: 'coins a portion, from the price table',
    digits: 2,
    scale: { kind: 'root', low: 0, high: 6 },
    words: [
      { from: 0, word: 'thrifty' },
      { from: 0.4, word: 'modest' },
      { from: 1.2, word: 'dear' },
    ],
    value: ({ recipe, portions }) => scaled(costOf(recipe.lines).coins, 1 / portions),
  },
  {
    id: 'energy',
    name: 'Energy',
    unit: 'kcal',
    term: 'kilocalories a portion',
    digits: 0,
    scale: { kind: 'linear', low: 0, high: 900 },
    words: [
      { from: 0, word: 'light' },
      { from: 150, word: 'medium' },
      { from: 350, word: 'filling' },
    ],
    value: ({ prediction, portions }) => scaled(prediction.energyKcal, 1 / portions),
  },
  {
    id: 'portion',
    name: 'Portion',
    unit: 'g',
    term: 'grams of the finished batch a portion',
    digits: 0,
    scale: { kind: 'linear', low: 0, high: 400 },
    words: [
      { from: 0, word: 'a spoonful' },
      { from: 40, word: 'a topping' },
      { from: 100, word: 'a ladle' },
      { from: 220, word: 'a bowl' },
    ],
    value: ({ prediction, portions }) => exactly(prediction.massG / portions),
  },
];

export function railOf(id: RailId): Rail {
  const rail = rails.find((candidate) => candidate.id === id);
  if (!rail) throw new RangeError(`no rail is called "${id}"`);
  return rail;
}

/** Smallest value that a logarithmic rail tells apart. */
const LEAST_SHOWN = 1e-3;

/** Where a value stands on the rail's scale, 0..1 within its ends, further out beyond them. */
export function coordinateOn(scale: RailScale, value: number): number {
  const map = (v: number): number =>
    scale.kind === 'log'
      ? Math.log(Math.max(v, LEAST_SHOWN))
      : scale.kind === 'root'
        ? Math.sqrt(Math.max(v, 0))
        : v;
  return (map(value) - map(scale.low)) / (map(scale.high) - map(scale.low));
}

/** Place of a value on its rail, 0 (left end) .. 1 (right end). */
export const placeOnRail = (scale: RailScale, value: number): number =>
  Math.min(1, Math.max(0, coordinateOn(scale, value)));

/** The value at a place of a rail; the other way round from `placeOnRail`. */
export function valueOnRail(scale: RailScale, place: number): number {
  const at = Math.min(1, Math.max(0, place));
  switch (scale.kind) {
    case 'log':
      return Math.exp(Math.log(scale.low) + at * (Math.log(scale.high) - Math.log(scale.low)));
    case 'root': {
      const root = Math.sqrt(scale.low) + at * (Math.sqrt(scale.high) - Math.sqrt(scale.low));
      return root * root;
    }
    case 'linear':
      return scale.low + at * (scale.high - scale.low);
  }
}

/** The word for a value: the last one that begins at or below it. */
export const wordFor = (rail: Rail, value: number): string =>
  [...rail.words].reverse().find((entry) => value >= entry.from)?.word ?? rail.words[0]?.word ?? '';
