import type { Evening, PlannedEvening, Progress } from '@alterum/core';
import type { HoursInput, ProgressInput, ScheduleRequest, TaskAtInput } from './schedule.body.js';
import type { ScheduleResponse } from './schedule.view.js';

/** The core's evening from what was sent. */
export const eveningOf = ({
  tasks,
  machines = [],
  cooks = ['cook 1'],
  serveAt,
  awake = [],
  open = [],
  present = [],
}: ScheduleRequest): Evening => ({
  tasks: tasks.map(
    ({ id, hands = false, minutes, machine, ovenC, after = [], mayStand, readyBefore, cook, pot }) => ({
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
      ...(readyBefore === undefined || readyBefore === null ? {} : { readyBefore }),
      ...(cook === undefined || cook === null ? {} : { cook }),
      ...(pot === undefined || pot === null ? {} : { pot }),
    }),
  ),
  machines: new Map(machines.map(({ id, count }) => [id, count])),
  cooks,
  serveAt,
  awake: awake.map(({ from, to }) => ({ from, to })),
  open: hoursOf(open),
  present: hoursOf(present),
});

const hoursOf = (said: readonly HoursInput[]): NonNullable<Evening['open']> =>
  new Map(said.map(({ id, hours }) => [id, hours.map(({ from, to }) => ({ from, to }))]));

const timesOf = (times: readonly TaskAtInput[] = []): ReadonlyMap<string, number> =>
  new Map(times.map(({ id, at }) => [id, at]));

/** The core's progress from what was sent. */
export const progressOf = ({ now, done, begun, pinned }: ProgressInput): Progress => ({
  now,
  done: timesOf(done),
  begun: timesOf(begun),
  pinned: timesOf(pinned),
});

/** What was planned, in the words of the contract. */
export function viewOfSchedule({
  outcome,
  serveAt,
  lateBy,
  overdue,
  likely,
}: PlannedEvening): ScheduleResponse {
  const stands = { serveAt, lateBy, overdue, likelyReady: likely ?? null };
  if (outcome.kind === 'impossible')
    return {
      starts: null,
      tasks: [],
      collides: outcome.collides,
      helps: outcome.helps,
      waiting: null,
      span: null,
      proved: outcome.isSure,
      leastWaiting: null,
      ...stands,
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
    proved: outcome.certainty.isBest,
    leastWaiting: outcome.certainty.leastWaiting,
    ...stands,
  };
}
