import { readyOperations } from '../predict/assemble/weighed.js';
import { courseOf } from '../predict/course/course.js';
import { weighedOut } from '../recipe/made-before.js';
import type { Recipe, RecipeLine } from '../recipe/recipe.js';

/** A standing caution and when it applies. */
export interface CautionRow {
  readonly id: string;
  readonly text: string;
  readonly applies: (recipe: Recipe) => boolean;
}

const any = ({ lines }: Recipe, test: (line: RecipeLine) => boolean): boolean => weighedOut(lines).some(test);
const holds = (allergen: string) => (line: RecipeLine) => (line.ingredient.contains as readonly string[]).includes(allergen);
const isOneOf =
  (...ids: readonly string[]) =>
  (line: RecipeLine) =>
    ids.includes(line.ingredient.id);
/** °C below which a pot is not cooked, and above which a closed blender is dangerous. @source S-19 */
const COOKED_C = 75,
  HOT_C = 60,
  CLOSED_JUG = 0.4;

/** °C of the pot at the hottest blade of a closed jug. */
function hotUnderTheBlade(recipe: Recipe): number {
  const { blades, heat } = courseOf(recipe);
  return blades.reduce((most, { at, tool }) => (tool.power > CLOSED_JUG ? Math.max(most, heat.before[at] ?? 0) : most), 0);
}

/** @source common advice of food-safety agencies as remembered, S-19; local rules come first */
export const cautionRows: readonly CautionRow[] = [
  { id: 'cooling', text: 'Cool what is left within two hours and keep it in the fridge, three to four days at most; local rules come first.', applies: (recipe) => recipe.lines.length > 0 },
  { id: 'soak', text: 'Soaks longer than two hours stand in the fridge.', applies: (recipe) => any(recipe, (line) => readyOperations(line).some(({ kind }) => kind === 'soak')) },
  { id: 'kidney-bean', text: 'Raw kidney-type beans need a hard boil of ten minutes, never only a warm soak or a slow pot.', applies: (recipe) => any(recipe, (line) => line.ingredient.shelf === 'pulses' && holds('bean')(line)) },
  { id: 'raw-flour', text: 'Raw flour, legume flour included, is not for eating: cook it through.', applies: (recipe) => courseOf(recipe).process.maxTemperatureC < COOKED_C && any(recipe, (line) => line.ingredient.shelf === 'grains' || (line.ingredient.shelf === 'pulses' && line.ingredient.role === 'thickener')) },
  { id: 'garlic-in-oil', text: 'Garlic or herbs in oil are not kept at room temperature: fridge, and a few days at most.', applies: (recipe) => any(recipe, holds('allium')) && any(recipe, (line) => line.ingredient.shelf === 'fats and oils') },
  { id: 'acidity', text: 'The acidity of a home kitchen is no basis for canning or keeping at room temperature.', applies: (recipe) => any(recipe, (line) => line.ingredient.role === 'sour') },
  { id: 'hot-blender', text: 'Hot liquid in a closed blender lifts its lid: leave the vent open, fill it halfway, and start slowly.', applies: (recipe) => hotUnderTheBlade(recipe) > HOT_C },
  { id: 'alcohol', text: 'Alcohol near an open flame can catch fire; some of it stays in the sauce.', applies: (recipe) => any(recipe, holds('alcohol')) },
  { id: 'psyllium', text: 'Psyllium and konjac need much water; dry they are a choking hazard.', applies: (recipe) => any(recipe, isOneOf('psyllium-husk', 'psyllium-powder', 'konjac')) },
  { id: 'whole-nuts', text: 'Whole nuts and seeds are not for small children.', applies: (recipe) => any(recipe, (line) => line.ingredient.shelf === 'nuts' || line.ingredient.shelf === 'seeds') },
  { id: 'related-nuts', text: 'People with one nut allergy often react to a related nut: cashew with pistachio, walnut with pecan.', applies: (recipe) => any(recipe, (line) => line.ingredient.shelf === 'nuts') },
  { id: 'pulses-and-peanut', text: 'Lupin, pea and chickpea may matter to people with peanut allergy.', applies: (recipe) => any(recipe, (line) => ['lupin', 'pea', 'chickpea'].some((id) => holds(id)(line))) },
  { id: 'coconut-and-seeds', text: 'Coconut and seeds are on no list everywhere: ask about them separately.', applies: (recipe) => any(recipe, (line) => holds('coconut')(line) || line.ingredient.shelf === 'seeds') },
];

/** What the first-run note says. */
export const whatItKnows =
  'Alterum computes from generic tables and the labels you type in. It does not know the packs in your kitchen, your stove or your health: labels, clinicians and local food rules come first. Each figure shows its doubt and opens to its source.';
