import { assemble, briefOfFamily, type CurvePoint, plainCurve, type Storage } from '@alterum/core';
import { memo, useMemo } from 'react';
import { type Marker, thicknessLayout, type ThicknessLayout } from '../chart/thickness-layout';
import { useSize } from '../chart/use-size';
import { useBenchPart, useFormula, usePrediction } from './bench-store';
import { figure } from './number-text';

/** A pot waiting at the table and a fridge; @source kitchen habit, assumed. */
const WAITING_C = 35, FRIDGE_C = 6, LATER_DAYS = 1;

function markersOf(maxC: number, serveC: number): readonly Marker[] {
  const all: readonly Marker[] = [
    { id: 'pan', name: 'pan', temperatureC: Math.min(95, Math.max(maxC, 5)) },
    { id: 'table', name: 'table', temperatureC: Math.min(95, Math.max(serveC, 5)) },
    { id: 'waiting', name: 'waits', temperatureC: WAITING_C },
    { id: 'fridge', name: 'fridge', temperatureC: FRIDGE_C },
  ];
  const apart = 8;
  return all.filter((marker) => marker.id === 'table' || Math.abs(marker.temperatureC - Math.min(95, serveC)) >= apart);
}

function Drawing({ layout }: { readonly layout: ThicknessLayout }) {
  const { plot } = layout;
  return (
    <>
      {layout.words.map((word, i) => (
        <g key={word.word}>
          <rect x={plot.left} y={word.top} width={plot.right - plot.left} height={word.height} className={i % 2 === 0 ? 'fill-dip' : 'fill-transparent'} />
          {word.height > 13 && (
            <text x={plot.left - 8} y={word.top + word.height / 2} dy="0.35em" textAnchor="end" className="fill-soft text-[13px]">
              {word.word}
            </text>
          )}
        </g>
      ))}
      {layout.lit && <rect {...layout.lit} rx={6} className="fill-lit stroke-lit-edge" strokeWidth={2} />}
      <path d={layout.band} className="fill-doubt" opacity={0.45} />
      {layout.ghost && <path d={layout.ghost} className="fill-none stroke-soft" strokeWidth={1.5} strokeDasharray="1 4" strokeLinecap="round" />}
      <path d={layout.later} className="fill-none stroke-bead" strokeWidth={2} strokeDasharray="7 5" />
      <path d={layout.curve} className="fill-none stroke-bead" strokeWidth={3} data-testid="curve" />
      {layout.ticks.map((tick) => (
        <text key={tick.text} x={tick.x} y={plot.bottom + 14} textAnchor="middle" className="fill-soft text-[11.5px]">
          {tick.text}
        </text>
      ))}
      {layout.markers.map((marker) => (
        <g key={marker.id}>
          <circle cx={marker.x} cy={marker.y} r={5.5} className="fill-glaze stroke-bead" strokeWidth={3} />
          <text x={marker.label.x} y={marker.label.y} textAnchor={marker.label.anchor} className="fill-ink stroke-glaze text-[13px] font-semibold" strokeWidth={3} paintOrder="stroke">
            {marker.name} {Math.round(marker.temperatureC)}° <tspan className="font-normal">{figure(marker.viscosity, 0)}</tspan>
          </text>
        </g>
      ))}
    </>
  );
}

/** Thickness on the way from the pan to the fridge, with the doubt around it, and how the next day will differ. */
export const ThicknessChart = memo(function ThicknessChart() {
  const { process, serve, family } = useFormula();
  const prediction = usePrediction();
  const ghost = useBenchPart((bench) => bench.ghost);
  const recipe = useBenchPart((bench) => bench.outcome.recipe);
  const [ref, size] = useSize<HTMLDivElement>();
  const laterStorage: Storage = serve.storage === 'cool' ? 'reheat' : 'cool';
  const laterName = laterStorage === 'reheat' ? 'reheated next day' : 'on the day';
  const later = useMemo((): readonly CurvePoint[] => plainCurve(assemble(recipe), laterStorage, laterStorage === 'reheat' ? LATER_DAYS : 0), [recipe, laterStorage]);
  const layout = useMemo(
    () => size && thicknessLayout({ curve: prediction.curve, later, ghost: ghost?.curve ?? [], markers: markersOf(process.maxTemperatureC, serve.temperatureC), lit: briefOfFamily(family).thickness, serveC: serve.temperatureC }, size),
    [size, prediction, later, ghost, process.maxTemperatureC, serve.temperatureC, family],
  );
  const spoken = `At ${serve.temperatureC} degrees it ${prediction.thicknessClass}, about ${figure(prediction.viscosity.mid, 0)} millipascal seconds.`;
  return (
    <section className="plate flex min-h-64 flex-1 flex-col px-3.5 py-2 lg:min-h-0" aria-label="From pan to fridge">
      <div className="flex items-baseline justify-between gap-2">
        <h2 className="text-lg">From pan to fridge</h2>
        <p className="flex items-center gap-1.5 text-[13px] text-soft">
          <svg width="26" height="6" aria-hidden>
            <line x1="0" x2="26" y1="3" y2="3" className="stroke-bead" strokeWidth="2" strokeDasharray="7 5" />
          </svg>
          {laterName}
        </p>
      </div>
      <div ref={ref} className="min-h-0 flex-1 basis-52">
        {layout && size && (
          <svg width={size.width} height={size.height} role="img" aria-label={`Thickness over temperature. ${spoken}`} className="block">
            <Drawing layout={layout} />
          </svg>
        )}
      </div>
    </section>
  );
});
