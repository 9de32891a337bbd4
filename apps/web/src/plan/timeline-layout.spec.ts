import type { FormulaTask, Operation, Planned } from '@alterum/core';
import { blankFormula } from '@alterum/core';
import { clockText, shortWords, shownTasks, type ShownTask, withWhat } from './evening-plan';
import { timelineOf } from './timeline-layout';

const pots = [
  { id: 'a', name: 'Melt', formula: blankFormula },
  { id: 'b', name: 'Dip', formula: blankFormula },
];
const SERVE = 1440 + 1140;
const task = (id: string, more: Partial<FormulaTask> & { operation?: Operation } = {}): FormulaTask => ({
  id,
  pot: id.charAt(0),
  operation: { kind: 'heat' },
  hands: false,
  hot: false,
  minutes: { low: 1, high: 1 },
  after: [],
  ...more,
});
const shown = (...list: readonly (readonly [FormulaTask, start: number, end: number, cook?: string])[]) =>
  shownTasks(
    {
      kind: 'planned',
      plan: list.map(([{ id }, start, end, cook]): Planned => ({ id, start, end, cook })),
      worth: {} as never,
      certainty: {} as never,
    },
    list.map(([one]) => one),
    pots,
  );
const picture = (tasks: readonly ShownTask[], now = 0) =>
  timelineOf(tasks, { width: 900, left: 100, serveAt: SERVE, now });

test('a pot stays on its burner, and what runs at the same time has another one', () => {
  const tasks = shown(
    [task('a/1w', { machine: 'burner' }), SERVE - 60, SERVE - 50],
    [task('b/1', { machine: 'burner' }), SERVE - 55, SERVE - 30],
    [task('a/1', { machine: 'burner', hands: true }), SERVE - 50, SERVE - 40, 'cook'],
    [task('b/2', { machine: 'burner' }), SERVE - 20, SERVE - 10],
  );
  expect(tasks.map(({ id, unit }) => [id, unit])).toEqual([
    ['a/1w', 1],
    ['b/1', 2],
    ['a/1', 1],
    ['b/2', 2],
  ]);
  expect(withWhat(tasks[1]!)).toBe('burner 2, needs nobody');
  expect(withWhat(tasks[2]!)).toBe('burner 1');
});

test('an oven is shared by what wants the same heat', () => {
  const tasks = shown(
    [task('a/1', { machine: 'oven', ovenC: 190 }), SERVE - 60, SERVE - 20],
    [task('b/1', { machine: 'oven', ovenC: 190 }), SERVE - 50, SERVE - 10],
  );
  expect(tasks.map(({ unit }) => unit)).toEqual([1, 1]);
});

test('hands, machines and waits stand in rows of their own, on one scale; what began long before is cut at the edge', () => {
  const { rows, ticks, serveX, nowX } = picture(
    shown(
      [task('a/soak/0'), SERVE - 700, SERVE - 60],
      [task('a/1', { hands: true }), SERVE - 80, SERVE - 70, 'cook'],
      [task('a/2', { hands: true, machine: 'burner' }), SERVE - 30, SERVE, 'cook'],
    ),
    SERVE - 45,
  );
  expect(rows.map(({ name, bars }) => [name, bars.length])).toEqual([
    ['Cook', 2],
    ['Burner 1', 1],
    ['Waits', 1],
  ]);
  const [cook, burner, waits] = rows;
  expect(waits!.bars[0]).toMatchObject({ since: true, x: 100 });
  expect(cook!.bars[1]!.x).toBeCloseTo(burner!.bars[0]!.x, 9);
  expect(cook!.bars[1]!.x + cook!.bars[1]!.width).toBeCloseTo(serveX, 6);
  const perMinute = cook!.bars[1]!.width / 30;
  expect(cook!.bars[0]!.width).toBeCloseTo(10 * perMinute, 6);
  expect(serveX - nowX!).toBeCloseTo(45 * perMinute, 6);
  for (let i = 1; i < ticks.length; i++) expect(ticks[i]!.x - ticks[i - 1]!.x).toBeGreaterThanOrEqual(60);
});

test('what waits at the same time lies in lanes', () => {
  const { rows } = picture(
    shown(
      [task('a/1'), SERVE - 60, SERVE - 30],
      [task('b/1'), SERVE - 50, SERVE - 20],
      [task('b/2'), SERVE - 25, SERVE],
    ),
  );
  expect(rows[0]!.bars.map(({ lane }) => lane)).toEqual([0, 1, 0]);
});

test('the day before is said', () => {
  expect(clockText(1440 + 65)).toBe('01:05');
  expect(clockText(1330)).toBe('the day before, 22:10');
});

test('what is done for a sauce inside a pot says for which', () => {
  const inner = { ...blankFormula, name: 'House cheese sauce' };
  const [made] = shown([
    task('a/1', { operation: { kind: 'blend', seconds: 60 }, inside: inner }),
    SERVE - 20,
    SERVE,
  ]);
  expect(made!.words).toBe('jug 60 s, for House cheese sauce');
  expect(shortWords(made!)).toBe('blend: House cheese sauce');
});

test('a long stretch in which only waits go on is drawn short; times and dragging follow', () => {
  const tasks = shown(
    [task('b/1', { hands: true }), SERVE - 240, SERVE - 225, 'cook'],
    [task('b/2', {}), SERVE - 225, SERVE - 30],
    [task('a/1', { hands: true }), SERVE - 40, SERVE - 10, 'cook'],
  );
  const { folds, ticks, xOf, minuteAt } = picture(tasks);
  expect(folds).toHaveLength(1);
  expect(folds[0]).toMatchObject({ from: SERVE - 217, to: SERVE - 48, width: 30 });
  // What is left has the room: a minute is more than twice as wide as without the fold.
  expect(xOf(SERVE - 10) - xOf(SERVE - 40)).toBeGreaterThan((2 * 30 * 800) / 250);
  for (const { minute } of ticks) expect(minute <= SERVE - 217 || minute >= SERVE - 48).toBe(true);
  expect(minuteAt(xOf(SERVE - 233))).toBeCloseTo(SERVE - 233, 6);
  expect(minuteAt(xOf(SERVE - 33) + 1)).toBeGreaterThan(SERVE - 33);
});

test('every bar has as much of its name as fits, in it or in the empty place behind it, and no two names meet', () => {
  const tasks = shown(
    [task('a/1', { hands: true }), SERVE - 60, SERVE - 58, 'cook'],
    [task('b/1', { hands: true, operation: { kind: 'blend' } }), SERVE - 30, SERVE - 29, 'cook'],
    [task('a/2', { hands: true }), SERVE - 28, SERVE - 27, 'cook'],
    [task('b/2', { hands: true }), SERVE - 26, SERVE - 2, 'cook'],
  );
  const [row] = picture(tasks).rows;
  expect(row!.bars.map(({ label }) => label)).toEqual([
    { text: '1 heat: Melt', where: 'behind' },
    { text: '2', where: expect.any(String) as string },
    { text: '1', where: expect.any(String) as string },
    { text: '2 heat: Dip', where: 'in' },
  ]);
});
