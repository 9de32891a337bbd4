import { Link } from 'react-router';
import { Button } from '../ui/button';
import { timeText } from '../words/method-words';
import { type Cooking, cookingDoes } from './cooking-store';
import { clockText, DAY, LONG_BEFORE, type ShownTask, withWhat } from './evening-plan';

/** Begun, done, or taken back: one press each. */
function Press({
  shown: { id, words },
  cooking,
  now,
}: { readonly shown: ShownTask } & Pick<ClockListProps, 'cooking' | 'now'>) {
  const done = id in cooking.done,
    begun = id in cooking.begun;
  const [text, does] = done
    ? ([`Not done`, () => cookingDoes.takeBack(id)] as const)
    : begun
      ? (['Done', () => cookingDoes.end(id, now)] as const)
      : (['Begin', () => cookingDoes.begin(id, now)] as const);
  return (
    <span className="flex items-center gap-1 self-center print:hidden">
      {begun && !done && (
        <Button
          look="bare"
          className="text-sm"
          aria-label={`Not begun: ${words}`}
          onClick={() => cookingDoes.takeBack(id)}
        >
          ↶
        </Button>
      )}
      <Button
        look={done ? 'bare' : 'rim'}
        className="text-sm"
        aria-label={`${text}: ${words}`}
        onClick={does}
      >
        {text}
      </Button>
    </span>
  );
}

function Entry({
  shown,
  lit,
  cooking,
  now,
}: { readonly shown: ShownTask; readonly lit: boolean } & Pick<ClockListProps, 'cooking' | 'now'>) {
  const { start, end, words, pot } = shown,
    done = shown.id in cooking.done;
  const what = withWhat(shown);
  return (
    <li
      className={`grid grid-cols-[4.5rem_minmax(0,1fr)_auto] gap-x-3 border-t border-hair px-2 py-1.5 first:border-t-0 ${lit ? 'bg-lit' : ''}`}
      aria-current={lit ? 'time' : undefined}
    >
      <span>
        <b className="block text-lg leading-6">{clockText(start).split(', ').at(-1)}</b>
        {start < DAY && <span className="block text-[13px] leading-4 text-soft">the day before</span>}
      </span>
      <span>
        <span className={done ? 'text-soft line-through' : 'font-semibold'}>{words}</span>{' '}
        <span className="text-sm text-soft">
          {timeText(end - start)}
          {what && `, ${what}`} ·{' '}
          <Link to={`/bench/${pot.id}`} className="underline">
            {pot.name}
          </Link>
        </span>
      </span>
      <Press shown={shown} cooking={cooking} now={now} />
    </li>
  );
}

interface ClockListProps {
  readonly tasks: readonly ShownTask[];
  readonly now: number;
  readonly serveAt: number;
  readonly cooking: Cooking;
}

/** The evening by the clock: what is to be begun long before, and what comes now and next. */
export function ClockList({ tasks, now, serveAt, cooking }: ClockListProps) {
  const before = tasks.filter(
    ({ start, end, task }) => end - start >= LONG_BEFORE || task.begins || serveAt - start > 12 * 60,
  );
  const evening = tasks.filter((shown) => !before.includes(shown));
  const running = ({ id, start, end }: ShownTask) =>
    !(id in cooking.done) && (id in cooking.begun || (start <= now && now < end));
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
                  <Entry key={shown.id} shown={shown} lit={running(shown)} cooking={cooking} now={now} />
                ))}
              </ol>
            </section>
          ),
      )}
    </div>
  );
}
