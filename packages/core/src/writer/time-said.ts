const HOUR = 60;
/** min from which a time is said in hours; above so many hours no minutes are told. */
const HOURS_FROM = 90,
  WHOLE_HOURS_FROM = 6;

/** "8 min", "1 h 40 min", "10 h". @param minutes 0 or more */
export function timeSaid(minutes: number): string {
  if (minutes < 1) return `${Math.max(1, Math.round(minutes * 60))} s`;
  if (minutes < HOURS_FROM) return `${Math.round(minutes)} min`;
  const whole = Math.round(minutes),
    hours = Math.floor(whole / HOUR),
    rest = whole % HOUR;
  if (hours >= WHOLE_HOURS_FROM) return `${Math.round(whole / HOUR)} h`;
  return rest === 0 ? `${hours} h` : `${hours} h ${rest} min`;
}

/** "4 min", "15 to 20 min". */
export function timesSaid(least: number, most: number): string {
  const [low, high] = [timeSaid(least), timeSaid(most)];
  if (low === high || !(most > least)) return low;
  const unit = / (min|h|s)$/.exec(high)?.[0] ?? '';
  return `${unit !== '' && low.endsWith(unit) ? low.slice(0, -unit.length) : low} to ${high}`;
}

/** s up to two minutes are told as such: "90 s", "2 min 30 s". */
export function secondsSaid(seconds: number): string {
  const whole = Math.round(seconds);
  if (whole < 120) return `${whole} s`;
  const rest = whole % 60;
  return rest === 0 ? `${whole / 60} min` : `${Math.floor(whole / 60)} min ${rest} s`;
}

const DAY_BEFORE_MIN = 10 * HOUR;

/** How long before it is eaten something is begun: "1 h 20 min before", "14 h before: the evening before". */
export const beforeSaid = (minutes: number): string =>
  `${timeSaid(Math.ceil(minutes / 5) * 5)} before it is eaten${minutes >= DAY_BEFORE_MIN ? ', so the day before' : ''}`;
