import type { Serve, Storage } from '@alterum/core';
import { take, useBenchPart } from '../../open-formula/bench-store';
import { Choice } from '../../ui/choice';
import { StripNumber } from '../../operation/strip-number';

const storages: readonly { readonly value: Storage; readonly label: string }[] = [
  { value: 'cool', label: 'fresh' },
  { value: 'fridge', label: 'from the fridge' },
  { value: 'reheat', label: 'reheated' },
];
const setServe = (serve: Partial<Serve>, gesture?: string) => take({ step: 'set-serve', serve }, gesture);

/** When and how warm it comes to the table: the end of the way. */
export function ServeCell() {
  const serve = useBenchPart((bench) => bench.history.formula.serve);
  return (
    <div role="group" aria-label="Serve" className="shrink-0 px-3 py-1 lg:border-l lg:border-hair">
      <div className="text-[13px] text-soft">Serve</div>
      <div className="flex flex-wrap items-baseline gap-x-1 font-semibold">
        <StripNumber
          label="Serve at"
          unit="°C"
          value={serve.temperatureC}
          min={-5}
          max={100}
          onChange={(temperatureC, gesture) => setServe({ temperatureC }, gesture)}
        />
        <Choice
          label="Served"
          value={serve.storage}
          options={storages}
          onChange={(storage) =>
            setServe({ storage, days: storage === 'cool' ? 0 : Math.max(serve.days, 1) })
          }
        />
        {serve.storage !== 'cool' && (
          <StripNumber
            label="Days in the fridge"
            unit={serve.days === 1 ? 'day' : 'days'}
            readAs="days"
            value={serve.days}
            max={30}
            onChange={(days, gesture) => setServe({ days }, gesture)}
          />
        )}
      </div>
    </div>
  );
}
