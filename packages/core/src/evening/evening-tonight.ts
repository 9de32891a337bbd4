import type { KnownToDish } from '../dish/read-dish.js';
import type { WrittenDish } from '../dish/written-dish.js';
import type { Formula } from '../formula/formula.js';
import type { Evening, Span } from '../plan/task.js';
import { onTheDayBefore, servedFromFridge } from './made-before.js';
import { SHOP, type ShopTonight, withShopping } from './shopping.js';
import { tasksOfDish } from './tasks-of-dish.js';
import { type FormulaTask, tasksOfFormula } from './tasks-of-formula.js';
import { type SharesTools, withWashes } from './washes.js';

/** Somebody who cooks. */
export interface CookTonight {
  readonly name: string;
  /** Absent is all the time. */
  readonly there?: readonly Span[];
}

/** Cooks of whom nothing is known but how many they are. */
export const unnamedCooks = (count: number): readonly CookTonight[] =>
  Array.from({ length: count }, (_, i) => ({ name: count === 1 ? 'cook' : `cook ${i + 1}` }));

/** What a kitchen has and when it eats. */
export interface KitchenTonight {
  /** min from midnight of the day before. */
  readonly serveAt: number;
  readonly burners: number;
  readonly ovens: number;
  readonly blenders: number;
  readonly cooks: readonly CookTonight[];
  /** Who does a task, or all of a pot, by their ids; whoever is free where nothing is said. */
  readonly doneBy?: ReadonlyMap<string, string>;
  /** Where something has to be bought before. */
  readonly shop?: ShopTonight;
  /** min that hot things may stand covered, on the lowest heat. */
  readonly keepWarmMin: number;
  /** When somebody is up. */
  readonly awake: readonly Span[];
}

interface Eaten {
  readonly id: string;
  /** When it is eaten, where that is not with everything else. */
  readonly serveAt?: number;
}
/** A pot, in the order of work. */
export type EveningPot = Eaten &
  SharesTools & {
    readonly formula: Formula;
    /** It is made the day before, and only warmed tonight. */
    readonly dayBefore?: boolean;
  };
export type EveningDish = Eaten & { readonly dish: WrittenDish };

/** What is cooked: sauces by themselves, and dishes of several parts. */
export interface CookedTonight {
  readonly pots: readonly EveningPot[];
  readonly dishes?: readonly EveningDish[];
}

/** An evening and its tasks with what they are. */
export interface PlannedPots {
  readonly evening: Evening;
  readonly tasks: readonly FormulaTask[];
}

/** Of each of several tasks whether anything comes after it. */
const withFollowers = (tasks: readonly FormulaTask[]): ReadonlySet<string> =>
  new Set(tasks.flatMap(({ after }) => after.map(({ id }) => id)));

/** What is eaten before the rest is ready by then. */
function readyBy(tasks: readonly FormulaTask[], readyBefore: number): readonly FormulaTask[] {
  if (!(readyBefore > 0)) return tasks;
  const followed = withFollowers(tasks);
  return tasks.map((task) => (followed.has(task.id) ? task : { ...task, readyBefore }));
}

const linesOf = (pots: readonly EveningPot[]) => new Map(pots.map(({ id, formula }) => [id, formula.lines]));

/** What somebody was named for is theirs; who does not cook tonight leaves it to the others. */
function givenTo(
  tasks: readonly FormulaTask[],
  cooks: readonly CookTonight[],
  doneBy: ReadonlyMap<string, string> = new Map(),
): readonly FormulaTask[] {
  const here = new Set(cooks.map(({ name }) => name));
  return tasks.map((task) => {
    const cook = doneBy.get(task.id) ?? doneBy.get(task.pot);
    return task.hands && cook !== undefined && here.has(cook) ? { ...task, cook } : task;
  });
}

/** Everything that is to be done for what is cooked of an evening, in one kitchen. */
export function eveningTonight(
  { pots, dishes = [] }: CookedTonight,
  known: KnownToDish,
  kitchen: KitchenTonight,
): PlannedPots {
  const { serveAt: usually, burners, ovens, blenders, cooks, keepWarmMin, awake, shop } = kitchen;
  const times = [...pots, ...dishes].map(({ serveAt = usually }) => serveAt),
    serveAt = times.length > 0 ? Math.max(...times) : usually;
  const made = withWashes(pots, [
    ...pots.flatMap(({ id, formula, dayBefore = false, serveAt: at = usually }) => {
      const served = dayBefore ? servedFromFridge(formula) : formula,
        work = tasksOfFormula(id, served, known.larder, { keepWarmMin, formulaOf: known.formulaOf });
      return readyBy(dayBefore ? onTheDayBefore(work, at) : work, serveAt - at);
    }),
    ...dishes.flatMap(({ id, dish, serveAt: at = usually }) =>
      readyBy(tasksOfDish(id, dish, known, keepWarmMin), serveAt - at),
    ),
  ]);
  const tasks = givenTo(shop ? withShopping(made, dishes, shop, linesOf(pots)) : made, cooks, kitchen.doneBy);
  const present = cooks.flatMap(({ name, there }) => (there ? [[name, there] as const] : []));
  return {
    tasks,
    evening: {
      tasks,
      machines: new Map([
        ['burner', burners],
        ['oven', ovens],
        ['blender', blenders],
      ]),
      cooks: cooks.map(({ name }) => name),
      ...(present.length > 0 ? { present: new Map(present) } : {}),
      ...(shop ? { open: new Map([[SHOP, shop.open]]) } : {}),
      serveAt,
      awake,
    },
  };
}
