import { CURVE_RANGE, isEmpty, plainCurve } from '@alterum/core';
import { line, scaleLinear, scaleLog } from 'd3';
import { useSize } from '../chart/use-size';
import { ValueTable } from '../chart/value-table';
import { figure } from '../words/number-text';
import { type ComparedFormula, letters } from './compared';
import { curveLooks } from './looks';

const MARGIN = { left: 58, right: 26, top: 10, bottom: 30 } as const;
const HEIGHT = 230;

const LABEL_HEIGHT = 13;

/** The same heights, moved down where two would stand on each other. */
function apartBy(heights: readonly number[], least: number): readonly number[] {
  const out = [...heights];
  let last = -Infinity;
  for (const i of heights.map((_height, k) => k).sort((a, b) => (heights[a] ?? 0) - (heights[b] ?? 0)))
    last = out[i] = Math.max(out[i] ?? 0, last + least);
  return out;
}

type Curve = ReturnType<typeof plainCurve>;

const curveOf = ({ outcome }: ComparedFormula): Curve =>
  isEmpty(outcome.prediction)
    ? []
    : plainCurve(outcome.mix, outcome.recipe.serving.storage, outcome.recipe.serving.days);

/** °C at which the table tells the curves, each a point of them: fridge, room, table, pan. */
const TOLD_AT_C = [5, 10, 20, 30, 40, 50, 60, 70, 80] as const;

/** Thickness at a temperature; nothing where a pot is empty. */
function thicknessAt(curve: Curve, temperatureC: number): string {
  const point = curve.find((one) => one.temperatureC === temperatureC);
  return point ? figure(point.viscosity.mid, 0) : '–';
}

/** Where temperatures and thicknesses lie in a picture of this width that holds all curves. */
function scalesOf(curves: readonly Curve[], width: number) {
  const all = curves.flat().map(({ viscosity }) => viscosity.mid);
  return {
    x: scaleLinear([CURVE_RANGE.from, CURVE_RANGE.to], [width - MARGIN.right, MARGIN.left]),
    y: scaleLog(
      [Math.max(1, Math.min(...all, 100) / 1.5), Math.max(...all, 1000) * 1.5],
      [HEIGHT - MARGIN.bottom, MARGIN.top],
    ),
  };
}
type Scales = ReturnType<typeof scalesOf>;

/** Whole powers of ten up the side, with a line across each, and temperatures along the foot. */
function Axes({ x, y, width }: Scales & { readonly width: number }) {
  return (
    <>
      {y
        .ticks(4)
        .filter((tick) => Number.isInteger(Math.log10(tick)))
        .map((tick) => (
          <g key={tick}>
            <line
              x1={MARGIN.left}
              x2={width - MARGIN.right}
              y1={y(tick)}
              y2={y(tick)}
              className="stroke-hair"
            />
            <text
              x={MARGIN.left - 5}
              y={y(tick)}
              dy="0.35em"
              textAnchor="end"
              className="fill-soft text-[11.5px]"
            >
              {figure(tick, 0)}
            </text>
          </g>
        ))}
      {x.ticks(6).map((tick) => (
        <text key={tick} x={x(tick)} y={HEIGHT - 14} textAnchor="middle" className="fill-soft text-[11.5px]">
          {tick}°
        </text>
      ))}
    </>
  );
}

/** Every curve with its letter at the cold end. */
function Curves({ compared, curves, x, y }: Scales & CurvesProps) {
  const path = line<Curve[number]>(
    (point) => x(point.temperatureC),
    (point) => y(point.viscosity.mid),
  );
  const ends = curves.map(
    (curve) =>
      y(
        Math.max(
          1,
          ...curve.slice(0, 1).map(({ viscosity }) => viscosity.mid),
          curve.at(-1)?.viscosity.mid ?? 1,
        ),
      ) + 4,
  );
  const labelHeights = apartBy(ends, LABEL_HEIGHT);
  return curves.map((curve, i) => {
    const coldest = curve.reduce<Curve[number] | undefined>(
      (cold, point) => (cold && cold.temperatureC <= point.temperatureC ? cold : point),
      undefined,
    );
    return (
      <g key={compared[i]?.key}>
        <path
          d={path(curve) ?? ''}
          fill="none"
          strokeWidth={2.5}
          {...curveLooks[i]}
          data-testid={`curve-${letters[i]}`}
        />
        {coldest && (
          <text
            x={x(coldest.temperatureC) + 6}
            y={labelHeights[i]}
            className="fill-ink text-[13px] font-bold"
          >
            {letters[i]}
          </text>
        )}
      </g>
    );
  });
}

interface CurvesProps {
  readonly compared: readonly ComparedFormula[];
  readonly curves: readonly Curve[];
}

/** Thickness from the pan to the fridge of each, on one pair of axes. */
export function OverlaidCurves({ compared }: Pick<CurvesProps, 'compared'>) {
  const [ref, size] = useSize<HTMLDivElement>();
  const curves = compared.map(curveOf),
    width = size?.width ?? 0,
    scales = scalesOf(curves, width);
  return (
    <div ref={ref}>
      {size && curves.some((curve) => curve.length > 0) && (
        <svg
          width={width}
          height={HEIGHT}
          role="img"
          aria-label={`Thickness over temperature of ${compared.map(({ name }) => name).join(', ')}`}
        >
          <Axes {...scales} width={width} />
          <Curves {...scales} compared={compared} curves={curves} />
        </svg>
      )}
      {size && curves.some((curve) => curve.length > 0) && (
        <ValueTable
          caption="Thickness in mPa·s by temperature, the middle of what is computed"
          columns={['°C', ...compared.map(({ name }) => name)]}
          rows={TOLD_AT_C.map((temperatureC) => ({
            head: `${temperatureC} °C`,
            values: curves.map((curve) => thicknessAt(curve, temperatureC)),
          }))}
        />
      )}
      <p className="text-[13px] text-soft">mPa·s, from the pan on the left to the fridge on the right.</p>
    </div>
  );
}
