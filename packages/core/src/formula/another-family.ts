import { briefOfFamily, isUsualFor } from '../brief/brief.js';
import type { Family } from '../brief/family.js';
import type { Formula, Serve } from './formula.js';
import type { FormulaStep } from './step.js';
import { usualServe } from './usual-serve.params.js';

const sameServe = (a: Serve, b: Serve): boolean =>
  a.temperatureC === b.temperatureC && a.storage === b.storage && a.days === b.days;

/** What becomes of a formula that is another kind from now on, and how it is served then where that changes. */
export interface AnotherFamily {
  readonly steps: readonly FormulaStep[];
  readonly served: Serve | undefined;
}

/**
 * Another kind: what was usual for the one before becomes what is usual for this one (what is asked, how it is served; a method that
 * the app writes follows by itself). What the cook set otherwise stays.
 */
export function anotherFamily(
  { family, brief, serve }: Pick<Formula, 'family' | 'brief' | 'serve'>,
  next: Family,
): AnotherFamily {
  const usual = usualServe[next];
  const served = sameServe(serve, usualServe[family]) && !sameServe(serve, usual) ? usual : undefined;
  return {
    served,
    steps: [
      { step: 'set-family', family: next },
      ...(isUsualFor(family, brief) ? [{ step: 'set-brief', brief: briefOfFamily(next) } as const] : []),
      ...(served ? [{ step: 'set-serve', serve: served } as const] : []),
    ],
  };
}
