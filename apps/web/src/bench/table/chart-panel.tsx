import { memo } from 'react';
import { useBenchPart } from '../../open-formula/bench-store';
import { nextDay } from './next-day';
import { part } from '../../ui/part';

const ThicknessChart = part(() => import('./thickness-chart'), <div className="min-h-0 flex-1 basis-52" />);

/** The plate of the chart; the drawing itself comes a moment after the rails. */
export const ChartPanel = memo(function ChartPanel() {
  const storage = useBenchPart((bench) => bench.history.formula.serve.storage);
  return (
    <section
      className="plate plate-closed flex min-h-64 flex-1 flex-col px-3.5 py-2 lg:min-h-0"
      aria-label="From pan to fridge"
    >
      <div className="flex items-baseline justify-between gap-2">
        <h2 className="text-lg">From pan to fridge</h2>
        <p className="flex items-center gap-1.5 text-[13px] text-soft">
          <svg width="26" height="6" aria-hidden>
            <line
              x1="0"
              x2="26"
              y1="3"
              y2="3"
              className="stroke-bead"
              strokeWidth="2"
              strokeDasharray="7 5"
            />
          </svg>
          {nextDay(storage).name}
        </p>
      </div>
      <ThicknessChart />
    </section>
  );
});
