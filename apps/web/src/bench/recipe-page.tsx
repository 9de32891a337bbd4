import type { EaterView } from '@alterum/contract';
import { formulaOfContent } from '@alterum/contract/convert';
import { applyStep, type Formula, pageOfFormula, scaledFormula } from '@alterum/core';
import { useEffect, useMemo } from 'react';
import { type LoaderFunctionArgs, useLoaderData } from 'react-router';
import { findIngredient, loadHouseLarder } from '../household/house-larder';
import { loadHousehold } from '../household/household-store';
import { outcomeOf } from '../household/outcome';
import { portionOf } from '../household/portion';
import { useBench } from '../open-formula/bench-store';
import { PortionsControl, usePortionsAsked } from '../recipe-page/portions-control';
import { RecipeSheet } from '../recipe-page/recipe-sheet';
import { peopleOfSheet } from '../recipe-page/sheet-people';
import { tellingHere } from '../recipe-page/telling';
import { formulaSaving } from '../saving/formula-saving';
import { queries, read } from '../server/queries';

interface RecipeData {
  readonly id: string;
  readonly formula: Formula;
  readonly eaters: readonly EaterView[];
}

/** What stands on the Bench of this tab is newer than what the server has. */
function onTheBench(id: string): Formula | undefined {
  const { bench } = useBench.getState();
  return bench?.id === id ? bench.history.formula : undefined;
}

export async function loader({ params }: LoaderFunctionArgs): Promise<RecipeData> {
  const id = params['id'] ?? '';
  await formulaSaving.flush();
  const [view, eaters] = await Promise.all([
    onTheBench(id) ? undefined : read({ ...queries.formula(id), staleTime: 0 }),
    read(queries.people),
    loadHouseLarder(),
    loadHousehold(),
  ]);
  return { id, eaters, formula: onTheBench(id) ?? formulaOfContent(view!) };
}

/** The formula for so many portions, as a batch of another size is worked out everywhere; what cannot be is said. */
function forPortions(
  formula: Formula,
  portions: number,
): { readonly formula: Formula; readonly trouble?: string } {
  if (portions === formula.portions) return { formula };
  try {
    const { steps } = scaledFormula({ formula, larder: findIngredient, ask: { by: 'portions', portions } });
    const outcome = applyStep(formula, { step: 'several', steps });
    return outcome.kind === 'applied' ? { formula: outcome.formula } : { formula };
  } catch (error) {
    if (!(error instanceof RangeError)) throw error;
    return {
      formula,
      trouble: `It cannot be made for ${portions} portions: ${error.message}. Shown as it is written.`,
    };
  }
}

/** A formula as a page to cook from. */
export function Component() {
  const { id, formula, eaters } = useLoaderData<RecipeData>();
  const asked = usePortionsAsked() ?? formula.portions;
  const { page, people, trouble } = useMemo(() => {
    const scaled = forPortions(formula, asked);
    const portion = portionOf(scaled.formula, outcomeOf(scaled.formula));
    return {
      page: pageOfFormula(scaled.formula, tellingHere()),
      people: peopleOfSheet(eaters, () => portion),
      trouble: scaled.trouble,
    };
  }, [formula, asked, eaters]);
  useEffect(() => {
    document.title = `Recipe: ${formula.name} · Alterum`;
  }, [formula.name]);
  return (
    <RecipeSheet
      page={page}
      people={people}
      back={{ to: `/bench/${id}`, words: 'To the Bench' }}
      portions={<PortionsControl portions={page.portions ?? formula.portions} written={formula.portions} />}
      trouble={trouble}
    />
  );
}
