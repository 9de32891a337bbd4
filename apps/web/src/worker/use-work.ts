import { useEffect, useState } from 'react';
import { createStore, useStore } from 'zustand';
import { sayFailure } from '../notices/notices';
import type { Job, Results } from './job';
import { startWork, type Work } from './worker-client';

interface State<T, B> {
  /** 0..1 while it runs. */
  readonly running: number | undefined;
  readonly result: T | undefined;
  /** What the job was given for; its result holds for nothing else. */
  readonly basis: B | undefined;
}

/** Runs one job at a time of one kind; a new one takes the place of the last. */
function jobRunner<K extends Job['kind'], B>() {
  const store = createStore<State<Results[K], B>>()(() => ({
    running: undefined,
    result: undefined,
    basis: undefined,
  }));
  let current: Work<Results[K]> | undefined;
  const start = (job: Extract<Job, { kind: K }>, basis: B): void => {
    current?.stop();
    store.setState({ running: 0, result: undefined, basis });
    const mine = startWork<K>(job, (done) => current === mine && store.setState({ running: done }));
    current = mine;
    mine.result.then(
      (result) => current === mine && store.setState({ running: undefined, result }),
      (error: unknown) => {
        if (current !== mine) return;
        store.setState({ running: undefined });
        sayFailure(error);
      },
    );
  };
  return {
    store,
    start,
    stop: () => current?.stop(),
    leave: () => {
      current?.stop();
      current = undefined;
    },
  };
}

/** A job of the worker, for as long as what asked for it stands. */
export function useJob<K extends Job['kind'], B>() {
  const [{ store, start, stop, leave }] = useState(() => jobRunner<K, B>());
  useEffect(() => leave, [leave]);
  return { ...useStore(store), start, stop };
}
