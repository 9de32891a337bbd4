import { DAY } from './evening-day';

/** A time of the day as it is typed: "19:30", "7.15", "18"; min after midnight. */
export function readClock(
  text: string,
):
  | { readonly kind: 'value'; readonly value: number }
  | { readonly kind: 'unreadable'; readonly message: string } {
  const [, hours, minutes = '0'] = /^\s*(\d{1,2})(?:[:.h ]\s*(\d{2}))?\s*$/.exec(text) ?? [];
  const value = Number(hours) * 60 + Number(minutes);
  return hours === undefined || Number(hours) > 23 || Number(minutes) > 59
    ? { kind: 'unreadable', message: 'Type a time of the day, such as 19:30.' }
    : { kind: 'value', value };
}

/** Minute of an evening that is meant by a time of the day: on the day or the day before, whichever lies nearer to where it is planned. */
export function minuteMeant(ofDay: number, planned: number): number {
  const on = ofDay + DAY;
  return Math.abs(ofDay - planned) < Math.abs(on - planned) ? ofDay : on;
}
