import { componentOfIngredient, componentOfPot, type DishComponent } from '../../src/dish/component.js';
import type { LayeredDish } from '../../src/dish/dish.js';
import { ingredientById } from '../../src/larder/catalog/larder-table.js';
import { potOf } from '../../src/larder/pot-of.js';
import { potAt } from '../../src/predict/pot-at.js';
import { type DishRow, type PartRow, sauces } from './dishes.table.js';

/** How the sauces of the table are made. */
const simmered = { maxTemperatureC: 92, holdMin: 5, blenderPower: 0.6, blendSeconds: 60 } as const;

function partOf([what, g, ready = []]: PartRow): DishComponent {
  const lines = sauces[what];
  if (lines) return componentOfPot(what, what, potAt(potOf(lines, simmered)).mix, g);
  const ingredient = ingredientById(what);
  if (!ingredient) throw new RangeError(`the larder has no ${what}`);
  return componentOfIngredient(what, ingredient, g, ready);
}

/** A row of the table as a dish. */
export const dishOfRow = ({
  vessel: [lengthCm, widthCm, depthCm],
  parts,
  layers,
  oven,
  restMin,
}: DishRow): LayeredDish => ({
  vessel: { shape: 'rectangular', lengthCm, widthCm, depthCm },
  components: parts.map(partOf),
  layers: layers.map((component) => ({ component })),
  oven: oven.map(([temperatureC, minutes, cover]) => ({ temperatureC, minutes, cover, fan: false })),
  restMin,
  fromC: 20,
});
