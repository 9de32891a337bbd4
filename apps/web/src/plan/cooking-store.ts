import type { CookingSaid, CookingView } from '@alterum/contract';
import { cookingAfter, nothingCooked } from '@alterum/contract/convert';
import type { Progress } from '@alterum/core';
import { createStore, useStore } from 'zustand';
import { createJSONStorage, persist } from 'zustand/middleware';
import { sayFailure, useNotices } from '../notices/notices';
import { api, isRefused, whyNot } from '../server/api';

/** min of the plan at which tasks began and ended, by their ids. */
export interface Times {
  readonly begun: Readonly<Record<string, number>>;
  readonly done: Readonly<Record<string, number>>;
}

/** How far the evening is. */
export type Cooking = CookingView;

type Said = Readonly<CookingSaid>;

interface Kept {
  readonly cooking: Cooking;
  /** What was said and is not on the server yet, in its order. */
  readonly unsaid: readonly Said[];
  /** Why it is not. */
  readonly away?: string | undefined;
}

const store = createStore<Kept>()(
  persist((): Kept => ({ cooking: nothingCooked(''), unsaid: [] }), {
    name: 'alterum-cooking',
    storage: createJSONStorage(() => localStorage),
    version: 2,
    // How far an evening was in a form that no server knew is of an evening gone by.
    migrate: () => ({ cooking: nothingCooked(''), unsaid: [] }),
  }),
);

let sending = false;

/** Sends what is unsaid, one after the other; without a server it waits here, through a reload too. */
export async function sendCooking(): Promise<void> {
  if (sending) return;
  sending = true;
  try {
    for (let next = store.getState().unsaid[0]; next; next = store.getState().unsaid[0]) {
      let answer: Cooking | undefined;
      try {
        answer = await api.sayCooking(next);
      } catch (error) {
        if (!isRefused(error)) throw error;
        sayFailure(error);
        answer = await api.cooking();
      }
      const unsaid = store.getState().unsaid.slice(1);
      store.setState({ unsaid, ...(unsaid.length === 0 ? { cooking: answer } : {}) });
    }
    store.setState({ away: undefined });
  } catch (error) {
    store.setState({ away: whyNot(error) });
  } finally {
    sending = false;
  }
}

/** Takes over what was said on other devices; what is said here comes first. */
export async function pullCooking(): Promise<void> {
  if (store.getState().unsaid.length > 0) return sendCooking();
  try {
    const cooking = await api.cooking();
    const { unsaid, cooking: here } = store.getState();
    if (unsaid.length === 0 && JSON.stringify(cooking) !== JSON.stringify(here)) store.setState({ cooking });
    if (store.getState().away !== undefined) store.setState({ away: undefined });
  } catch (error) {
    store.setState({ away: whyNot(error) });
  }
}

function say(said: Said): void {
  store.setState(({ cooking, unsaid }) => ({
    cooking: cookingAfter(cooking, said),
    unsaid: [...unsaid, said],
  }));
  void sendCooking();
}

/** What is pressed while an evening is cooked. */
export const cookingDoes = {
  begin: (day: string, id: string, now: number): void => say({ day, begun: [{ id, at: now }] }),
  end: (day: string, id: string, now: number): void => say({ day, done: [{ id, at: now }] }),
  /** Takes back the last that was said of a task: done, then begun. */
  takeBack: (day: string, id: string): void => {
    const { done } = cookingOf(day);
    say({ day, [id in done ? 'done' : 'begun']: [{ id, at: null }] });
  },
  /** Puts a task to a time; undefined leaves it to the plan again. */
  pin: (day: string, id: string, at: number | undefined): void =>
    say({ day, pinned: [{ id, at: at ?? null }] }),
  /** Gives a task to somebody; undefined is whoever is free. */
  give: (day: string, id: string, cook: string | undefined): void =>
    say({ day, by: [{ id, cook: cook ?? null }] }),
  /** @param taken what is taken to have begun and ended as it was planned, though nobody said so */
  planFrom: (day: string, minute: number, taken: Times): void => {
    const { begun, done } = cookingOf(day);
    const unless = (times: Times['begun'], said: Times['begun']) =>
      Object.entries(times).flatMap(([id, at]) => (id in said ? [] : [{ id, at }]));
    say({ day, from: minute, begun: unless(taken.begun, begun), done: unless(taken.done, done) });
  },
  /** Nothing has begun; who does what, and what was put to a time, stays. One press brings back what was said. */
  anew: (day: string): void => {
    const { pinned, by, begun, done, from } = cookingOf(day);
    const said = (times: Times['begun']) => Object.entries(times).map(([id, at]) => ({ id, at }));
    useNotices.getState().show('Nothing is said to have begun any more.', {
      label: 'Undo',
      undo: true,
      run: () => say({ day, begun: said(begun), done: said(done), ...(from === null ? {} : { from }) }),
    });
    say({
      day,
      anew: true,
      pinned: Object.entries(pinned).map(([id, at]) => ({ id, at })),
      by: Object.entries(by).map(([id, cook]) => ({ id, cook })),
    });
  },
};

/** An evening of which nothing was said: the same thing for the same day, so that nothing is drawn anew. */
const none = new Map<string, Cooking>();
function nothingOf(day: string): Cooking {
  const known = none.get(day) ?? nothingCooked(day);
  none.set(day, known);
  return known;
}
/** Of one day alone. */
const ofDay = (cooking: Cooking, day: string): Cooking => (cooking.day === day ? cooking : nothingOf(day));
const cookingOf = (day: string): Cooking => ofDay(store.getState().cooking, day);

export const useCooking = (day: string): Cooking => useStore(store, ({ cooking }) => ofDay(cooking, day));

/** Why what was said is in this browser alone; undefined where it is kept. */
export const useCookingUnkept = (): string | undefined =>
  useStore(store, ({ unsaid, away }) => (unsaid.length > 0 ? away : undefined));

/** Where the evening stood when the rest of it was planned; absent while the first plan is followed and nothing is put to a time. */
export function progressOf({ from, begun, done, pinned }: Cooking): Progress | undefined {
  if (from === null && Object.keys(pinned).length === 0) return undefined;
  const now = from ?? 0;
  const until = (times: Times['begun']): ReadonlyMap<string, number> =>
    new Map(Object.entries(times).filter(([, minute]) => minute <= now));
  const over = until(done),
    going = new Map([...until(begun)].filter(([id]) => !over.has(id)));
  return {
    now,
    done: over,
    begun: going,
    pinned: new Map(Object.entries(pinned).filter(([id]) => !over.has(id) && !going.has(id))),
  };
}
