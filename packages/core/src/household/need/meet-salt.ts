import type { Portion } from '../portion/portion.js';
import type { Finding } from '../verdict.js';
import type { Need } from './need.js';

export const wholePortion = {
  chain: ['the whole portion'],
  wouldChange: 'less of it, or smaller portions',
} as const;

const gramsText = (g: number): string => `${g.toFixed(1)} g`;

/** The salt of a whole portion against a limit. @param over what is said when it is certainly over */
export function meetSalt(
  { salt }: Portion,
  need: Need,
  limitG: number,
  over: Finding['verdict'],
): Finding | undefined {
  const limit = gramsText(limitG);
  const found = (verdict: Finding['verdict'], reason: string): Finding => ({
    verdict,
    need,
    reason,
    ...wholePortion,
  });
  if (salt && salt.mid > limitG) return found(over, `${gramsText(salt.mid)} salt a portion; limit ${limit}`);
  if (!salt || salt.partly) return found('ask', `salt a portion is not known; the limit is ${limit}`);
  if (salt.high > limitG)
    return found('ask', `about ${gramsText(salt.mid)} salt a portion, close to the limit of ${limit}`);
  return undefined;
}
