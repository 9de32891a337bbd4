import { formulaOfPart, type KnownToDish } from '../dish/read-dish.js';
import type { OvenStage } from '../dish/oven.js';
import type { DishPart, WrittenDish } from '../dish/written-dish.js';
import { partOfFormula } from '../dish/dish-part.js';
import type { Formula, Line } from '../formula/formula.js';
import type { LarderLookup } from '../formula/recipe-of-formula.js';
import type { After } from '../plan/task.js';
import { endOf, inOnePot, type MadePart } from './in-one-pot.js';
import { aheadOf, type DoneToDish, type FormulaTask, stoodFor, tasksOfFormula } from './tasks-of-formula.js';
import { planning as p } from './task.params.js';

/** A thing of a dish as a line: it has an amount and what is done to it. */
const lineOfPart = ({ id, ingredient = '', grams, ready }: DishPart): Line => ({
  id,
  ingredient,
  amount: grams === undefined ? undefined : { value: grams, unit: 'g' },
  role: 'body',
  preparation: 'as-is',
  stage: 'start',
  ready,
});

/** How many times as much of a sauce as its formula makes a part takes; 1 where it takes all. */
function shareOfPart({ id, grams }: DishPart, formula: Formula, larder: LarderLookup): number {
  const madeG = grams === undefined ? undefined : partOfFormula(id, formula, larder).part?.madeG;
  return grams !== undefined && madeG !== undefined && madeG > 0 ? grams / madeG : 1;
}

/** What is done to one part until it can be laid: a sauce by its method, a thing by what makes it ready. */
function tasksOfPart(dish: string, part: DishPart, known: KnownToDish): readonly FormulaTask[] {
  const { larder, formulaOf } = known;
  const standing = (tasks: readonly FormulaTask[]) =>
    tasks.map((task, i) => (i === tasks.length - 1 ? { ...task, ...stoodFor(p.partStands) } : task));
  if (part.formula === undefined) {
    const line = lineOfPart(part);
    return standing(aheadOf(dish, line, part.ready, larder(line.ingredient)));
  }
  const formula = formulaOfPart(part, known);
  if (!formula) return [];
  // It is laid as it comes from the pot, however it is served by itself.
  const made = { ...formula, serve: { ...formula.serve, storage: 'cool' as const } };
  const key = `${dish}/${part.id}`,
    share = shareOfPart(part, formula, larder);
  const tasks = tasksOfFormula(key, made, larder, {
    formulaOf,
    within: new Set([part.formula]),
  });
  const id = part.formula;
  return standing(
    tasks.map((task) => ({
      ...task,
      pot: dish,
      inside: task.inside ?? formula,
      insideId: task.insideId ?? id,
      sauce: { key: task.sauce?.key ?? key, share: share * (task.sauce?.share ?? 1) },
    })),
  );
}

const exactly = (minutes: number) => ({ low: minutes, high: minutes });

/** The nearest operation of a pot to what is done to a dish. */
const operationOf = {
  layer: 'put-in',
  boil: 'boil-soft',
  preheat: 'bake',
  bake: 'bake',
  rest: 'rest',
} as const;

/** A task that is done to the whole dish. */
function toDish(
  id: string,
  pot: string,
  done: DoneToDish,
  rest: Pick<FormulaTask, 'hands' | 'minutes' | 'after'> & Partial<FormulaTask>,
): FormulaTask {
  return {
    id,
    pot,
    operation: { kind: operationOf[done.kind] },
    hot: done.kind !== 'layer',
    toDish: done,
    ...rest,
  };
}

/** min in which an oven comes to a temperature, from low to high. */
export function preheating(ovenC: number): { readonly low: number; readonly high: number } {
  const middle = (p.preheatMin * Math.max(0, ovenC - p.coldC)) / (p.preheatToC - p.coldC);
  return { low: middle * (1 - p.preheatCv), high: Math.ceil(middle * (1 + p.preheatCv)) };
}

/** The oven of a dish: warm when the dish goes in, one stretch straight after the other. */
function inOven(id: string, oven: readonly OvenStage[], layered: After): readonly FormulaTask[] {
  const [first] = oven;
  if (!first) return [];
  const held = ({ temperatureC }: OvenStage) => ({ machine: 'oven', ovenC: temperatureC }) as const;
  const preheat = toDish(
    `${id}/preheat`,
    id,
    { kind: 'preheat', ovenC: first.temperatureC },
    { hands: false, minutes: preheating(first.temperatureC), after: [], ...held(first) },
  );
  const stages = oven.map((stage, k) =>
    toDish(
      `${id}/oven/${k}`,
      id,
      { kind: 'bake', stage },
      {
        hands: false,
        minutes: exactly(stage.minutes),
        after:
          k === 0
            ? [layered, { id: preheat.id, least: 0, most: 0 }]
            : [{ id: `${id}/oven/${k - 1}`, least: 0, most: 0 }],
        ...held(stage),
      },
    ),
  );
  return [preheat, ...stages];
}

/**
 * The work of a dish of several parts: each part until it can be laid, the layers, the oven that is warm by then, the rest.
 * @param id of the dish: tasks are called `<id>/…`   @param keepWarmMin min that it may stand before it is eaten
 */
export function tasksOfDish(
  id: string,
  { parts, layers, oven: said, restMin }: WrittenDish,
  known: KnownToDish,
  keepWarmMin: number,
): readonly FormulaTask[] {
  const laid = parts.filter((part) => layers.some(({ component }) => component === part.id));
  if (laid.length === 0) return [];
  const made = laid.map((part): MadePart => ({ part, tasks: tasksOfPart(id, part, known) }));
  const before = inOnePot(id, made, known.larder),
    ready = made.flatMap((one, i) => endOf(id, one, before[i]!) ?? []);
  const low = p.layeringMin + p.layerMin * layers.length;
  const oven = said.filter(({ minutes }) => minutes > 0);
  const layer = toDish(
    `${id}/layers`,
    id,
    { kind: 'layer', layers: layers.length },
    {
      hands: true,
      minutes: { low, high: Math.ceil(low * p.longer) },
      after: [...new Set(ready)].map((end) => ({ id: end, least: 0 })),
      mayStand: oven.length > 0 ? p.layeredStands : keepWarmMin,
    },
  );
  const baked = inOven(id, oven, { id: layer.id, least: 0 });
  const last = baked.at(-1) ?? layer;
  const rest =
    restMin > 0 && baked.length > 0
      ? [
          toDish(
            `${id}/rest`,
            id,
            { kind: 'rest', minutes: restMin },
            { hands: false, minutes: exactly(restMin), after: [{ id: last.id, least: 0, most: 0 }] },
          ),
        ]
      : [];
  const all = [...before.flat(), layer, ...baked, ...rest],
    end = all.at(-1)!;
  return [...all.slice(0, -1), { ...end, mayStand: keepWarmMin }];
}
