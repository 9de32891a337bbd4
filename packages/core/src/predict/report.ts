import { type Climate, climateOf } from './climate/climate.js';
import { fleckColours } from './colour/flecks.js';
import { type Cost, costOf } from './cost/cost.js';
import { type SpreadableWindow, spreadableWindow } from './spreadable-window.js';
import { type HomeTests, homeTestsOf } from './home-test/home-tests.js';
import { type Kept, keptOf } from './keeping/kept.js';
import type { Recipe } from '../recipe/recipe.js';
import { type Nutrition, nutritionOf } from './nutrition/nutrition.js';
import { potAt } from './pot-at.js';
import { labOf } from './predict-pot.js';
import { type KitchenOffsets, noOffsets } from './uncertainty/kitchen-offsets.params.js';

/** What a batch feeds, costs and weighs on the climate, how to test it at home, and when it spreads: the figures that may follow a moment later. */
export interface Report {
  /** Of the whole batch. */
  readonly nutrition: Nutrition;
  readonly cost: Cost;
  readonly climate: Climate;
  readonly homeTests: HomeTests;
  /** Absent for what is not a fat spread, or never spreads between the fridge and a warm kitchen. */
  readonly spreadable: SpreadableWindow | undefined;
  readonly kept: Kept;
  /** Colours of what is seen one by one in it, the most first. */
  readonly flecks: readonly string[];
}

/** @throws RangeError for a negative or non-finite mass (callers validate first) */
export function reportOn(recipe: Recipe, offsets: KitchenOffsets = noOffsets): Report {
  const pot = potAt(recipe, undefined, offsets),
    { mix, at, flow } = pot;
  return {
    nutrition: nutritionOf(mix),
    cost: costOf(recipe.lines),
    climate: climateOf(recipe.lines),
    homeTests: homeTestsOf(flow),
    spreadable: spreadableWindow(mix, at.storage, at.days),
    kept: keptOf(pot),
    flecks: fleckColours(mix, labOf(mix)),
  };
}
