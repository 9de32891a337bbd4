import { pungencyIndex } from '../../predict/taste/pungency.js';
import type { Portion } from '../portion/portion.js';
import type { Finding } from '../verdict.js';
import { wholePortion } from './meet-salt.js';
import type { Need } from './need.js';
import { ruleLimits } from './rule.params.js';

/** How pungent a whole portion is: by its sharpest mouthful, or by what builds up over the plate. */
export function meetPungency({ pungency }: Portion, need: Need): Finding | undefined {
  const found = (reason: string): Finding => ({ verdict: 'ask', need, reason, ...wholePortion });
  const { bite, burn, partly } = pungency ?? { bite: 0, burn: 0, partly: true };
  const index = pungencyIndex(Math.max(bite, burn / ruleLimits.burnBuildsUpOverG));
  if (index > ruleLimits.mildPungency) return found(`pungent, ${index.toFixed(1)} of 10`);
  return partly ? found('how pungent it is, is not known') : undefined;
}
