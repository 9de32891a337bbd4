import type { DishPart, WrittenDish } from '../dish/written-dish.js';
import { formulaOfPart, type ReadDish, readDish } from '../dish/read-dish.js';
import type { After } from '../plan/task.js';
import { keepingOfFormula } from '../evening/made-before.js';
import { tasksOfDish } from '../evening/tasks-of-dish.js';
import { type FormulaTask, tasksOfFormula } from '../evening/tasks-of-formula.js';
import { planning } from '../evening/task.params.js';
import { familyNames } from '../brief/family.js';
import type { Formula } from '../formula/formula.js';
import { recipeOfFormula } from '../formula/recipe-of-formula.js';
import { cautionsOf } from '../handbook/cautions.js';
import { predict } from '../predict/predict.js';
import type { Recipe } from '../recipe/recipe.js';
import { amountOfThing, type AmountSaid, amountSaid, weightSaid } from './amount-said.js';
import { partSaid } from './dish-said.js';
import { sentenceBegins } from './list-said.js';
import { groupOf, type TaskSaid, tasksSaid, type Telling } from './task-said.js';
import { type ThingSaid, thingsSaid } from './thing-said.js';
import { beforeSaid } from './time-said.js';

/** One thing of a list, in both measures. */
export interface PageThing {
  readonly name: string;
  /** "364 g"; absent where no amount is said yet. */
  readonly weight?: string;
  /** "1 1/2 cups". */
  readonly measure?: string;
  /** "drained, boiled"; "weighed boiled". */
  readonly made?: string;
}

/** One step: a whole sentence, what to look for, what can hurt. */
export interface PageStep extends Omit<TaskSaid, 'group'> {
  /** How long before it is eaten it is begun at the latest; absent where it follows from the step before it. */
  readonly when?: string;
}

/** One pot of a page: a sauce by itself, or what is done to the dish. */
export interface PageSection {
  readonly title: string;
  /** "2 times as much as is written": where not all, or more, of a formula is made. */
  readonly note?: string;
  readonly things: readonly PageThing[];
  readonly steps: readonly PageStep[];
}

/** A page to cook from. */
export interface RecipePage {
  readonly title: string;
  readonly kind: string;
  /** Absent of an evening: each of its pots has its own. */
  readonly portions?: number;
  /** "about 693 g, 115 g a portion". */
  readonly makes?: string;
  readonly served: string;
  readonly note: string;
  /** What is begun before the cooking, with when. */
  readonly ahead: readonly PageStep[];
  readonly sections: readonly PageSection[];
  /** Of what it is, and for how long it is usually kept. */
  readonly keeps?: string;
  readonly cautions: readonly string[];
}

/** min before it is eaten at which each task begins at the latest, with the long end of its minutes and hands as many as it wants. */
function latestStarts(tasks: readonly FormulaTask[]): ReadonlyMap<string, number> {
  const followers = new Map<string, (After & { readonly by: string })[]>();
  for (const task of tasks)
    for (const lag of task.after)
      followers.set(lag.id, [...(followers.get(lag.id) ?? []), { ...lag, by: task.id }]);
  const of = new Map(tasks.map((task) => [task.id, task])),
    starts = new Map<string, number>();
  const startOf = (id: string): number => {
    const there = starts.get(id);
    if (there !== undefined) return there;
    starts.set(id, 0);
    const end = Math.max(0, ...(followers.get(id) ?? []).map(({ by, least }) => startOf(by) + least));
    const start = end + (of.get(id)?.minutes.high ?? 0);
    starts.set(id, start);
    return start;
  };
  for (const { id } of tasks) startOf(id);
  return starts;
}

const servedSaid = ({ serve }: Formula): string => {
  const at = `${Math.round(serve.temperatureC)} °C`;
  if (serve.storage === 'fridge') return `from the fridge, at about ${at}`;
  return serve.storage === 'reheat' ? `warmed again, at about ${at}` : `at about ${at}`;
};

