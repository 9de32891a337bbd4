import { K80, normalBelow } from '../numeric/normal.js';
import type { Band } from '../predict/uncertainty/band.js';
import { baking, moistureEdges, reach as reachOf } from './moisture.params.js';
import {
  asTheTablesSay,
  bakedWater,
  type MoistureFactors,
  type Stack,
  type WaterBudget,
} from './moisture.js';

export const moistureWords = ['dry', 'just set', 'soft', 'soupy'] as const;
export type MoistureWord = (typeof moistureWords)[number];

/** g/dm² of each wet layer at which one word gives way to the next. */
const edges = [moistureEdges.set, moistureEdges.soft, moistureEdges.soupy] as const;

/** What a dish is called with so much free water, g on a dm² of each wet layer. */
export const moistureWord = (perLayer: number): MoistureWord =>
  moistureWords[edges.filter((edge) => perLayer >= edge).length] ?? 'soupy';

export interface PlaceMoisture {
  readonly place: 'bottom' | 'middle' | 'top';
  readonly freeG: number;
  readonly word: MoistureWord;
}

export interface MoistureVerdict {
  readonly budget: WaterBudget;
  /** g of free water in the dish; g that are felt as wet on a dm² of each wet layer; 80 % bands. */
  readonly freeG: Band;
  readonly perLayer: Band;
  readonly word: MoistureWord;
  /** Words between which it lies, four times of five. */
  readonly range: readonly [MoistureWord, MoistureWord];
  /** Probability of each word, the doubt of the edges included. */
  readonly chances: Readonly<Record<MoistureWord, number>>;
  readonly places: readonly PlaceMoisture[];
}

/** Thirds of the height, and how much of a layer lies in each. */
function placesOf(
  { layers, areaDm2 }: Stack,
  { freeByLayer, freeG: all, feltG, wetLayers }: WaterBudget,
): readonly PlaceMoisture[] {
  const height = layers.reduce((all, { mm }) => all + mm, 0) || 1;
  const bounds = layers.reduce<readonly (readonly [number, number])[]>((all, { mm }) => {
    const from = all.at(-1)?.[1] ?? 0;
    return [...all, [from, from + mm / height]];
  }, []);
  return (['bottom', 'middle', 'top'] as const).map((place, third) => {
    const freeG = bounds.reduce((all, [from, to], i) => {
      const inside = Math.max(0, Math.min(to, (third + 1) / 3) - Math.max(from, third / 3));
      return all + (to > from ? (freeByLayer[i]! * inside) / (to - from) : 0);
    }, 0);
    // Of what is felt as wet each place has as much as of the free water; where none is free, all alike.
    const felt = all > 1e-6 ? (feltG * freeG) / all : feltG / 3;
    return { place, freeG, word: moistureWord((3 * felt) / (areaDm2 * wetLayers)) };
  });
}

/** Relative doubt of what the vegetables and drinkers of a dish do, weighed by how much they do. */
function doubtOf({ layers, components }: Stack): Readonly<Record<keyof MoistureFactors, number>> {
  const weighed = (of: (id: string) => readonly [amount: number, cv: number]) => {
    let amount = 0,
      square = 0;
    for (const { component, grams } of layers) {
      const [share, cv] = of(component);
      amount += grams * share;
      square += grams * share * cv;
    }
    return amount > 0 ? square / amount : 0;
  };
  return {
    reach: reachOf.cv,
    gives: weighed((id) => {
      const { gives } = components.get(id) ?? {};
      return [gives?.share ?? 0, gives?.cv ?? 0];
    }),
    drinks: weighed((id) => {
      const { drinks } = components.get(id) ?? {};
      return [drinks?.most ?? 0, drinks?.cv ?? 0];
    }),
    dries: baking.fluxCv,
  };
}

/** Least g that a figure may be compared from. */
const LEAST_G = 1;

/** What a dish will be, with how sure that is: each thing that differs between kitchens one standard deviation up, alone, added in squares. */
export function moistureOf(stack: Stack): MoistureVerdict {
  const budget = bakedWater(stack);
  const perDish = stack.areaDm2 * budget.wetLayers;
  const doubt = doubtOf(stack);
  const variance = (Object.keys(doubt) as (keyof MoistureFactors)[]).reduce((all, name) => {
    const up = bakedWater(stack, { ...asTheTablesSay, [name]: Math.exp(doubt[name]) });
    return all + (up.feltG - budget.feltG) ** 2;
  }, 0);
  const sd = Math.sqrt(variance);
  const around = (mid: number, off: number): Band => ({
    low: Math.max(0, mid - K80 * off),
    mid,
    high: mid + K80 * off,
  });
  const per = (g: number) => g / Math.max(perDish, 1e-9);
  const perLayer = around(per(budget.feltG), per(sd));
  return {
    budget,
    freeG: around(budget.freeG, budget.feltG > 0 ? (sd * budget.freeG) / budget.feltG : sd),
    perLayer,
    word: moistureWord(perLayer.mid),
    range: [moistureWord(perLayer.low), moistureWord(perLayer.high)],
    chances: chancesOf(budget.feltG, sd, perDish),
    places: placesOf(stack, budget),
  };
}

/** Where the edges lie is a guess too: each is as unsure as its table says. */
function chancesOf(feltG: number, sd: number, perDish: number): Readonly<Record<MoistureWord, number>> {
  const under = edges.map((edge) => {
    const at = edge * perDish;
    return normalBelow((at - feltG) / Math.hypot(sd, moistureEdges.cv * at, LEAST_G));
  });
  // Never less likely under a higher edge.
  const rising = under.map((_, i) => Math.max(...under.slice(0, i + 1)));
  const [dry = 0, set = 0, soft = 0] = rising;
  return { dry, 'just set': set - dry, soft: soft - set, soupy: 1 - soft };
}
