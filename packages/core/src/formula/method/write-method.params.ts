import type { Family } from '../../brief/family.js';

/** How a family is usually made. */
export interface FamilyWay {
  /** °C and min to which its pot is heated; absent for what is made cold unless something in it must be cooked. */
  readonly heat?: { readonly temperatureC: number; readonly minutes: number; readonly rateCPerMin: number };
  /** s in a jug; short where it only has to come together. */
  readonly blendSeconds: number;
  readonly bake?: { readonly minutes: number; readonly ovenC: number; readonly layerMm: number };
  /** min in the fridge until it is what it should be. */
  readonly chillMinutes?: number;
}

/** @source kitchen habit, assumed: starch needs 90 °C and some minutes, protein is heated steadily, fats melt below 50 °C and set overnight */
export const familyWays: Readonly<Record<Family, FamilyWay>> = {
  'pouring-sauce': { heat: { temperatureC: 90, minutes: 5, rateCPerMin: 5 }, blendSeconds: 60 },
  'stretchy-melt': { heat: { temperatureC: 90, minutes: 4, rateCPerMin: 6 }, blendSeconds: 60 },
  'cream-sauce': { heat: { temperatureC: 95, minutes: 5, rateCPerMin: 5 }, blendSeconds: 60 },
  'crumbly-curd': { blendSeconds: 8 },
  'tangy-spread': { blendSeconds: 90, chillMinutes: 240 },
  dip: { blendSeconds: 90 },
  'butter-with-fat': { heat: { temperatureC: 48, minutes: 3, rateCPerMin: 3 }, blendSeconds: 60, chillMinutes: 480 },
  'butter-without-fat': { heat: { temperatureC: 92, minutes: 3, rateCPerMin: 5 }, blendSeconds: 60, chillMinutes: 480 },
  'baked-topping': { heat: { temperatureC: 90, minutes: 4, rateCPerMin: 5 }, blendSeconds: 60, bake: { minutes: 25, ovenC: 190, layerMm: 15 } },
};

/** What a cold dish is heated to when something raw in it must be cooked. @source S-19 */
export const cookThrough = { temperatureC: 92, minutes: 5, rateCPerMin: 5 } as const;

/** Figures by which a line shows what has to be done to it. @source assumed */
export const writing = {
  /** µm from which a thing needs the blade, or stays whole. */
  piece: 1500,
  /** Hardness from which a vegetable is boiled before the blade. */
  firm: 0.15,
  /** g per 100 g of raw starch from which a line has to be cooked. */
  starch: 15,
  /** g per 100 g of alcohol from which a line is simmered first. */
  alcohol: 4,
  /** min and cm of that simmer. */
  wineMinutes: 5,
  panCm: 20,
  /** °C and min of flour in fat. */
  pasteC: 100,
  pasteMinutes: 2,
  pasteRateCPerMin: 10,
  /** s under a stick until oil is taken up. */
  emulsifySeconds: 30,
  /** g per 100 g of a gum that needs heat, from which a line has to be cooked. */
  sleepingGum: 1,
  /** °C at which water is whisked into melted fat. */
  emulsifyC: 28,
  emulsifyMinutes: 15,
} as const;
