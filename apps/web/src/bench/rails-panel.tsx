import { briefOfFamily, familyNames, rails } from '@alterum/core';
import { useBenchPart, useFormula, usePrediction } from './bench-store';
import { RailView } from './rail-view';

/** The four a cook balances first; the rest stand smaller below. */
const MAJOR = 4;

export function RailsPanel() {
  const prediction = usePrediction();
  const ghost = useBenchPart((bench) => bench.ghost);
  const { family } = useFormula();
  const brief = briefOfFamily(family);
  return (
    <section className="plate flex min-h-0 flex-col px-4 pb-2 pt-2" aria-label="Rails" data-testid="rails">
      <div className="flex items-baseline justify-between gap-2 border-b border-hair pb-1">
        <h2 className="text-lg">What it will be</h2>
        <p className="truncate text-[13px] text-soft">
          <span className="mr-1 inline-block h-2.5 w-5 rounded-full border-2 border-lit-edge bg-lit align-[-1px]" aria-hidden /> usual for a {familyNames[family]}
        </p>
      </div>
      <div className="flex flex-1 flex-col justify-between">
        {rails.map((rail, i) => (
          <RailView key={rail.id} rail={rail} prediction={prediction} ghost={ghost} brief={brief} minor={i >= MAJOR} />
        ))}
      </div>
    </section>
  );
}
