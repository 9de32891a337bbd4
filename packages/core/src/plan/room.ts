import { SAME } from './plan.params.js';
import { type Evening, lengthOf, type Planned, type PlanTask, type Span, upDuring } from './task.js';

/** Hands that are named at the end. */
const SOMEBODY = 'somebody';

interface Held extends Span {
  readonly task: PlanTask;
  readonly cook: string | undefined;
}

/** Cooks, machines and waking hours of an evening, with what is planned already. */
export class Room {
  private readonly held: Held[] = [];
  /** Some task is somebody's: who does what is then chosen as it is planned; else there are only enough hands, and they are named at the end. */
  private readonly named: boolean;

  constructor(private readonly evening: Evening) {
    this.named = evening.tasks.some(({ cook }) => cook !== undefined);
  }

  /** The latest start of a task that leaves everything else as it is, no later than `latest`; undefined where there is none. */
  latestStart(
    task: PlanTask,
    latest: number,
  ): { readonly start: number; readonly cook: string | undefined } | undefined {
    const length = lengthOf(task);
    const rivals = this.held.filter(
      (other) =>
        other.from < latest + length - SAME &&
        ((task.hands && other.cook !== undefined) ||
          (task.machine !== undefined && other.task.machine === task.machine)),
    );
    // Something changes only where a rival begins, or where somebody goes to sleep.
    const tries = new Set([latest]);
    for (const { from } of rivals) tries.add(from - length);
    if (task.hands) for (const { to } of this.evening.awake) if (to - length < latest) tries.add(to - length);
    for (const start of [...tries].sort((a, b) => b - a)) {
      const cook = this.fits(task, start, rivals);
      if (cook !== undefined) return { start, cook: cook || undefined };
    }
    return undefined;
  }

  take(task: PlanTask, start: number, cook: string | undefined): void {
    this.held.push({ task, from: start, to: start + lengthOf(task), cook });
  }

  planned(): readonly Planned[] {
    const plan = this.held.map(({ task, from, to, cook }) => ({ id: task.id, start: from, end: to, cook }));
    if (this.named) return plan;
    // As many hands as there are at every moment: whoever is free takes the next, first begun first.
    const free = new Map(this.evening.cooks.map((cook) => [cook, -Infinity]));
    for (const one of plan.filter(({ cook }) => cook !== undefined).sort((a, b) => a.start - b.start)) {
      one.cook = this.evening.cooks.find((cook) => free.get(cook)! <= one.start + SAME);
      if (one.cook !== undefined) free.set(one.cook, one.end);
    }
    return plan;
  }

  /** Who does it from then on, "" where nobody is needed; undefined where it does not fit. */
  private fits(task: PlanTask, start: number, rivals: readonly Held[]): string | undefined {
    const end = start + lengthOf(task);
    const beside = rivals.filter(({ from, to }) => from < end - SAME && to > start + SAME);
    if (!this.machineIsFree(task, start, end, beside)) return undefined;
    if (!task.hands) return '';
    const { awake, cooks } = this.evening;
    if (awake.length > 0 && !upDuring(this.evening, start, end)) return undefined;
    if (!this.named)
      return isFree(
        start,
        end,
        beside.filter(({ task: other }) => other.hands),
        ({ length }) => length < cooks.length,
      )
        ? SOMEBODY
        : undefined;
    const busy = new Set(beside.map(({ cook }) => cook));
    const who = task.cook === undefined ? cooks : [task.cook];
    return who.find((cook) => !busy.has(cook));
  }

  /** Never more in use at any moment than there are; ovens of one temperature count once. */
  private machineIsFree(task: PlanTask, start: number, end: number, beside: readonly Held[]): boolean {
    const there = task.machine === undefined ? undefined : this.evening.machines.get(task.machine);
    if (there === undefined) return true;
    return isFree(
      start,
      end,
      beside.filter((other) => other.task.machine === task.machine),
      (now) => inUse([...now.map((other) => other.task), task]) <= there,
    );
  }
}

/** Whether something holds at every moment of a stretch at which anything begins in it. */
function isFree(
  start: number,
  end: number,
  beside: readonly Held[],
  holds: (now: readonly Held[]) => boolean,
): boolean {
  const moments = [
    start,
    ...beside.map(({ from }) => from).filter((from) => from > start && from < end - SAME),
  ];
  return moments.every((at) => holds(beside.filter(({ from, to }) => from <= at + SAME && to > at + SAME)));
}

/** Machines that some tasks hold together. */
function inUse(tasks: readonly PlanTask[]): number {
  const temperatures = new Set(tasks.flatMap(({ ovenC }) => ovenC ?? []));
  return temperatures.size + tasks.filter(({ ovenC }) => ovenC === undefined).length;
}
