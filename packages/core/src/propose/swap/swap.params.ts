import type { RailId } from '../../property/properties.js';
import type { Role } from '../../ingredient/ingredient.js';
import type { UnitId } from '../../quantity/unit.js';

/** Starches whose gel pulls into strands. @source engine notes E-7 */
export const stretchingStarches: readonly string[] = ['tapioca-starch', 'cassava-flour', 'potato-starch', 'glutinous-rice-flour', 'sweet-potato-starch'];

/** The property a role is there for: a substitute is first given the amount that keeps it. @source assessed from job and engine notes, assumed */
export const workOfRole: Readonly<Partial<Record<Role, RailId>>> = { thickener: 'thickness', fat: 'fat', sour: 'sourness', savory: 'savoriness' };

/** What is tried beside a substitute when a property stays short. @source assumed: one of each school */
export const helpers: Readonly<Partial<Record<RailId, readonly string[]>>> = {
  thickness: ['corn-starch', 'potato-starch', 'rice-flour', 'konjac'],
  stretch: ['tapioca-starch', 'glutinous-rice-flour', 'potato-starch'],
  fat: ['rapeseed-oil', 'coconut-oil', 'sunflower-seed-butter', 'coconut-cream'],
  sourness: ['lemon-juice', 'cider-vinegar', 'lactic-acid'],
  savoriness: ['shiitake-dried', 'tomato-paste', 'nutritional-yeast', 'rice-miso'],
  salt: ['salt'],
  sweetness: ['carrot', 'maple-syrup', 'sugar'],
};

/** g of a helper for each g of the batch to begin with. @source assumed */
export const helperShare: Readonly<Record<Role, number>> = { body: 0.06, liquid: 0.08, thickener: 0.012, fat: 0.02, sour: 0.015, savory: 0.008, seasoning: 0.004 };

/** Unit in which a substitute is written by what it does. @source kitchen habit */
export const unitOfRole: Readonly<Record<Role, UnitId>> = { body: 'cup', liquid: 'cup', thickener: 'tbsp', fat: 'tbsp', sour: 'tbsp', savory: 'tbsp', seasoning: 'tsp' };

export const swapSearch = {
  /** A substitute’s first amount lies between these factors on what it replaces. */
  leastFactor: 0.02,
  mostFactor: 6,
  /** Steps of the search for that amount. */
  matchSteps: 7,
  /** Most that a base grows when a wet one stands in for a dry one. */
  wettestGrowth: 2.5,
  /** Least share of the dish’s liquid that stays when wet stands in for dry. */
  liquidKept: 0.15,
  /** Substitutes that are looked at closely, for one line and for each of several. */
  closely: 16,
  closelyOfSeveral: 7,
  /** Whole pots kept while lines are replaced one after another. */
  beam: 12,
  /** Whole pots that are balanced once helpers were added. */
  helped: 10,
  /** Pots rounded to what a kitchen can measure and ranked; pots shown. */
  finished: 8,
  shown: 5,
} as const;

/** What ranks options once the brief is met as well as it can be; in just noticeable differences, and what else counts as one. @source assumed */
export const rankWeights = {
  /** Steps outside the brief, against a step away from the original. */
  fit: 6,
  closeness: 1,
  /** Of doubling the cost. */
  cost: 0.8,
  /** Of each hour. */
  hour: 0.25,
  /** Of each ingredient that is not in the house. */
  notInHouse: 0.5,
  /** Of a substitute wholly unlike what it replaces. */
  unlike: 2,
  /** Of each new line. */
  newLine: 0.3,
  /** Of each person who would have to ask. */
  asks: 0.4,
} as const;

/** An option this much behind the best is not shown, unless there are too few. @source assumed */
export const outclassed = { by: 2.5, fewAre: 2 } as const;

/** Just noticeable differences from which a change is worth saying. @source assumed */
export const WORTH_SAYING = 1.2;
/** The same, by which a property must come nearer to its wish to be won. @source assumed */
export const NEARER = 0.3;
