import type { AllergenId } from '../../allergen/allergen.js';
import type { Composition } from '../../ingredient/composition.js';

/** Compounds that some people tolerate only in small amounts. */
export const compounds = ['fructans', 'lactose'] as const;
export type Compound = (typeof compounds)[number];
export const compoundNames: Readonly<Record<Compound, string>> = { fructans: 'fructans', lactose: 'lactose' };

/** g per 100 g, by larder id; what is not here holds none that matters. CV 0.4. @source S-18 (FODMAP and lactose contents as remembered, mid-range) */
export const compoundContent: Readonly<Record<Compound, Readonly<Record<string, number>>>> = {
  fructans: {
    garlic: 17, 'garlic-roasted': 15, 'garlic-powder': 50, onion: 2.5, 'onion-roasted': 3, 'onion-powder': 22, shallot: 8.9, leek: 1, 'jerusalem-artichoke': 12,
    'wheat-flour': 1.5, 'wheat-flour-wholemeal': 2.2, 'spelt-flour': 1, 'rye-flour': 4, 'barley-miso': 0.3, 'breadcrumbs-wheat': 1, 'wheat-noodles-cooked': 0.3,
    cashew: 1.2, 'cashew-butter': 1.2, pistachio: 1, almond: 0.3, 'chickpea-boiled': 0.3, 'chickpea-canned': 0.2, 'white-bean-boiled': 0.4, 'stock-powder': 2, 'vegetable-stock': 0.1, 'chickpea-dip': 0.8,
    beetroot: 0.4, fennel: 0.3, 'chives-fresh': 0.3,
  },
  lactose: { 'cow-milk': 4.8, 'dairy-cream': 3, butter: 0.1, 'cream-cheese-cow': 3, 'yogurt-cow': 3.5, 'goat-cheese': 0.8, 'hard-cheese-cow': 0.1, 'sheep-cheese': 0.5 },
};
export const COMPOUND_CV = 0.4;

/** The most of it that 100 g can hold, by what its label leaves room for: lactose is a sugar, and fructans count as fibre or as carbohydrate that does not sweeten. */
export const mostOfCompound: Readonly<Record<Compound, (per100: Composition) => number>> = {
  fructans: ({ oligo = 0, fibre = 0, starch = {} }) => oligo + fibre + Object.values(starch).reduce((sum, g) => sum + g, 0),
  lactose: ({ sugars = 0 }) => sugars,
};

/** What on a label tells that there is some of it. */
export const toldBy: Readonly<Record<Compound, readonly AllergenId[]>> = {
  fructans: ['allium', 'wheat', 'rye', 'barley'],
  lactose: ['milk'],
};
