import { useHousehold } from '../household/household-store';
import { Button } from '../ui/button';
import { type Cooking } from './cooking-store';
import { daysAhead } from './evening-day';
import { clockText } from './evening-plan';
import { isSaid } from './taken-as-planned';
import type { PlannedTonight } from './use-planned-evening';

interface TooLateProps {
  readonly tonight: PlannedTonight;
  readonly cooking: Cooking;
  /** min of the plan by the clock on the wall. */
  readonly now: number;
  readonly at: Date;
}

/** Tasks that are named; the rest is a number. */
const NAMED = 3;

/** An evening that lies in the past, or would have had to be begun: told as long as nobody says that it was. */
export function TooLate({ tonight: { tasks, serveAsked }, cooking, now, at }: TooLateProps) {
  const evening = useHousehold((household) => household.evening),
    eatAt = useHousehold((household) => household.eatAt);
  if (isSaid(cooking) || cooking.from !== null) return null;
  const past = serveAsked <= now;
  const missed = tasks.filter(({ start, task }) => start < now && (task.hands || task.begins));
  if (!past && missed.length === 0) return null;
  const first = missed.slice(0, NAMED).map(({ start, words }) => `${words} (${clockText(start)})`);
  const tomorrow = daysAhead(at)[1];
  return (
    <p role="status" className="flex flex-wrap items-center gap-x-3 gap-y-1 pt-3 text-ask print:hidden">
      <span className="min-w-0">
        {past
          ? `${clockText(serveAsked)} has gone by, and nothing is said to have begun.`
          : `This should have begun already: ${first.join(', ')}${missed.length > NAMED ? ` and ${missed.length - NAMED} more` : ''}. Press Begin or Done where it was, or plan the rest from now.`}
      </span>
      {evening.day === undefined && tomorrow !== undefined && (
        <Button onClick={() => eatAt({ ...evening, day: tomorrow })}>Tomorrow instead</Button>
      )}
    </p>
  );
}
