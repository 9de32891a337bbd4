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
  shareOfPart,
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

/**
 * One usual portion of a dish as the people at the table meet it: what went into a layer counts, what is left does not. What only others eat of lies in
 * the same vessel, and touches it.
 * @param eater whose portion; absent is a portion with everything in it
 */
export function portionOfDishEaten(
  dish: WrittenDish,
  { parts, report, sharing }: ReadDish,
  eater?: string,
): Portion {
  const laid = dish.parts.filter(({ id }) => dish.layers.some(({ component }) => component === id));
  const isTheirs = ({ id }: Part): boolean => {
    const some = sharing.only.get(id);
    return !some || eater === undefined || some.eaters.includes(eater);
  };
  const readOf = ({ id }: Part) => parts.find(({ component }) => component.id === id);
  const eaten = laid.filter(isTheirs).map((part) => {
    const read = readOf(part),
      whole = wholeOf(part, read);
    const share = shareOfPart(sharing, part.id, eater ?? sharing.only.get(part.id)?.eaters[0]);
    return timesAsMuch(
      whole,
      report && read && read.madeG > 0 ? (layeredG(report, part.id) / read.madeG) * share : undefined,
    );
  });
  const contacts = laid
    .filter((part) => !isTheirs(part))
    .map((part) => ({
      by: 'vessel',
      from: part.name ?? readOf(part)?.component.name ?? 'another part',
      lines: wholeOf(part, readOf(part)).lines,
    }));
  const portion = mealOf(eaten, 'mixed');
  return contacts.length > 0 ? { ...portion, contacts: [...(portion.contacts ?? []), ...contacts] } : portion;
}
