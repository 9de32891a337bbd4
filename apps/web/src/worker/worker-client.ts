import type { FromWorker, Job, Results, ToWorker } from './job';

interface Waiting {
  readonly progress: (done: number) => void;
  readonly resolve: (result: Results[Job['kind']]) => void;
  readonly reject: (error: Error) => void;
}

export interface Work<T> {
  readonly result: Promise<T>;
  /** Asks the worker to end with the best it has. */
  readonly stop: () => void;
}

let worker: Worker | undefined;
let next = 1;
const waiting = new Map<number, Waiting>();

function theWorker(): Worker {
  if (worker) return worker;
  worker = new Worker(new URL('./work.worker.ts', import.meta.url), { type: 'module', name: 'alterum-work' });
  worker.onmessage = ({ data }: MessageEvent<FromWorker>) => {
    const asked = waiting.get(data.id);
    if (!asked) return;
    if ('done' in data) return asked.progress(data.done);
    waiting.delete(data.id);
    if ('result' in data) asked.resolve(data.result);
    else asked.reject(new Error(data.failure));
  };
  worker.onerror = () => {
    for (const { reject } of waiting.values())
      reject(new Error('The computation broke off. Nothing in the pot was changed; try it again.'));
    waiting.clear();
    worker = undefined;
  };
  return worker;
}

/** Starts the worker before it is needed, so that the first answer does not wait for it. */
export const warmUp = (): void => void theWorker();

/** Gives the worker a job. */
export function startWork<K extends Job['kind']>(
  job: Extract<Job, { kind: K }>,
  progress: (done: number) => void = () => undefined,
): Work<Results[K]> {
  const id = next++,
    post = (message: ToWorker) => theWorker().postMessage(message);
  const result = new Promise<Results[K]>((resolve, reject) => {
    waiting.set(id, { progress, resolve: resolve as Waiting['resolve'], reject });
  });
  post({ id, job });
  return { result, stop: () => post({ id, stop: true }) };
}
