import type { PlannedEvening } from '@alterum/core';
import { Bell, BellOff } from 'lucide-react';
import { Button } from '../ui/button';
import { type Cooking, cookingDoes, useCookingUnkept } from './cooking-store';
import { clockText, type ShownTask } from './evening-plan';
import { useReminded, wantReminders } from './reminder-store';
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
  /** The day of the evening. */
  readonly day: string;
  /** min of the plan by the clock on the wall. */
  readonly now: number;
  readonly tasks: readonly ShownTask[];
  /** Share of what a search may cost that is spent; undefined while nothing is looked for. */
  readonly searching: number | undefined;
  readonly stop: () => void;
}

/** A long search can be ended: what it has found by then is a plan too. */
function Searching({ searching, stop }: Pick<WhileCookingProps, 'searching' | 'stop'>) {
  return (
    <span className="flex items-center gap-2 print:hidden">
      <progress
        max={1}
        value={searching ?? 0}
        aria-label="Looking for a better plan"
        className="w-24 accent-rim"
      />
      <Button look="bare" className="text-sm" onClick={stop}>
        Take what is found
      </Button>
    </span>
  );
}

/** What is known of a plan: that none is better, or how far from the best it may be. */
function HowGood({ outcome }: Pick<PlannedEvening, 'outcome'>) {
  if (outcome.kind === 'impossible') return null;
  const { worth, certainty } = outcome;
  return (
    <span className="text-soft">
      {certainty.isBest
        ? ' No plan is better.'
        : ` The best plan found: things stand ${Math.round(worth.waiting)} minutes in all, at least ${Math.round(certainty.leastWaiting)} in any.`}
    </span>
  );
}

function Told({ planned, tasks }: Pick<WhileCookingProps, 'planned' | 'tasks'>) {
  const wordsOf = (id: string): string => tasks.find((shown) => shown.id === id)?.words ?? id;
  const { likely, lateBy = 0, overdue = [] } = planned ?? {};
  const unkept = useCookingUnkept();
  return (
    <p className="mr-auto min-w-0 text-[15px]" role="status">
      {lateBy > 0 && <b>{Math.round(lateBy)} minutes later than asked. </b>}
      {likely && about(likely.from, likely.to)}
      {planned && <HowGood outcome={planned.outcome} />}
      {overdue.length > 0 && (
        <span className="text-ask"> Has stood longer than it may: {overdue.map(wordsOf).join('; ')}.</span>
      )}
      {unkept !== undefined && (
        <span className="text-ask"> What was said while cooking is in this browser alone: {unkept}</span>
      )}
    </p>
  );
}

/** What can be said and pressed while it is cooked: it got late, plan the rest again, and when it is likely ready. */
export function WhileCooking({ planned, cooking, day, now, tasks, searching, stop }: WhileCookingProps) {
  const said = cooking.from !== null || isSaid(cooking);
  const from = Math.max(now, cooking.from ?? 0);
  const reminded = useReminded();
  const planFrom = (minute: number, late: number) =>
    cookingDoes.planFrom(day, minute, takenAsPlanned(tasks, cooking, now, late));
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-2 pt-3">
      <Told planned={planned} tasks={tasks} />
      {searching !== undefined && <Searching searching={searching} stop={stop} />}
      <span className="flex flex-wrap gap-2 print:hidden">
        <Button look="bare" aria-pressed={reminded} onClick={() => void wantReminders(!reminded)}>
          {reminded ? <Bell size={16} aria-hidden /> : <BellOff size={16} aria-hidden />}
          {reminded ? 'Reminding' : 'Remind me'}
        </Button>
        {now >= 0 && (
          <>
            <Button onClick={() => planFrom(now, 0)}>Plan the rest from now</Button>
            <Button onClick={() => planFrom(said ? from + LATE : now, LATE)}>{LATE} minutes late</Button>
          </>
        )}
        {said && (
          <Button look="bare" onClick={() => cookingDoes.anew(day)}>
            Start over
          </Button>
        )}
      </span>
    </div>
  );
}
