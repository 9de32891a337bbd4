import type { DishTonight, FormulaView, KeptDishView, PotTonight } from '@alterum/contract';
import { dishOfContent, formulaOfContent } from '@alterum/contract/convert';
import {
  type CookTonight,
  type Cover,
  type DoneToDish,
  type Evening,
  eveningTonight,
  type Formula,
  type FormulaTask,
  kindOf,
  type Line,
  type Planned,
  type ScheduleOutcome,
  railOf,
  SHOP,
  type ShopTonight,
  type TaskSaid,
  tasksSaid,
  type Tool,
  unnamedCooks,
  type WrittenDish,
} from '@alterum/core';
import { useHousehold } from '../household/household-store';
import { knownToDish } from '../household/known-to-dish';
import { tellingHere } from '../recipe-page/telling';
import { operationText, shortName } from '../words/method-words';
import type { Times } from './cooking-store';
import { DAY } from './evening-day';

type EveningSaid = ReturnType<typeof useHousehold.getState>['evening'];

/** Hours in which somebody is up where nothing is said, min of a day. @source assumed: seven to eleven */
export const USUALLY_UP = { from: 7 * 60, to: 23 * 60 } as const;

/** Something that is cooked tonight: a sauce by itself, or a dish of several parts. */
export interface PotTonightPlanned {
  readonly id: string;
  readonly name: string;
  readonly formula?: Formula;
  readonly dish?: WrittenDish;
  /** Tools that it shares with other pots; they are washed before it. */
  readonly tools?: readonly Tool[];
  readonly washedBefore?: boolean;
  /** The cook who makes it, where that was said. */
  readonly cook?: string;
  /** It is made the day before, and only warmed tonight. */
  readonly dayBefore?: boolean;
  /** min of the day at which it is eaten, where that is not with everything else. */
  readonly serveAt?: number;
}

const said = ({ serveAt, cook, dayBefore }: Pick<PotTonight, 'serveAt' | 'cook' | 'dayBefore'>) => ({
  ...(serveAt === undefined ? {} : { serveAt }),
  ...(cook === undefined ? {} : { cook }),
  ...(dayBefore ? { dayBefore } : {}),
});

export const potsOf = (
  chosen: readonly PotTonight[],
  named: ReadonlyMap<string, FormulaView>,
): readonly PotTonightPlanned[] =>
  chosen.flatMap((one) => {
    const { formula: id, tools, washedBefore } = one,
      view = named.get(id);
    if (!view) return [];
    const shared = { tools, washedBefore };
    return [{ id, name: view.name, formula: formulaOfContent(view), ...shared, ...said(one) }];
  });

export const dishesOf = (
  chosen: readonly DishTonight[],
  kept: ReadonlyMap<string, KeptDishView>,
): readonly PotTonightPlanned[] =>
  chosen.flatMap((one) => {
    const view = kept.get(one.dish);
    return view ? [{ id: one.dish, name: view.name, dish: dishOfContent(view), ...said(one) }] : [];
  });

/** Who cooks: by name, the day before too, or so many. */
const cooksOf = ({ named = [], cooks }: EveningSaid): readonly CookTonight[] =>
  named.length === 0
    ? unnamedCooks(cooks)
    : named.map(({ name, from = 0, to = DAY }) => ({
        name,
        ...(from > 0 || to < DAY
          ? {
              there:
                from > 0
                  ? [
                      { from: 0, to: DAY },
                      { from: DAY + from, to: DAY + to },
                    ]
                  : [{ from: 0, to: DAY + to }],
            }
          : {}),
      }));

/** The shop is open at the same hours on both days. */
const shopOf = ({ shop }: EveningSaid): { readonly shop?: ShopTonight } =>
  shop && shop.buys.length > 0
    ? {
        shop: {
          open: [shop, { from: DAY + shop.from, to: DAY + shop.to }].map(({ from, to }) => ({ from, to })),
          minutes: shop.minutes,
          buys: new Set(shop.buys),
        },
      }
    : {};

