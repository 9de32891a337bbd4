import { compiledIngredient } from '../src/predict/assemble/compiled-ingredient.js';
import { energyOfIngredient } from '../src/predict/nutrition/energy.js';
import { factIds } from '../src/larder/facts/facts.params.js';
import { unnamedRemainder } from '../src/ingredient/composition.js';
import { gramsPerUnit } from '../src/quantity/measures.js';
import type { Ingredient } from '../src/ingredient/ingredient.js';

/** Energy may differ from what tables state by this share, and by this much where there is hardly any, kcal. @source issue of the tables: rounding, fibre factors */
const ENERGY_SHARE = 0.1,
  ENERGY_FLOOR = 3;
/** g by which rounded rows may exceed 100 g. */
const SUM_SLACK = 0.05;

export interface LarderCheck {
  readonly name: string;
  /** Ids that fail it. */
  readonly failing: readonly string[];
}

/** What must hold of every row of the larder. */
export function larderChecks(larder: readonly Ingredient[]): readonly LarderCheck[] {
  const failing = (fails: (ingredient: Ingredient) => boolean) => larder.filter(fails).map(({ id }) => id);
  const known = new Set(factIds),
    ids = new Set(larder.map(({ id }) => id));
  return [
    { name: 'components fit into 100 g', failing: failing((i) => unnamedRemainder(i.per100) < -SUM_SLACK) },
    {
      name: 'energy of the components within 10 % of the energy stated',
      failing: failing((i) => {
        const stated = i.facts.kcal;
        return (
          stated !== undefined &&
          Math.abs(100 * energyOfIngredient(compiledIngredient(i)) - stated) >
            Math.max(ENERGY_SHARE * stated, ENERGY_FLOOR)
        );
      }),
    },
    {
      name: 'saturated fat is no more than fat',
      failing: failing((i) => (i.facts.saturatedFat ?? 0) > (i.per100.fat ?? 0) + 0.1),
    },
    { name: 'names a source', failing: failing((i) => !/^S-\d/.test(i.source)) },
    { name: 'has a row of facts', failing: failing((i) => !known.has(i.kinds?.[0] ?? i.id)) },
    { name: 'facts without an ingredient', failing: factIds.filter((id) => !ids.has(id)) },
    {
      name: 'spoons and cups convert',
      failing: failing((i) => gramsPerUnit(i.measures, 'tbsp') === undefined),
    },
    {
      name: 'soft or dry, it has a pH between 1.5 and 8',
      failing: failing((i) => i.behaviour.pH < 1.5 || i.behaviour.pH > 8),
    },
  ];
}
