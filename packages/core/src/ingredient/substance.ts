/**
 * The substances that the model tells apart, by kind. Every array over a kind stands in this order; what a substance
 * does is told by its row in the tables of `predict`.
 */

/** Starches by the plant they come from. */
export const starchIds = [
  'wheat',
  'corn',
  'rice',
  'legume',
  'oat',
  'nut',
  'tapioca',
  'potato',
  'arrowroot',
  'waxyrice',
  'root',
] as const;
export type StarchId = (typeof starchIds)[number];

/** Polysaccharides that dissolve. */
export const gumIds = [
  'xanthan',
  'guar',
  'locustBean',
  'konjac',
  'psyllium',
  'mucilage',
  'pectin',
  'betaGlucan',
  'agar',
  'kappaCarrageenan',
  'gellan',
  'iotaCarrageenan',
  'pectinLow',
  'methylcellulose',
  'alginate',
] as const;
export type GumId = (typeof gumIds)[number];

/** What dissolves and thickens: gums, and weakly soluble protein. Sugars make the water itself thicker. */
export const soluteIds = [...gumIds, 'protein'] as const;
export type SoluteId = (typeof soluteIds)[number];

/** Sugars by how sweet they are and how thick they make water. */
export const sugarKinds = [
  'sucrose',
  'invert',
  'fructose',
  'glucose',
  'maltose',
  'lactose',
  'mixed',
] as const;
export type SugarKind = (typeof sugarKinds)[number];

/** Fats by how much of them is solid at which temperature. */
export const fatTypes = [
  'coconut',
  'palmKernel',
  'palm',
  'cocoa',
  'shea',
  'sheaStearin',
  'butterfat',
  'hydrogenatedRapeseed',
  'olive',
  'liquid',
  'plantButter',
  'palmStearin',
  'palmOlein',
  'interesterified',
  'polyunsaturated',
] as const;
export type FatType = (typeof fatTypes)[number];
