import { BookOpen, CalendarDays, Printer } from 'lucide-react';
import { useEffect, useState } from 'react';
import { Link, useLoaderData } from 'react-router';
import type { DishSummary, EaterView } from '@alterum/contract';
import { loadHouseLarder } from '../household/house-larder';
import { loadHousehold, useHousehold } from '../household/household-store';
import { UnkeptNote } from '../household/unkept-note';
import { knowPartsTonight } from '../household/known-to-dish';
import { Button } from '../ui/button';
import { calendarOf } from './calendar';
import { queries, read, readList } from '../server/queries';
import { ClockList } from './clock-list';
import { type Cooking, cookingDoes, pullCooking, useCooking } from './cooking-store';
import { cooksShown } from './cooks-named';
import { dayWords, eveningDay, minuteNow } from './evening-day';
import { clockText, type PotTonightPlanned } from './evening-plan';
import { DividedBasePlate } from './divided-base';
import { Impossible } from './impossible';
import { NowAndNext } from './now-and-next';
import { PotsChosen } from './pots-chosen';
import { remindOf } from './reminder-store';
import { remindersOf } from './reminders';
import { KitchenTonight } from './kitchen-tonight';
import { TooLate } from './too-late';
import { TimelinePicture } from './timeline';
import { type PlannedTonight, usePlannedEvening, usePotsTonight } from './use-planned-evening';
import { WhileCooking } from './while-cooking';
import { capital } from '../words/capital';

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
  return { eaters, dishes };
}

const LOOK_AT_CLOCK_MS = 20_000;

/** The clock on the wall; looked at again, what was said on other devices is taken over. */
function useWallClock(): Date {
  const [now, setNow] = useState(() => new Date());
  useEffect(() => {
    const look = () => {
      setNow(new Date());
      void pullCooking();
    };
    look();
    const timer = setInterval(look, LOOK_AT_CLOCK_MS);
    window.addEventListener('focus', look);
    return () => {
      clearInterval(timer);
      window.removeEventListener('focus', look);
    };
  }, []);
  return now;
}

function download(text: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([text], { type: 'text/calendar' }));
  link.download = 'alterum-evening.ics';
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), LOOK_AT_CLOCK_MS);
}

const Nothing = () => (
  <p className="plate mt-3 p-5">
    Nothing is cooked tonight yet. Choose a formula or a dish above, or tick several at the{' '}
    <Link to="/table" className="font-semibold text-rim underline">
      Table
    </Link>
    : their methods become a timetable here, back from when they are on the table. A dish layers sauces with
    sheets, noodles or vegetables:{' '}
    <Link to="/plan/dishes" className="font-semibold text-rim underline">
      the dishes of this kitchen
    </Link>
    .
  </p>
);

interface TimetableProps {
  readonly tonight: PlannedTonight;
  readonly cooking: Cooking;
  readonly day: string;
  readonly now: number;
  readonly eaters: readonly EaterView[];
}

/** The evening over time and by the clock. */
function Timetable({ tonight: { tasks, serveAt }, cooking, day, now, eaters }: TimetableProps) {
  const evening = useHousehold((household) => household.evening),
    pots = useHousehold((household) => household.pots),
    base = useHousehold((household) => household.versions.base);
  const cooks = evening.named?.length ? cooksShown(evening).map(({ name }) => name) : [];
  return (
    <>
      <section aria-label="Over time" className="plate mt-3 p-3">
        <TimelinePicture
          tasks={tasks}
          serveAt={serveAt}
          now={now}
          pinned={cooking.pinned}
          canMove={({ id }) => !(id in cooking.done) && !(id in cooking.begun)}
          move={(id, minute) => cookingDoes.pin(day, id, minute)}
        />
        <p className="pt-1 text-[13px] text-soft">
          Blue: hands. Yellow: a machine. Outlined: needs nobody. The thick line: on the table.{' '}
          <span className="print:hidden">
            What is dragged along the time stays where it is put; so does a time that is typed below.
          </span>
        </p>
      </section>
      <ClockList tasks={tasks} now={now} serveAt={serveAt} cooking={cooking} day={day} cooks={cooks}>
        {pots.some(({ formula }) => formula === base) && (
          <DividedBasePlate eaters={eaters.filter(({ eatsTonight }) => eatsTonight)} />
        )}
      </ClockList>
    </>
  );
}