const thingOf = ({ name, amount, made, weighedReady }: ThingSaid): PageThing => ({
  name,
  ...(amount ? { weight: amount.weight } : {}),
  ...(amount?.measure === undefined ? {} : { measure: amount.measure }),
  ...(made === undefined ? {} : { made: weighedReady ? `weighed ${made}` : made }),
});

/** Below so many days half ones are told. */
const HALVES_BELOW = 2;
const days = (d: number): string =>
  String(d < HALVES_BELOW ? Math.max(0.5, Math.round(2 * d) / 2) : Math.round(d));

/** "2 to 4 days in the fridge, as cooked pulses do". */
function keepsSaid(formula: Formula, telling: Telling): string | undefined {
  const keeping = keepingOfFormula(formula, telling.known.larder);
  if (!keeping) return undefined;
  const how = `Usually ${days(keeping.low)} to ${days(keeping.high)} days in the fridge at 5 °C, reckoned as ${keeping.because}; local rules come first.`;
  return keeping.garlicInOil ? `${how} Raw garlic in oil never stands at room temperature.` : how;
}

const cautionsSaid = (recipes: readonly Recipe[]): readonly string[] => [
  ...new Set(recipes.flatMap((recipe) => cautionsOf(recipe).map(({ text }) => text))),
];

interface Told {
  readonly said: ReadonlyMap<string, TaskSaid>;
  readonly starts: ReadonlyMap<string, number>;
}

const stepOf = ({ id }: FormulaTask, { said, starts }: Told, when: boolean): readonly PageStep[] => {
  const told = said.get(id);
  if (!told) return [];
  const { group: _, ...step } = told;
  const before = starts.get(id);
  return [{ ...step, ...(when && before !== undefined ? { when: beforeSaid(before) } : {}) }];
};

/** Done to one thing before it meets a pot. */
const isAhead = ({ line }: FormulaTask): boolean => line !== undefined;
/** Told with what it leads to or comes of. */
const isToldApart = ({ warms, begins }: FormulaTask): boolean => warms !== true && begins !== true;

/** Steps of what is done ahead, what is begun first at the top. */
function aheadOf(tasks: readonly FormulaTask[], told: Told): readonly PageStep[] {
  const order = (task: FormulaTask) => told.starts.get(task.id) ?? 0;
  return tasks
    .filter((task) => isAhead(task) && isToldApart(task))
    .sort((a, b) => order(b) - order(a))
    .flatMap((task) => stepOf(task, told, true));
}

const stepsOf = (tasks: readonly FormulaTask[], group: string, told: Told): readonly PageStep[] =>
  tasks
    .filter((task) => groupOf(task) === group && !isAhead(task) && isToldApart(task) && !task.washes)
    .flatMap((task) => stepOf(task, told, false));

const NEARLY_ALL = 0.02;
const shareSaid = (share: number): { readonly note?: string } =>
  Math.abs(share - 1) <= NEARLY_ALL
    ? {}
    : { note: `${Number(share.toPrecision(2))} times as much as its formula is written for` };

/** Sauces inside, each a section of its own, in the order in which they are made. */
function insideSections(tasks: readonly FormulaTask[], told: Told, telling: Telling): readonly PageSection[] {
  const keys = [...new Set(tasks.flatMap(({ sauce }) => sauce?.key ?? []))];
  return keys.flatMap((key): PageSection[] => {
    const first = tasks.find(({ sauce }) => sauce?.key === key);
    if (!first?.inside) return [];
    const share = first.sauce?.share ?? 1;
    return [
      {
        title: first.inside.name,
        ...shareSaid(share),
        things: [...thingsSaid(first.inside, telling.known.larder, telling.kitchen, share).values()].map(
          thingOf,
        ),
        steps: stepsOf(tasks, key, told),
      },
    ];
  });
}

const POT = 'pot';

