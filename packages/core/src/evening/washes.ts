import type { FormulaTask } from './tasks-of-formula.js';
import { planning as p } from './task.params.js';

/** Whether a pot goes through the shared jar, and whether that is washed before it. */
export interface SharesJar {
  readonly id: string;
  readonly sharesJar?: boolean;
  readonly washedBefore?: boolean;
}

const isBlade = ({ operation }: FormulaTask): boolean =>
  operation.kind === 'blend' || operation.kind === 'pulse';

/**
 * The jar that pots share goes through them in their order; where it is to be washed before one, somebody washes it in between.
 * @param pots in the order of work
 */
export function withWashes(
  pots: readonly SharesJar[],
  tasks: readonly FormulaTask[],
): readonly FormulaTask[] {
  const sharing = pots.filter(
    ({ id, sharesJar }) => sharesJar && tasks.some((task) => task.pot === id && isBlade(task)),
  );
  return sharing.slice(1).reduce<readonly FormulaTask[]>((all, { id, washedBefore }, i) => {
    const blades = (pot: string) => all.filter((task) => task.pot === pot && isBlade(task));
    const last = blades(sharing[i]!.id).at(-1)!,
      first = blades(id)[0]!;
    const wash: FormulaTask = {
      id: `${id}/wash`,
      pot: id,
      operation: { kind: 'put-in' },
      washes: true,
      hands: true,
      hot: false,
      minutes: { low: p.washMin, high: Math.ceil(p.washMin * p.longer) },
      after: [{ id: last.id, least: 0 }],
    };
    const before = washedBefore ? wash.id : last.id;
    const joined = all.map((task) =>
      task === first ? { ...task, after: [...task.after, { id: before, least: 0 }] } : task,
    );
    return washedBefore ? [...joined, wash] : joined;
  }, tasks);
}
