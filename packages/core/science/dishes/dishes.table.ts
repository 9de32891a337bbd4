import type { Method } from '../../src/recipe/method/operation.js';
import type { MoistureWord } from '../../src/dish/moisture-verdict.js';
import type { Cover } from '../../src/dish/oven.js';

/** g as bought by ingredient, or a sauce of this table; and what is done to it before. */
export type PartRow = readonly [what: string, g: number, ready?: Method];

export interface DishRow {
  readonly name: string;
  /** cm. */
  readonly vessel: readonly [length: number, width: number, depth: number];
  readonly parts: readonly PartRow[];
  /** From the bottom up. */
  readonly layers: readonly string[];
  readonly oven: readonly (readonly [temperatureC: number, minutes: number, cover: Cover])[];
  readonly restMin: number;
  /** What cooks see when they cut it: any of these. */
  readonly seen: readonly MoistureWord[];
}

/** Sauces by what is in them, g. */
export const sauces: Readonly<Record<string, readonly (readonly [string, number])[]>> = {
  white: [['oat-drink', 500], ['wheat-flour', 35], ['rapeseed-oil', 35], ['salt', 5]],
  red: [['passata', 800], ['onion', 100], ['olive-oil', 30], ['salt', 6]],
  nut: [['cashew', 150], ['water', 300], ['lemon-juice', 15], ['salt', 4]],
  cheesy: [['oat-drink', 450], ['cashew', 60], ['tapioca-starch', 20], ['nutritional-yeast', 20], ['salt', 5]],
  custard: [['tofu-silken', 300], ['oat-drink', 250], ['corn-starch', 15], ['salt', 5]],
};

const fry = (minutes: number): Method => [{ kind: 'fry', minutes, flame: 'medium', panCm: 28 }];
const baker = [30, 24, 6] as const,
  small = [26, 18, 5] as const;
const lasagneLayers = ['red', 'pasta-sheet-dry', 'white', 'red', 'pasta-sheet-dry', 'white', 'red', 'pasta-sheet-dry', 'white'];
const lasagneOven = [[190, 25, 'foil'], [190, 15, 'open']] as const;

/**
 * Layered dishes and what cooks see of them.
 * @source common knowledge of home kitchens, recalled; written down before the first run, none was cooked for this work
 */