/** A formula as a page to cook from. */
export function pageOfFormula(formula: Formula, telling: Telling): RecipePage {
  const { larder, formulaOf } = telling.known;
  const tasks = tasksOfFormula(POT, formula, larder, { formulaOf });
  const told = { said: tasksSaid(tasks, [{ id: POT, formula }], telling), starts: latestStarts(tasks) };
  const { recipe } = recipeOfFormula(formula, larder),
    weighs = recipe.lines.some(({ mass }) => mass > 0);
  const massG = weighs ? predict(recipe).massG : 0;
  const keeps = keepsSaid(formula, telling);
  return {
    title: formula.name,
    kind: familyNames[formula.family],
    portions: formula.portions,
    ...(weighs
      ? { makes: `about ${weightSaid(massG)}, ${weightSaid(massG / formula.portions)} a portion` }
      : {}),
    served: servedSaid(formula),
    note: formula.note,
    ahead: aheadOf(tasks, told),
    sections: [
      ...insideSections(tasks, told, telling),
      {
        title: formula.name,
        things: [...thingsSaid(formula, larder, telling.kitchen).values()].map(thingOf),
        steps: stepsOf(tasks, POT, told),
      },
    ],
    ...(keeps === undefined ? {} : { keeps }),
    cautions: cautionsSaid([recipe]),
  };
}

/** A part of a dish in its list, in both measures where it is a thing. */
function partThing(part: DishPart, { parts }: ReadDish, telling: Telling): PageThing {
  const { known, kitchen } = telling,
    ingredient = known.larder(part.ingredient ?? ''),
    name =
      part.name ??
      (part.formula === undefined ? (ingredient?.name ?? partSaid(part, known)) : partSaid(part, known));
  // Of a sauce all that its formula makes, until somebody says less.
  const g = part.grams ?? parts.find(({ component }) => component.id === part.id)?.madeG;
  const amount: AmountSaid | undefined =
    g === undefined
      ? undefined
      : ingredient
        ? amountSaid({ value: g, unit: 'g' }, g, ingredient.measures, kitchen)
        : { weight: weightSaid(g), byMeasure: false };
  return {
    name,
    ...(amount ? { weight: amount.weight } : {}),
    ...(amount?.measure === undefined ? {} : { measure: amount.measure }),
    ...(part.formula !== undefined && part.grams === undefined ? { made: 'all of it' } : {}),
  };
}

/** A dish of several parts as a page to cook from. */
export function pageOfDish(dish: WrittenDish, telling: Telling): RecipePage {
  const { known } = telling;
  const tasks = tasksOfDish(POT, dish, known, planning.standsHot);
  const told = { said: tasksSaid(tasks, [{ id: POT, dish }], telling), starts: latestStarts(tasks) };
  const read = readDish(dish, known),
    { portions } = read.sharing;
  const massG = read.report?.massG;
  const sauces = dish.parts.flatMap((part) => formulaOfPart(part, known) ?? []);
  return {
    title: dish.name,
    kind: 'a dish of several parts',
    portions,
    ...(massG !== undefined && portions > 0
      ? { makes: `about ${weightSaid(massG)}, ${weightSaid(massG / portions)} a portion` }
      : {}),
    served: dish.oven.length > 0 ? 'hot from the oven' : 'as it is layered',
    note: dish.note,
    ahead: aheadOf(tasks, told),
    sections: [
      ...insideSections(tasks, told, telling),
      {
        title: 'The dish',
        things: dish.parts.map((part) => partThing(part, read, telling)),
        steps: stepsOf(tasks, POT, told),
      },
    ],
    cautions: cautionsSaid([
      ...sauces.map((formula) => recipeOfFormula(formula, known.larder).recipe),
      ...read.parts.map(({ recipe }) => recipe),
    ]),
  };
}

/** "364 g coconut drink (1 1/2 cups)" of a list, as text. */
export const thingSaidInList = ({ name, weight, measure, made }: PageThing): string => {
  const amount =
    weight === undefined
      ? ''
      : amountOfThing({ weight, ...(measure === undefined ? {} : { measure }), byMeasure: false }, name);
  return sentenceBegins(`${amount === '' ? name : amount}${made === undefined ? '' : `, ${made}`}`);
};
