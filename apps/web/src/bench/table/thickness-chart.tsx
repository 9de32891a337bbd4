import { briefOf, isEmpty, type CurvePoint, plainCurve, temperatureCurve, type Wish } from '@alterum/core';
import { memo, useDeferredValue, useMemo } from 'react';
import { type Marker, type Size, thicknessLayout, type ThicknessLayout } from '../../chart/thickness-layout';
import { useSize } from '../../chart/use-size';
import { useBenchPart } from '../../open-formula/bench-store';
import { type Outcome } from '../../household/outcome';
import { nextDay } from './next-day';
import { figure } from '../../words/number-text';

/** A pot waiting at the table and a fridge; @source kitchen habit, assumed. */
const WAITING_C = 35,
  FRIDGE_C = 6;

function markersOf(maxC: number, serveC: number): readonly Marker[] {
  const all: readonly Marker[] = [
    { id: 'pan', name: 'pan', temperatureC: Math.min(95, Math.max(maxC, 5)) },
    { id: 'table', name: 'table', temperatureC: Math.min(95, Math.max(serveC, 5)) },
    { id: 'waiting', name: 'waits', temperatureC: WAITING_C },
    { id: 'fridge', name: 'fridge', temperatureC: FRIDGE_C },
  ];
  const apart = 8;
  return all.filter(
    (marker) => marker.id === 'table' || Math.abs(marker.temperatureC - Math.min(95, serveC)) >= apart,
  );
}

function Drawing({ layout }: { readonly layout: ThicknessLayout }) {
  const { plot } = layout;
  return (
    <>
      {layout.words.map((word, i) => (
        <g key={word.word}>
          <rect
            x={plot.left}
            y={word.top}
            width={plot.right - plot.left}
            height={word.height}
            className={i % 2 === 0 ? 'fill-dip' : 'fill-transparent'}
          />
          {word.height > 13 && (
            <text
              x={plot.left - 8}
              y={word.top + word.height / 2}
              dy="0.35em"
              textAnchor="end"
              className="fill-soft text-[13px]"
            >
              {word.word}
            </text>
          )}
        </g>
      ))}
      {layout.lit && <rect {...layout.lit} rx={6} className="fill-lit stroke-lit-edge" strokeWidth={2} />}
      <path d={layout.band} className="fill-doubt" opacity={0.45} />
      {layout.ghost && (
        <path
          d={layout.ghost}
          className="fill-none stroke-soft"
          strokeWidth={1.5}
          strokeDasharray="1 4"
          strokeLinecap="round"
        />
      )}
      <path d={layout.later} className="fill-none stroke-bead" strokeWidth={2} strokeDasharray="7 5" />
      <path d={layout.curve} className="fill-none stroke-bead" strokeWidth={3} data-testid="curve" />
      {layout.ticks.map((tick) => (
        <text
          key={tick.text}
          x={tick.x}
          y={plot.bottom + 14}
          textAnchor="middle"
          className="fill-soft text-[11.5px]"
        >
          {tick.text}
        </text>
      ))}
      {layout.markers.map((marker) => (
        <g key={marker.id}>
          <circle cx={marker.x} cy={marker.y} r={5.5} className="fill-glaze stroke-bead" strokeWidth={3} />
          <text
            x={marker.label.x}
            y={marker.label.y}
            textAnchor={marker.label.anchor}
            className="fill-ink stroke-glaze text-[13px] font-semibold"
            strokeWidth={3}
            paintOrder="stroke"
          >
            {marker.name} {Math.round(marker.temperatureC)}°{' '}
            <tspan className="font-normal">{figure(marker.viscosity, 0)}</tspan>
          </text>
        </g>
      ))}
    </>
  );
}

/** The curves of one outcome: as served, with its doubt. */
const curveOf = ({ mix, recipe }: Outcome): readonly CurvePoint[] =>
  temperatureCurve(mix, recipe.serving.storage, recipe.serving.days);

/** Thickness on the way from the pan to the fridge, with the doubt around it, and how the next day will differ. */
export default memo(function ThicknessChart() {
  // Deferred: the rails answer first, the chart follows in the next moment.
  const outcome = useDeferredValue(useBenchPart((bench) => bench.outcome));
  const ghost = useDeferredValue(useBenchPart((bench) => bench.ghost));
  const lit = useBenchPart((bench) => briefOf(bench.history.formula).thickness);
  const [ref, size] = useSize<HTMLDivElement>();
  return (
    <div ref={ref} className="min-h-0 flex-1 basis-52">
      {isEmpty(outcome.prediction) && (
        <p className="py-3 text-soft">
          Once something is in the pot, its thickness from the pan to the fridge is drawn here.
        </p>
      )}
      {size && !isEmpty(outcome.prediction) && (
        <Chart outcome={outcome} ghost={ghost} litThickness={lit} size={size} />
      )}
    </div>
  );
});

interface ChartProps {
  readonly outcome: Outcome;
  readonly ghost: Outcome | undefined;
  readonly litThickness: Wish | undefined;
  readonly size: Size;
}

const Chart = memo(function Chart({ outcome, ghost, litThickness, size }: ChartProps) {
  const { mix, recipe, prediction } = outcome,
    { serving, process } = recipe;
  const later = nextDay(serving.storage);
  const layout = useMemo(
    () =>
      thicknessLayout(
        {
          curve: curveOf(outcome),
          later: plainCurve(mix, later.storage, later.days),
          ghost:
            ghost && !isEmpty(ghost.prediction)
              ? plainCurve(ghost.mix, ghost.recipe.serving.storage, ghost.recipe.serving.days)
              : [],
          markers: markersOf(process.maxTemperatureC, serving.temperatureC),
          lit: litThickness,
          serveC: serving.temperatureC,
        },
        size,
      ),
    [outcome, mix, ghost, later, process, serving, litThickness, size],
  );
  const spoken = `At ${serving.temperatureC} degrees it ${prediction.thicknessClass}, about ${figure(prediction.viscosity.mid, 0)} millipascal seconds.`;
  return (
    <svg
      width={size.width}
      height={size.height}
      role="img"
      aria-label={`Thickness over temperature. ${spoken}`}
      className="block"
    >
      <Drawing layout={layout} />
    </svg>
  );
});
