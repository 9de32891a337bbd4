import { type PerWhat, perWhats, sensitivitiesOf, type Rail, mostSensitive } from '@alterum/core';
import { ArrowDown, ArrowUp } from 'lucide-react';
import { useMemo, useState } from 'react';
import { useOutcome } from '../../open-formula/bench-store';
import { figure } from '../../words/number-text';

const LISTED = 5;
const byNames: Readonly<Record<PerWhat, string>> = { gram: 'by the gram', coin: 'by the coin' };

function digitsOf(value: number): number {
  const size = Math.abs(value);
  return size >= 100 ? 0 : size >= 10 ? 1 : size >= 0.1 ? 2 : 3;
}

/** Which line moves this property most, so that a cook who balances by hand knows where to pull. */
export function Sensitivities({ rail }: { readonly rail: Rail }) {
  const assessed = useOutcome();
  const [by, setBy] = useState<PerWhat>('gram');
  const pulls = useMemo(() => sensitivitiesOf(rail.id, assessed), [rail, assessed]);
  const listed = mostSensitive(pulls, by, LISTED);
  if (listed.length === 0) return null;
  return (
    <section aria-label={`What moves ${rail.name.toLowerCase()} most`} className="text-sm">
      <div className="flex items-baseline justify-between gap-2">
        <h3 className="text-base">Where to pull</h3>
        <div role="radiogroup" aria-label="Ranked" className="flex gap-1">
          {perWhats.map((kind) => (
            <button
              key={kind}
              type="button"
              role="radio"
              aria-checked={by === kind}
              onClick={() => setBy(kind)}
              className={`tap-coarse rounded-md px-1.5 text-[13px] ${by === kind ? 'bg-dip font-bold' : 'text-soft'}`}
            >
              {byNames[kind]}
            </button>
          ))}
        </div>
      </div>
      <ol className="mt-1 space-y-0.5" data-testid="pulls">
        {listed.map((pull) => {
          const value = (by === 'gram' ? pull.perGram : pull.perCoin) ?? 0;
          const Arrow = value >= 0 ? ArrowUp : ArrowDown;
          return (
            <li key={pull.line} className="flex items-center gap-1.5">
              <Arrow size={15} aria-hidden className={value >= 0 ? 'text-yes' : 'text-no'} />
              <span className="min-w-0 flex-1 truncate">
                {assessed.recipe.lines[pull.line]?.ingredient.name}
              </span>
              <span className="whitespace-nowrap">
                {value >= 0 ? '+' : '−'}
                {figure(Math.abs(value), digitsOf(value))} {rail.unit}{' '}
                <span className="text-soft">a {by}</span>
              </span>
            </li>
          );
        })}
      </ol>
    </section>
  );
}
