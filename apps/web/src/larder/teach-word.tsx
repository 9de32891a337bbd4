import { type AllergenId, isAllergenId } from '@alterum/core';
import { useId, useState } from 'react';
import { api, whyNot } from '../server/api';
import { AllergenOptions } from '../household/allergen-options';
import { useHousehold } from '../household/household-store';
import { Button } from '../ui/button';

interface TeachWordProps {
  readonly word: string;
  /** It was taught; whatever shows labels reads them again. */
  readonly taught: () => void;
}

/** Says what a word of a label means that was not understood. */
export function TeachWord({ word, taught }: TeachWordProps) {
  const law = useHousehold((household) => household.law);
  const [means, setMeans] = useState<'' | 'nothing' | AllergenId>('');
  const [trouble, setTrouble] = useState<string>();
  const note = useId();
  const teach = () => {
    if (means === '')
      return setTrouble('Choose what it is. If you do not know, leave it: it is asked about.');
    api.teachWord(word, means).then(taught, (error: unknown) => setTrouble(whyNot(error)));
  };
  return (
    <span className="flex flex-wrap items-center gap-2">
      <b className="wrap-anywhere text-ask">{word}</b>
      <select
        aria-label={`What “${word}” is`}
        aria-invalid={trouble !== undefined}
        {...(trouble === undefined ? {} : { 'aria-describedby': note })}
        value={means}
        onChange={(event) => {
          const chosen = event.target.value;
          setMeans(chosen === 'nothing' || isAllergenId(chosen) ? chosen : '');
          setTrouble(undefined);
        }}
        className="h-9 max-w-full rounded-lg border-2 border-hair bg-glaze px-2"
      >
        <option value="">what is it?</option>
        <option value="nothing">it holds none of the allergens</option>
        <AllergenOptions law={law} />
      </select>
      <Button onClick={teach}>Teach it</Button>
      {trouble !== undefined && (
        <span id={note} role="alert" className="basis-full text-sm text-no">
          {trouble}
        </span>
      )}
    </span>
  );
}
