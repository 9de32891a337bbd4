import type { PlannedEvening } from '@alterum/core';
import { Button } from '../ui/button';
import { type Cooking, cookingDoes } from './cooking-store';
import { clockText, type ShownTask } from './evening-plan';
import { isSaid, takenAsPlanned } from './taken-as-planned';

/** How much later one press says that it is, min. */
const LATE = 15;

const about = (from: number, to: number): string =>
  Math.round(from) === Math.round(to)
    ? `Likely ready at ${clockText(from)}.`
    : `Likely ready ${clockText(from)} to ${clockText(to)}.`;

interface WhileCookingProps {
  readonly planned: PlannedEvening | undefined;
  readonly cooking: Cooking;
  /** min of the plan by the clock on the wall. */
  readonly now: number;
  readonly tasks: readonly ShownTask[];
}

/** What can be said and pressed while it is cooked: it got late, plan the rest again, and when it is likely ready. */
export function WhileCooking({ planned, cooking, now, tasks }: WhileCookingProps) {
  const wordsOf = (id: string): string => tasks.find((shown) => shown.id === id)?.words ?? id;
  const { likely, lateBy = 0, overdue = [] } = planned ?? {};
  const said = cooking.from !== undefined || isSaid(cooking);
  const from = Math.max(now, cooking.from ?? 0);
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-2 pt-3">
      <p className="mr-auto min-w-0 text-[15px]" role="status">
        {lateBy > 0 && <b>{Math.round(lateBy)} minutes later than asked. </b>}
        {likely && about(likely.from, likely.to)}
        {overdue.length > 0 && (
          <span className="text-ask"> Has stood longer than it may: {overdue.map(wordsOf).join('; ')}.</span>
        )}
      </p>
      <span className="flex flex-wrap gap-2 print:hidden">
        <Button onClick={() => cookingDoes.planFrom(now, takenAsPlanned(tasks, cooking, now, 0))}>
          Plan the rest from now
        </Button>
        <Button
          onClick={() =>
            cookingDoes.planFrom(said ? from + LATE : now, takenAsPlanned(tasks, cooking, now, LATE))
          }
        >
          {LATE} minutes late
        </Button>
        {said && (
          <Button look="bare" onClick={cookingDoes.anew}>
            Start over
          </Button>
        )}
      </span>
    </div>
  );
}
