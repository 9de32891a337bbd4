import type { FormulaTask, PlannedEvening, ScheduleOutcome } from '@alterum/core';
import { useEffect, useMemo, useState } from 'react';
import { useHousehold } from '../household/household-store';
import { useJob } from '../worker/use-work';
import { type Cooking, progressOf } from './cooking-store';
import {
  dishesOf,
  eveningFor,
  potsOf,
  type PotTonightPlanned,
  type ShownTask,
  shownTasks,
} from './evening-plan';

/** ms of searching from which it is shown that there is a search. @source assumed: shorter, and it only flickers */
const LONG_MS = 900;

/** What is cooked tonight, in the order in which it was chosen: pots, then dishes. */
export function usePotsTonight(): readonly PotTonightPlanned[] {
  const chosen = useHousehold((household) => household.pots),
    named = useHousehold((household) => household.named),
    chosenDishes = useHousehold((household) => household.dishes),
    keptDishes = useHousehold((household) => household.keptDishes);
  return useMemo(
    () => [...potsOf(chosen, named), ...dishesOf(chosenDishes, keptDishes)],
    [chosen, named, chosenDishes, keptDishes],
  );
}

export interface PlannedTonight {
  /** Everything that is to be done. */
  readonly asked: readonly FormulaTask[];
  /** When it was asked for, min of the plan. */
  readonly serveAsked: number;
  /** When it is on the table as it is planned. */
  readonly serveAt: number;
  /** What was planned last; it stands until it is planned anew. */
  readonly planned: PlannedEvening | undefined;
  readonly tasks: readonly ShownTask[];
  readonly impossible: Extract<ScheduleOutcome, { kind: 'impossible' }> | undefined;
  /** Share of what the search may cost that is spent; undefined while none goes on for long. */
  readonly searching: number | undefined;
  readonly stop: () => void;
}

/** True once something has gone on for so long. */
function useLong(going: boolean, ms: number): boolean {
  const [long, setLong] = useState(false);
  if (!going && long) setLong(false);
  useEffect(() => {
    if (!going) return;
    const timer = setTimeout(() => setLong(true), ms);
    return () => clearTimeout(timer);
  }, [going, ms]);
  return going && long;
}

/** Plans the evening beside the page: anew when what is cooked changes, when somebody is given something, or when it is asked for. */
export function usePlannedEvening(pots: readonly PotTonightPlanned[], cooking: Cooking): PlannedTonight {
  const said = useHousehold((household) => household.evening),
    larder = useHousehold((household) => household.larder),
    sauces = useHousehold((household) => household.sauces),
    versions = useHousehold((household) => household.versions);
  // What comes from the server again is another object with the same in it.
  const byText = JSON.stringify(cooking.by),
    pinnedText = JSON.stringify(cooking.pinned);
  const evening = useMemo(
    () => eveningFor(pots, said, JSON.parse(byText) as Cooking['by']),
    // What stands in the larder decides what is done to a thing.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [pots, said, larder, sauces, versions, byText],
  );
  const asked = useMemo(
    () => ({ ...evening, round: cooking.round, pinned: pinnedText }),
    [evening, cooking.round, pinnedText],
  );
  const { start, stop, running, result, basis } = useJob<'schedule', typeof asked>();
  useEffect(() => {
    const progress = progressOf(cooking);
    if (asked.tasks.length > 0)
      start({ kind: 'schedule', evening: asked.evening, ...(progress ? { progress } : {}) }, asked);
    // What is begun or done is written down without planning anew: the plan moves only when that is asked for.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [asked, start]);
  // What was planned last stands until it is planned anew: nothing goes away under a finger or a focus.
  const [last, setLast] = useState<{ readonly result: PlannedEvening; readonly asked: typeof asked }>();
  if (result && basis && last?.result !== result) setLast({ result, asked: basis });
  const shown = evening.tasks.length > 0 ? last : undefined;
  const tasks = useMemo(
    () => (shown ? shownTasks(shown.result.outcome, shown.asked.tasks, pots, cooking) : []),
    [shown, pots, cooking],
  );
  const long = useLong(running !== undefined, LONG_MS);
  return {
    asked: evening.tasks,
    serveAsked: evening.evening.serveAt,
    serveAt: shown && basis === asked ? shown.result.serveAt : evening.evening.serveAt,
    planned: shown?.result,
    tasks,
    impossible: shown?.result.outcome.kind === 'impossible' ? shown.result.outcome : undefined,
    searching: long ? running : undefined,
    stop,
  };
}
