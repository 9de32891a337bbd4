import { type PlannedEvening, readMeasured } from '@alterum/core';
import { CalendarDays, Printer } from 'lucide-react';
import { useEffect, useMemo, useState } from 'react';
import { Link, useLoaderData } from 'react-router';
import type { DishSummary, EaterView } from '@alterum/contract';
import { loadHouseLarder } from '../household/house-larder';
import { loadHousehold, useHousehold } from '../household/household-store';
import { knowPartsTonight } from '../household/known-to-dish';
import { Button } from '../ui/button';
import { NumberField } from '../ui/number-field';
import { useJob } from '../worker/use-work';
import { calendarOf } from './calendar';
import { queries, read, readList } from '../server/queries';
import { ClockList } from './clock-list';
import { progressOf, useCooking } from './cooking-store';
import { clockText, DAY, dishesOf, eveningFor, minuteNow, potsOf, shownTasks } from './evening-plan';
import { DividedBasePlate } from './divided-base';
import { Impossible } from './impossible';
import { PotsChosen } from './pots-chosen';
import { readClock } from './read-clock';
import { TimelinePicture } from './timeline';
import { WhileCooking } from './while-cooking';

interface PlanData {
  readonly eaters: readonly EaterView[];
  readonly dishes: readonly DishSummary[];
}

export async function loader(): Promise<PlanData> {
  const [eaters, dishes] = await Promise.all([
    read(queries.people),
    read(queries.dishes),
    readList(queries.wholeFormulas('')),
    loadHouseLarder(),
    loadHousehold(),
  ]);
  await knowPartsTonight();
  return { eaters: eaters.filter((eater) => eater.eatsTonight), dishes };
}

const LOOK_AT_CLOCK_MS = 20_000;

/** The clock on the wall, min of the plan. */
function useNow(): number {
  const [now, setNow] = useState(() => minuteNow(new Date()));
  useEffect(() => {
    const timer = setInterval(() => setNow(minuteNow(new Date())), LOOK_AT_CLOCK_MS);
    return () => clearInterval(timer);
  }, []);
  return now;
}

const counted =
  (max: number, min = 0) =>
  (text: string) => {
    const read = readMeasured(text, { unit: '', min, max });
    return read.kind === 'value' && !Number.isInteger(read.value)
      ? ({ kind: 'unreadable', message: 'Type a whole number.' } as const)
      : read;
  };

const field = 'tap-coarse h-9 rounded-lg border-2 border-hair bg-glaze px-2';

/** When it is on the table, and what the kitchen has for it. */
function KitchenTonight() {
  const evening = useHousehold((household) => household.evening),
    eatAt = useHousehold((household) => household.eatAt);
  const set = (part: Partial<typeof evening>) => eatAt({ ...evening, ...part });
  const fields = [
    ['Burners', 'burners', 12, 0],
    ['Ovens', 'ovens', 4, 0],
    ['Blenders', 'blenders', 6, 0],
    ['Cooks', 'cooks', 6, 1],
  ] as const;
  return (
    <div className="flex flex-wrap items-end gap-x-4 gap-y-2 print:hidden">
      <label className="flex items-center gap-2 text-sm font-semibold">
        On the table at
        <NumberField
          label="On the table at"
          value={evening.serveAt}
          write={(value) => clockText(DAY + value)}
          unit=""
          read={readClock}
          onValue={(serveAt) => serveAt !== undefined && set({ serveAt })}
          className={`${field} w-20 text-lg font-bold`}
        />
      </label>
      {fields.map(([label, name, max, min]) => (
        <label key={name} className="flex items-center gap-2 text-sm">
          {label}
          <NumberField
            label={label}
            value={evening[name]}
            unit=""
            read={counted(max, min)}
            onValue={(value) => value !== undefined && set({ [name]: value })}
            className={`${field} w-14`}
          />
        </label>
      ))}
      <label className="flex items-center gap-2 text-sm">
        Hot things may stand
        <NumberField
          label="Hot things may stand"
          value={evening.keepWarmMin}
          unit="min"
          min={0}
          max={180}
          onValue={(keepWarmMin) => keepWarmMin !== undefined && set({ keepWarmMin })}
          className={`${field} w-16`}
        />
        min
      </label>
    </div>
  );
}

function download(text: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([text], { type: 'text/calendar' }));
  link.download = 'alterum-evening.ics';
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), LOOK_AT_CLOCK_MS);
}

