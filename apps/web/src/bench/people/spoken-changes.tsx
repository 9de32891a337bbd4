import type { EaterView } from '@alterum/contract';
import { type EaterVerdict, familyNames } from '@alterum/core';
import { useEffect, useRef, useState } from 'react';
import { useBench } from '../../open-formula/bench-store';
import { verdictWords } from '../../words/verdict-words';

type Bench = NonNullable<ReturnType<typeof useBench.getState>['bench']>;

/** What somebody who listens is told of a change: an undo, another kind, a proposal that was taken; nothing of single amounts, which their field says. */
export function changeSpoken(before: Bench, now: Bench): string | undefined {
  if (before.id !== now.id || before.history === now.history) return undefined;
  const [was, is] = [before.history, now.history];
  if (is.undone.length > was.undone.length) return 'Undone.';
  if (is.undone.length < was.undone.length && is.done.length > was.done.length && is.undone.length > 0)
    return 'Done again.';
  const last = is.done.at(-1)?.step;
  const kind =
    was.formula.family === is.formula.family ? '' : `It is a ${familyNames[is.formula.family]} now.`;
  if (kind !== '') return kind;
  return last?.step === 'several' && last.steps.length > 1 && is.done.length > was.done.length
    ? `${last.steps.length} changes are taken.`
    : undefined;
}

/** Whose verdict has turned, in a sentence each. */
export function turnedSpoken(
  eaters: readonly EaterView[],
  before: readonly EaterVerdict[],
  now: readonly EaterVerdict[],
): string {
  return eaters
    .flatMap(({ name }, i) => {
      const result = now[i];
      if (!result || !before[i] || before[i].verdict === result.verdict) return [];
      const [finding] = result.findings;
      return [`${name}: ${verdictWords[result.verdict]}${finding ? `, ${finding.reason}` : ''}.`];
    })
    .join(' ');
}

interface SpokenProps {
  readonly eaters: readonly EaterView[];
  readonly results: readonly EaterVerdict[];
}

/** Says once what a look would see at once: what was undone or taken, and whose verdict has turned by it. */
export function SpokenChanges({ eaters, results }: SpokenProps) {
  const [change, setChange] = useState(''),
    [turned, setTurned] = useState('');
  const last = useRef(results);
  useEffect(
    () =>
      useBench.subscribe(({ bench: now }, { bench: before }) => {
        const said = now && before && changeSpoken(before, now);
        if (said !== undefined) setChange(said);
        else if (now?.history !== before?.history) setChange('');
      }),
    [],
  );
  useEffect(() => {
    if (last.current === results) return;
    const said = last.current.length === results.length ? turnedSpoken(eaters, last.current, results) : '';
    last.current = results;
    setTurned(said);
  }, [eaters, results]);
  return (
    <p aria-live="polite" className="sr-only" data-testid="spoken">
      {change} {turned}
    </p>
  );
}
