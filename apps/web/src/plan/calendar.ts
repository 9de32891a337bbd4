import ical, { ICalAlarmType } from 'ical-generator';
import { type ShownTask, withWhat } from './evening-plan';

/** min before a task at which the calendar reminds. */
const REMIND_MIN = 5;
const MINUTE_MS = 60_000;

/** Midnight of the day before the one that is cooked on. */
const midnightBefore = (today: Date): Date =>
  new Date(today.getFullYear(), today.getMonth(), today.getDate() - 1);

/**
 * The evening as a calendar file: every task that somebody has to begin, with a reminder; the same task keeps its name when it is exported
 * again. @param today the day on which it is eaten
 */
export function calendarOf(tasks: readonly ShownTask[], today: Date): string {
  const zero = midnightBefore(today).getTime();
  const calendar = ical({ name: 'Alterum: the evening', prodId: { company: 'alterum', product: 'plan' } });
  const at = (minute: number) => new Date(zero + Math.round(minute) * MINUTE_MS);
  const day = today.toISOString().slice(0, 10);
  for (const shown of tasks) {
    const event = calendar.createEvent({
      id: `${shown.id.replaceAll('/', '-')}-${day}@alterum`,
      start: at(shown.start),
      end: at(shown.end),
      summary: `${shown.words} (${shown.pot.name})`,
      description: withWhat(shown),
    });
    event.createAlarm({ type: ICalAlarmType.display, trigger: REMIND_MIN * 60 });
  }
  return calendar.toString();
}
