import type { Ingredient } from '../ingredient/ingredient.js';
import type { Celsius, Grams } from '../quantity/quantity.js';
import type { Method } from './method/operation.js';
import type { Preparation } from './preparation.js';

/** When and how it goes in. `dry-hot` is dry starch put straight into hot liquid. */
export const stages = ['start', 'slurry', 'roux', 'dry-hot', 'end'] as const;
export type Stage = (typeof stages)[number];

/** One line as the model sees it: an ingredient and its mass as weighed, before it was made ready. */
export interface RecipeLine {
  /** By which the operations of a method name it; its place in the list where it has none. */
  readonly id?: string;
  readonly ingredient: Ingredient;
  readonly mass: Grams;
  /** g, one standard deviation of the mass, where it was said loosely or counted in pieces; absent is as weighed. */
  readonly massSd?: Grams;
  readonly preparation: Preparation;
  readonly stage: Stage;
  /** What is done to it before it meets the pot; absent is what the preparation says. */
  readonly ready?: Method;
  /** Overrides whether this line meets the blade; absent follows the process. */
  readonly blended?: boolean;
}

/** What is done to the pot. */
export interface Process {
  /** °C, min, °C/min. */
  readonly maxTemperatureC: number;
  readonly holdMin: number;
  readonly heatingRateCPerMin: number;
  /** 0..1 (stick about 0.35, jug 0.6, high-speed 0.9) and seconds. */
  readonly blenderPower: number;
  readonly blendSeconds: number;
  /** g of water boiled off. */
  readonly evaporatedG: number;
  /** The cooking came before the blending, so that the blade met soft pieces. */
  readonly blendedAfterCooking: boolean;
  /** Minutes in the oven at that temperature (°C), spread so many mm thick; 0 for what is not baked. */
  readonly bakeMin: number;
  readonly ovenC: number;
  readonly layerMm: number;
  /** A lid or foil on the dish or the pot. */
  readonly covered: boolean;
  /** Minutes kept warm before it is eaten, and g of dry noodles already in it then. */
  readonly keepWarmMin: number;
  readonly noodlesG: number;
}

/** First cooling after cooking; straight from the fridge; or reheated after the fridge. */
export const storages = ['cool', 'fridge', 'reheat'] as const;
export type Storage = (typeof storages)[number];

export interface Serving {
  readonly temperatureC: Celsius;
  readonly storage: Storage;
  /** Days in the fridge at 5 °C; 0 for the first cooling. */
  readonly days: number;
}

export interface Recipe {
  readonly lines: readonly RecipeLine[];
  readonly process: Process;
  /** What is done, first to last; absent is what the process says. */
  readonly method?: Method;
  readonly serving: Serving;
}

/** Nothing cooked, nothing blended. @source engine notes E-1 */
export const uncooked: Process = {
  maxTemperatureC: 20,
  holdMin: 0,
  heatingRateCPerMin: 5,
  blenderPower: 0,
  blendSeconds: 0,
  evaporatedG: 0,
  blendedAfterCooking: true,
  bakeMin: 0,
  ovenC: 180,
  layerMm: 20,
  covered: false,
  keepWarmMin: 0,
  noodlesG: 0,
};
