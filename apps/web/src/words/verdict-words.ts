import type { VerdictOrNone } from '@alterum/core';

export const verdictWords: Readonly<Record<VerdictOrNone, string>> = {
  fits: 'nothing found against it',
  ask: 'ask',
  'does-not': 'cannot eat',
  none: 'nothing is in it yet',
};
