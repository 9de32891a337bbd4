import type { Process } from '@alterum/core';
import type { ProcessInput } from './process.body.js';

/** A whole process from what was sent, completed from a base. */
export function completeProcess(given: ProcessInput | undefined, base: Process): Process {
  return {
    ...base,
    ...Object.fromEntries(Object.entries(given ?? {}).filter(([, value]) => value !== undefined)),
  };
}
