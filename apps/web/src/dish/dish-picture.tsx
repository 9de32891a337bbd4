import type { DishReport, ReadDish, WrittenDish } from '@alterum/core';
import { layering } from '@alterum/core';
import { useSize } from '../chart/use-size';
import { gramsText } from '../words/number-text';
import { drawnDish } from './dish-layout';
import { partName } from './names';

const HEIGHT = 250,
  TOP = 14,
  LEFT = 56,
  /** px between two lines of words, and that the words take beside the dish. */
  APART = 17,
  WORDS = 208,
  LEAST = 90,
  WALL = 5;

interface PictureProps {
  readonly dish: WrittenDish;
  readonly read: ReadDish;
  readonly report: DishReport;
}

/** The dish cut open, its height to scale: what lies where, how thick and how much; the same stands in the list of layers. */
export function DishPicture({ dish, read: { laid, parts }, report }: PictureProps) {
  const [ref, size] = useSize<HTMLDivElement>();
  const width = size?.width ?? 0;
  const layers = laid.map(({ id }, i) => ({ id, mm: report.layers[i]?.mm ?? 0 }));
  const inside = Math.max(LEAST, width - LEFT - WORDS - 2 * WALL - 12);
  const height = Math.max(HEIGHT, layers.length * APART + TOP);
  const drawn = drawnDish(layers, {
    height,
    top: TOP,
    apart: APART,
    depthMm: (dish.vessel?.depthCm ?? 0) * 10,
    bubblingMm: layering.bubblingMm,
  });
  const left = LEFT + WALL,
    right = left + inside;
  return (
    <div ref={ref} className="w-full">
      {width > 0 && (
        <svg
          role="img"
          aria-label="The dish cut open; the same stands in the list of layers"
          width={width}
          height={height + TOP + 12}
        >
          {drawn.ticks.map(({ mm, y }) => (
            <g key={mm}>
              <line x1={LEFT - 6} x2={LEFT} y1={y} y2={y} className="stroke-hair" />
              <text x={LEFT - 9} y={y + 4} textAnchor="end" className="fill-soft text-[12px]">
                {mm} mm
              </text>
            </g>
          ))}
          {drawn.layers.map(({ id, y, height: high, wordsAt }) => {
            const at = laid.findIndex((layer) => layer.id === id),
              layer = report.layers[at],
              part = parts.find((one) => one.component.id === layer?.component),
              written = dish.parts.find((one) => one.id === layer?.component);
            if (!layer || !part || !written) return null;
            return (
              <g key={id}>
                <rect
                  x={left}
                  y={y}
                  width={inside}
                  height={Math.max(high, 1)}
                  fill={part.hex}
                  className="stroke-ink/45"
                  strokeWidth={0.75}
                />
                <path
                  d={`M${right + WALL + 1},${y + high / 2} L${right + WALL + 9},${wordsAt}`}
                  className="fill-none stroke-soft"
                  strokeWidth={1}
                />
                <text x={right + WALL + 12} y={wordsAt + 4} className="fill-ink text-[13px]">
                  <tspan className="font-semibold">{shortened(partName(written))}</tspan>
                  <tspan className="fill-soft" dx={5}>
                    {gramsText(layer.grams)} g, {layer.mm.toFixed(layer.mm < 10 ? 1 : 0)} mm
                  </tspan>
                </text>
              </g>
            );
          })}
          <line
            x1={left}
            x2={right}
            y1={drawn.bubblesY}
            y2={drawn.bubblesY}
            className="stroke-rim"
            strokeDasharray="4 4"
          />
          <path
            d={`M${left - WALL / 2},${drawn.rimY - 4} V${drawn.floorY + WALL / 2} H${right + WALL / 2} V${drawn.rimY - 4}`}
            className="fill-none stroke-rim"
            strokeWidth={WALL}
            strokeLinejoin="round"
          />
        </svg>
      )}
      <p className="text-[13px] text-soft">
        Height to scale. Above the dashed line it bubbles over: {layering.bubblingMm} mm stay free.
      </p>
    </div>
  );
}

/** Letters of a name that fit beside the dish. */
const SHOWN = 14;
const shortened = (name: string): string =>
  name.length > SHOWN ? `${name.slice(0, SHOWN - 1).trimEnd()}…` : name;
