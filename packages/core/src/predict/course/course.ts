import { bladeOf, type BladeRun } from '../../recipe/method/blade.js';
import { methodOfProcess, processOfMethod } from '../../recipe/method/flat-process.js';
import {
  amountOf,
  choiceOf,
  figureOf,
  type Method,
  minutesOf,
  type Operation,
} from '../../recipe/method/operation.js';
import type { ChoiceOf } from '../../recipe/method/operation-field.js';
import type { Process, Recipe } from '../../recipe/recipe.js';
import { type Entry, entriesOf } from './entry.js';
import { evaporationRate, type Thickening, thickShare } from './evaporation.js';
import { evaporation } from './evaporation.params.js';
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

/** A cloth or a sieve that the pot goes through, or a standing after which one layer is poured off. */
export type Separation =
  | { readonly at: number; readonly by: 'strain'; readonly through: ChoiceOf<'through'> }
  | { readonly at: number; readonly by: 'settle'; readonly minutes: number; readonly keep: ChoiceOf<'keep'> };

function separationOf(operation: Operation, at: number): readonly Separation[] {
  if (operation.kind === 'strain')
    return [{ at, by: 'strain', through: choiceOf(operation, 'through') ?? 'squeezed' }];
  if (operation.kind !== 'settle') return [];
  const minutes = amountOf(operation, 'minutes');
  return minutes > 0 ? [{ at, by: 'settle', minutes, keep: choiceOf(operation, 'keep') ?? 'bottom' }] : [];
}

/** What happens in the pot, first to last, whatever its temperature is looked at. */
export interface Course {
  readonly method: Method;
  /** The same in the flat words of what reads only those. */
  readonly process: Process;
  readonly entries: readonly Entry[];
  readonly heat: HeatCourse;
  readonly blades: readonly Blade[];
  readonly separations: readonly Separation[];
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
    separations: method.flatMap(separationOf),
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

/** How warm the pot was when a blade last ran in it, and the hottest it was afterwards, °C; undefined where none ran. */
export function lastWorked({
  blades,
  heat: { before, steps },
}: Pick<Course, 'blades' | 'heat'>): { readonly atC: number; readonly thenC: number } | undefined {
  const last = blades.at(-1);
  if (!last) return undefined;
  const atC = before[last.at] ?? 0;
  return {
    atC,
    thenC: steps.reduce(
      (most, { at, temperatureC }) => (at > last.at ? Math.max(most, temperatureC) : most),
      atC,
    ),
  };
}

/** Water that is to leave, g, and its standard deviation. */
export interface Leaving {
  readonly g: number;
  readonly sd: number;
}

/** Width of a range of equal chances against its standard deviation. */
const SPAN = Math.sqrt(12);

/** What a pan loses in the minutes of an operation. */
function lostInPan(operation: Operation, thick: number): Leaving {
  const testLossG = figureOf(operation, 'testLossG'),
    { least, middle, most } = minutesOf(operation) ?? { least: 0, middle: 0, most: 0 };
  const rate = evaporationRate({
    panCm: amountOf(operation, 'panCm'),
    vigour: choiceOf(operation, 'vigour') ?? 'simmer',
    lid: choiceOf(operation, 'lid') ?? 'open',
    plate: choiceOf(operation, 'plate') ?? 'medium',
    testLossG,
  });
  const cv = testLossG === undefined ? evaporation.fluxCv : evaporation.testedCv;
  const g = middle * rate * thick;
  return { g, sd: Math.hypot(g * cv, ((most - least) / SPAN) * rate * thick) };
}

/**
 * Water that is to leave the pot while it cooks, g: what is stated, what a pan loses in its minutes, or what is above the
 * mass it is boiled down to.
 * @param massG of the pot before   @param pot what makes it thick
 */
export function waterToLeave({ method }: Pick<Course, 'method'>, massG: number, pot: Thickening): Leaving {
  let g = 0,
    sd = 0;
  for (const operation of method) {
    if (operation.kind === 'heat') g += amountOf(operation, 'lossG');
    if (operation.kind !== 'boil-down') continue;
    if (operation.toG !== undefined) {
      // Weighed on the stove: whatever was unsure before is not any more.
      g += Math.max(massG - g - operation.toG, 0);
      sd = 0;
      continue;
    }
    const lost = lostInPan(operation, thickShare(pot));
    g += lost.g;
    sd = Math.hypot(sd, lost.sd);
  }
  return { g, sd };
}
