import { formulaInLine } from '../formula/formula-line.js';
import type { Formula, Line } from '../formula/formula.js';
import { methodOfFormula, type MethodOfFormula, withEveryLine } from '../formula/method/method-of-formula.js';
import { type LarderLookup, recipeOfFormula } from '../formula/recipe-of-formula.js';
import { gramsOf } from '../quantity/amount.js';
import { madeBefore } from '../recipe/made-before.js';
import { courseOf } from '../predict/course/course.js';
import { jarLoads, toolOf } from '../predict/course/jar-loads.js';
import { potAt } from '../predict/pot-at.js';
import type { ToolRow } from '../recipe/method/tool.params.js';
import { soakKeeps } from '../predict/ready/soak.js';
import type { OvenStage } from '../dish/oven.js';
import type { After, Minutes, PlanTask } from '../plan/task.js';
import type { Ingredient } from '../ingredient/ingredient.js';
import { kindOf, type OperationKindId } from '../recipe/method/operation-kinds.js';
import { amountOf, figureOf, type Method, minutesOf, type Operation } from '../recipe/method/operation.js';
import type { RailId } from '../property/properties.js';
import { type StandsHot, standsHot } from './stands-hot.js';
import { machineOf, planning as p } from './task.params.js';

/** What is done to a whole dish, where it is no operation of a pot. */
export type DoneToDish =
  | { readonly kind: 'layer'; readonly layers: number }
  /** Vegetables in one pot: so many min after the first each goes in. */
  | {
      readonly kind: 'boil';
      readonly pieces: readonly { readonly name: string; readonly goesInAt: number }[];
    }
  | { readonly kind: 'preheat'; readonly ovenC: number }
  | { readonly kind: 'bake'; readonly stage: OvenStage }
  | { readonly kind: 'rest'; readonly minutes: number };

/** A task with what it is: an operation on a pot, or on one line of it before it meets the pot. */
export interface FormulaTask extends PlanTask {
  readonly pot: string;
  readonly operation: Operation;
  /** The line it is done to alone. */
  readonly line?: Line;
  /** The sauce inside the pot that it is done for: what the operation names are its lines. */
  readonly inside?: Formula;
  /** Id of that formula among those that are kept. */
  readonly insideId?: string;
  /** Which of the sauces inside the pot, by the lines or parts that lead to it, and how many times as much of it is made as is written. */
  readonly sauce?: { readonly key: string; readonly share: number };
  /** The pot is hot from then on, as far as the method says. */
  readonly hot: boolean;
  /** It only warms up, before somebody has to stir. */
  readonly warms?: true;
  /** Somebody begins it, and then it needs nobody: nuts go into their water. */
  readonly begins?: true;
  /** Tools that are washed before the pot. */
  readonly washes?: readonly string[];
  /** What its brief asks for and it is no more, where it stands longer than it may. */
  readonly leaves?: RailId | undefined;
  /** So many things are bought, and which: ids of ingredients. */
  readonly shops?: number;
  readonly buys?: readonly string[];
  /** Loads that a jar takes it in, where one does not hold it. */
  readonly loads?: number;
  /** It is done to the whole dish. */
  readonly toDish?: DoneToDish;
}

const SECONDS = 60,
  HOUR = 60;

/** What only waits takes as long as it is given. */
const exact: ReadonlySet<OperationKindId> = new Set(['soak', 'chill', 'settle', 'rest', 'stand', 'swell']);

/** min to warm a pot by some degrees, at the rate of its operation. */
const warming = (operation: Operation, fromC: number, toC: number): number =>
  Math.max(0, toC - fromC) / Math.max(amountOf(operation, 'rateCPerMin'), p.leastRate);

/**
 * min around a blade: each load is filled and emptied, a small motor rests after it has run so long; filling counts as rest.
 * @param runMin of one load
 */
export function bladeMinutes(runMin: number, loads: number, runs: ToolRow['runs']): number {
  const { onMin = Infinity, restMin = 0 } = runs ?? {};
  const within = Math.max(0, Math.ceil(runMin / onMin - 1e-9) - 1) * restMin,
    between = 2 * runMin > onMin ? Math.max(0, restMin - p.bladeMin) : 0;
  return loads * (p.bladeMin + runMin + within) + (loads - 1) * between;
}

/** min that an operation takes, from low to high; of one that heats from where somebody has to stir. */
function minutesFor(operation: Operation, loads: number): Minutes {
  const { kind } = operation;
  if (kind === 'blend' || kind === 'pulse') {
    const low = bladeMinutes(amountOf(operation, 'seconds') / SECONDS, loads, toolOf(operation)?.runs);
    return { low, high: Math.ceil(low * p.longer) };
  }
  const said = minutesOf(operation);
  const stirred = kind === 'heat' ? warming(operation, p.stirFrom, amountOf(operation, 'temperatureC')) : 0;
  const least = (said?.least ?? kindOf(kind).usual.minutes ?? p.shortMin) + stirred,
    most = Math.max((said?.most ?? 0) + stirred, least);
  return { low: least, high: Math.ceil(exact.has(kind) || most > least ? most : most * p.longer) };
}