/** The evening as it is planned: minute 0 is midnight of the day before. */
export function eveningFor(
  cooked: readonly PotTonightPlanned[],
  said: EveningSaid,
  by: Readonly<Record<string, string>> = {},
): { readonly evening: Evening; readonly tasks: readonly FormulaTask[] } {
  const { burners, ovens, blenders, keepWarmMin, up = USUALLY_UP } = said;
  const eaten = (one: PotTonightPlanned) => ({
    id: one.id,
    ...(one.serveAt === undefined ? {} : { serveAt: DAY + one.serveAt }),
  });
  return eveningTonight(
    {
      pots: cooked.flatMap((one) => {
        const { formula, tools = [], washedBefore = false, dayBefore = false } = one;
        return formula ? [{ ...eaten(one), formula, tools, washedBefore, dayBefore }] : [];
      }),
      dishes: cooked.flatMap((one) => (one.dish ? [{ ...eaten(one), dish: one.dish }] : [])),
    },
    knownToDish(),
    {
      burners,
      ovens,
      blenders,
      keepWarmMin,
      serveAt: DAY + said.serveAt,
      cooks: cooksOf(said),
      doneBy: new Map([
        ...cooked.flatMap(({ id, cook }) => (cook === undefined ? [] : [[id, cook] as const])),
        ...Object.entries(by),
      ]),
      ...shopOf(said),
      awake: [0, DAY].map((day) => ({ from: day + up.from, to: day + up.to })),
    },
  );
}

/** A task as it stands in the plan, in words. */
export interface ShownTask extends Planned {
  readonly task: FormulaTask;
  readonly pot: PotTonightPlanned;
  /** Place of its pot among those of the evening. */
  readonly at: number;
  readonly words: string;
  /** The same as a whole sentence with its things and amounts. */
  readonly said: TaskSaid;
  /** Which of the machines of its kind it holds, 1 for the first. */
  readonly unit: number;
}

const coverWords: Readonly<Record<Cover, string>> = {
  open: ', open',
  parchment: ', under paper',
  lid: ', under a lid',
  foil: ', under foil',
};

/** What is done to a whole dish. */
function toDishWords(done: DoneToDish): string {
  switch (done.kind) {
    case 'layer':
      return done.layers === 1 ? 'fill the dish' : `lay ${done.layers} layers`;
    case 'boil':
      return `boil in one pot: ${done.pieces
        .map(({ name, goesInAt }) =>
          goesInAt < 0.5 ? name.toLowerCase() : `${name.toLowerCase()} after ${Math.round(goesInAt)} min`,
        )
        .join(', ')}`;
    case 'preheat':
      return `heat the oven to ${Math.round(done.ovenC)} °C`;
    case 'bake':
      return `bake ${done.stage.minutes} min at ${Math.round(done.stage.temperatureC)} °C${coverWords[done.stage.cover]}`;
    case 'rest':
      return `rest ${done.minutes} min`;
  }
}

function doneTo(
  { operation, line, warms, begins, loads, washes, shops, toDish }: FormulaTask,
  lines: readonly Line[],
): string {
  if (toDish) return toDishWords(toDish);
  if (washes) return `wash the ${washes.join(' and the ')}`;
  if (shops) return shops === 1 ? 'buy one thing' : `buy ${shops} things`;
  if (warms) return 'warm up';
  if (begins && line) return `put to soak: ${shortName(line)}`;
  const said = `${operationText(operation, lines)}${loads ? `, in ${loads} loads` : ''}`;
  return line ? `${said}: ${shortName(line)}` : said;
}

/** The same in as few words as a bar has room for: what is done, and to what. */
export function shortWords({ task, pot, words }: Pick<ShownTask, 'task' | 'pot' | 'words'>): string {
  const { operation, line, inside, toDish, washes, shops, warms } = task;
  if (toDish || washes || shops || warms) return words;
  const to = line ? shortName(line) : (inside?.name ?? pot.name);
  return `${kindOf(operation.kind).name.toLowerCase()}: ${to}`;
}

/** The kind of work alone: "heat", "wash". */
export function kindWord({ task }: Pick<ShownTask, 'task'>): string {
  const { operation, toDish, washes, shops, warms } = task;
  if (washes) return 'wash';
  if (shops) return 'buy';
  if (warms) return 'warm up';
  return toDish ? toDish.kind : operation.kind.replace('-', ' ');
}

/** A task in words: "soak 10 h: pumpkin seeds", "jug 60 s, for House cheese sauce". */
export function wordsOf(task: FormulaTask, { formula }: PotTonightPlanned): string {
  const { inside } = task,
    said = doneTo(task, (inside ?? formula)?.lines ?? []);
  return inside ? `${said}, for ${inside.name}` : said;
}

