import { invalidInput } from './failure.js';

/** Refuses one more where there are as many as a kitchen can have. */
export function refuseBeyond(most: number, there: number, what: string): void {
  if (there < most) return;
  throw invalidInput([
    {
      field: '',
      message: `There are ${there} ${what} already, and ${most} are the most. Put some away first.`,
    },
  ]);
}
