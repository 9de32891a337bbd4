import { setImmediate } from 'node:timers/promises';

/** Lets everything else that waits have its turn. The database answers at once, so waiting for it alone gives nobody a turn. */
export const breathe = (): Promise<void> => setImmediate();
