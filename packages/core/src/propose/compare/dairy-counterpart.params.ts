import type { Family } from '../../brief/family.js';
import type { Process } from '../../recipe/recipe.js';

/** The dairy thing a family replaces, as a plain generic recipe. */
export interface CounterpartRow {
  readonly name: string;
  readonly lines: readonly (readonly [ingredient: string, g: number])[];
  readonly process: Partial<Process>;
  readonly serveC: number;
  readonly source: string;
}

const boiled = { maxTemperatureC: 95, holdMin: 3 } as const;

/** @source S-05j compositions; proportions of a plain household version, assumed. */
export const counterparts: Readonly<Record<Family, CounterpartRow>> = {
  'pouring-sauce': { name: 'dairy cheese sauce', lines: [['cow-milk', 240], ['butter', 15], ['wheat-flour', 15], ['hard-cheese-cow', 90]], process: boiled, serveC: 65, source: 'S-05j' },
  'stretchy-melt': { name: 'melted hard cheese', lines: [['hard-cheese-cow', 100]], process: { maxTemperatureC: 70, holdMin: 2 }, serveC: 65, source: 'S-05j' },
  'cream-sauce': { name: 'dairy white sauce', lines: [['cow-milk', 250], ['butter', 20], ['wheat-flour', 18], ['salt', 1.5]], process: boiled, serveC: 65, source: 'S-05j' },
  'crumbly-curd': { name: 'fresh goat’s cheese', lines: [['goat-cheese', 100]], process: {}, serveC: 10, source: 'S-05j' },
  'tangy-spread': { name: 'dairy cream cheese', lines: [['cream-cheese-cow', 100]], process: {}, serveC: 10, source: 'S-05j' },
  dip: { name: 'dairy yogurt dip', lines: [['yogurt-cow', 200], ['olive-oil', 10], ['salt', 1.5]], process: {}, serveC: 10, source: 'S-05j' },
  'butter-with-fat': { name: 'dairy butter', lines: [['butter', 100]], process: {}, serveC: 10, source: 'S-05j' },
  'butter-without-fat': { name: 'dairy butter', lines: [['butter', 100]], process: {}, serveC: 10, source: 'S-05j' },
  'baked-topping': { name: 'dairy white sauce with cheese', lines: [['cow-milk', 250], ['butter', 20], ['wheat-flour', 20], ['hard-cheese-cow', 50]], process: boiled, serveC: 60, source: 'S-05j' },
};