/** Tonight’s pots, back from when they are on the table: hands, machines, waits, and by the clock. */
export function Component() {
  const chosen = useHousehold((household) => household.pots),
    named = useHousehold((household) => household.named),
    chosenDishes = useHousehold((household) => household.dishes),
    keptDishes = useHousehold((household) => household.keptDishes),
    said = useHousehold((household) => household.evening),
    larder = useHousehold((household) => household.larder),
    sauces = useHousehold((household) => household.sauces);
  const base = useHousehold((household) => household.versions.base);
  const { eaters, dishes } = useLoaderData<PlanData>();
  const now = useNow();
  const pots = useMemo(
    () => [...potsOf(chosen, named), ...dishesOf(chosenDishes, keptDishes)],
    [chosen, named, chosenDishes, keptDishes],
  );
  const planned = useMemo(
    () => eveningFor(pots, said),
    // What stands in the larder decides what is done to a thing.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [pots, said, larder, sauces],
  );
  const cooking = useCooking(),
    progress = useMemo(() => progressOf(cooking), [cooking]);
  const asked = useMemo(() => ({ ...planned, round: cooking.round }), [planned, cooking.round]);
  const { start, result, basis } = useJob<'schedule', typeof asked>();
  useEffect(() => {
    document.title = 'Plan · Alterum';
  }, []);
  useEffect(() => {
    if (asked.tasks.length > 0)
      start({ kind: 'schedule', evening: asked.evening, ...(progress ? { progress } : {}) }, asked);
    // What is begun or done is written down without planning anew: the plan moves only when that is asked for.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [asked, start]);
  // What was planned last stands until it is planned anew: nothing goes away under a finger or a focus.
  const [last, setLast] = useState<{ readonly result: PlannedEvening; readonly asked: typeof asked }>();
  if (result && basis && last?.result !== result) setLast({ result, asked: basis });
  const shown = planned.tasks.length > 0 ? last : undefined;
  const tasks = useMemo(
    () => (shown ? shownTasks(shown.result.outcome, shown.asked.tasks, pots, cooking) : []),
    [shown, pots, cooking],
  );
  const impossible = shown?.result.outcome.kind === 'impossible' ? shown.result.outcome : undefined;
  const serveAt = shown && basis === asked ? shown.result.serveAt : planned.evening.serveAt;
  return (
    <main className="mx-auto w-full max-w-6xl px-3 py-4 sm:px-5">
      <div className="flex flex-wrap items-center gap-3 pb-2">
        <h1 className="mr-auto text-2xl">Tonight, on the table at {clockText(serveAt)}</h1>
        <span className="mr-auto hidden text-soft print:inline">
          {pots.map(({ name }) => name).join(', ')}
        </span>
        {tasks.length > 0 && (
          <span className="flex gap-2 print:hidden">
            <Button onClick={() => download(calendarOf(tasks, new Date()))}>
              <CalendarDays size={16} aria-hidden /> Calendar file
            </Button>
            <Button onClick={() => window.print()}>
              <Printer size={16} aria-hidden /> Print
            </Button>
          </span>
        )}
      </div>
      <PotsChosen pots={pots} kept={dishes} />
      <KitchenTonight />
      {pots.length === 0 && (
        <p className="plate mt-3 p-5">
          Nothing is cooked tonight yet. Choose a formula or a dish above, or tick several at the{' '}
          <Link to="/table" className="font-semibold text-rim underline">
            Table
          </Link>
          : their methods become a timetable here, back from when they are on the table. A dish layers sauces
          with sheets, noodles or vegetables:{' '}
          <Link to="/plan/dishes" className="font-semibold text-rim underline">
            the dishes of this kitchen
          </Link>
          .
        </p>
      )}
      {impossible && <Impossible outcome={impossible} tasks={planned.tasks} pots={pots} />}
      {(tasks.length > 0 || impossible) && (
        <WhileCooking planned={shown?.result} cooking={cooking} now={now} tasks={tasks} />
      )}
      {tasks.length > 0 && (
        <>
          <section aria-label="Over time" className="plate mt-3 p-3">
            <TimelinePicture tasks={tasks} serveAt={serveAt} now={now} />
            <p className="pt-1 text-[13px] text-soft">
              Dark: hands. Yellow: a machine. Pale: needs nobody. The thick line: on the table.
            </p>
          </section>
          <ClockList tasks={tasks} now={now} serveAt={serveAt} cooking={cooking}>
            {chosen.some(({ formula }) => formula === base) && <DividedBasePlate eaters={eaters} />}
          </ClockList>
        </>
      )}
      <p className="pt-3 text-[13px] text-soft">
        Planned with the long end of the minutes. Times come from the methods of the formulas; keep hot food
        hot (above 60 °C) and chill within two hours what is not eaten: local rules come first.
      </p>
    </main>
  );
}
