import { useState } from 'react';
import { Button } from '../ui/button';
import { tableCautions } from './cautions';

const KEY = 'alterum.cautions-read';

/** The cautions once per household; put away they are one press from being read again, and a print always holds them. */
export function Cautions() {
  const [read, setRead] = useState(() => localStorage.getItem(KEY) === 'table');
  const put = (away: boolean) => {
    if (away) localStorage.setItem(KEY, 'table');
    else localStorage.removeItem(KEY);
    setRead(away);
  };
  if (read)
    return (
      <p className="mt-3">
        <Button look="bare" className="text-soft" onClick={() => put(false)}>
          Read the cautions
        </Button>
      </p>
    );
  return (
    <aside className="mt-3 max-w-3xl text-sm text-soft" aria-label="Cautions">
      {tableCautions.map((caution) => (
        <p key={caution} className="mb-1">
          {caution}
        </p>
      ))}
      <Button onClick={() => put(true)}>Read; put them away</Button>
    </aside>
  );
}
