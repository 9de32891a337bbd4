import { CURVE_RANGE, isEmpty, plainCurve } from '@alterum/core';
import { line, scaleLinear, scaleLog } from 'd3';
import { useSize } from '../chart/use-size';
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

/** Thickness from the pan to the fridge of each, on one pair of axes. */
export function OverlaidCurves({ compared }: { readonly compared: readonly ComparedFormula[] }) {
  const [ref, size] = useSize<HTMLDivElement>();
  const curves = compared.map(({ outcome }) =>
    isEmpty(outcome.prediction)
      ? []
      : plainCurve(outcome.mix, outcome.recipe.serving.storage, outcome.recipe.serving.days),
  );
  const all = curves.flat().map(({ viscosity }) => viscosity.mid);
  const width = size?.width ?? 0;
  const x = scaleLinear([CURVE_RANGE.from, CURVE_RANGE.to], [width - MARGIN.right, MARGIN.left]);
  const y = scaleLog(
    [Math.max(1, Math.min(...all, 100) / 1.5), Math.max(...all, 1000) * 1.5],
    [HEIGHT - MARGIN.bottom, MARGIN.top],
  );
  const path = line<(typeof curves)[number][number]>(
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
  return (
    <div ref={ref}>
      {size && all.length > 0 && (
        <svg
          width={width}
          height={HEIGHT}
          role="img"
          aria-label={`Thickness over temperature of ${compared.map(({ name }) => name).join(', ')}`}
        >
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
                  {tick.toLocaleString('en-GB')}
                </text>
              </g>
            ))}
          {x.ticks(6).map((tick) => (
            <text
              key={tick}
              x={x(tick)}
              y={HEIGHT - 14}
              textAnchor="middle"
              className="fill-soft text-[11.5px]"
            >
              {tick}°
            </text>
          ))}
          {curves.map((curve, i) => {
            const last = curve.reduce<(typeof curve)[number] | undefined>(
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
                {last && (
                  <text
                    x={x(last.temperatureC) + 6}
                    y={labelHeights[i]}
                    className="fill-ink text-[13px] font-bold"
                  >
                    {letters[i]}
                  </text>
                )}
              </g>
            );
          })}
        </svg>
      )}
      <p className="text-[13px] text-soft">mPa·s, from the pan on the left to the fridge on the right.</p>
    </div>
  );
}
