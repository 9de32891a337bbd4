import type { CookingSaid } from './cooking.body.js';
import type { CookingView } from './cooking.view.js';

/** An evening of which nothing was said. */
export const nothingCooked = (day: string): CookingView => ({
  day,
  begun: {},
  done: {},
  pinned: {},
  by: {},
  from: null,
  round: 0,
});

/** What stands after something more was said by task; null takes one back. */
function after<T>(
  stands: Readonly<Record<string, T>>,
  said: readonly (readonly [id: string, value: T | null])[],
): Readonly<Record<string, T>> {
  const next = new Map(Object.entries(stands));
  for (const [id, value] of said)
    if (value === null) next.delete(id);
    else next.set(id, value);
  return Object.fromEntries(next);
}

/** How far an evening is after something more was said of it: the same here as on the server. */
export function cookingAfter(stands: CookingView, said: Readonly<CookingSaid>): CookingView {
  const before = said.anew || stands.day !== said.day ? nothingCooked(said.day) : stands;
  const times = (list: CookingSaid['begun'] = []) => list.map(({ id, at }) => [id, at] as const);
  return {
    day: said.day,
    begun: after(before.begun, times(said.begun)),
    done: after(before.done, times(said.done)),
    pinned: after(before.pinned, times(said.pinned)),
    by: after(
      before.by,
      (said.by ?? []).map(({ id, cook }) => [id, cook] as const),
    ),
    from: said.from ?? before.from,
    round: before.round + (said.from === undefined ? 0 : 1),
  };
}
