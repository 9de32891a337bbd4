import { SAME } from './plan.params.js';
import { type Evening, hoursOf, lengthOf, type Planned, type PlanTask, type Span, within } from './task.js';

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
  /** Some task is somebody's, or somebody comes later: who does what is then chosen as it is planned; else there are only enough hands, and they are named at the end. */
  private readonly named: boolean;

  constructor(private readonly evening: Evening) {
    this.named = evening.tasks.some(({ cook }) => cook !== undefined) || (evening.present?.size ?? 0) > 0;
  }

  /** The latest start of a task that leaves everything else as it is, no later than `latest`; undefined where there is none. */
  latestStart(
    task: PlanTask,
    latest: number,
  ): { readonly start: number; readonly cook: string | undefined } | undefined {
    const length = lengthOf(task);
    const onMachine = (task.machine === undefined ? undefined : this.byMachine.get(task.machine)) ?? none,
      byHand = task.hands ? this.byHand : none;
    const hours = this.endsOfHours(task);
    // Something changes only where a rival begins, or where somebody goes to sleep or the shop closes: from the latest on, one after the other.
    for (let start = latest; start > -Infinity;) {
      const cook = this.fits(task, start, start + length, onMachine, byHand);
      if (cook !== undefined) return { start, cook: cook || undefined };
      let next = -Infinity;
      for (const { from } of onMachine)
        if (from - length < start && from - length > next) next = from - length;
      for (const { from } of byHand) if (from - length < start && from - length > next) next = from - length;
      for (const to of hours) if (to - length < start && to - length > next) next = to - length;
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
    const free = new Map(this.evening.cooks.map((cook) => [cook, -Infinity])),
      at = new Map<string, string | undefined>(),
      potOf = new Map(this.held.map(({ task }) => [task.id, task.pot]));
    for (const one of plan.filter(({ cook }) => cook !== undefined).sort((a, b) => a.start - b.start)) {
      const pot = potOf.get(one.id),
        who = this.evening.cooks.filter((cook) => free.get(cook)! <= one.start + SAME);
      one.cook = who.find((cook) => pot !== undefined && at.get(cook) === pot) ?? who[0];
      if (one.cook === undefined) continue;
      free.set(one.cook, one.end);
      at.set(one.cook, pot);
    }
    return plan;
  }

  /** Whether everything that a task needs, and somebody who does it, is there for all of it. */
  private isInHours(task: PlanTask, cook: string | undefined, start: number, end: number): boolean {
    return hoursOf(this.evening, task, cook).every((spans) => within(spans, start, end));
  }

  /** Moments until which what a task needs is there. */
  private endsOfHours(task: PlanTask): readonly number[] {
    const { cooks, present } = this.evening;
    const lists = [
      ...hoursOf(this.evening, task, task.cook),
      ...(task.hands && task.cook === undefined && present
        ? cooks.map((cook) => present.get(cook) ?? [])
        : []),
    ];
    return lists.flatMap((spans) => spans.map(({ to }) => to));
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
    const { cooks } = this.evening;
    if (!this.isInHours(task, undefined, start, end)) return undefined;
    if (!task.hands) return '';
    if (!this.named)
      return always(start, end, byHand, (at) => countAt(at, byHand) < cooks.length) ? SOMEBODY : undefined;
    const who = task.cook === undefined ? cooks : [task.cook];
    const free = who.filter(
      (cook) =>
        this.isInHours(task, cook, start, end) &&
        !byHand.some((other) => other.cook === cook && overlaps(other, start, end)),
    );
    return free.find((cook) => goesOn(task, cook, end, byHand)) ?? free[0];
  }
}

/** Whether what a cook does next is for the same pot. */
function goesOn({ pot }: PlanTask, cook: string, end: number, byHand: readonly Held[]): boolean {
  let next: Held | undefined;
  for (const one of byHand)
    if (one.cook === cook && one.from >= end - SAME && (!next || one.from < next.from)) next = one;
  return pot !== undefined && next?.task.pot === pot;
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
