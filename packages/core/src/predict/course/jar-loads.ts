import { bladeOf } from '../../recipe/method/blade.js';
import type { ChoiceOf } from '../../recipe/method/operation-field.js';
import { choiceOf, type Operation } from '../../recipe/method/operation.js';
import { jarFill, type ToolRow, toolRows } from '../../recipe/method/tool.params.js';
import type { Mixture } from '../mixture/mixture.js';
import type { Course } from './course.js';

/** A blade in a jar that a pot goes through. */
export interface JarLoads {
  /** Place of the operation in the method. */
  readonly at: number;
  /** mL that go through it, and mL of one load. */
  readonly volumeMl: number;
  readonly loadMl: number;
  readonly loads: number;
  readonly hot: boolean;
}

/** The tool of an operation: the one that was named, or the one nearest to a bare power; undefined where none runs. */
export function toolOf(operation: Operation): ToolRow | undefined {
  if (!bladeOf(operation)) return undefined;
  const { power } = operation;
  if (power === undefined) return toolRows[choiceOf(operation, 'tool') ?? 'jug'];
  const tools: readonly ChoiceOf<'tool'>[] = ['stick', 'jug', 'small-cup', 'strong-jug'];
  return tools
    .map((tool): ToolRow => toolRows[tool])
    .reduce((best, row) => (Math.abs(row.power - power) < Math.abs(best.power - power) ? row : best));
}

/** How many loads each jar takes of what is in the pot by then. @source kitchen physics 12 */
export function jarLoads(
  { method, heat }: Pick<Course, 'method' | 'heat'>,
  mix: Mixture,
): readonly JarLoads[] {
  const perGram = mix.mass > 0 ? mix.volume / mix.mass : 1;
  return method.flatMap((operation, at): JarLoads[] => {
    const jar = toolOf(operation)?.jarMl;
    if (jar === undefined) return [];
    const hot = (heat.before[at] ?? 0) > jarFill.hotFromC;
    const inside = mix.fates.reduce((all, { entered, arrivedG }) => (entered < at ? all + arrivedG : all), 0);
    const volumeMl = inside * perGram,
      loadMl = jar * (hot ? jarFill.hot : jarFill.cold);
    return [{ at, volumeMl, loadMl, loads: Math.max(1, Math.ceil(volumeMl / loadMl - 1e-9)), hot }];
  });
}
