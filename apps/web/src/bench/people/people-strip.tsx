import type { EaterView } from '@alterum/contract';
import { type EaterVerdict, type VerdictOrNone, whoCanEat } from '@alterum/core';
import { Ban, Check, CircleDashed, CircleHelp } from 'lucide-react';
import { memo, useDeferredValue, useMemo } from 'react';
import { Link } from 'react-router';
import { PopoverOnDemand } from '../../ui/on-demand';
import { useBenchPart, useFormula } from '../../open-formula/bench-store';
import { needText } from '../../household/need-text';
import { verdictWords } from '../../words/verdict-words';
import { portionOf } from '../../household/portion';
import { part } from '../../ui/part';

import { SpokenChanges } from './spoken-changes';

const Reasons = part(() => import('../../who-can-eat/reasons'), <p>Looking …</p>);

function VerdictMark({ verdict }: { readonly verdict: VerdictOrNone }) {
  const size = 24;
  if (verdict === 'none') return <CircleDashed size={size} className="shrink-0 text-soft" aria-hidden />;
  if (verdict === 'fits')
    return (
      <Check
        size={size}
        strokeWidth={3}
        className="shrink-0 rounded-full border-2 border-yes p-0.5 text-yes"
        aria-hidden
      />
    );
  if (verdict === 'ask')
    return <CircleHelp size={size} strokeWidth={2.5} className="shrink-0 text-ask" aria-hidden />;
  return <Ban size={size} strokeWidth={3} className="shrink-0 text-no" aria-hidden />;
}

const verdictEdge: Readonly<Record<VerdictOrNone, string>> = {
  none: 'border-hair',
  fits: 'border-hair',
  ask: 'border-dashed border-ask',
  'does-not': 'border-no',
};
const verdictInk: Readonly<Record<VerdictOrNone, string>> = {
  none: 'text-soft',
  fits: 'text-soft',
  ask: 'text-ask font-semibold',
  'does-not': 'text-no font-semibold',
};

interface PersonProps {
  readonly eater: EaterView;
  readonly result: EaterVerdict;
}

const Person = memo(function Person({ eater, result }: PersonProps) {
  const first = result.findings[0];
  const reason = first ? first.reason : verdictWords[result.verdict];
  const more = result.findings.length - 1;
  const needs = eater.needs.map(needText).join(', ') || 'no needs entered';
  const trigger = (
    <button
      type="button"
      data-testid={`person-${eater.name}`}
      data-verdict={result.verdict}
      className={`plate flex min-w-0 flex-1 basis-52 max-sm:basis-full xl:basis-36 items-center gap-2 border-2 px-2 py-1 text-left ${verdictEdge[result.verdict]}`}
      aria-label={`${eater.name}: ${verdictWords[result.verdict]}. ${reason}`}
    >
      <VerdictMark verdict={result.verdict} />
      <span className="min-w-0 flex-1 leading-tight">
        <span className="block wrap-anywhere xl:truncate" title={needs}>
          <span className="font-display text-[15px] font-bold">{eater.name}</span>{' '}
          <span className="text-[13px] text-soft">{needs}</span>
        </span>
        <span className={`block text-[13px] leading-4 wrap-anywhere ${verdictInk[result.verdict]}`}>
          {result.verdict === 'does-not' && 'cannot: '}
          {reason}
          {more > 0 && ` and ${more} more`}
        </span>
      </span>
    </button>
  );
  return (
    <PopoverOnDemand
      trigger={trigger}
      label={`${eater.name} and this formula`}
      content={() => <Reasons eater={eater} result={result} />}
    />
  );
});

/** Everybody who eats tonight: fits, ask or cannot, with the line and the reason. */
export const PeopleStrip = memo(function PeopleStrip({ eaters }: { readonly eaters: readonly EaterView[] }) {
  const formula = useDeferredValue(useFormula());
  const outcome = useDeferredValue(useBenchPart((bench) => bench.outcome));
  const tonight = useMemo(() => eaters.filter((eater) => eater.eatsTonight), [eaters]);
  const results = useMemo(() => {
    const portion = portionOf(formula, outcome);
    return tonight.map((eater) => whoCanEat(eater, portion));
  }, [tonight, formula, outcome]);
  if (tonight.length === 0)
    return (
      <p className="plate px-3 py-2">
        Nobody is at the table tonight.{' '}
        <Link className="font-semibold text-rim underline" to="/table">
          Say who eats and what they must avoid
        </Link>{' '}
        and every formula is checked against it.
      </p>
    );
  return (
    <section aria-label="Who can eat" className="flex flex-wrap gap-2">
      {tonight.map((eater, i) => {
        const result = results[i];
        return result && <Person key={eater.id} eater={eater} result={result} />;
      })}
      <SpokenChanges eaters={tonight} results={results} />
    </section>
  );
});
