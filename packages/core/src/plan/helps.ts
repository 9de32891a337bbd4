import type { Collision } from './build-back.js';
import { leastDelay } from './least-delay.js';
import { LONGER, MOST_BEFORE, REPLAN } from './plan.params.js';
import { isPossible } from './is-possible.js';
import type { Evening, PlanTask } from './task.js';

/** The smallest thing that would make an evening possible: `before` is a task whose product would have to be made long before, on the day before at best. */
export type Help =
  | { readonly kind: 'machine' | 'cook' | 'stand' | 'before' | 'unpin'; readonly what: string }
  /** Everything is on the table so many min later. */
  | { readonly kind: 'later'; readonly what: 'serving'; readonly minutes: number };

/** One more of something, or something that stands longer, whichever makes it possible. */
export function helpsOf(evening: Evening, collision: Collision): readonly Help[] {
  const possible = (other: Partial<Evening>) => isPossible({ ...evening, ...other });
  const { machines, cooks, tasks } = evening;
  const machine = [...machines].flatMap(([what, there]): readonly Help[] =>
    possible({ machines: new Map(machines).set(what, there + 1) }) ? [{ kind: 'machine', what }] : [],
  );
  const cook: readonly Help[] =
    tasks.some(({ hands }) => hands) && possible({ cooks: [...cooks, 'one more'] })
      ? [{ kind: 'cook', what: 'one more' }]
      : [];
  const longer = (what: string) =>
    tasks.map((task) =>
      task.id === what && task.mayStand !== undefined ? { ...task, mayStand: task.mayStand + LONGER } : task,
    );
  const stand = tasks.flatMap(({ id, mayStand }): readonly Help[] =>
    mayStand !== undefined && collision.tasks.includes(id) && possible({ tasks: longer(id) })
      ? [{ kind: 'stand', what: id }]
      : [],
  );
  const enough = new Set(stand.map(({ what }) => what)),
    wanted = new Set(tasks.flatMap((one) => (collision.tasks.includes(one.id) ? (one.machine ?? []) : [])));
  const inTheWay = ({ id, machine = '' }: PlanTask) => collision.tasks.includes(id) || wanted.has(machine);
  const before = tasks
    .filter((task) => task.mayStand !== undefined && inTheWay(task) && !enough.has(task.id))
    .slice(0, MOST_BEFORE)
    .flatMap(({ id }): readonly Help[] =>
      possible({ tasks: madeLongBefore(tasks, id) }) ? [{ kind: 'before', what: id }] : [],
    );
  const unpin = tasks.flatMap(({ id, pinned }): readonly Help[] => {
    const freed = tasks.map((task) => (task.id === id ? unpinned(task) : task));
    return pinned && possible({ tasks: freed }) ? [{ kind: 'unpin', what: id }] : [];
  });
  // What has no hours of its own is as possible now as it is later.
  const bound = evening.awake.length + (evening.open?.size ?? 0) + (evening.present?.size ?? 0) > 0;
  const minutes = bound
    ? leastDelay(REPLAN.step, (min) => possible({ serveAt: evening.serveAt + min }))
    : undefined;
  const later: readonly Help[] = minutes === undefined ? [] : [{ kind: 'later', what: 'serving', minutes }];
  return [...unpin, ...machine, ...cook, ...stand, ...before, ...later];
}

/** The tasks where what one of them makes stands as long as it has to. */
const madeLongBefore = (tasks: readonly PlanTask[], what: string): readonly PlanTask[] =>
  tasks.map(({ mayStand, after, ...task }) => ({
    ...task,
    ...(task.id === what || mayStand === undefined ? {} : { mayStand }),
    after: after.map(({ id, least, most }) => ({
      id,
      least,
      ...(id === what || most === undefined ? {} : { most }),
    })),
  }));

/** The task as it is when nobody puts it to a time. */
function unpinned({ starts: _, pinned: __, ...task }: PlanTask): PlanTask {
  return task;
}
