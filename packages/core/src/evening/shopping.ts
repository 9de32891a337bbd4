import type { WrittenDish } from '../dish/written-dish.js';
import type { Span } from '../plan/task.js';
import type { FormulaTask } from './tasks-of-formula.js';
import { planning as p } from './task.params.js';

/** What is to be bought before it can be cooked, and when that can be done. */
export interface ShopTonight {
  /** When the shop is open, min from midnight of the day before. */
  readonly open: readonly Span[];
  /** min there, in it and back. */
  readonly minutes: number;
  /** Ids of the ingredients that are to be bought. */
  readonly buys: ReadonlySet<string>;
}

/** The machine that shopping holds, and the pot that it is done for. */
export const SHOP = 'shop';

/** Ids of what goes into a pot, or is made ready for it, with a task. */
function wants({ line, inside, operation, ...task }: FormulaTask, ofPot: Lines): readonly string[] {
  if (line) return [line.ingredient];
  if (task.toDish) return [];
  const lines = inside ? inside.lines : (ofPot.get(task.pot) ?? []);
  return lines.filter(({ id }) => operation.lines?.includes(id)).map(({ ingredient }) => ingredient);
}

type Lines = ReadonlyMap<string, readonly { readonly id: string; readonly ingredient: string }[]>;

/**
 * Somebody goes to the shop while it is open, before the first that wants something of it.
 * @param dishes whose things go in as they are when the layers are laid   @param lines of the pots, by their ids
 */
export function withShopping(
  tasks: readonly FormulaTask[],
  dishes: readonly { readonly id: string; readonly dish: WrittenDish }[],
  { minutes, buys }: ShopTonight,
  lines: Lines = new Map(),
): readonly FormulaTask[] {
  const laid = new Map(
    dishes.map(({ id, dish }) => [id, dish.parts.flatMap(({ ingredient }) => ingredient ?? [])]),
  );
  const boughtFor = (task: FormulaTask): readonly string[] =>
    [...wants(task, lines), ...(task.toDish?.kind === 'layer' ? (laid.get(task.pot) ?? []) : [])].filter(
      (id) => buys.has(id),
    );
  const waiting = new Set(tasks.filter((task) => boughtFor(task).length > 0).map(({ id }) => id));
  if (waiting.size === 0) return tasks;
  const bought = [...new Set(tasks.flatMap(boughtFor))];
  const shopping: FormulaTask = {
    id: `${SHOP}/go`,
    pot: SHOP,
    operation: { kind: 'put-in' },
    shops: bought.length,
    buys: bought,
    hands: true,
    hot: false,
    machine: SHOP,
    minutes: { low: minutes, high: Math.ceil(minutes * p.longer) },
    after: [],
  };
  return [
    shopping,
    ...tasks.map((task) =>
      waiting.has(task.id) ? { ...task, after: [...task.after, { id: shopping.id, least: 0 }] } : task,
    ),
  ];
}
