import { DAY, midnightOf } from './evening-day';
import type { ShownTask } from './evening-plan';

/** Something that somebody has to begin, and when, ms since 1970. */
export interface Reminder {
  readonly id: string;
  readonly at: number;
  readonly text: string;
  /** The step as it is cooked from. */
  readonly sentence: string;
}

const MINUTE_MS = 60_000;
/** min before it at which is reminded, and after it in which it is still worth saying. @source assumed: as long as one needs to get to the kitchen */
const AHEAD = 5,
  STALE = 15;

/** What is worth a reminder: what somebody begins, on the evening before too, and the oven; not what goes on by itself. */
export function remindersOf(
  tasks: readonly Pick<ShownTask, 'id' | 'start' | 'words' | 'said' | 'pot' | 'task'>[],
  day: string,
  { begun, done }: { readonly begun: object; readonly done: object },
): readonly Reminder[] {
  const zero = midnightOf(day).getTime() - DAY * MINUTE_MS;
  return tasks
    .filter(
      ({ id, task }) => (task.hands || task.toDish?.kind === 'preheat') && !(id in begun) && !(id in done),
    )
    .map(({ id, start, words, said, pot }) => ({
      id,
      at: zero + Math.round(start) * MINUTE_MS,
      text: `${words} (${pot.name})`,
      sentence: said.sentence,
    }));
}

/** What is to be said now: what begins soon or has just begun, once. */
export const dueReminders = (
  reminders: readonly Reminder[],
  told: readonly string[],
  now: number,
): readonly Reminder[] =>
  reminders.filter(
    (one) =>
      now >= one.at - AHEAD * MINUTE_MS && now <= one.at + STALE * MINUTE_MS && !told.includes(keyOf(one)),
  );

/** Put to another time it is another reminder. */
export const keyOf = ({ id, at }: Reminder): string => `${id}@${at}`;
