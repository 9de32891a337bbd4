import type { Times } from './cooking-store';
import { LONG_BEFORE, type ShownTask } from './evening-plan';

/** Whether anybody says what has begun and ended: then what is not said has not. */
export const isSaid = ({ begun, done }: Times): boolean => Object.keys({ ...begun, ...done }).length > 0;

/**
 * What is taken to have begun and ended as it was planned, though nobody said so: what was begun long ago; and of the evening, as long
 * as nothing at all is said, what should have by now, or by as much earlier as it is late.
 * @param late min that everything is behind the plan
 */
export function takenAsPlanned(
  tasks: readonly Pick<ShownTask, 'id' | 'start' | 'end'>[],
  said: Times,
  now: number,
  late: number,
): Times {
  const begun: Record<string, number> = {},
    done: Record<string, number> = {};
  const literal = isSaid(said);
  for (const { id, start, end } of tasks) {
    if (id in said.begun || id in said.done) continue;
    const long = start < now - LONG_BEFORE;
    if (literal && !long) continue;
    const behind = long ? 0 : late;
    if (end + behind <= now) done[id] = end + behind;
    else if (start + behind <= now) begun[id] = start + behind;
  }
  return { begun, done };
}
