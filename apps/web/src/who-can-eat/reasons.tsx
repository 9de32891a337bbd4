import type { EaterView } from '@alterum/contract';
import { cliniciansQuestions, type EaterVerdict } from '@alterum/core';
import { Replace } from 'lucide-react';
import { Link } from 'react-router';
import { Button } from '../ui/button';
import { verdictWords } from '../words/verdict-words';
import { openWork } from '../open-formula/work-store';

/** One person’s verdict with every reason, the way down to its source, and what would change it. */
export default function Reasons({
  eater,
  result,
}: {
  readonly eater: EaterView;
  readonly result: EaterVerdict;
}) {
  const questions = cliniciansQuestions(eater);
  return (
    <>
      <h3 className="text-base">
        {eater.name}: {verdictWords[result.verdict]}
      </h3>
      <ul className="my-2 space-y-2 text-sm">
        {result.findings.map((finding, i) => (
          <li key={i}>
            <span className={finding.verdict === 'does-not' ? 'text-no' : 'text-ask'}>
              <b>{finding.verdict === 'does-not' ? 'cannot' : 'ask'}:</b> {finding.reason}
            </span>
            <span className="block text-[13px] text-soft">
              {finding.chain.join(' › ')}. Would change with {finding.wouldChange}.
            </span>
          </li>
        ))}
      </ul>
      <p className="text-sm text-soft">
        {result.checked === 0
          ? 'No needs are entered, so nothing was checked.'
          : `${result.checked} ${result.checked === 1 ? 'need was' : 'needs were'} checked against the ingredients’ tables and the labels that were typed in, not against the packs in this kitchen.`}{' '}
        Read the labels; for severe allergies ask a clinician, and the maker about traces.
      </p>
      {result.verdict === 'does-not' && (
        <Button look="yolk" className="mt-2" onClick={() => openWork('swap', undefined, eater.name)}>
          <Replace size={16} aria-hidden /> Find a swap for {eater.name}
        </Button>
      )}
      {questions.length > 0 && (
        <details className="mt-2 text-sm">
          <summary className="cursor-pointer font-semibold">Ask a clinician about</summary>
          <ul className="list-disc pl-5">
            {questions.map((question) => (
              <li key={question}>{question}</li>
            ))}
          </ul>
        </details>
      )}
      <p className="mt-2 text-sm">
        <Link className="font-semibold text-rim underline" to="/table">
          Change the needs at the Table
        </Link>
      </p>
    </>
  );
}
