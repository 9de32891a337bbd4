import { after, task } from '../plan.fixture.js';
import type { Evening, PlanTask } from '../task.js';
import { leastSpan } from './least-span.js';
import { posed } from './prove.js';
import { tighten } from './tighten.js';
import { startOf } from './moments.js';

const evening = (tasks: readonly PlanTask[], more: Partial<Evening> = {}): Evening => ({
  tasks,
  machines: new Map([
    ['burner', 2],
    ['oven', 1],
  ]),
  cooks: ['Ann'],
  serveAt: 1000,
  awake: [],
  ...more,
});
const spanOf = (of: Evening): number => {
  const { claims, moments, network, hands } = posed(of);
  return leastSpan(claims, moments, network!, hands);
};

test('one cook needs as long as all the work, with what comes before the first and after the last of it', () => {
  const work = [task('a', 10), task('b', 15), task('c', 5)];
  expect(spanOf(evening(work))).toBe(30);
  expect(spanOf(evening(work, { cooks: ['Ann', 'Bo'] }))).toBe(15);
  const rest = task('rest', 20, { hands: false, after: work.map(({ id }) => after(id)) });
  expect(spanOf(evening([...work, rest]))).toBe(50);
});

test('burners and an oven need as long as their work: what shares an oven counts once, what is done long before not at all', () => {
  const waiting = (id: string, minutes: number, more: Partial<PlanTask>) =>
    task(id, minutes, { hands: false, ...more });
  const on = ['a', 'b', 'c'].map((id) => waiting(id, 20, { machine: 'burner' }));
  expect(spanOf(evening(on))).toBe(30);
  const bakes = [190, 190, 220].map((ovenC, i) => waiting(`${i}`, 20, { machine: 'oven', ovenC }));
  expect(spanOf(evening(bakes))).toBe(40);
  const soak = task('soak', 300, { hands: false, machine: 'oven' });
  expect(spanOf(evening([soak, ...bakes]))).toBe(40);
});

test('of two that one cook does, one comes first as soon as the other cannot', () => {
  const { claims, moments, network, hands } = posed(
    evening([task('a', 10), task('b', 15), task('late', 5, { after: [after('a', 0, 8)] })]),
  );
  expect(tighten(claims, moments, network!, hands, undefined)).toBe(true);
  // Between a and what comes at most 8 minutes after it there is no room for b, so b is before or after both.
  network!.bind(startOf(1), startOf(2), 0);
  expect(network!.after(startOf(1), startOf(0))).toBeLessThan(0);
  expect(tighten(claims, moments, network!, hands, undefined)).toBe(true);
  expect(network!.after(startOf(1), startOf(0))).toBe(15);
});

test('nothing is left where less is to stand than can', () => {
  const { claims, moments, network, hands } = posed(
    evening([task('steam', 6, { mayStand: 30 }), task('dress', 5, { mayStand: 30 })]),
  );
  const under = (waiting: number, span: number) =>
    tighten(claims, moments, network!.copy(), hands, { waiting, span, least: 0 });
  expect([under(5, 12), under(4, 12)]).toEqual([true, false]);
});
