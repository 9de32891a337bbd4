import { formulaWith, lineOf } from '../formula/formula.fixture.js';
import type { Formula } from '../formula/formula.js';
import { ingredientById } from '../larder/catalog/larder-table.js';
import { faultsOf } from '../plan/plan.fixture.js';
import { schedule } from '../plan/schedule.js';
import { type EveningPot, eveningTonight, type KitchenTonight, unnamedCooks } from './evening-tonight.js';
import { bladeMinutes, tasksOfFormula } from './tasks-of-formula.js';

const SERVE = 1440 + 19 * 60;
const kitchen: KitchenTonight = {
  serveAt: SERVE,
  burners: 2,
  ovens: 1,
  blenders: 1,
  cooks: unnamedCooks(1),
  keepWarmMin: 15,
  awake: [
    { from: 420, to: 1380 },
    { from: 1860, to: 2820 },
  ],
};
const cashew: Formula = {
  ...formulaWith([
    ['water', 300],
    ['salt', 4],
    ['tapioca-starch', 15],
  ]),
};
const soaked: Formula = {
  ...cashew,
  lines: [lineOf('cashew', 120, { ready: [{ kind: 'soak', minutes: 600 }] }), ...cashew.lines],
  writesItself: undefined,
  method: [
    { kind: 'put-in', lines: ['cashew', 'water', 'salt'] },
    { kind: 'blend', seconds: 90 },
    { kind: 'heat', temperatureC: 80, minutes: 5, lines: ['tapioca-starch'] },
  ],
} as unknown as Formula;
const known = { larder: (id: string) => ingredientById(id), formulaOf: () => undefined };
const plan = (pots: readonly EveningPot[], more: Partial<KitchenTonight> = {}) => {
  const { evening, tasks } = eveningTonight({ pots }, known, { ...kitchen, ...more });
  return { evening, tasks, outcome: schedule(evening) };
};

test('a soak waits without hands, ends before its nuts go in, and the pot’s operations follow each other', () => {
  const tasks = tasksOfFormula('a', soaked, ingredientById);
  expect(tasks.map(({ id, hands, machine }) => [id, hands, machine])).toEqual([
    ['a/cashew/0b', true, undefined],
    ['a/cashew/0', false, undefined],
    ['a/0', true, undefined],
    ['a/1', true, 'blender'],
    ['a/2w', false, 'burner'],
    ['a/2', true, 'burner'],
  ]);
  expect(tasks[0]).toMatchObject({ begins: true, minutes: { low: 2, high: 3 } });
  expect(tasks[1]).toMatchObject({
    minutes: { low: 600, high: 600 },
    after: [{ id: 'a/cashew/0b', most: 0 }],
  });
  // In the fridge it keeps for a day and more; of that ten hours are the soak itself.
  expect(tasks[1]!.mayStand).toBeGreaterThan(12 * 60);
  expect(tasks[2]!.after.map(({ id }) => id)).toEqual(['a/cashew/0']);
  // From 20 to 60 °C at 5 °C a minute it warms by itself; then four minutes to 80 °C and five there are stirred.
  expect(tasks[4]).toMatchObject({ warms: true, minutes: { low: 8 }, after: [{ id: 'a/1', least: 0 }] });
  expect(tasks[5]).toMatchObject({ minutes: { low: 9 }, after: [{ id: 'a/2w', least: 0, most: 0 }] });
  expect(tasks[5]!.minutes.high).toBeGreaterThan(9);
});

test('a pot is planned back from serving: hot at the table, the soak begun in the morning or the night before', () => {
  const { evening, outcome, tasks } = plan([{ id: 'a', formula: soaked }]);
  if (outcome.kind !== 'planned') throw new Error(outcome.kind);
  expect(faultsOf(evening, outcome.plan)).toEqual([]);
  const at = new Map(outcome.plan.map((task) => [task.id, task]));
  expect(at.get('a/2')!.end).toBe(SERVE);
  expect(at.get('a/cashew/0')!.end).toBeLessThanOrEqual(at.get('a/0')!.start);
  expect(tasks.every(({ id }) => at.has(id))).toBe(true);
});

test('nobody is up at night to begin a soak: for an early meal it begins the evening before', () => {
  const { outcome } = plan([{ id: 'a', formula: soaked }], { serveAt: 1440 + 12 * 60 });
  if (outcome.kind !== 'planned') throw new Error(outcome.kind);
  const begins = outcome.plan.find(({ id }) => id === 'a/cashew/0b')!;
  expect(begins.end).toBeLessThanOrEqual(23 * 60);
  expect(begins.start).toBeGreaterThan(20 * 60);
});

test('what is served out of the fridge is ready hours before, what is warmed again has both', () => {
  const cold: Formula = { ...soaked, serve: { temperatureC: 6, storage: 'fridge', days: 1 } };
  const kinds = (formula: Formula) =>
    tasksOfFormula('a', formula, ingredientById).map(({ operation }) => operation.kind);
  expect(kinds(cold).at(-1)).toBe('chill');
  expect(kinds({ ...soaked, serve: { temperatureC: 65, storage: 'reheat', days: 1 } }).slice(-2)).toEqual([
    'chill',
    'heat',
  ]);
  const { outcome } = plan([{ id: 'a', formula: cold }]);
  if (outcome.kind !== 'planned') throw new Error(outcome.kind);
  expect(outcome.plan.find(({ id }) => id === 'a/2')!.end).toBeLessThanOrEqual(SERVE - 180);
});