interface HeadProps {
  readonly pots: readonly PotTonightPlanned[];
  readonly tonight: PlannedTonight;
  readonly day: string;
  readonly at: Date;
}

/** When it is on the table, and the plan to be taken along. */
function Head({ pots, tonight: { tasks, serveAt }, day, at }: HeadProps) {
  const when = dayWords(day, at);
  return (
    <div className="flex flex-wrap items-center gap-3 pb-2">
      <h1 className="mr-auto text-2xl">
        {capital(when)}, on the table at {clockText(serveAt)}
      </h1>
      <span className="mr-auto hidden text-soft print:inline">{pots.map(({ name }) => name).join(', ')}</span>
      {tasks.length > 0 && (
        <span className="flex flex-wrap gap-2 print:hidden">
          <Link
            to="/plan/recipe"
            className="tap tap-coarse inline-flex items-center gap-2 rounded-lg border-2 border-yolk bg-yolk px-3 font-semibold text-on-yolk"
          >
            <BookOpen size={16} aria-hidden /> Recipe
          </Link>
          <Button onClick={() => download(calendarOf(tasks, day))}>
            <CalendarDays size={16} aria-hidden /> Calendar file
          </Button>
          <Button onClick={() => window.print()}>
            <Printer size={16} aria-hidden /> Print
          </Button>
        </span>
      )}
    </div>
  );
}

/** Tonight’s pots, back from when they are on the table: hands, machines, waits, and by the clock. */
export function Component() {
  const { eaters, dishes } = useLoaderData<PlanData>();
  const chosenDay = useHousehold((household) => household.evening.day);
  const at = useWallClock(),
    day = eveningDay(chosenDay, at),
    now = minuteNow(at, day);
  const pots = usePotsTonight(),
    cooking = useCooking(day),
    tonight = usePlannedEvening(pots, cooking);
  const { tasks, impossible, planned, asked, searching, stop } = tonight;
  useEffect(() => {
    document.title = 'Plan · Alterum';
  }, []);
  useEffect(() => remindOf(remindersOf(tasks, day, cooking)), [tasks, day, cooking]);
  return (
    <main className="mx-auto w-full max-w-6xl px-3 py-4 sm:px-5">
      <Head pots={pots} tonight={tonight} day={day} at={at} />
      {pots.length > 0 && <NowAndNext tasks={tasks} now={now} cooking={cooking} day={day} />}
      <UnkeptNote />
      <PotsChosen pots={pots} kept={dishes} />
      <KitchenTonight people={eaters} pots={pots} day={day} />
      {pots.length === 0 && <Nothing />}
      {impossible && <Impossible outcome={impossible} tasks={asked} pots={pots} day={day} />}
      {pots.length > 0 && <TooLate tonight={tonight} cooking={cooking} now={now} at={at} />}
      {(tasks.length > 0 || impossible) && (
        <WhileCooking
          planned={planned}
          cooking={cooking}
          day={day}
          now={now}
          tasks={tasks}
          searching={searching}
          stop={stop}
        />
      )}
      {tasks.length > 0 && (
        <Timetable tonight={tonight} cooking={cooking} day={day} now={now} eaters={eaters} />
      )}
      <p className="pt-3 text-[13px] text-soft">
        Planned with the long end of the minutes. Times come from the methods of the formulas; keep hot food
        hot (above 60 °C) and chill within two hours what is not eaten: local rules come first.
      </p>
    </main>
  );
}
