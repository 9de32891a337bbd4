import { dishOfContent } from '@alterum/contract/convert';
import { type Pot, readDish } from '@alterum/core';
import { useMemo } from 'react';
import { portionOfDishEaten } from '../household/dish-eaten';
import { useHousehold } from '../household/household-store';
import { knownToDish } from '../household/known-to-dish';

/** Dishes of several parts that are cooked tonight, as pots that share nothing: what went into their layers is eaten. */
export function useDishesTonight(): readonly Pot[] {
  const chosen = useHousehold((household) => household.dishes),
    kept = useHousehold((household) => household.keptDishes),
    sauces = useHousehold((household) => household.sauces),
    versions = useHousehold((household) => household.versions),
    larder = useHousehold((household) => household.larder);
  return useMemo(
    () =>
      chosen.flatMap(({ dish: id }): Pot[] => {
        const view = kept.get(id);
        if (!view) return [];
        const dish = dishOfContent(view);
        const read = readDish(dish, knownToDish());
        return [
          {
            id,
            name: view.name,
            portion: portionOfDishEaten(dish, read),
            // Where all get the same, it is worked out once.
            ...(read.sharing.only.size > 0
              ? { portionOf: (eater: string) => portionOfDishEaten(dish, read, eater) }
              : {}),
            tools: [],
            washedBefore: true,
          },
        ];
      }),
    // What the house knows decides what a part is.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [chosen, kept, sauces, versions, larder],
  );
}
