import { SAME } from './plan.params.js';
import { type Evening, lengthOf, type Planned, type PlanTask, type Span, upDuring } from './task.js';

/** Hands that are named at the end. */
const SOMEBODY = 'somebody';

interface Held extends Span {
  readonly task: PlanTask;
  readonly cook: string | undefined;
}

const none: readonly Held[] = [];

/** Cooks, machines and waking hours of an evening, with what is planned already. */
export class Room {
  private readonly held: Held[] = [];
  /** The same by what is held: each machine, and hands. */
  private readonly byMachine = new Map<string, Held[]>();
  private readonly byHand: Held[] = [];
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
    const onMachine = (task.machine === undefined ? undefined : this.byMachine.get(task.machine)) ?? none,
      byHand = task.hands ? this.byHand : none;
    // Something changes only where a rival begins, or where somebody goes to sleep: from the latest on, one after the other.
    for (let start = latest; start > -Infinity;) {
      const cook = this.fits(task, start, start + length, onMachine, byHand);
      if (cook !== undefined) return { start, cook: cook || undefined };
      let next = -Infinity;
      for (const { from } of onMachine)
        if (from - length < start && from - length > next) next = from - length;
      for (const { from } of byHand) if (from - length < start && from - length > next) next = from - length;
      if (task.hands)
        for (const { to } of this.evening.awake)
          if (to - length < start && to - length > next) next = to - length;
      start = next;
    }
    return undefined;
  }

  take(task: PlanTask, start: number, cook: string | undefined): void {
    const held: Held = { task, from: start, to: start + lengthOf(task), cook };
    this.held.push(held);
    if (cook !== undefined) this.byHand.push(held);
    if (task.machine === undefined) return;
    const on = this.byMachine.get(task.machine);
    if (on) on.push(held);
    else this.byMachine.set(task.machine, [held]);
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
  private fits(
    task: PlanTask,
    start: number,
    end: number,
    onMachine: readonly Held[],
    byHand: readonly Held[],
  ): string | undefined {
    const there = task.machine === undefined ? undefined : this.evening.machines.get(task.machine);
    if (there !== undefined && !machineIsFree(task, there, start, end, onMachine)) return undefined;
    if (!task.hands) return '';
    const { awake, cooks } = this.evening;
    if (awake.length > 0 && !upDuring(this.evening, start, end)) return undefined;
    if (!this.named)
      return always(start, end, byHand, (at) => countAt(at, byHand) < cooks.length) ? SOMEBODY : undefined;
    const who = task.cook === undefined ? cooks : [task.cook];
    return who.find((cook) => !byHand.some((other) => other.cook === cook && overlaps(other, start, end)));
  }
}

const overlaps = ({ from, to }: Span, start: number, end: number): boolean =>
  from < end - SAME && to > start + SAME;
const isAt = ({ from, to }: Span, at: number): boolean => from <= at + SAME && to > at + SAME;

/** Whether something holds at every moment of a stretch at which anything begins in it. */
function always(start: number, end: number, held: readonly Held[], holds: (at: number) => boolean): boolean {
  if (!holds(start)) return false;
  for (const { from } of held) if (from > start && from < end - SAME && !holds(from)) return false;
  return true;
}

function countAt(at: number, held: readonly Held[]): number {
  let count = 0;
  for (const one of held) if (isAt(one, at)) count++;
  return count;
}

/** Never more in use at any moment than there are; ovens of one temperature count once. */
function machineIsFree(
  { ovenC }: PlanTask,
  there: number,
  start: number,
  end: number,
  held: readonly Held[],
): boolean {
  // With one of a kind, whatever overlaps is in the way, but for an oven of the same temperature.
  if (there === 1)
    return !held.some(
      (other) => overlaps(other, start, end) && (ovenC === undefined || other.task.ovenC !== ovenC),
    );
  return always(start, end, held, (at) => inUseWith(ovenC, at, held) <= there);
}

/** Machines in use at a moment, together with a task of such an oven. */
function inUseWith(ovenC: number | undefined, at: number, held: readonly Held[]): number {
  let used = 1;
  held.forEach((one, k) => {
    if (!isAt(one, at)) return;
    const own = one.task.ovenC;
    if (own === undefined) used++;
    else if (own !== ovenC) {
      const before = held.findIndex((other) => other.task.ovenC === own && isAt(other, at));
      if (before === k) used++;
    }
  });
  return used;
}
