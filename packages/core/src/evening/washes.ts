import type { FormulaTask } from './tasks-of-formula.js';
import { planning as p } from './task.params.js';

/** Which tools a pot shares with others, and whether they are washed before it. */
export interface SharesTools {
  readonly id: string;
  readonly tools?: readonly string[];
  readonly washedBefore?: boolean;
}

type Washed = keyof typeof p.washMin;

const isBlade = ({ operation }: FormulaTask): boolean =>
  operation.kind === 'blend' || operation.kind === 'pulse';
const isOnStove = ({ machine }: FormulaTask): boolean => machine === 'burner';

/** What a tool is needed for. Fat that something was fried in is no tool that can be washed. */
const neededFor: Readonly<Record<Washed, (task: FormulaTask) => boolean>> = {
  jar: isBlade,
  pot: isOnStove,
  spoon: (task) => isOnStove(task) && task.hands,
};
const washed = Object.keys(neededFor) as readonly Washed[];

/** A jar and a pot hold one thing at a time; a spoon is in and out of several. */
const holdsOne: ReadonlySet<Washed> = new Set(['jar', 'pot']);

/** The first of a pot's tasks that want a tool, and the last. */
function usesOf(tasks: readonly FormulaTask[], pot: string, tool: Washed): readonly FormulaTask[] {
  return tasks.filter((task) => task.pot === pot && neededFor[tool](task));
}

const afterToo = (task: FormulaTask, ids: readonly string[]): FormulaTask => ({
  ...task,
  after: [...task.after, ...ids.map((id) => ({ id, least: 0 }))],
});

/** What one pot waits for: the tools that the one before it had, or their washing. */
function joined(
  tasks: readonly FormulaTask[],
  pot: SharesTools,
  before: readonly SharesTools[],
): readonly FormulaTask[] {
  const shared = washed.flatMap((tool) => {
    const uses = pot.tools?.includes(tool) ? usesOf(tasks, pot.id, tool) : [];
    const last = before
      .filter(({ tools }) => tools?.includes(tool))
      .flatMap(({ id }) => usesOf(tasks, id, tool).slice(-1))
      .at(-1);
    return uses[0] && last ? [{ tool, first: uses[0].id, last: last.id }] : [];
  });
  if (shared.length === 0) return tasks;
  const waits = (first: string): readonly string[] =>
    shared.flatMap((one) => (one.first === first && holdsOne.has(one.tool) ? [one.last] : []));
  const firsts = new Set(shared.map(({ first }) => first));
  if (!pot.washedBefore)
    return tasks.map((task) => (firsts.has(task.id) ? afterToo(task, waits(task.id)) : task));
  const low = shared.reduce((all, { tool }) => all + p.washMin[tool], 0);
  const wash: FormulaTask = {
    id: `${pot.id}/wash`,
    pot: pot.id,
    operation: { kind: 'put-in' },
    washes: shared.map(({ tool }) => tool),
    hands: true,
    hot: false,
    minutes: { low, high: Math.ceil(low * p.longer) },
    after: [...firsts].flatMap((first) => waits(first).map((id) => ({ id, least: 0 }))),
  };
  return [...tasks.map((task) => (firsts.has(task.id) ? afterToo(task, [wash.id]) : task)), wash];
}

/**
 * The jar and the pot that several share go through them in their order; what is to be washed before one, somebody washes in between,
 * the spoon too.
 * @param pots in the order of work
 */
export const withWashes = (
  pots: readonly SharesTools[],
  tasks: readonly FormulaTask[],
): readonly FormulaTask[] =>
  pots.reduce<readonly FormulaTask[]>((all, pot, i) => joined(all, pot, pots.slice(0, i)), tasks);
