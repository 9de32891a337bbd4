import type { EaterVerdict } from '@alterum/core';

/** One person’s verdict with the chain of reasons. */
export interface WhoCanEatView extends Pick<EaterVerdict, 'eater' | 'verdict' | 'checked'> {
  readonly name: string;
  readonly reasons: readonly {
    readonly verdict: 'ask' | 'does-not';
    readonly because: string;
    readonly line: string | null;
    readonly ingredient: string | null;
    readonly allergen: string | null;
    readonly chain: readonly string[];
    readonly wouldChange: string;
  }[];
  /** Related foods to ask a clinician about. */
  readonly askTheClinician: readonly string[];
}

export interface WhoCanEatResponse {
  readonly people: readonly WhoCanEatView[];
  /** What was checked and against what; the words for a print. */
  readonly caution: string;
}
