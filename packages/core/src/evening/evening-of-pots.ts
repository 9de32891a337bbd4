import type { Formula } from '../formula/formula.js';
import type { LarderLookup } from '../formula/recipe-of-formula.js';
import type { Evening, Span } from '../plan/task.js';
import { type FormulaTask, tasksOfFormula } from './tasks-of-formula.js';

/** What a kitchen has and when it eats. */
export interface KitchenTonight {
  /** min from midnight of the day before. */
  readonly serveAt: number;
  readonly burners: number;
  readonly ovens: number;
  readonly blenders: number;
  readonly cooks: number;
  /** min that hot things may stand covered, on the lowest heat. */
  readonly keepWarmMin: number;
  /** When somebody is up. */
  readonly awake: readonly Span[];
}

export interface EveningPot {
  readonly id: string;
  readonly formula: Formula;
}

/** An evening of several pots, and its tasks with what they are. */
export interface PlannedPots {
  readonly evening: Evening;
  readonly tasks: readonly FormulaTask[];
}

/**
 * Everything that is to be done for the pots of an evening, in one kitchen.
 * @param formulaOf kept formulas that stand in others as lines
 */
export function eveningOfPots(
  pots: readonly EveningPot[],
  larder: LarderLookup,
  { serveAt, burners, ovens, blenders, cooks, keepWarmMin, awake }: KitchenTonight,
  formulaOf?: (id: string) => Formula | undefined,
): PlannedPots {
  const tasks = pots.flatMap(({ id, formula }) =>
    tasksOfFormula(id, formula, larder, { keepWarmMin, formulaOf }),
  );
  return {
    tasks,
    evening: {
      tasks,
      machines: new Map([
        ['burner', burners],
        ['oven', ovens],
        ['blender', blenders],
      ]),
      cooks: Array.from({ length: cooks }, (_, i) => (cooks === 1 ? 'cook' : `cook ${i + 1}`)),
      serveAt,
      awake,
    },
  };
}