export const dishes: readonly DishRow[] = [
  { name: 'lasagne as it should be', vessel: baker, parts: [['red', 800], ['white', 550], ['pasta-sheet-dry', 250]], layers: lasagneLayers, oven: lasagneOven, restMin: 15, seen: ['just set', 'soft'] },
  { name: 'lasagne with raw spinach and courgette', vessel: baker, parts: [['red', 800], ['white', 550], ['pasta-sheet-dry', 200], ['spinach', 250], ['courgette', 450]], layers: ['red', 'pasta-sheet-dry', 'courgette', 'white', 'pasta-sheet-dry', 'spinach', 'red', 'pasta-sheet-dry', 'white'], oven: lasagneOven, restMin: 5, seen: ['soft', 'soupy'] },
  { name: 'lasagne with mushrooms fried dry', vessel: baker, parts: [['red', 600], ['white', 500], ['pasta-sheet-dry', 230], ['mushroom', 500, fry(14)]], layers: ['red', 'pasta-sheet-dry', 'mushroom', 'white', 'pasta-sheet-dry', 'red', 'mushroom', 'pasta-sheet-dry', 'white'], oven: lasagneOven, restMin: 15, seen: ['just set', 'soft'] },
  { name: 'the same with raw mushrooms, more of them, less pasta', vessel: baker, parts: [['red', 700], ['white', 550], ['pasta-sheet-dry', 160], ['mushroom', 700]], layers: ['red', 'pasta-sheet-dry', 'mushroom', 'white', 'pasta-sheet-dry', 'red', 'mushroom', 'pasta-sheet-dry', 'white'], oven: lasagneOven, restMin: 5, seen: ['soft', 'soupy'] },
  { name: 'lasagne that was stingy with sauce', vessel: baker, parts: [['red', 350], ['white', 250], ['pasta-sheet-dry', 300]], layers: lasagneLayers, oven: [[190, 40, 'open']], restMin: 10, seen: ['dry'] },
  { name: 'noodle bake', vessel: baker, parts: [['cheesy', 600], ['wheat-noodles-cooked', 550], ['breadcrumbs-wheat', 40]], layers: ['wheat-noodles-cooked', 'cheesy', 'breadcrumbs-wheat'], oven: [[190, 25, 'open']], restMin: 5, seen: ['just set', 'soft'] },
  { name: 'noodle bake with hardly any sauce', vessel: baker, parts: [['cheesy', 250], ['wheat-noodles-cooked', 650]], layers: ['wheat-noodles-cooked', 'cheesy'], oven: [[200, 30, 'open']], restMin: 5, seen: ['dry'] },
  { name: 'noodle bake that swims', vessel: baker, parts: [['white', 1300], ['wheat-noodles-cooked', 450]], layers: ['wheat-noodles-cooked', 'white'], oven: [[180, 20, 'foil']], restMin: 0, seen: ['soft', 'soupy'] },
  { name: 'potato gratin', vessel: baker, parts: [['potato', 1000], ['white', 500]], layers: ['potato', 'white', 'potato', 'white'], oven: [[180, 40, 'foil'], [190, 25, 'open']], restMin: 10, seen: ['just set', 'soft'] },
  { name: 'aubergine layered raw with tomato', vessel: baker, parts: [['aubergine', 900], ['red', 700]], layers: ['red', 'aubergine', 'red', 'aubergine', 'red'], oven: [[190, 30, 'foil'], [190, 15, 'open']], restMin: 5, seen: ['soft', 'soupy'] },
  { name: 'aubergine roasted first', vessel: baker, parts: [['aubergine-roasted', 500], ['red', 400], ['nut', 250]], layers: ['red', 'aubergine-roasted', 'nut', 'aubergine-roasted', 'red', 'nut'], oven: [[200, 35, 'open']], restMin: 15, seen: ['just set', 'soft'] },
  { name: 'courgette gratin, raw slices', vessel: small, parts: [['courgette', 900], ['nut', 250]], layers: ['courgette', 'nut', 'courgette', 'nut'], oven: [[190, 35, 'foil']], restMin: 0, seen: ['soupy'] },
  { name: 'courgette gratin, salted and squeezed, under crumbs', vessel: baker, parts: [['courgette', 900, [{ kind: 'salt', saltPct: 1.5, minutes: 40, rinse: 'squeezed' }]], ['nut', 250], ['breadcrumbs-wheat', 40]], layers: ['courgette', 'nut', 'courgette', 'nut', 'breadcrumbs-wheat'], oven: [[200, 35, 'open']], restMin: 10, seen: ['just set', 'soft'] },
  { name: 'bread layered with a soft custard', vessel: small, parts: [['bread-wheat', 300], ['custard', 600]], layers: ['bread-wheat', 'custard', 'bread-wheat', 'custard'], oven: [[180, 35, 'open']], restMin: 10, seen: ['dry', 'just set'] },
  { name: 'bread that drank too much', vessel: small, parts: [['bread-wheat', 150], ['custard', 500], ['oat-drink', 350]], layers: ['bread-wheat', 'oat-drink', 'custard', 'bread-wheat', 'custard'], oven: [[170, 25, 'foil']], restMin: 0, seen: ['soft', 'soupy'] },
  { name: 'filled tubes under tomato', vessel: baker, parts: [['pasta-wheat-dry', 250], ['spinach-frozen', 500, [{ kind: 'press', minutes: 5 }]], ['nut', 200], ['red', 750]], layers: ['red', 'pasta-wheat-dry', 'spinach-frozen', 'nut', 'red'], oven: [[190, 30, 'foil'], [190, 10, 'open']], restMin: 10, seen: ['just set', 'soft', 'dry'] },
  { name: 'cauliflower under white sauce', vessel: small, parts: [['cauliflower-roasted', 600], ['white', 400]], layers: ['cauliflower-roasted', 'white'], oven: [[200, 25, 'open']], restMin: 5, seen: ['just set', 'soft'] },
  { name: 'roast squash and pulse sheets', vessel: baker, parts: [['squash-roasted', 700], ['white', 750], ['pasta-pulse-dry', 230]], layers: ['white', 'pasta-pulse-dry', 'squash-roasted', 'white', 'pasta-pulse-dry', 'squash-roasted', 'white'], oven: lasagneOven, restMin: 15, seen: ['dry', 'just set'] },
  { name: 'rice baked in tomato and stock, covered', vessel: small, parts: [['rice-dry', 250], ['passata', 300], ['vegetable-stock', 350]], layers: ['rice-dry', 'passata', 'vegetable-stock'], oven: [[180, 50, 'foil']], restMin: 10, seen: ['just set', 'soft'] },
  { name: 'lentils under mashed potato', vessel: small, parts: [['brown-lentil-boiled', 500], ['red', 300], ['potato-boiled', 700]], layers: ['brown-lentil-boiled', 'red', 'potato-boiled'], oven: [[200, 30, 'open']], restMin: 10, seen: ['just set', 'soft'] },
];
