import { lineOfFormula } from '@alterum/contract/convert';
import {
  asOneLine,
  assess,
  formulaOfPart,
  layeredG,
  mealOf,
  type Portion,
  portionOfLines,
  portionOfRecipe,
  portionsOfDish,
  type ReadDish,
  type ReadPart,
  timesAsMuch,
  type WrittenDish,
} from '@alterum/core';
import { findIngredient, packLabels } from './house-larder';
import { knownToDish } from './known-to-dish';
import { outcomeOf } from './outcome';
import { portionOf } from './portion';

type Part = WrittenDish['parts'][number];

/** All that is made of a part, as one portion. */
function wholeOf(part: Part, read: ReadPart | undefined): Portion {
  const formula = formulaOfPart(part, knownToDish());
  if (part.formula !== undefined && formula)
    return asOneLine(
      lineOfFormula(part.formula),
      formula.name,
      portionOf({ lines: formula.lines, portions: 1 }, outcomeOf({ ...formula, portions: 1 })),
    );
  if (read) return portionOfRecipe(assess(read.recipe, 1), 1, packLabels());
  // What is not known by weight, or not at all, is asked about all the same.
  const ingredient = findIngredient(part.ingredient ?? ''),
    label = packLabels().get(part.ingredient ?? '');
  return portionOfLines([
    {
      id: part.id,
      ingredient,
      named: ingredient?.name ?? 'A part that is put away',
      preparationUnknown: true,
      ...(label ? { label } : {}),
    },
  ]);
}

/** One usual portion of a dish as the people at the table meet it: what went into a layer counts, what is left does not. */
export function portionOfDishEaten(dish: WrittenDish, { parts, report }: ReadDish): Portion {
  const portions = portionsOfDish(dish);
  const laid = dish.parts.filter(({ id }) => dish.layers.some(({ component }) => component === id));
  const eaten = laid.map((part) => {
    const read = parts.find(({ component }) => component.id === part.id),
      whole = wholeOf(part, read);
    const share =
      report && read && read.madeG > 0 ? layeredG(report, part.id) / read.madeG / portions : undefined;
    return timesAsMuch(whole, share);
  });
  return mealOf(eaten, 'mixed');
}