test('three pots share one cook, one blender and the burners there are', () => {
  const pots = [
    { id: 'a', formula: soaked },
    { id: 'b', formula: soaked },
    { id: 'c', formula: soaked },
  ];
  // Each is stirred for eleven minutes: too much for one if nothing may stand hot, until the first may be kept warm.
  expect(plan(pots, { keepWarmMin: 5 }).outcome.kind).not.toBe('planned');
  const { evening, outcome } = plan(pots, { keepWarmMin: 50 });
  if (outcome.kind !== 'planned') throw new Error(outcome.kind);
  expect(faultsOf(evening, outcome.plan)).toEqual([]);
  // Three times the hands of one: nobody stirs two pots at once.
  const hands = outcome.plan.filter(({ id }) => id.endsWith('/2')).sort((a, b) => a.start - b.start);
  for (let i = 1; i < hands.length; i++) expect(hands[i]!.start).toBeGreaterThanOrEqual(hands[i - 1]!.end);
  const two = plan(pots, { cooks: unnamedCooks(2), keepWarmMin: 50 });
  if (two.outcome.kind !== 'planned') throw new Error(two.outcome.kind);
  const first = (planned: typeof outcome.plan) =>
    Math.min(
      ...planned.filter(({ id }) => id.endsWith('/0') && !id.includes('cashew')).map(({ start }) => start),
    );
  expect(first(two.outcome.plan)).toBeGreaterThanOrEqual(first(outcome.plan));
});

test('a kitchen without a blender says what collides', () => {
  const { outcome } = plan([{ id: 'a', formula: soaked }], { blenders: 0 });
  expect(outcome.kind).not.toBe('planned');
});

test('roasting and baking share an oven only at one temperature', () => {
  const roast = (ovenC: number): Formula => ({
    ...soaked,
    lines: [lineOf('squash', 600, { ready: [{ kind: 'roast', minutes: 30, ovenC }] })],
    method: [{ kind: 'put-in', lines: ['squash'] }],
  });
  const overlap = (a: number, b: number) => {
    const { outcome } = plan([
      { id: 'a', formula: roast(a) },
      { id: 'b', formula: roast(b) },
    ]);
    if (outcome.kind !== 'planned') throw new Error(outcome.kind);
    const [first, second] = outcome.plan
      .filter(({ id }) => id.includes('squash'))
      .sort((x, y) => x.start - y.start);
    return first!.end > second!.start;
  };
  expect(overlap(200, 200)).toBe(true);
  expect(overlap(200, 180)).toBe(false);
});

test('a sauce inside a sauce is made before it goes in; one that holds itself is made once', () => {
  const outer: Formula = {
    ...soaked,
    lines: [lineOf('formula:inner', 200, { id: 'sauce' }), lineOf('water', 100)],
    method: [
      { kind: 'put-in', lines: ['sauce', 'water'] },
      { kind: 'heat', temperatureC: 70, minutes: 3 },
    ],
  };
  const circle: Formula = {
    ...soaked,
    lines: [...soaked.lines, lineOf('formula:inner', 10, { id: 'itself' })],
  };
  const kept = (inner: Formula) => (id: string) => (id === 'inner' ? inner : undefined);
  const find = (id: string) => ingredientById(id);
  const tasks = tasksOfFormula('a', outer, find, { formulaOf: kept(soaked) });
  const inner = tasks.filter(({ inside }) => inside === soaked);
  expect(inner.map(({ operation }) => operation.kind)).toEqual([
    'soak',
    'soak',
    'put-in',
    'blend',
    'heat',
    'heat',
  ]);
  expect(inner.every(({ pot }) => pot === 'a')).toBe(true);
  expect(tasks.find(({ id }) => id === 'a/0')!.after.map(({ id }) => id)).toContain(inner.at(-1)!.id);
  expect(tasksOfFormula('a', outer, find, { formulaOf: kept(circle) })).toHaveLength(tasks.length);
  const outcome = schedule(
    eveningTonight(
      { pots: [{ id: 'a', formula: outer }] },
      { larder: find, formulaOf: kept(soaked) },
      kitchen,
    ).evening,
  );
  if (outcome.kind !== 'planned') throw new Error(outcome.kind);
  const at = new Map(outcome.plan.map((task) => [task.id, task]));
  expect(at.get('a/0')!.start).toBeGreaterThanOrEqual(at.get(inner.at(-1)!.id)!.end);
});

test('a jar that does not hold it takes it in loads, and a small motor rests between', () => {
  const large = (factor: number): Formula => ({
    ...soaked,
    lines: [lineOf('oat-drink', 900 * factor), lineOf('cashew', 200 * factor)],
    method: [
      { kind: 'put-in', lines: ['oat-drink', 'cashew'] },
      { kind: 'blend', seconds: 60, tool: 'jug' },
    ],
  });
  const blend = (factor: number) =>
    tasksOfFormula('a', large(factor), (id) => ingredientById(id)).find(
      ({ operation }) => operation.kind === 'blend',
    )!;
  expect(blend(1).loads).toBeUndefined();
  expect(blend(3).loads).toBe(3);
  // Two minutes around each load, one of running each.
  expect(blend(3).minutes.low - blend(1).minutes.low).toBeCloseTo(6, 6);
});

test('a motor rests for as long as it does, and filling the jar counts as rest', () => {
  const jug = { onMin: 2, restMin: 2 },
    cup = { onMin: 1, restMin: 3 };
  expect(bladeMinutes(1, 1, jug)).toBe(3);
  // Five minutes in one go are three runs with two rests.
  expect(bladeMinutes(5, 1, jug)).toBe(2 + 5 + 4);
  // A minute each, three times: after each the cup rests for three, of which two are filling.
  expect(bladeMinutes(1, 3, cup)).toBe(3 * 3 + 2 * 1);
  expect(bladeMinutes(1, 2, undefined)).toBe(6);
});
