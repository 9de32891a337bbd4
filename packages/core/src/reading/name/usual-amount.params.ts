import type { Shelf } from '../../ingredient/ingredient.js';

/** g that "to taste" comes to in a sauce for four, and how far off it may be, as a factor. @source assumed: kitchen habit */
export const toTasteG: Readonly<Record<string, number>> = { salt: 3, 'sea-salt-flakes': 3, 'black-pepper': 0.5, 'white-pepper': 0.4, cayenne: 0.3, nutmeg: 0.3, 'lemon-juice': 10, sugar: 4 };
export const toTasteOfShelf: Readonly<Partial<Record<Shelf, number>>> = {
  'herbs and spices': 1, 'salts and sweeteners': 4, 'acids and brines': 10, 'fats and oils': 10, savory: 5,
};
export const TO_TASTE_SPREAD = 2;

/** g of juice and of finely grated peel of one fruit, by its size. @source kitchen physics 10, P, CV 0.15; peel E, CV 0.35 */
export const fruitRows: Readonly<Record<string, { readonly juice: string; readonly zest: string; readonly juiceG: readonly [small: number, medium: number, large: number]; readonly zestG: number }>> = {
  lemon: { juice: 'lemon-juice', zest: 'lemon-zest', juiceG: [32, 46, 63], zestG: 3.9 },
  lime: { juice: 'lime-juice', zest: 'lime-zest', juiceG: [21, 29, 40], zestG: 2.7 },
  orange: { juice: 'orange-juice', zest: 'orange-zest', juiceG: [63, 84, 118], zestG: 6.8 },
};
export const JUICE_SPREAD = 1.2;
