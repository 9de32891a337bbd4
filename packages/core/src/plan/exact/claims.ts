import { SAME } from '../plan.params.js';
import { type Evening, hoursOf, lengthOf, type PlanTask, type Span } from '../task.js';

/** Who does each task, by its place; undefined where nobody is needed or that is open. */
export type Hands = readonly (string | undefined)[];

/** What the tasks of an evening claim of cooks, machines and hours. */
export class Claims {
  /** Somebody is named, or comes later: who does what is a matter of its own. Else there are only enough hands. */
  readonly named: boolean;
  readonly handsOn: readonly number[];
  readonly onMachine: ReadonlyMap<string, readonly number[]>;
  private readonly hasHours: boolean;
  private readonly windows = new Map<string, readonly Span[] | undefined>();
  private lastRivals:
    { readonly hands: Hands; readonly pairs: readonly (readonly [number, number])[] } | undefined;

  constructor(readonly evening: Evening) {
    const { tasks, awake, open, present } = evening;
    this.hasHours = awake.length + (open?.size ?? 0) + (present?.size ?? 0) > 0;
    this.named = tasks.some(({ cook }) => cook !== undefined) || (present?.size ?? 0) > 0;
    this.handsOn = tasks.flatMap(({ hands }, i) => (hands ? [i] : []));
    this.onMachine = new Map(
      [...evening.machines.keys()].map((name) => [
        name,
        tasks.flatMap(({ machine }, i) => (machine === name ? [i] : [])),
      ]),
    );
  }

  /** Who does what for sure: whoever is named, and the only cook everything. */
  hands(): Hands {
    const { tasks, cooks } = this.evening;
    return tasks.map(({ hands, cook }) =>
      hands ? (cook ?? (cooks.length === 1 ? cooks[0] : undefined)) : undefined,
    );
  }

  /** Pairs of tasks that can never go on at once, by place. */
  rivals(hands: Hands): readonly (readonly [number, number])[] {
    if (this.lastRivals?.hands === hands) return this.lastRivals.pairs;
    const count = this.evening.tasks.length,
      pairs: (readonly [number, number])[] = [];
    for (let i = 0; i < count; i++)
      for (let j = i + 1; j < count; j++) if (this.areRivals(i, j, hands)) pairs.push([i, j]);
    this.lastRivals = { hands, pairs };
    return pairs;
  }

  private areRivals(i: number, j: number, hands: Hands): boolean {
    const a = this.evening.tasks[i]!,
      b = this.evening.tasks[j]!;
    if (a.hands && b.hands && hands[i] !== undefined && hands[i] === hands[j]) return true;
    return (
      a.machine !== undefined &&
      a.machine === b.machine &&
      (this.evening.machines.get(a.machine) ?? Infinity) <= 1 &&
      !mayShare(a, b)
    );
  }

  /** When a task may begin, in order; undefined is whenever. */
  windowsOf(i: number, cook: string | undefined): readonly Span[] | undefined {
    if (!this.hasHours) return undefined;
    const key = `${i} ${cook ?? ''}`;
    if (this.windows.has(key)) return this.windows.get(key);
    const task = this.evening.tasks[i]!,
      length = lengthOf(task);
    let found: readonly Span[] | undefined;
    for (const spans of hoursOf(this.evening, task, cook)) {
      const begins = spans.flatMap(({ from, to }) =>
        to - length >= from - SAME ? [{ from, to: to - length }] : [],
      );
      found = found === undefined ? begins : both(found, begins);
    }
    const inOrder = found && [...found].sort((a, b) => a.from - b.from);
    this.windows.set(key, inOrder);
    return inOrder;
  }
}

/** Times that lie in a stretch of each of two lists. */
const both = (one: readonly Span[], other: readonly Span[]): readonly Span[] =>
  one.flatMap((a) =>
    other.flatMap((b) => {
      const from = Math.max(a.from, b.from),
        to = Math.min(a.to, b.to);
      return to >= from - SAME ? [{ from, to }] : [];
    }),
  );

/** Whether two tasks use one machine together: an oven of one temperature. */
export const mayShare = (a: PlanTask, b: PlanTask): boolean => a.ovenC !== undefined && a.ovenC === b.ovenC;
