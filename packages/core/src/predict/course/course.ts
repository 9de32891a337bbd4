import { bladeOf, type BladeRun } from '../../recipe/method/blade.js';
import { methodOfProcess, processOfMethod } from '../../recipe/method/flat-process.js';
import { amountOf, choiceOf, type Method } from '../../recipe/method/operation.js';
import type { ChoiceOf } from '../../recipe/method/operation-field.js';
import type { Process, Recipe } from '../../recipe/recipe.js';
import { type Entry, entriesOf } from './entry.js';
import { evaporationRate } from './evaporation.js';
import type { HeatHistory } from '../starch/gelatinize.js';
import { type HeatCourse, heatCourse } from './heat-course.js';

/** A blade that runs at an operation. */
export interface Blade extends BladeRun {
  readonly at: number;
}

/** What something meets that goes in at one place. */
export interface Met {
  readonly heat: HeatHistory;
  readonly aromaMinutes: number;
}

/** A cloth or a sieve that the pot goes through. */
export interface Strain {
  readonly at: number;
  readonly through: ChoiceOf<'through'>;
}

/** What happens in the pot, first to last, whatever its temperature is looked at. */
export interface Course {
  readonly method: Method;
  /** The same in the flat words of what reads only those. */
  readonly process: Process;
  readonly entries: readonly Entry[];
  readonly heat: HeatCourse;
  readonly blades: readonly Blade[];
  readonly strains: readonly Strain[];
  /** Heat and min near the boil by the place at which something goes in, once they have been worked out. */
  readonly met: Map<number, Met>;
}

/** The part of a course that only the method decides. */
type Fixed = Omit<Course, 'entries'>;
const known = new WeakMap<object, Fixed>();

function fixedOf(method: Method, process: Process): Fixed {
  return {
    method,
    process,
    heat: heatCourse(method),
    met: new Map(),
    blades: method.flatMap((operation, at) => {
      const run = bladeOf(operation);
      return run ? [{ ...run, at }] : [];
    }),
    strains: method.flatMap((operation, at) =>
      operation.kind === 'strain' ? [{ at, through: choiceOf(operation, 'through') ?? 'squeezed' }] : [],
    ),
  };
}

/** The course of a recipe: its method, or what its flat process always meant. */
export function courseOf({ lines, process, method }: Pick<Recipe, 'lines' | 'process' | 'method'>): Course {
  const key = method ?? process;
  let fixed = known.get(key);
  if (!fixed) {
    fixed = method ? fixedOf(method, processOfMethod(method)) : fixedOf(methodOfProcess(process), process);
    known.set(key, fixed);
  }
  return { ...fixed, entries: entriesOf(lines, fixed.method) };
}

/**
 * Water that is to leave the pot while it cooks, g: what is stated, what a pan loses in its minutes, or what is above the
 * mass it is boiled down to.
 * @param massG of the pot before
 */
export function waterToLeave({ method }: Pick<Course, 'method'>, massG: number): number {
  let gone = 0;
  for (const operation of method) {
    if (operation.kind === 'heat') gone += amountOf(operation, 'lossG');
    if (operation.kind !== 'boil-down') continue;
    if (operation.toG !== undefined) gone += Math.max(massG - gone - operation.toG, 0);
    else
      gone +=
        amountOf(operation, 'minutes') *
        evaporationRate({
          panCm: amountOf(operation, 'panCm'),
          vigour: choiceOf(operation, 'vigour') ?? 'simmer',
          lid: choiceOf(operation, 'lid') ?? 'open',
        });
  }
  return gone;
}
