import ical, { ICalAlarmType } from 'ical-generator';
import { midnightOf } from './evening-day';
import { type ShownTask, withWhat } from './evening-plan';

/** min before a task at which the calendar reminds. */
const REMIND_MIN = 5;
const MINUTE_MS = 60_000;

/** Midnight of the day before the one on which it is eaten. */
function midnightBefore(day: string): Date {
  const at = midnightOf(day);
  return new Date(at.getFullYear(), at.getMonth(), at.getDate() - 1);
}

/**
 * The evening as a calendar file: every task that somebody has to begin, with a reminder; the same task keeps its name when it is exported
 * again. @param day the day on which it is eaten, such as "2026-11-27"
 */
export function calendarOf(tasks: readonly ShownTask[], day: string): string {
  const zero = midnightBefore(day).getTime();
  const calendar = ical({ name: 'Alterum: the evening', prodId: { company: 'alterum', product: 'plan' } });
  const at = (minute: number) => new Date(zero + Math.round(minute) * MINUTE_MS);
  for (const shown of tasks) {
    const event = calendar.createEvent({
      id: `${shown.id.replaceAll('/', '-')}-${day}@alterum`,
      start: at(shown.start),
      end: at(shown.end),
      summary: `${shown.words} (${shown.pot.name})`,
      description: [shown.said.sentence, shown.said.lookFor, ...shown.said.cautions, withWhat(shown)]
        .filter(Boolean)
        .join('\n'),
    });
    event.createAlarm({ type: ICalAlarmType.display, trigger: REMIND_MIN * 60 });
  }
  return calendar.toString();
}
