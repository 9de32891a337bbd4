import { briefOf, isEmpty, placeOnRail, type Rail, rails } from '@alterum/core';
import { figure } from '../words/number-text';
import { type ComparedFormula, letters } from './compared';
import { beadLooks } from './looks';

const pct = (place: number): string => `${(place * 100).toFixed(1)}%`;

function OverlaidRail({
  rail,
  compared,
}: {
  readonly rail: Rail;
  readonly compared: readonly ComparedFormula[];
}) {
  const first = compared[0];
  const lit = first && briefOf(first.formula)[rail.id];
  const place = (value: number) => placeOnRail(rail.scale, value);
  return (
    <section aria-label={rail.name} className="py-1">
      <div className="flex items-baseline justify-between gap-3 text-[14px]">
        <b>{rail.name}</b>
        <span className="flex flex-wrap justify-end gap-x-3">
          {compared.map(({ key, outcome }, i) => (
            <span key={key}>
              <b>{letters[i]}</b>{' '}
              {isEmpty(outcome.prediction) ? '–' : figure(rail.value(outcome).mid, rail.digits)}
            </span>
          ))}
          <span className="text-soft">{rail.unit}</span>
        </span>
      </div>
      <div className="relative mx-2.5 h-6" aria-hidden>
        <div className="absolute inset-x-[-10px] top-1/2 h-2 -translate-y-1/2 rounded-full bg-track" />
        {lit && (
          <div
            className="absolute inset-y-1 rounded-full border-2 border-lit-edge bg-lit"
            style={{ left: pct(place(lit.low)), width: pct(place(lit.high) - place(lit.low)) }}
          />
        )}
        {compared.map(
          ({ key, outcome }, i) =>
            !isEmpty(outcome.prediction) && (
              <div
                key={key}
                className={`absolute top-1/2 grid size-5 -translate-x-1/2 -translate-y-1/2 place-items-center rounded-full border-2 text-[11px] font-bold ${beadLooks[i]}`}
                style={{ left: pct(place(rail.value(outcome).mid)) }}
                data-testid={`compared-${rail.id}-${letters[i]}`}
              >
                {letters[i]}
              </div>
            ),
        )}
      </div>
    </section>
  );
}

/** Every property on one rail, each formula a bead with its letter; the lit range is the first one’s brief. */
export function OverlaidRails({ compared }: { readonly compared: readonly ComparedFormula[] }) {
  return (
    <div className="grid gap-x-8 md:grid-cols-2">
      {rails.map((rail) => (
        <OverlaidRail key={rail.id} rail={rail} compared={compared} />
      ))}
    </div>
  );
}
