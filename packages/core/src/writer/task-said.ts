import type { KnownToDish } from '../dish/read-dish.js';
import type { WrittenDish } from '../dish/written-dish.js';
import type { FormulaTask } from '../evening/tasks-of-formula.js';
import type { Formula, Line } from '../formula/formula.js';
import type { Kitchen } from '../quantity/kitchen.js';
import { kindOf } from '../recipe/method/operation-kinds.js';
import { amountOf, choiceOf, minutesOf, type Operation } from '../recipe/method/operation.js';
import { toDishSaid } from './dish-said.js';
import { listSaid } from './list-said.js';
import { cautionsAt, FRIDGE_C, lookFor } from './look-for.js';
import type { MomentSaid } from './moment-said.js';
import { inJar, operationSentences } from './operation-sentences.js';
import { shortName, type ThingSaid, thingSaid, thingsSaid, withAmount } from './thing-said.js';
import { timesSaid } from './time-said.js';

/** A task as a cook would say it to another at the stove. */
export interface TaskSaid {
  readonly id: string;
  readonly sentence: string;
  readonly lookFor?: string;
  readonly cautions: readonly string[];
  /** Which pot it is done to: a sauce inside another has one of its own. */
  readonly group: string;
}

/** Whose tasks they are. */
export interface PotKnown {
  readonly id: string;
  readonly formula?: Formula | undefined;
  readonly dish?: WrittenDish | undefined;
}

export interface Telling {
  readonly known: KnownToDish;
  readonly kitchen: Kitchen | undefined;
  /** Warming up is told as a step of its own, as a timetable has it; absent is with the heat that it leads to. */
  readonly warmingApart?: boolean;
}

/** The pot that a task is done to. */
export const groupOf = ({ sauce, pot }: Pick<FormulaTask, 'sauce' | 'pot'>): string => sauce?.key ?? pot;

/** What a pot is as its tasks are told one after the other. */
interface PotNow {
  readonly things: ReadonlyMap<string, ThingSaid>;
  inside: readonly ThingSaid[];
  hot: boolean;
  warmMin: number;
  inJar: boolean;
}

/** Done to the pot itself, not to one thing before it, nor to the dish, the tools, or in the shop. */
const isOfPot = ({ line, toDish, washes, shops, warms }: FormulaTask): boolean =>
  !line && !toDish && !washes && !shops && !warms;

/** A thing of a dish, made ready by itself. */
function aloneInDish(line: Line, { known: { larder }, kitchen }: Telling): ThingSaid {
  const ingredient = larder(line.ingredient);
  return thingSaid(line, ingredient, shortName(ingredient), line.ready ?? [], line.amount?.value, kitchen);
}

/** min of a heat that go by before it has come to its temperature: what it takes beyond what it is held. */
const stirredMin = ({ operation, minutes }: FormulaTask): number =>
  operation.kind === 'heat' ? Math.max(0, minutes.low - (minutesOf(operation)?.least ?? 0)) : 0;

/** Every task in words, by its id; what goes before decides what is in the pot by then. */
export function tasksSaid(
  tasks: readonly FormulaTask[],
  pots: readonly PotKnown[],
  telling: Telling,
): ReadonlyMap<string, TaskSaid> {
  const { known, kitchen, warmingApart = false } = telling;
  const now = new Map<string, PotNow>();
  const potOf = (task: FormulaTask): PotNow => {
    const group = groupOf(task),
      there = now.get(group);
    if (there) return there;
    const formula = task.inside ?? pots.find(({ id }) => id === task.pot)?.formula;
    const made: PotNow = {
      things: formula ? thingsSaid(formula, known.larder, kitchen, task.sauce?.share) : new Map(),
      inside: [],
      hot: false,
      warmMin: 0,
      inJar: false,
    };
    now.set(group, made);
    return made;
  };
  const said = (task: FormulaTask, k: number): TaskSaid => {
    const pot = potOf(task),
      base = { id: task.id, group: groupOf(task), cautions: [] };
    if (task.toDish)
      return { ...base, ...toDishSaid(task.toDish, pots.find(({ id }) => id === task.pot)?.dish, telling) };
    if (task.washes) return { ...base, sentence: `Wash the ${listSaid(task.washes)}, seals and blade too.` };
    if (task.shops)
      return {
        ...base,
        sentence: `Buy ${listSaid((task.buys ?? []).map((id) => shortName(known.larder(id))))}.`,
      };
    if (task.warms) {
      pot.warmMin = task.minutes.low;
      return {
        ...base,
        sentence: `Put it on: it warms up by itself for ${timesSaid(task.minutes.low, task.minutes.high)}, then it wants stirring.`,
      };
    }
    const things = (task.operation.lines ?? []).flatMap((id) => pot.things.get(id) ?? []);
    const alone = task.line && (pot.things.get(task.line.id) ?? aloneInDish(task.line, telling));
    if (task.begins && alone) return { ...base, ...begunSaid(task.operation, alone) };
    const next = tasks
      .slice(k + 1)
      .find((other) => isOfPot(other) && groupOf(other) === groupOf(task))?.operation;
    const moment: MomentSaid = {
      operation: task.operation,
      things,
      inside: pot.inside,
      hot: pot.hot,
      next,
      warmMin: stirredMin(task) + (warmingApart ? 0 : pot.warmMin),
      loads: task.loads ?? 1,
      inJar: pot.inJar,
      potWater: [...pot.things.values()].find(({ ingredient }) => ingredient?.id === 'water'),
      ...(alone ? { alone } : {}),
    };
    const whole = momentSaid(moment);
    if (!alone) {
      pot.inside = [...pot.inside, ...things];
      pot.hot = task.hot;
      pot.warmMin = 0;
      // What is only put in, stands or is strained stays where it is; heat and dish take it out of the jar.
      if (inJar(task.operation)) pot.inJar = true;
      else if (kindOf(task.operation.kind).heats) pot.inJar = false;
    }
    return { ...base, ...whole };
  };
  return new Map(tasks.map((task, k) => [task.id, said(task, k)]));
}

/** An operation at its moment: what goes in with it first, where it does more than putting in. */
function momentSaid(moment: MomentSaid): Omit<TaskSaid, 'id' | 'group'> {
  const { operation, things } = moment;
  const putsIn = operation.kind === 'put-in' || operation.kind === 'stir-in';
  const before =
    putsIn || things.length === 0 ? '' : `${operationSentences['put-in']({ ...moment, next: operation })} `;
  const at = putsIn || things.length === 0 ? moment : { ...moment, inside: [...moment.inside, ...things] };
  const seen = lookFor(at);
  return {
    sentence: `${before}${operationSentences[operation.kind](at)}`,
    ...(seen === undefined ? {} : { lookFor: seen }),
    cautions: cautionsAt(at),
  };
}

/** What then needs nobody is begun. */
function begunSaid(operation: Operation, alone: ThingSaid): Pick<TaskSaid, 'sentence'> {
  const minutes = minutesOf(operation);
  const cold = amountOf(operation, 'temperatureC') <= FRIDGE_C && choiceOf(operation, 'pour') !== 'boiling';
  return {
    sentence: `Put ${withAmount(alone)} to soak in plenty of ${choiceOf(operation, 'pour') === 'boiling' ? 'boiling' : 'cold'} water${cold ? ' in the fridge' : ''}${minutes ? `, for ${timesSaid(minutes.least, minutes.most)}` : ''}.`,
  };
}
