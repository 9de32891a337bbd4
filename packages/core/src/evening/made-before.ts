import type { Formula } from '../formula/formula.js';
import { type LarderLookup, recipeOfFormula } from '../formula/recipe-of-formula.js';
import { type Keeping, keepingOf } from '../predict/keeping/keeps-days.js';
import { potAt } from '../predict/pot-at.js';
import { lengthOf } from '../plan/task.js';
import { planning as p } from './task.params.js';
import type { FormulaTask } from './tasks-of-formula.js';

const DAY = 1440;

/** The formula as it is served when it was made the day before: out of the fridge, or warmed again. */
export const servedFromFridge = (formula: Formula): Formula => ({
  ...formula,
  serve: {
    ...formula.serve,
    storage: formula.serve.temperatureC > p.hotFrom ? 'reheat' : 'fridge',
    days: Math.max(1, formula.serve.days),
  },
});

/**
 * The work of a pot that is made the day before (`servedFromFridge`): all of it until it is in the fridge lies on that day, while somebody is in the kitchen
 * anyway; tonight it is only warmed.
 * @param serveAt min at which it is eaten
 */
export function onTheDayBefore(tasks: readonly FormulaTask[], serveAt: number): readonly FormulaTask[] {
  const chill = tasks
    .filter(({ operation, line, inside }) => operation.kind === 'chill' && !line && !inside)
    .at(-1);
  if (!chill) return tasks;
  const tonight = new Set(tasks.slice(tasks.indexOf(chill) + 1).map(({ id }) => id)),
    latest = Math.min(DAY, serveAt - DAY + p.madeBeforeLate);
  return tasks.map((task): FormulaTask => {
    if (tonight.has(task.id))
      return {
        ...task,
        after: task.after.map((lag) => (lag.id === chill.id ? { id: chill.id, least: p.overnight } : lag)),
      };
    const begins = { starts: { from: 0, to: Math.max(0, latest - lengthOf(task)) } };
    if (task.id !== chill.id) return task.starts ? task : { ...task, ...begins };
    // It stands in the fridge until tonight; whether it keeps that long is asked before.
    const { mayStand: _, ...rest } = task;
    return { ...rest, starts: { from: 0, to: latest } };
  });
}

/** How long a formula is usually kept in the fridge; undefined where nothing in it has a weight. */
export function keepingOfFormula(formula: Formula, larder: LarderLookup): Keeping | undefined {
  const { recipe } = recipeOfFormula(formula, larder);
  if (!recipe.lines.some(({ mass }) => mass > 0)) return undefined;
  const { mix, flow } = potAt(recipe);
  return keepingOf(mix, flow.oilContinuous);
}

/** Whether something is usually kept until the next evening: a day, at the short end. */
export const keepsOvernight = (keeping: Keeping | undefined): boolean =>
  keeping !== undefined && keeping.low >= 1 && !keeping.garlicInOil;
