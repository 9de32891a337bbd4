import { schedule } from '@alterum/core';
import { faultsOf, randomEvening } from '../packages/core/src/plan/plan.fixture';
import { percentile, type Result } from './result';

const EVENINGS = 20,
  TASKS = 40;

/** ms of one evening's plan, with what is wrong in it. */
function planned(seed: number, tasks: number): { readonly ms: number; readonly faults: number } {
  const evening = randomEvening(seed, tasks),
    start = performance.now();
  const outcome = schedule(evening);
  const ms = performance.now() - start;
  return { ms, faults: outcome.kind === 'planned' ? faultsOf(evening, outcome.plan).length : 0 };
}

/** Tasks to which the growth is told. */
const GROWN = 200;

/** Time of planning an evening of many tasks, how it grows, and what another code finds wrong in the plans. */
export function benchEvenings(): readonly Result[] {
  const seeds = Array.from({ length: EVENINGS }, (_, i) => i + 1);
  const once = seeds.map((seed) => planned(seed, TASKS)),
    many = seeds.map((seed) => planned(seed, TASKS * 2));
  const median = (runs: typeof once) =>
    percentile(
      runs.map(({ ms }) => ms),
      0.5,
    );
  return [
    {
      name: `an evening of ${TASKS} tasks, median`,
      value: median(once),
      unit: 'ms',
      goal: 200,
      sense: 'most',
    },
    {
      name: 'twice the tasks against once',
      value: median(many) / median(once),
      unit: 'times',
      goal: 5,
      sense: 'most',
    },
    {
      name: `an evening of ${GROWN} tasks`,
      value: planned(1, GROWN).ms,
      unit: 'ms',
      goal: 5000,
      sense: 'most',
    },
    {
      name: 'faults in the plans, looked at minute by minute',
      value: [...once, ...many].reduce((sum, { faults }) => sum + faults, 0),
      unit: '',
      goal: 0,
      sense: 'most',
    },
  ];
}
