import { schedule } from '@alterum/core';
import { faultsOf, randomEvening } from '../packages/core/src/plan/plan.fixture';
import { likelyReady } from '../packages/core/src/plan/likely-ready';
import { percentile, type Result } from './result';

const EVENINGS = 20,
  TASKS = 40;

interface Timed {
  readonly ms: number;
  readonly faults: number;
  /** % of evenings with minutes drawn between low and high that are served late. */
  readonly late: number;
}

/** ms of one evening's plan, with what is wrong in it. */
function planned(seed: number, tasks: number): Timed {
  const evening = randomEvening(seed, tasks),
    start = performance.now();
  const outcome = schedule(evening);
  const ms = performance.now() - start;
  if (outcome.kind !== 'planned') return { ms, faults: 0, late: 0 };
  const { plan } = outcome;
  return { ms, faults: faultsOf(evening, plan).length, late: 100 * likelyReady(evening, plan).late };
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
      name: `late by simulation, the worst of ${2 * EVENINGS} evenings`,
      value: Math.max(...[...once, ...many].map(({ late }) => late)),
      unit: '%',
      goal: 20,
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
