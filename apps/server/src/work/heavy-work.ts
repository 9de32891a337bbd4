import { resolve } from 'node:path';
import { Injectable, type OnApplicationShutdown } from '@nestjs/common';
import { Piscina } from 'piscina';
import { Failure } from '../platform/failure.js';
import type { HeavyJobs } from './heavy.worker.js';
import { IDLE_MS, LIMIT_MS, MOST_WAITING, THREADS } from './work.params.js';

/** Without a build, as in tests, a thread reads the sources as this one does. */
const asSource = __filename.endsWith('.ts')
  ? {
      filename: resolve(__dirname, 'heavy.worker.ts'),
      execArgv: ['-C', '@alterum/source', '-r', resolve(__dirname, '../../../../scripts/swc-hook.cjs')],
    }
  : { filename: resolve(__dirname, 'heavy.worker.js') };

const TOO_MANY =
  'Nothing was changed. The kitchen is busy with other long work just now; ask again in a moment.';
const TOO_LONG =
  'Nothing was changed. This took longer than a kitchen waits, so it was given up; try a shorter text, or ask again when less is going on.';

/** Work that would hold up everybody else: it runs in threads of its own, for a limited time, and is refused when too much of it waits. */
@Injectable()
export class HeavyWork implements OnApplicationShutdown {
  private readonly pool = new Piscina({
    ...asSource,
    minThreads: 0,
    maxThreads: THREADS,
    idleTimeout: IDLE_MS,
  });

  /** Pieces of work that run or wait. Counted here: the pool’s own limit does not hold once its threads are up. */
  private underWay = 0;

  /** @throws Failure "busy" when too much waits or it takes too long; whatever the work itself throws */
  async run<Name extends keyof HeavyJobs>(
    name: Name,
    input: Parameters<HeavyJobs[Name]>[0],
    limitMs: number = LIMIT_MS[name],
  ): Promise<ReturnType<HeavyJobs[Name]>> {
    if (this.underWay >= THREADS + MOST_WAITING) throw new Failure('busy', TOO_MANY);
    const limit = AbortSignal.timeout(limitMs);
    this.underWay += 1;
    try {
      return (await this.pool.run({ name, input }, { signal: limit })) as ReturnType<HeavyJobs[Name]>;
    } catch (error) {
      if (limit.aborted) throw new Failure('busy', TOO_LONG);
      throw error;
    } finally {
      this.underWay -= 1;
    }
  }

  async onApplicationShutdown(): Promise<void> {
    await this.pool.destroy();
  }
}
