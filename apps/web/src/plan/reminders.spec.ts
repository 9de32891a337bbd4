import { blankFormula } from '@alterum/core';
import { dueReminders, keyOf, remindersOf } from './reminders';

const DAY = '2026-11-27';
const task = (id: string, start: number, hands = true) => ({
  id,
  start,
  words: `do ${id}`,
  said: { id, group: 'p', sentence: `Do ${id} with 3 g salt.`, cautions: [] },
  pot: { id: 'p', name: 'Melt', formula: blankFormula },
  task: {
    id,
    pot: 'p',
    operation: { kind: 'heat' as const },
    hands,
    hot: false,
    minutes: { low: 1, high: 1 },
    after: [],
  },
});
const nothing = { begun: {}, done: {} };

test('last night’s task is told last night; what needs nobody, or is begun, is not', () => {
  const tasks = [task('soak', 1330), task('simmer', 2500, false), task('fry', 2510), task('stir', 2520)];
  const reminders = remindersOf(tasks, DAY, { begun: { fry: 2500 }, done: {} });
  expect(reminders.map(({ id, at }) => [id, new Date(at).toString().slice(0, 21)])).toEqual([
    ['soak', 'Thu Nov 26 2026 22:10'],
    ['stir', 'Fri Nov 27 2026 18:00'],
  ]);
  expect(reminders[0]).toMatchObject({ text: 'do soak (Melt)', sentence: 'Do soak with 3 g salt.' });
});

test('it is said five minutes before, once, and no more when it is long past; moved, it is said again', () => {
  const reminders = remindersOf([task('stir', 2520)], DAY, nothing),
    at = reminders[0]!.at,
    min = 60_000;
  const due = (now: number, told: readonly string[] = []) => dueReminders(reminders, told, now).length;
  expect([due(at - 6 * min), due(at - 5 * min), due(at + 15 * min), due(at + 16 * min)]).toEqual([
    0, 1, 1, 0,
  ]);
  expect(due(at, [keyOf(reminders[0]!)])).toBe(0);
  const moved = remindersOf([task('stir', 2540)], DAY, nothing);
  expect(dueReminders(moved, [keyOf(reminders[0]!)], moved[0]!.at)).toHaveLength(1);
});
