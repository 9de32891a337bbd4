import type { Evening, ScheduleOutcome } from '@alterum/core';
import type { ScheduleRequest } from './schedule.body.js';
import type { ScheduleResponse } from './schedule.view.js';

/** The core's evening from what was sent. */
export const eveningOf = ({
  tasks,
  machines = [],
  cooks = ['cook 1'],
  serveAt,
  awake = [],
}: ScheduleRequest): Evening => ({
  tasks: tasks.map(({ id, hands = false, minutes, machine, ovenC, after = [], mayStand, cook }) => ({
    id,
    hands,
    minutes: { low: minutes.low, high: minutes.high },
    after: after.map((lag) => ({
      id: lag.id,
      least: lag.least ?? 0,
      ...(lag.most === undefined || lag.most === null ? {} : { most: lag.most }),
    })),
    ...(machine === undefined || machine === null ? {} : { machine }),
    ...(ovenC === undefined || ovenC === null ? {} : { ovenC }),
    ...(mayStand === undefined || mayStand === null ? {} : { mayStand }),
    ...(cook === undefined || cook === null ? {} : { cook }),
  })),
  machines: new Map(machines.map(({ id, count }) => [id, count])),
  cooks,
  serveAt,
  awake: awake.map(({ from, to }) => ({ from, to })),
});

/** What was planned, in the words of the contract. */
export function viewOfSchedule(outcome: ScheduleOutcome): ScheduleResponse {
  if (outcome.kind === 'impossible')
    return {
      starts: null,
      tasks: [],
      collides: outcome.collides,
      helps: outcome.helps,
      waiting: null,
      span: null,
    };
  const tasks = [...outcome.plan]
    .sort((a, b) => a.start - b.start || (a.id < b.id ? -1 : 1))
    .map(({ id, start, end, cook }) => ({ id, start, end, cook: cook ?? null }));
  return {
    starts: Object.fromEntries(tasks.map(({ id, start }) => [id, start])),
    tasks,
    collides: [],
    helps: [],
    ...outcome.worth,
  };
}
