import { useState } from 'react';
import { useRevalidator } from 'react-router';
import { api } from '../app/api';
import { stockInHouse } from '../app/house-larder';
import { sayFailure } from '../app/notices';

/** How much of it is in the house; empty is not known. Balance and swap ask it. */
export function InTheHouse({ id, name }: { readonly id: string; readonly name: string }) {
  const { revalidate } = useRevalidator();
  const known = stockInHouse().get(id);
  const [text, setText] = useState(known === undefined ? '' : String(known));
  const [trouble, setTrouble] = useState('');
  const commit = () => {
    const typed = text.trim().replace(',', '.'),
      grams = Number(typed);
    if (typed === (known === undefined ? '' : String(known))) return;
    if (typed !== '' && !(Number.isFinite(grams) && grams >= 0))
      return setTrouble('Type grams, 0 or more, or leave it empty when you do not know.');
    setTrouble('');
    const said = typed === '' ? api.forgetStock(id) : api.sayStock(id, grams);
    void said.then(() => revalidate()).catch(sayFailure);
  };
  return (
    <div className="mt-2">
      <label className="flex flex-wrap items-center gap-2">
        In the house
        <input
          inputMode="decimal"
          aria-label={`${name} in the house, grams`}
          value={text}
          onChange={(event) => setText(event.target.value)}
          onBlur={commit}
          onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
          className="h-9 w-24 rounded-md border-2 border-hair bg-glaze px-2 text-right font-semibold"
        />
        g <span className="text-sm text-soft">{known === undefined ? 'not known' : ''}</span>
      </label>
      {trouble && (
        <p role="alert" className="text-sm font-semibold text-no">
          {trouble}
        </p>
      )}
    </div>
  );
}
