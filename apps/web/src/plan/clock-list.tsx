import { Link } from 'react-router';
import { timeText } from '../words/method-words';
import { clockText, DAY, LONG_BEFORE, type ShownTask, withWhat } from './evening-plan';

function Entry({ shown, lit }: { readonly shown: ShownTask; readonly lit: boolean }) {
  const { start, end, words, pot } = shown;
  const what = withWhat(shown);
  return (
    <li
      className={`grid grid-cols-[4.5rem_minmax(0,1fr)] gap-x-3 border-t border-hair px-2 py-1.5 first:border-t-0 ${lit ? 'bg-lit' : ''}`}
      aria-current={lit ? 'time' : undefined}
    >
      <span>
        <b className="block text-lg leading-6">{clockText(start).split(', ').at(-1)}</b>
        {start < DAY && <span className="block text-[13px] leading-4 text-soft">the day before</span>}
      </span>
      <span>
        <span className="font-semibold">{words}</span>{' '}
        <span className="text-sm text-soft">
          {timeText(end - start)}
          {what && `, ${what}`} ·{' '}
          <Link to={`/bench/${pot.id}`} className="underline">
            {pot.name}
          </Link>
        </span>
      </span>
    </li>
  );
}

interface ClockListProps {
  readonly tasks: readonly ShownTask[];
  readonly now: number;
  readonly serveAt: number;
}

/** The evening by the clock: what is to be begun long before, and what comes now and next. */
export function ClockList({ tasks, now, serveAt }: ClockListProps) {
  const before = tasks.filter(
    ({ start, end, task }) => end - start >= LONG_BEFORE || task.begins || serveAt - start > 12 * 60,
  );
  const evening = tasks.filter((shown) => !before.includes(shown));
  const running = (shown: ShownTask) => shown.start <= now && now < shown.end;
  const sections = [
    ['Long before', before],
    ['By the clock', evening],
  ] as const;
  return (
    <div className="mt-3 grid gap-3 md:grid-cols-[minmax(0,2fr)_minmax(0,3fr)]">
      {sections.map(
        ([name, list]) =>
          (list.length > 0 || name === 'By the clock') && (
            <section key={name} aria-label={name} className="plate p-3">
              <h2 className="text-lg">{name}</h2>
              <ol>
                {list.map((shown) => (
                  <Entry key={shown.id} shown={shown} lit={running(shown)} />
                ))}
              </ol>
            </section>
          ),
      )}
    </div>
  );
}
