import {
  balance,
  ingredientById,
  larderTable,
  type Recipe,
  BESIDE_A_PAGE,
  planningEvening,
  swap,
  tradeMap,
} from '@alterum/core';
import type { FromWorker, Job, Results, ToWorker } from './job';

/** ms of computing between two looks at what has been asked in the meantime. */
const SLICE_MS = 12;

const here = self as unknown as {
  postMessage: (message: FromWorker) => void;
  onmessage: ((event: MessageEvent<ToWorker>) => void) | null;
};
const stopped = new Set<number>();

/** Things of the larder as this thread knows them, so that what is remembered of them is remembered once. */
const athome = (recipe: Recipe): Recipe => ({
  ...recipe,
  lines: recipe.lines.map((line) => ({
    ...line,
    ingredient: ingredientById(line.ingredient.id) ?? line.ingredient,
  })),
});

type Running = Generator<number | { readonly done: number }, Results[Job['kind']]>;

function begin(job: Job, stop: () => boolean): Running {
  // Its effort is counted, so that the same evening gives the same plan, unless it is stopped.
  if (job.kind === 'schedule')
    return planningEvening(job.evening, job.progress, { times: BESIDE_A_PAGE, stop });
  const recipe = athome(job.request.recipe);
  switch (job.kind) {
    case 'balance':
      return balance({ ...job.request, recipe }, job.measuring, { stop });
    case 'swap':
      return swap({ ...job.request, recipe, larder: [...job.own, ...larderTable] }, { stop });
    case 'trade':
      return tradeMap({ ...job.request, recipe }, job.size);
  }
}

const breath = (): Promise<void> => new Promise((resolve) => setTimeout(resolve));

async function run(id: number, job: Job): Promise<void> {
  const running = begin(job, () => stopped.has(id));
  for (;;) {
    const until = performance.now() + SLICE_MS;
    do {
      const turn = running.next();
      if (turn.done) return here.postMessage({ id, result: turn.value });
      if (performance.now() < until) continue;
      here.postMessage({ id, done: typeof turn.value === 'number' ? turn.value : turn.value.done });
      break;
    } while (performance.now() < until);
    await breath();
    if (job.kind === 'trade' && stopped.has(id)) return;
  }
}

here.onmessage = ({ data }) => {
  if ('stop' in data) stopped.add(data.id);
  else
    run(data.id, data.job)
      .catch((error: unknown) =>
        here.postMessage({ id: data.id, failure: error instanceof Error ? error.message : String(error) }),
      )
      .finally(() => stopped.delete(data.id));
};