interface Held {
  until: number;
  readonly ovenC: number | undefined;
  readonly pot: string | undefined;
}

/** The machine of a kind that each task holds, in the order of the clock: that of its own pot where it is free, else the first that is. */
function unitsOf(
  plan: readonly Planned[],
  of: ReadonlyMap<string, FormulaTask>,
): ReadonlyMap<string, number> {
  const busy = new Map<string, Held[]>();
  const units = new Map<string, number>();
  for (const { id, start, end } of plan) {
    const { machine, ovenC, pot } = of.get(id) ?? {};
    if (!machine) continue;
    const held = busy.get(machine) ?? [];
    busy.set(machine, held);
    const free = held.flatMap(({ until, ovenC: at }, i) =>
      until <= start || (machine === 'oven' && at === ovenC) ? [i] : [],
    );
    const place = free.find((i) => held[i]?.pot === pot) ?? free[0] ?? held.length;
    held[place] = { until: Math.max(end, held[place]?.until ?? 0), ovenC, pot };
    units.set(id, place + 1);
  }
  return units;
}

/** What is over, where it really was: it is no part of a plan of the rest. */
function overOf(
  tasks: readonly FormulaTask[],
  planned: ReadonlySet<string>,
  { begun, done }: Times,
): readonly Planned[] {
  return tasks.flatMap(({ id, minutes }) => {
    const end = done[id];
    if (end === undefined || planned.has(id)) return [];
    return [{ id, start: begun[id] ?? end - minutes.high, end, cook: undefined }];
  });
}

/** What is bought belongs to no pot. */
const shopping: PotTonightPlanned = { id: SHOP, name: 'for tonight' };

/** What is done and when, in the order of the clock. */
export function shownTasks(
  outcome: ScheduleOutcome,
  tasks: readonly FormulaTask[],
  pots: readonly PotTonightPlanned[],
  times: Times = { begun: {}, done: {} },
): readonly ShownTask[] {
  if (outcome.kind !== 'planned') return [];
  const of = new Map(tasks.map((task) => [task.id, task]));
  const ids = new Set(outcome.plan.map(({ id }) => id));
  const plan = [...outcome.plan, ...overOf(tasks, ids, times)].sort(
    (a, b) => a.start - b.start || a.end - b.end,
  );
  const units = unitsOf(plan, of),
    told = tasksSaid(tasks, pots, tellingHere(true));
  return plan.flatMap((planned): ShownTask[] => {
    const task = of.get(planned.id),
      at = pots.findIndex(({ id }) => id === task?.pot),
      pot = task?.shops ? shopping : pots[at];
    const said = told.get(planned.id);
    if (!task || !pot || !said) return [];
    return [{ ...planned, said, task, pot, at, words: wordsOf(task, pot), unit: units.get(planned.id) ?? 0 }];
  });
}

/** "18:05"; with the day before where it is that. */
export function clockText(minute: number): string {
  const inDay = ((Math.round(minute) % DAY) + DAY) % DAY;
  const time = `${String(Math.floor(inDay / 60)).padStart(2, '0')}:${String(inDay % 60).padStart(2, '0')}`;
  return minute < DAY ? `the day before, ${time}` : time;
}

/** Where it stands in the evening: what is to be begun long before is told apart. @source assumed: waits of four hours are begun before the cooking */
export const LONG_BEFORE = 240;

export const machineWords = { burner: 'burner', oven: 'oven', blender: 'blender' } as const;

/** "burner 2, 190 °C", "needs nobody". */
export function withWhat({ task, unit, cook }: ShownTask): string {
  const machine = task.machine as keyof typeof machineWords | undefined;
  return [
    task.hands && cook !== undefined && cook !== 'cook' ? cook : '',
    machine && machine in machineWords
      ? `${machineWords[machine]}${machine === 'burner' ? ` ${unit}` : ''}`
      : '',
    task.hands ? '' : 'needs nobody',
    task.leaves && task.mayStand !== undefined
      ? `may stand ${Math.floor(task.mayStand)} min before its ${railOf(task.leaves).name.toLowerCase()} leaves the brief`
      : '',
  ]
    .filter(Boolean)
    .join(', ');
}
