import type { EaterView } from '@alterum/contract';
import type { EaterVerdict, Verdict } from '@alterum/core';
import { lazy, Suspense } from 'react';
import { PopoverOnDemand } from '../ui/on-demand';

const Reasons = lazy(() => import('../bench/reasons'));

export const verdictMarks: Readonly<
  Record<Verdict, { readonly sign: string; readonly word: string; readonly ink: string }>
> = {
  fits: { sign: '✓', word: 'nothing found', ink: 'text-yes' },
  ask: { sign: '?', word: 'ask', ink: 'text-ask' },
  'does-not': { sign: '✕', word: 'cannot', ink: 'text-no' },
};

/** One verdict; pressing it shows the reasons. */
export function VerdictCell({ eater, result }: { readonly eater: EaterView; readonly result: EaterVerdict }) {
  const mark = verdictMarks[result.verdict];
  return (
    <PopoverOnDemand
      label={`${eater.name} and this formula`}
      trigger={
        <button
          type="button"
          className={`tap-coarse min-h-8 w-full rounded-md px-1.5 font-semibold hover:bg-dip ${mark.ink}`}
          data-verdict={result.verdict}
        >
          <span aria-hidden>{mark.sign}</span> {mark.word}
        </button>
      }
      content={() => (
        <Suspense fallback={<p>Looking …</p>}>
          <Reasons eater={eater} result={result} />
        </Suspense>
      )}
    />
  );
}
