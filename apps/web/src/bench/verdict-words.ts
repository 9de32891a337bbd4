import type { Verdict } from '@alterum/core';

export const verdictWords: Readonly<Record<Verdict, string>> = {
  fits: 'nothing found against it',
  ask: 'ask',
  'does-not': 'cannot eat',
};
