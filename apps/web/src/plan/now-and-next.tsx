import { Link } from 'react-router';
import { StepWords } from '../recipe-page/recipe-sheet';
import type { Cooking } from './cooking-store';
import { clockText, type ShownTask } from './evening-plan';
import { TaskPress } from './task-press';

/** What is told as next. @source assumed: as many as are read at a glance */
const NEXT = 3;

export const isRunning = ({ id, start, end }: ShownTask, cooking: Cooking, now: number): boolean =>
  !(id in cooking.done) && (id in cooking.begun || (start <= now && now < end));

interface NowAndNextProps {
  readonly tasks: readonly ShownTask[];
  readonly now: number;
  readonly cooking: Cooking;
  /** The day of the evening. */
  readonly day: string;
}

/** What goes on and what comes next, large enough to be read from the stove, with what is pressed when it is begun and done. */
export function NowAndNext({ tasks, now, cooking, day }: NowAndNextProps) {
  const open = tasks.filter(({ id }) => !(id in cooking.done));
  const going = open.filter((shown) => isRunning(shown, cooking, now)),
    next = open.filter((shown) => !going.includes(shown) && shown.end > now).slice(0, NEXT);
  if (going.length + next.length === 0) return null;
  const row = (shown: ShownTask, when: string) => (
    <li
      key={shown.id}
      className="grid grid-cols-[minmax(0,1fr)_auto] items-start gap-x-3 sm:grid-cols-[4.5rem_minmax(0,1fr)_auto] border-t border-hair py-1.5 first:border-t-0"
    >
      <b className="font-display text-xl leading-6">{when}</b>
      <span className="text-[17px] leading-snug max-sm:order-last max-sm:col-span-full">
        <StepWords step={shown.said} /> <span className="text-sm text-soft">{shown.pot.name}</span>
      </span>
      {now >= 0 && <TaskPress shown={shown} cooking={cooking} day={day} now={now} />}
    </li>
  );
  return (
    <section aria-label="Now and next" className="plate mb-2 p-3">
      <h2 className="flex items-baseline justify-between gap-3 text-lg">
        Now and next
        <Link
          to="/plan/recipe"
          className="tap-coarse font-sans text-sm font-semibold text-rim underline print:hidden"
        >
          every step, to cook from
        </Link>
      </h2>
      <ol>
        {going.map((shown) => row(shown, 'now'))}
        {next.map((shown) => row(shown, clockText(shown.start).split(', ').at(-1) ?? ''))}
      </ol>
    </section>
  );
}
