import type { Progress } from '@alterum/core';
import { createStore, useStore } from 'zustand';
import { createJSONStorage, persist } from 'zustand/middleware';

/** min of the plan at which tasks began and ended, by their ids. */
export interface Times {
  readonly begun: Readonly<Record<string, number>>;
  readonly done: Readonly<Record<string, number>>;
}

/** How far tonight’s cooking is. Kept in this browser: it is of one evening and one kitchen. */
export interface Cooking extends Times {
  /** The day it belongs to, "2026-11-27"; another day begins anew. */
  readonly day: string;
  /** min of the plan from which the rest was planned again; absent as long as the first plan is followed. */
  readonly from?: number;
  /** How often it was planned again: pressed twice within a minute, it is planned twice. */
  readonly round: number;
}

export const dayOf = (now: Date): string =>
  `${now.getFullYear()}-${String(now.getMonth() + 1).padStart(2, '0')}-${String(now.getDate()).padStart(2, '0')}`;

const fresh = (day: string): Cooking => ({ day, round: 0, begun: {}, done: {} });

const store = createStore<Cooking>()(
  persist(() => fresh(dayOf(new Date())), {
    name: 'alterum-cooking',
    storage: createJSONStorage(() => localStorage),
    version: 1,
  }),
);

/** Of today alone. */
const ofToday = (cooking: Cooking): Cooking => {
  const today = dayOf(new Date());
  return cooking.day === today ? cooking : fresh(today);
};

const without = (times: Cooking['begun'], id: string): Cooking['begun'] =>
  Object.fromEntries(Object.entries(times).filter(([one]) => one !== id));

/** What is pressed while cooking. */
export const cookingDoes = {
  begin: (id: string, now: number): void => {
    const cooking = ofToday(store.getState());
    store.setState({ ...cooking, begun: { ...cooking.begun, [id]: now } }, true);
  },
  end: (id: string, now: number): void => {
    const cooking = ofToday(store.getState());
    store.setState({ ...cooking, done: { ...cooking.done, [id]: now } }, true);
  },
  /** Takes back the last that was said of a task: done, then begun. */
  takeBack: (id: string): void => {
    const cooking = ofToday(store.getState());
    store.setState(
      id in cooking.done
        ? { ...cooking, done: without(cooking.done, id) }
        : { ...cooking, begun: without(cooking.begun, id) },
      true,
    );
  },
  /** @param taken what is taken to have begun and ended as it was planned, though nobody said so */
  planFrom: (minute: number, taken: Times): void => {
    const cooking = ofToday(store.getState());
    store.setState(
      {
        ...cooking,
        from: minute,
        round: cooking.round + 1,
        begun: { ...taken.begun, ...cooking.begun },
        done: { ...taken.done, ...cooking.done },
      },
      true,
    );
  },
  anew: (): void => {
    store.setState(fresh(dayOf(new Date())), true);
  },
};

export const useCooking = (): Cooking => ofToday(useStore(store));

/** Where the evening stood when the rest of it was planned; absent while the first plan is followed. */
export function progressOf({ from, begun, done }: Cooking): Progress | undefined {
  if (from === undefined) return undefined;
  const until = (times: Cooking['begun']): ReadonlyMap<string, number> =>
    new Map(Object.entries(times).filter(([, minute]) => minute <= from));
  const over = until(done);
  return {
    now: from,
    done: over,
    begun: new Map([...until(begun)].filter(([id]) => !over.has(id))),
    pinned: new Map(),
  };
}
