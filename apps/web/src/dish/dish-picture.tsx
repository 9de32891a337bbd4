import type { DishReport, ReadDish, WrittenDish } from '@alterum/core';
import { layering } from '@alterum/core';
import { useSize } from '../chart/use-size';
import { gramsText } from '../words/number-text';
import { type DrawnDish, drawnDish } from './dish-layout';
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

/** Letters of a name that fit beside the dish. */
const SHOWN = 14;
const shortened = (name: string): string =>
  name.length > SHOWN ? `${name.slice(0, SHOWN - 1).trimEnd()}…` : name;

interface LayerProps {
  readonly drawn: DrawnDish['layers'][number];
  readonly layer: DishReport['layers'][number];
  readonly name: string;
  readonly hex: string;
  readonly left: number;
  readonly inside: number;
}

/** One layer in its own colour, with its name, weight and height beside it. */
function Layer({ drawn: { y, height, wordsAt }, layer, name, hex, left, inside }: LayerProps) {
  const beside = left + inside + WALL;
  return (
    <g>
      <rect
        x={left}
        y={y}
        width={inside}
        height={Math.max(height, 1)}
        fill={hex}
        className="stroke-ink/45"
        strokeWidth={0.75}
      />
      <path
        d={`M${beside + 1},${y + height / 2} L${beside + 9},${wordsAt}`}
        className="fill-none stroke-soft"
        strokeWidth={1}
      />
      <text x={beside + 12} y={wordsAt + 4} className="fill-ink text-[13px]">
        <tspan className="font-semibold">{shortened(name)}</tspan>
        <tspan className="fill-soft" dx={5}>
          {gramsText(layer.grams)} g, {layer.mm.toFixed(layer.mm < 10 ? 1 : 0)} mm
        </tspan>
      </text>
    </g>
  );
}

/** The walls of the vessel, and the height over which it bubbles over. */
function Vessel({
  drawn: { bubblesY, rimY, floorY },
  left,
  right,
}: {
  readonly drawn: DrawnDish;
  readonly left: number;
  readonly right: number;
}) {
  return (
    <>
      <line x1={left} x2={right} y1={bubblesY} y2={bubblesY} className="stroke-rim" strokeDasharray="4 4" />
      <path
        d={`M${left - WALL / 2},${rimY - 4} V${floorY + WALL / 2} H${right + WALL / 2} V${rimY - 4}`}
        className="fill-none stroke-rim"
        strokeWidth={WALL}
        strokeLinejoin="round"
      />
    </>
  );
}

function Ticks({ ticks }: Pick<DrawnDish, 'ticks'>) {
  return ticks.map(({ mm, y }) => (
    <g key={mm}>
      <line x1={LEFT - 6} x2={LEFT} y1={y} y2={y} className="stroke-hair" />
      <text x={LEFT - 9} y={y + 4} textAnchor="end" className="fill-soft text-[12px]">
        {mm} mm
      </text>
    </g>
  ));
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
  const left = LEFT + WALL;
  return (
    <div ref={ref} className="w-full">
      {width > 0 && (
        <svg
          role="img"
          aria-label="The dish cut open; the same stands in the list of layers"
          width={width}
          height={height + TOP + 12}
        >
          <Ticks ticks={drawn.ticks} />
          {drawn.layers.map((each) => {
            const at = laid.findIndex((layer) => layer.id === each.id),
              layer = report.layers[at],
              part = parts.find((one) => one.component.id === layer?.component),
              written = dish.parts.find((one) => one.id === layer?.component);
            if (!layer || !part || !written) return null;
            return (
              <Layer
                key={each.id}
                drawn={each}
                layer={layer}
                name={partName(written)}
                hex={part.hex}
                left={left}
                inside={inside}
              />
            );
          })}
          <Vessel drawn={drawn} left={left} right={left + inside} />
        </svg>
      )}
      <p className="text-[13px] text-soft">
        Height to scale. Above the dashed line it bubbles over: {layering.bubblingMm} mm stay free.
      </p>
    </div>
  );
}
