import { useId } from 'react';
import { useSize } from '../chart/use-size';
import { clockText, type ShownTask } from './evening-plan';
import { type Bar, type Row, timelineOf } from './timeline-layout';

const LANE = 32,
  GAP = 10,
  TOP = 26,
  LEFT = 84;
/** px of a bar from which its words fit in at all. */
const WORDS_FROM = 34;

const looks: Readonly<Record<Bar['look'], string>> = {
  hands: 'fill-rim stroke-glaze',
  machine: 'fill-lit stroke-lit-edge',
  waits: 'fill-dip stroke-rim',
};
const inks: Readonly<Record<Bar['look'], string>> = {
  hands: 'fill-on-rim',
  machine: 'fill-ink',
  waits: 'fill-ink',
};

function BarView({ bar, y, clip }: { readonly bar: Bar; readonly y: number; readonly clip: string }) {
  const { shown, look, x, width } = bar;
  return (
    <g>
      <title>{`${clockText(shown.start)} ${shown.words} (${shown.pot.name})`}</title>
      <clipPath id={clip}>
        <rect x={x} y={y} width={Math.max(width - 4, 0)} height={LANE - 4} />
      </clipPath>
      <rect x={x} y={y} width={width} height={LANE - 4} rx={7} className={looks[look]} strokeWidth={1.5} />
      {width > WORDS_FROM && (
        <text
          x={x + 7}
          y={y + 19}
          clipPath={`url(#${clip})`}
          className={`text-[12.5px] font-semibold ${inks[look]}`}
        >
          {shown.at + 1} {bar.since ? `since ${clockText(shown.start)}: ${shown.words}` : shown.words}
        </text>
      )}
    </g>
  );
}

/** Rows with the px at which each begins, and at which the next one does. */
const placedRows = (
  rows: readonly Row[],
): readonly { readonly row: Row; readonly at: number; readonly below: number }[] =>
  rows.reduce<{ row: Row; at: number; below: number }[]>((all, row) => {
    const at = all.at(-1)?.below ?? TOP,
      lanes = 1 + Math.max(0, ...row.bars.map(({ lane }) => lane));
    return [...all, { row, at, below: at + lanes * LANE + GAP }];
  }, []);

/** Hands, machines and waits of an evening over time; the same stands by the clock below, for whoever listens. */
export function TimelinePicture({
  tasks,
  serveAt,
  now,
}: {
  readonly tasks: readonly ShownTask[];
  readonly serveAt: number;
  readonly now: number;
}) {
  const [ref, size] = useSize<HTMLDivElement>();
  const id = useId();
  const width = size?.width ?? 0;
  const picture = width > 0 ? timelineOf(tasks, { width: width - 8, left: LEFT, serveAt, now }) : undefined;
  const placed = placedRows(picture?.rows ?? []);
  const { below: y = TOP } = placed.at(-1) ?? {};
  return (
    <div ref={ref} className="w-full">
      {picture && (
        <svg
          role="img"
          aria-label="The evening over time; the same stands by the clock"
          width={width}
          height={y + 4}
        >
          {picture.ticks.map(({ minute, x }) => (
            <g key={minute}>
              <line x1={x} x2={x} y1={TOP - 6} y2={y} className="stroke-hair" />
              <text x={x} y={14} textAnchor="middle" className="fill-soft text-[12.5px]">
                {clockText(minute).split(', ').at(-1)}
              </text>
            </g>
          ))}
          {placed.map(({ row, at }) => (
            <g key={row.id}>
              <text x={0} y={at + 19} className="fill-ink text-[13px] font-bold">
                {row.name}
              </text>
              {row.bars.map((bar, i) => (
                <BarView
                  key={bar.shown.id}
                  bar={bar}
                  y={at + bar.lane * LANE}
                  clip={`${id}${row.id.replace(/\W/g, '')}${i}`}
                />
              ))}
            </g>
          ))}
          <line
            x1={picture.serveX}
            x2={picture.serveX}
            y1={TOP - 8}
            y2={y}
            className="stroke-yolk"
            strokeWidth={4}
          />
          {picture.nowX !== undefined && (
            <line
              x1={picture.nowX}
              x2={picture.nowX}
              y1={TOP - 8}
              y2={y}
              className="stroke-no"
              strokeWidth={2}
            />
          )}
        </svg>
      )}
    </div>
  );
}
