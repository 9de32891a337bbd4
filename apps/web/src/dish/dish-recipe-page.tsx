import type { EaterView } from '@alterum/contract';
import { dishOfContent } from '@alterum/contract/convert';
import { pageOfDish, readDish, scaledDish, sharingOf, timesAsMuch, type WrittenDish } from '@alterum/core';
import { useEffect, useMemo } from 'react';
import { type LoaderFunctionArgs, useLoaderData } from 'react-router';
import { portionOfDishEaten } from '../household/dish-eaten';
import { loadHouseLarder } from '../household/house-larder';
import { loadHousehold } from '../household/household-store';
import { knownToDish, knowParts } from '../household/known-to-dish';
import { PortionsControl, usePortionsAsked } from '../recipe-page/portions-control';
import { RecipeSheet } from '../recipe-page/recipe-sheet';
import { peopleOfSheet } from '../recipe-page/sheet-people';
import { tellingHere } from '../recipe-page/telling';
import { queries, read } from '../server/queries';
import { dishSaving } from './dish-saving';

interface DishRecipeData {
  readonly id: string;
  readonly dish: WrittenDish;
  readonly eaters: readonly EaterView[];
}

export async function loader({ params }: LoaderFunctionArgs): Promise<DishRecipeData> {
  const id = params['id'] ?? '';
  await dishSaving.flush();
  const [view, eaters] = await Promise.all([
    read({ ...queries.dish(id), staleTime: 0 }),
    read(queries.people),
    loadHouseLarder(),
    loadHousehold(),
  ]);
  const dish = dishOfContent(view);
  await knowParts([dish]);
  return { id, dish, eaters };
}

const roomWords = {
  fits: undefined,
  full: undefined,
  'runs-over': 'So much runs over this vessel: take a larger one, or two.',
} as const;

/** A dish of several parts as a page to cook from. */
export function Component() {
  const { id, dish, eaters } = useLoaderData<DishRecipeData>();
  const written = sharingOf(dish).portions;
  const asked = usePortionsAsked() ?? written;
  const { page, people, trouble } = useMemo(() => {
    const known = knownToDish();
    const shown = written > 0 ? scaledDish(dish, asked / written, asked, known) : dish;
    const worked = readDish(shown, known);
    return {
      page: pageOfDish(shown, tellingHere()),
      people: peopleOfSheet(eaters, ({ id: eater }) =>
        timesAsMuch(
          portionOfDishEaten(shown, worked, eater),
          shown.eaters.find((one) => one.eater === eater)?.appetite ?? 1,
        ),
      ),
      trouble:
        worked.problems.map(({ message }) => message).join(' ') || roomWords[worked.report?.fits ?? 'fits'],
    };
  }, [dish, asked, written, eaters]);
  useEffect(() => {
    document.title = `Recipe: ${dish.name} · Alterum`;
  }, [dish.name]);
  return (
    <RecipeSheet
      page={page}
      people={people}
      back={{ to: `/plan/dishes/${id}`, words: 'To the dish' }}
      portions={<PortionsControl portions={page.portions ?? written} written={written} />}
      trouble={trouble}
    />
  );
}
