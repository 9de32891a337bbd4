import type { EaterView } from '@alterum/contract';
import type { EaterVerdict, VerdictOrNone } from '@alterum/core';

import { PopoverOnDemand } from '../ui/on-demand';
import { part } from '../ui/part';

const Reasons = part(() => import('./reasons'), <p>Looking …</p>);

export const verdictMarks: Readonly<
  Record<VerdictOrNone, { readonly sign: string; readonly word: string; readonly ink: string }>
> = {
  fits: { sign: '✓', word: 'nothing found', ink: 'text-yes' },
  ask: { sign: '?', word: 'ask', ink: 'text-ask' },
  'does-not': { sign: '✕', word: 'cannot', ink: 'text-no' },
  none: { sign: '–', word: 'nothing in it', ink: 'text-soft' },
};

/** One verdict; pressing it shows the reasons. */
export function VerdictCell({ eater, result }: { readonly eater: EaterView; readonly result: EaterVerdict }) {
  const mark = verdictMarks[result.verdict];
  if (result.verdict === 'none') return <span className="px-1.5 text-sm text-soft">{mark.word}</span>;
  return (
    <PopoverOnDemand
      label={`${eater.name} and this formula`}
      trigger={
        <button
          type="button"
          className={`tap-coarse min-h-8 w-full rounded-md px-1.5 font-semibold hover:bg-dip ${mark.ink}`}
          data-verdict={result.verdict}
          aria-label={`${eater.name}: ${mark.word}`}
        >
          <span aria-hidden>{mark.sign}</span> {mark.word}
        </button>
      }
      content={() => <Reasons eater={eater} result={result} />}
    />
  );
}
