import type { EaterView } from '@alterum/contract';
import { pageOfDish, pageOfFormula, type RecipePage } from '@alterum/core';
import { useEffect, useMemo, useState } from 'react';
import { useLoaderData, useLocation } from 'react-router';
import { useHousehold } from '../household/household-store';
import { RecipeSheet } from '../recipe-page/recipe-sheet';
import { tellingHere } from '../recipe-page/telling';
import { capital } from '../words/capital';
import { useCooking } from './cooking-store';
import { dayWords, eveningDay } from './evening-day';
import { clockText, type PotTonightPlanned, type ShownTask } from './evening-plan';
import { loader as loadPlan } from './plan-page';
import { usePlannedEvening, usePotsTonight } from './use-planned-evening';

export const loader = loadPlan;

const pageOfPot = ({ formula, dish }: PotTonightPlanned): RecipePage | undefined =>
  formula ? pageOfFormula(formula, tellingHere()) : dish ? pageOfDish(dish, tellingHere()) : undefined;

/** What goes into every pot, and what is done by the clock. */
function pageOfEvening(
  title: string,
  pots: readonly PotTonightPlanned[],
  tasks: readonly ShownTask[],
  serveAt: number,
): RecipePage {
  const pages = pots.flatMap((pot) => pageOfPot(pot) ?? []);
  return {
    title,
    kind: pots.map(({ name }) => name).join(', '),
    served: `at ${clockText(serveAt)}`,
    note: '',
    ahead: [],
    sections: [
      ...pages.flatMap(({ title: of, portions, sections }) =>
        sections.map((section) => ({
          title:
            section.title === of
              ? `${of}, ${portions} portions`
              : section.title === 'The dish'
                ? of
                : `${section.title} (for ${of})`,
          ...(section.note === undefined ? {} : { note: section.note }),
          things: section.things,
          steps: [],
        })),
      ),
      {
        title: 'By the clock',
        things: [],
        steps: tasks.map(({ said, start, pot, id }) => ({
          id,
          cautions: said.cautions,
          ...(said.lookFor === undefined ? {} : { lookFor: said.lookFor }),
          sentence: pots.length > 1 ? `${pot.name}: ${said.sentence}` : said.sentence,
          when: clockText(start),
        })),
      },
    ],
    cautions: [...new Set(pages.flatMap(({ cautions }) => cautions))],
  };
}

/** The step that the address names comes into sight once it is there. */
function useStepOfAddress(ready: boolean): void {
  const { hash } = useLocation();
  useEffect(() => {
    if (ready && hash !== '') document.getElementById(decodeURIComponent(hash.slice(1)))?.scrollIntoView();
  }, [ready, hash]);
}

/** The evening as a page to cook from: what goes into every pot, and each step by the clock. */
export function Component() {
  useLoaderData<{ readonly eaters: readonly EaterView[] }>();
  const [at] = useState(() => new Date());
  const chosenDay = useHousehold((household) => household.evening.day);
  const day = eveningDay(chosenDay, at);
  const pots = usePotsTonight(),
    cooking = useCooking(day),
    { tasks, serveAt, impossible } = usePlannedEvening(pots, cooking);
  const title = `${capital(dayWords(day, at))}, on the table at ${clockText(serveAt)}`;
  const page = useMemo(() => pageOfEvening(title, pots, tasks, serveAt), [title, pots, tasks, serveAt]);
  useEffect(() => {
    document.title = 'Recipe of the evening · Alterum';
  }, []);
  useStepOfAddress(tasks.length > 0);
  return (
    <RecipeSheet
      page={page}
      back={{ to: '/plan', words: 'To the plan' }}
      trouble={
        pots.length === 0
          ? 'Nothing is cooked yet: choose a formula or a dish on the plan.'
          : impossible
            ? 'No plan is possible as it is asked: the plan says what would help.'
            : undefined
      }
    />
  );
}