const stands = (operation: Operation): boolean => kindOf(operation.kind).hands >= p.handsFrom;

function taskOf(
  id: string,
  pot: string,
  operation: Operation,
  after: readonly After[],
  loads = 1,
): FormulaTask {
  const machine = machineOf[operation.kind],
    ovenC = machine === 'oven' ? figureOf(operation, 'ovenC') : undefined;
  return {
    id,
    pot,
    operation,
    hands: stands(operation),
    minutes: minutesFor(operation, loads),
    after,
    hot: machine === 'burner' || machine === 'oven',
    ...(loads > 1 ? { loads } : {}),
    ...(machine ? { machine } : {}),
    ...(ovenC === undefined ? {} : { ovenC }),
  };
}

/** What comes straight after a task, however long after; nothing before the first. */
export const follows = (task: FormulaTask | undefined): readonly After[] =>
  task ? [{ id: task.id, least: 0 }] : [];

/** The first minutes of heating want nobody: they end where stirring begins, and nothing comes between. */
function warmUpOf(task: FormulaTask, fromC: number): readonly FormulaTask[] {
  const { operation, id, pot } = task;
  const to = Math.min(p.stirFrom, amountOf(operation, 'temperatureC'));
  const minutes = operation.kind === 'heat' ? warming(operation, fromC, to) : 0;
  if (!(minutes > p.worthWarming)) return [task];
  const first: FormulaTask = {
    id: `${id}w`,
    pot,
    operation,
    warms: true,
    hands: false,
    minutes: { low: minutes, high: Math.ceil(minutes * p.longer) },
    machine: 'burner',
    after: task.after,
    hot: true,
  };
  return [first, { ...task, after: [{ id: first.id, least: 0, most: 0 }] }];
}

/** An operation with its time: what is boiled soft takes as long as its kind does. */
function timed(operation: Operation, ingredient: Ingredient | undefined, soaked: boolean): Operation {
  if (operation.kind !== 'boil-soft' || figureOf(operation, 'minutes') !== undefined) return operation;
  const done = ingredient?.handling?.boiling?.doneMinutes;
  return { ...operation, minutes: done?.[soaked ? 0 : 1] ?? p.softMin };
}

/** What is done to one line before it meets the pot, one after the other; the last of them may stand. */
export function aheadOf(
  pot: string,
  line: Line,
  said: Method,
  ingredient: Ingredient | undefined,
): readonly FormulaTask[] {
  const tasks: FormulaTask[] = [];
  const soaks = said.some(({ kind }) => kind === 'soak');
  const ready = said.map((operation) => timed(operation, ingredient, soaks));
  ready.forEach((operation, k) => {
    const id = `${pot}/${line.id}/${k}`,
      before = follows(tasks.at(-1));
    const task = {
      ...taskOf(id, pot, operation, before),
      line,
      mayStand: standsAfter(operation, ingredient),
    };
    if (operation.kind === 'soak') tasks.push(...begun(task));
    else tasks.push(task);
  });
  return tasks;
}

/** min that something may stand once it is ready: a soak as long as it keeps in its water. */
function standsAfter(operation: Operation, ingredient: Ingredient | undefined): number {
  const soaking = ingredient?.handling?.soaking;
  if (operation.kind !== 'soak' || !soaking) return p.standsReady;
  const keeps = soakKeeps(soaking, amountOf(operation, 'temperatureC')) * HOUR;
  return Math.max(0, keeps - amountOf(operation, 'minutes'));
}

/** What then needs nobody is begun by somebody who is up. */
function begun(task: FormulaTask): readonly FormulaTask[] {
  const first: FormulaTask = {
    ...task,
    id: `${task.id}b`,
    begins: true,
    hands: true,
    minutes: { low: p.shortMin, high: Math.ceil(p.shortMin * p.longer) },
  };
  return [first, { ...task, after: [{ id: first.id, least: 0, most: 0 }] }];
}

/** Whether the pot is hot after each operation of a method. */
function heatAfter(method: Method): readonly boolean[] {
  let hot = false;
  return method.map((operation) => {
    const { kind } = operation;
    if (kind === 'chill') hot = false;
    else if (kind === 'cool' || kind === 'heat') hot = amountOf(operation, 'temperatureC') > p.hotFrom;
    else if (machineOf[kind] === 'burner' || kind === 'bake') hot = true;
    return hot;
  });
}

/** What is done after the method, so that it comes to the table as it is served. */
function untilServed({ serve }: Pick<Formula, 'serve'>): readonly Operation[] {
  if (serve.storage === 'cool') return [];
  const chill: Operation = { kind: 'chill', minutes: p.chillMin };
  return serve.storage === 'fridge'
    ? [chill]
    : [chill, { kind: 'heat', minutes: p.reheatMin, temperatureC: serve.temperatureC, rateCPerMin: 50 }];
}

