import { yieldRows } from './yield.params.js';

/** What is bought cooked, in jars or tins, beside what `yieldRows` makes cooked of raw things; larder ids. @source what the packs hold */
const boughtCooked: readonly string[] = [
  'adzuki-boiled',
  'artichoke-hearts',
  'beetroot-cooked',
  'black-bean-boiled',
  'brown-lentil-boiled',
  'chestnut-boiled',
  'pinto-bean-boiled',
  'split-pea-boiled',
  'tomato-canned',
];

/** What a cook puts in raw or preserved, and would not boil by itself first; larder ids. @source kitchen habit, assumed */
const eatenRaw: readonly string[] = [
  'avocado',
  'coconut-desiccated',
  'cucumber',
  'lettuce',
  'radish',
  'rocket',
  'sauerkraut',
  'spring-onion',
  'tomato-fresh',
  'watercress',
];

/** What nobody boils before it goes into a pot. */
export const notBoiled: ReadonlySet<string> = new Set([
  ...yieldRows.map(({ to }) => to),
  ...boughtCooked,
  ...eatenRaw,
]);
