/** min of a day: where the one begins on which it is eaten. */
export const DAY = 1440;

/** h after midnight until which it is still the evening before: who cooks at one has not gone to bed. @source assumed */
const STILL_EVENING = 3;
/** Days ahead that an evening can be planned for. @source assumed: a week */
const AHEAD = 7;

/** "2026-11-27". */
export const dayOf = (date: Date): string =>
  `${date.getFullYear()}-${String(date.getMonth() + 1).padStart(2, '0')}-${String(date.getDate()).padStart(2, '0')}`;

/** Midnight of a day, such as "2026-11-27". */
export function midnightOf(day: string): Date {
  const [year = 0, month = 1, date = 1] = day.split('-').map(Number);
  return new Date(year, month - 1, date);
}

/** The day whose evening it is. */
export const today = (now: Date): string =>
  dayOf(new Date(now.getFullYear(), now.getMonth(), now.getDate(), now.getHours() - STILL_EVENING));

/** The day of an evening: that which was chosen, unless it has gone by. */
export const eveningDay = (chosen: string | undefined, now: Date): string =>
  chosen !== undefined && chosen > today(now) ? chosen : today(now);

/** min of the plan that the clock on the wall shows: minute 0 is midnight of the day before the evening. */
export function minuteNow(now: Date, day = today(now)): number {
  const days = Math.round((midnightOf(day).getTime() - midnightOf(dayOf(now)).getTime()) / (DAY * 60_000));
  return DAY * (1 - days) + now.getHours() * 60 + now.getMinutes();
}

const named = new Intl.DateTimeFormat('en-GB', { weekday: 'long', day: 'numeric', month: 'long' });

/** "tonight", "tomorrow", "on Sunday, 29 November". */
export function dayWords(day: string, now: Date): string {
  const at = minuteNow(now, day);
  if (day === today(now)) return 'tonight';
  return at >= 0 && at < DAY ? 'tomorrow' : `on ${named.format(midnightOf(day))}`;
}

/** Days that an evening can be planned for, the first one today. */
export const daysAhead = (now: Date): readonly string[] =>
  Array.from({ length: AHEAD }, (_, i) => {
    const first = midnightOf(today(now));
    return dayOf(new Date(first.getFullYear(), first.getMonth(), first.getDate() + i));
  });
