import { daysAhead, dayWords, eveningDay, minuteNow, today } from './evening-day';

const at = (text: string) => new Date(`${text}:00`);

test('a day chosen is that one until it has gone by; then it is today', () => {
  expect(eveningDay(undefined, at('2026-11-27T15:00'))).toBe('2026-11-27');
  expect(eveningDay('2026-11-28', at('2026-11-27T15:00'))).toBe('2026-11-28');
  expect(eveningDay('2026-11-26', at('2026-11-27T15:00'))).toBe('2026-11-27');
});

test('who still cooks at one has not begun another day', () => {
  expect(today(at('2026-11-28T01:00'))).toBe('2026-11-27');
  expect(minuteNow(at('2026-11-28T01:00'))).toBe(2 * 1440 + 60);
  expect(today(at('2026-11-28T03:00'))).toBe('2026-11-28');
});

test('the clock counts from the midnight before the day of the evening, over months and leap days too', () => {
  expect(minuteNow(at('2026-11-27T19:30'), '2026-11-27')).toBe(1440 + 1170);
  expect(minuteNow(at('2026-11-30T22:10'), '2026-12-01')).toBe(1330);
  expect(minuteNow(at('2026-11-29T12:00'), '2026-12-01')).toBe(720 - 1440);
  expect(minuteNow(at('2028-02-29T22:10'), '2028-03-01')).toBe(1330);
});

test('days are told as one speaks of them', () => {
  const now = at('2026-11-27T15:00');
  expect(
    daysAhead(now)
      .slice(0, 3)
      .map((day) => dayWords(day, now)),
  ).toEqual(['tonight', 'tomorrow', 'on Sunday 29 November']);
});