/** A pot that is not heated, for no time, is no work: flat words of a dip say so. */
const isWork = (operation: Operation): boolean =>
  operation.kind !== 'heat' ||
  amountOf(operation, 'minutes') > 0 ||
  amountOf(operation, 'temperatureC') > p.coldC;

/** Loads that each blade takes what is in the pot in, by place in the method. */
function loadsOf(
  formula: Formula,
  method: Method,
  { readyOf }: Pick<MethodOfFormula, 'readyOf'>,
  larder: LarderLookup,
): ReadonlyMap<number, number> {
  const { writesItself: _, ...rest } = formula;
  const lines = formula.lines.map((line) => ({ ...line, ready: readyOf(line) }));
  const { recipe } = recipeOfFormula({ ...rest, lines, method }, larder);
  if (!recipe.lines.some(({ mass }) => mass > 0)) return new Map();
  return new Map(jarLoads(courseOf(recipe), potAt(recipe).mix).map(({ at, loads }) => [at, loads]));
}

/** How many times as much of a sauce as it makes a line of it holds; 1 where that is not known. */
function shareOfSauce({ ingredient: id, amount }: Line, larder: LarderLookup): number {
  const ingredient = larder(id),
    made = ingredient && madeBefore(ingredient),
    g = ingredient && gramsOf(amount, ingredient.measures);
  return made && g !== undefined && made.massG > 0 ? g / made.massG : 1;
}

/** What goes on in another pot or dish may stand as long as that allows: its own brief is asked of the whole. */
export const stoodFor = (mayStand: number): Pick<FormulaTask, 'mayStand' | 'leaves'> => ({
  mayStand,
  leaves: undefined,
});

interface TaskOptions {
  readonly keepWarmMin?: number;
  readonly formulaOf?: ((id: string) => Formula | undefined) | undefined;
  /** Sauces that hold this one. */
  readonly within?: ReadonlySet<string>;
}

/**
 * The work of one formula as tasks of an evening: what is done to each line ahead, the pot's operations in their order, and what brings it
 * to the table as it is served. A line is ready before the operation that it goes in with.
 * @param id of the pot: tasks are called `<id>/…` * @param keepWarmMin min that what is hot may stand   @param formulaOf a kept formula that stands in it as a line: it is made first
 */
export function tasksOfFormula(
  id: string,
  formula: Formula,
  larder: LarderLookup,
  { keepWarmMin = p.standsHot, formulaOf, within = new Set() }: TaskOptions = {},
): readonly FormulaTask[] {
  const made = methodOfFormula(formula, larder);
  const method = [...withEveryLine(made.method, formula.lines), ...untilServed(formula)].filter(isWork);
  const hot = heatAfter(method),
    loads = loadsOf(formula, method, made, larder);
  /** A sauce inside a sauce is made before it goes in; one that holds itself is not. */
  const before = (line: Line): readonly FormulaTask[] => {
    const sauce = formulaInLine(line.ingredient),
      inner = sauce === undefined || within.has(sauce) ? undefined : formulaOf?.(sauce);
    if (sauce === undefined || !inner) return aheadOf(id, line, made.readyOf(line), larder(line.ingredient));
    const options = { keepWarmMin, formulaOf, within: new Set([...within, sauce]) };
    const key = `${id}/${line.id}`,
      share = shareOfSauce(line, larder);
    return tasksOfFormula(key, inner, larder, options).map((task, i, tasks): FormulaTask => ({
      ...task,
      pot: id,
      inside: task.inside ?? inner,
      insideId: task.insideId ?? sauce,
      sauce: { key: task.sauce?.key ?? key, share: share * (task.sauce?.share ?? 1) },
      ...(i === tasks.length - 1 ? stoodFor(p.standsReady) : {}),
    }));
  };
  const ahead = new Map(formula.lines.map((line) => [line.id, before(line)]));
  const pot: FormulaTask[] = [];
  method.forEach((operation, at) => {
    const goIn = (operation.lines ?? []).flatMap((line) => follows(ahead.get(line)?.at(-1)));
    const task = taskOf(`${id}/${at}`, id, operation, [...follows(pot.at(-1)), ...goIn], loads.get(at));
    const last = at === method.length - 1;
    const cold = last && formula.serve.storage === 'fridge' ? p.servedColdMin : p.standsCold;
    const stands: StandsHot =
      last && hot[at] ? standsHot(formula, larder, keepWarmMin) : { minutes: hot[at] ? keepWarmMin : cold };
    const whole = {
      ...task,
      hot: hot[at] ?? false,
      mayStand: stands.minutes,
      ...(stands.leaves === undefined ? {} : { leaves: stands.leaves }),
    };
    pot.push(...warmUpOf(whole, hot[at - 1] ? p.hotFrom : p.coldC));
  });
  return [...[...ahead.values()].flat(), ...pot];
}
