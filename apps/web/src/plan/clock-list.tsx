import { SHOP } from '@alterum/core';
import { type ReactNode, useState } from 'react';
import { Link } from 'react-router';
import { StepWords } from '../recipe-page/recipe-sheet';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { NumberField } from '../ui/number-field';
import { timeText } from '../words/method-words';
import { type Cooking, cookingDoes } from './cooking-store';
import { DAY } from './evening-day';
import { clockText, LONG_BEFORE, type ShownTask, withWhat } from './evening-plan';
import { isRunning } from './now-and-next';
import { minuteMeant, readClock } from './read-clock';
import { TaskPress } from './task-press';

/** Whoever is free does it. */
const ANYBODY = '';

/** When a task begins and who does it, to be said otherwise than it is planned. */
function SaidOtherwise({
  shown: { id, start, words, task },
  cooking,
  day,
  cooks,
}: { readonly shown: ShownTask } & Pick<ClockListProps, 'cooking' | 'day' | 'cooks'>) {
  const pinned = cooking.pinned[id];
  return (
    <span className="col-span-full flex flex-wrap items-center gap-x-3 gap-y-1 pt-1 text-sm print:hidden">
      <label className="flex items-center gap-1">
        {(pinned ?? start) < DAY ? 'the day before at' : 'at'}
        <NumberField
          label={`${words} begins at`}
          value={(pinned ?? start) % DAY}
          write={(minute) => clockText(DAY + minute)}
          unit=""
          read={readClock}
          onValue={(minute) =>
            minute !== undefined && cookingDoes.pin(day, id, minuteMeant(minute, pinned ?? start))
          }
          className="tap-coarse h-8 w-16 rounded-md border-2 border-hair bg-glaze px-1 font-semibold"
        />
      </label>
      {pinned !== undefined && (
        <Button look="bare" className="text-sm" onClick={() => cookingDoes.pin(day, id, undefined)}>
          Leave it to the plan
        </Button>
      )}
      {task.insideId !== undefined && task.inside && (
        <Link to={`/bench/${task.insideId}`} className="tap-coarse px-1 font-semibold text-rim underline">
          {task.inside.name} on the Bench
        </Link>
      )}
      {task.hands && cooks.length > 1 && (
        <Choice
          label={`Who does ${words}`}
          value={cooking.by[id] ?? ANYBODY}
          options={[
            { value: ANYBODY, label: 'by whoever is free' },
            ...cooks.map((name) => ({ value: name, label: `by ${name}` })),
          ]}
          onChange={(name) => cookingDoes.give(day, id, name === ANYBODY ? undefined : name)}
          className="tap-coarse h-8 px-1 pointer-coarse:text-base"
        />
      )}
    </span>
  );
}

function Entry({
  shown,
  lit,
  cooking,
  day,
  cooks,
  now,
}: { readonly shown: ShownTask; readonly lit: boolean } & Pick<
  ClockListProps,
  'cooking' | 'day' | 'cooks' | 'now'
>) {
  const { id, start, end, words, pot } = shown,
    done = id in cooking.done,
    going = done || id in cooking.begun;
  const [open, setOpen] = useState(false);
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
        <button
          type="button"
          aria-expanded={open}
          onClick={() => setOpen(!open)}
          className={`tap-coarse rounded text-left underline decoration-hair decoration-dotted underline-offset-4 hover:decoration-rim ${done ? 'text-soft line-through' : 'font-semibold'}`}
        >
          {words}
        </button>{' '}
        {id in cooking.pinned && !going && <span className="text-sm text-ask">put there by hand · </span>}
        <span className="text-sm text-soft">
          {timeText(end - start)}
          {what && `, ${what}`} ·{' '}
          {pot.id === SHOP ? (
            pot.name
          ) : (
            <Link to={pot.dish ? `/plan/dishes/${pot.id}` : `/bench/${pot.id}`} className="underline">
              {pot.name}
            </Link>
          )}
        </span>
      </span>
      {now >= 0 && <TaskPress shown={shown} cooking={cooking} day={day} now={now} />}
      {open && (
        <p className="col-span-full pt-1 text-[15px]">
          <StepWords step={shown.said} />
        </p>
      )}
      {open && !going && <SaidOtherwise shown={shown} cooking={cooking} day={day} cooks={cooks} />}
    </li>
  );
}

interface ClockListProps {
  readonly tasks: readonly ShownTask[];
  readonly now: number;
  readonly serveAt: number;
  readonly cooking: Cooking;
  /** The day of the evening. */
  readonly day: string;
  /** Names of who cooks. */
  readonly cooks: readonly string[];
  /** What stands beside the list, under what is begun long before. */
  readonly children?: ReactNode;
}

/** The evening by the clock: what goes on and comes next, what is to be begun long before, and everything in its order. */
export function ClockList({ tasks, now, serveAt, cooking, day, cooks, children }: ClockListProps) {
  const before = tasks.filter(
    ({ start, end, task }) => end - start >= LONG_BEFORE || task.begins || serveAt - start > 12 * 60,
  );
  const evening = tasks.filter((shown) => !before.includes(shown));
  const list = (name: string, entries: readonly ShownTask[]) => (
    <section aria-label={name} className="plate p-3">
      <h2 className="text-lg">{name}</h2>
      <ol>
        {entries.map((shown) => (
          <Entry
            key={shown.id}
            shown={shown}
            lit={isRunning(shown, cooking, now)}
            cooking={cooking}
            day={day}
            cooks={cooks}
            now={now}
          />
        ))}
      </ol>
    </section>
  );
  return (
    <div className="mt-3 grid items-start gap-3 md:grid-cols-[minmax(0,2fr)_minmax(0,3fr)]">
      <div className="grid gap-3">
        {before.length > 0 && list('Long before', before)}
        {children}
      </div>
      {list('By the clock', evening)}
    </div>
  );
}
