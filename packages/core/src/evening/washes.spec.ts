import { formulaWith } from '../formula/formula.fixture.js';
import type { Formula } from '../formula/formula.js';
import { ingredientById } from '../larder/catalog/larder-table.js';
import { faultsOf } from '../plan/plan.fixture.js';
import { schedule } from '../plan/schedule.js';
import { eveningTonight, type EveningPot, unnamedCooks } from './evening-tonight.js';

const blended: Formula = {
  ...formulaWith([
    ['oat-drink', 300],
    ['white-bean-boiled', 150],
  ]),
  method: [
    { kind: 'put-in', lines: ['oat-drink', 'white-bean-boiled'] },
    { kind: 'blend', seconds: 60, tool: 'jug' },
  ],
};
const kitchen = {
  serveAt: 1440 + 1140,
  burners: 4,
  ovens: 1,
  blenders: 2,
  cooks: unnamedCooks(2),
  keepWarmMin: 20,
  awake: [],
};
const known = { larder: (id: string) => ingredientById(id), formulaOf: () => undefined };
const plan = (pots: readonly Omit<EveningPot, 'formula'>[], formula = blended) => {
  const { evening, tasks } = eveningTonight(
    { pots: pots.map((pot) => ({ ...pot, formula })) },
    known,
    kitchen,
  );
  const outcome = schedule(evening);
  if (outcome.kind !== 'planned') throw new Error(outcome.kind);
  expect(faultsOf(evening, outcome.plan)).toEqual([]);
  return { tasks, at: new Map(outcome.plan.map((one) => [one.id, one])) };
};

test('a shared jar goes from one pot to the next in their order, and is washed where that was said', () => {
  const { tasks, at } = plan([
    { id: 'strict', tools: ['jar'] },
    { id: 'second', tools: ['jar'], washedBefore: true },
    { id: 'third', tools: ['jar'] },
    { id: 'own' },
  ]);
  expect(tasks.filter(({ washes }) => washes).map(({ id }) => id)).toEqual(['second/wash']);
  const wash = at.get('second/wash')!;
  expect(wash.cook).toBeDefined();
  expect(tasks.find(({ id }) => id === 'second/wash')).toMatchObject({
    washes: ['jar'],
    minutes: { low: 4, high: 5 },
  });
  expect(wash.start).toBeGreaterThanOrEqual(at.get('strict/1')!.end);
  expect(at.get('second/1')!.start).toBeGreaterThanOrEqual(wash.end);
  expect(at.get('third/1')!.start).toBeGreaterThanOrEqual(at.get('second/1')!.end);
});

test('pots with jars of their own wait for nobody', () => {
  const { tasks } = plan([
    { id: 'a', washedBefore: true },
    { id: 'b', tools: ['jar'], washedBefore: true },
  ]);
  expect(tasks.some(({ washes }) => washes)).toBe(false);
});

const stirred: Formula = {
  ...blended,
  method: [
    { kind: 'put-in', lines: ['oat-drink', 'white-bean-boiled'] },
    { kind: 'heat', temperatureC: 90, minutes: 6 },
  ],
};
const onStove = (tasks: ReturnType<typeof plan>['tasks'], pot: string) =>
  tasks.filter((task) => task.pot === pot && task.machine === 'burner').map(({ id }) => id);

test('one pot holds one sauce: the next is begun when the first is out of it and it is washed, the spoon along with it', () => {
  const { tasks, at } = plan(
    [
      { id: 'mild', tools: ['pot', 'spoon'] },
      { id: 'hot', tools: ['pot', 'spoon'], washedBefore: true },
    ],
    stirred,
  );
  const wash = tasks.find(({ id }) => id === 'hot/wash')!;
  expect(wash.washes).toEqual(['pot', 'spoon']);
  expect(wash.minutes.low).toBe(4);
  const [mild, hot] = [onStove(tasks, 'mild'), onStove(tasks, 'hot')];
  expect(at.get('hot/wash')!.start).toBeGreaterThanOrEqual(at.get(mild.at(-1)!)!.end);
  expect(at.get(hot[0]!)!.start).toBeGreaterThanOrEqual(at.get('hot/wash')!.end);
});

test('a spoon goes to and fro between two pots, and is washed before it goes to the stricter one', () => {
  const washes = (washedBefore: boolean) =>
    plan(
      [
        { id: 'a', tools: ['spoon'] },
        { id: 'b', tools: ['spoon'], washedBefore },
      ],
      stirred,
    ).tasks;
  const wash = washes(true).find(({ id }) => id === 'b/wash')!;
  expect(wash).toMatchObject({ washes: ['spoon'], minutes: { low: 1, high: 2 }, after: [] });
  // It waits for no other pot, and where it is not washed nothing waits at all.
  expect(washes(false)).toEqual(
    washes(false).filter(({ pot, after }) => after.every(({ id }) => id.startsWith(pot))),
  );
});

test('fat that was fried in is not washed, and a tool that only one has is nobody else’s', () => {
  const { tasks } = plan(
    [
      { id: 'a', tools: ['frying fat', 'pot'] },
      { id: 'b', tools: ['frying fat', 'jar'], washedBefore: true },
    ],
    stirred,
  );
  expect(tasks.some(({ washes }) => washes)).toBe(false);
});
