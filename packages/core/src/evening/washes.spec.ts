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
const plan = (pots: readonly Omit<EveningPot, 'formula'>[]) => {
  const { evening, tasks } = eveningTonight(
    { pots: pots.map((pot) => ({ ...pot, formula: blended })) },
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
    { id: 'strict', sharesJar: true },
    { id: 'second', sharesJar: true, washedBefore: true },
    { id: 'third', sharesJar: true },
    { id: 'own' },
  ]);
  expect(tasks.filter(({ washes }) => washes).map(({ id }) => id)).toEqual(['second/wash']);
  const wash = at.get('second/wash')!;
  expect(wash.cook).toBeDefined();
  expect(wash.start).toBeGreaterThanOrEqual(at.get('strict/1')!.end);
  expect(at.get('second/1')!.start).toBeGreaterThanOrEqual(wash.end);
  expect(at.get('third/1')!.start).toBeGreaterThanOrEqual(at.get('second/1')!.end);
});

test('pots with jars of their own wait for nobody', () => {
  const { tasks } = plan([
    { id: 'a', washedBefore: true },
    { id: 'b', sharesJar: true, washedBefore: true },
  ]);
  expect(tasks.some(({ washes }) => washes)).toBe(false);
});
