import type { RailId } from '../../property/properties.js';
import type { Role } from '../../ingredient/ingredient.js';
import type { UnitId } from '../../quantity/unit.js';

/** Starches whose gel pulls into strands. @source engine notes E-7 */
export const stretchingStarches: readonly string[] = ['tapioca-starch', 'cassava-flour', 'potato-starch', 'glutinous-rice-flour', 'sweet-potato-starch'];

/** The property a role is there for: a substitute is first given the amount that keeps it. @source assessed from job and engine notes, assumed */
export const workOfRole: Readonly<Partial<Record<Role, RailId>>> = { thickener: 'thickness', fat: 'fat', sour: 'sourness', savory: 'savoriness' };

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
  closely: 14,
  closelyOfSeveral: 7,
  /** Whole pots kept while lines are replaced one after another. */
  beam: 12,
  /** Whole pots that are balanced once helpers were added. */
  helped: 7,
  /** Pots rounded to what a kitchen can measure and ranked; pots shown. */
  finished: 7,
  shown: 5,
  /** Others of one kind that are offered as a choice inside an option. */
  alike: 3,
  /** Places among them for what somebody has to ask about for an allergy, where there are enough others. */
  asked: 1,
  /** Options without a question about an allergy from which on what is kin to the allergen is left out. */
  clearEnough: 3,
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
  newLine: 0.5,
  /** Of each person who would have to ask; a question about an allergy stands behind everything else besides. */
  asks: 0.8,
  /** Of each line of the rest that has to move. */
  moved: 0.15,
} as const;

/** An option this much behind the best is not shown, one of another school a little further; one this good is always worth a look. @source assumed */
export const outclassed = { by: 2.5, byInAnotherSchool: 5, stillGood: 4 } as const;

/** Just noticeable differences from which a change is worth saying. @source assumed */
export const WORTH_SAYING = 1.2;
/** The same, by which a property must come nearer to its wish to be won. @source assumed */
export const NEARER = 0.3;
