import { memo, useDeferredValue } from 'react';
import { briefOfFamily, familyNames, rails } from '@alterum/core';
import { useBenchPart, usePrediction } from './bench-store';
import { RailView } from './rail-view';

/** The four a cook balances first; the rest stand smaller below. */
const MAJOR = 4;

export const RailsPanel = memo(function RailsPanel() {
  const prediction = usePrediction();
  const ghost = useBenchPart((bench) => bench.ghost?.prediction);
  // The smaller rails follow a moment after the four large ones, so that those answer within the frame.
  const later = useDeferredValue(prediction),
    ghostLater = useDeferredValue(ghost);
  const family = useBenchPart((bench) => bench.history.formula.family);
  const brief = briefOfFamily(family);
  return (
    <section
      className="plate plate-closed flex min-h-0 flex-col px-4 pb-2 pt-2"
      aria-label="Rails"
      data-testid="rails"
    >
      <div className="flex items-baseline justify-between gap-2 border-b border-hair pb-1">
        <h2 className="text-lg">What it will be</h2>
        <p className="truncate text-[13px] text-soft">
          <span
            className="mr-1 inline-block h-2.5 w-5 rounded-full border-2 border-lit-edge bg-lit align-[-1px]"
            aria-hidden
          />{' '}
          usual for a {familyNames[family]}
        </p>
      </div>
      <div className="flex flex-1 flex-col justify-between">
        {rails.map((rail, i) => (
          <RailView
            key={rail.id}
            rail={rail}
            prediction={i < MAJOR ? prediction : later}
            ghost={i < MAJOR ? ghost : ghostLater}
            brief={brief}
            minor={i >= MAJOR}
          />
        ))}
      </div>
    </section>
  );
});
