import { type PointerEvent, useId, useRef, useState } from 'react';
import { useSize } from '../chart/use-size';
import { timeText } from '../words/method-words';
import { clockText, type ShownTask } from './evening-plan';
import { type Bar, type Row, type Timeline, timelineOf } from './timeline-layout';

const LANE = 32,
  GAP = 10,
  TOP = 26,
  LEFT = 84;
/** px that a pointer has to go before something is dragged. */
const DRAGGED_FROM = 4;

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

interface Drag {
  readonly id: string;
  readonly px: number;
}

interface BarViewProps {
  readonly bar: Bar;
  readonly y: number;
  readonly clip: string;
  readonly pinned: boolean;
  /** px that it is dragged by; undefined where it cannot be. */
  readonly drag:
    | { readonly px: number; readonly on: (px: number) => void; readonly end: (px: number) => void }
    | undefined;
}

/** How a bar is dragged along the time; a press alone moves nothing. */
function useDragging(drag: BarViewProps['drag']) {
  const from = useRef<number>(undefined);
  if (!drag) return {};
  const gone = ({ clientX }: PointerEvent): number =>
    from.current === undefined ? 0 : clientX - from.current;
  return {
    onPointerDown: (event: PointerEvent<SVGGElement>) => {
      if (event.button !== 0) return;
      from.current = event.clientX;
      event.currentTarget.setPointerCapture(event.pointerId);
    },
    onPointerMove: (event: PointerEvent) => {
      if (from.current !== undefined) drag.on(gone(event));
    },
    onPointerUp: (event: PointerEvent) => {
      const px = gone(event);
      from.current = undefined;
      drag.end(Math.abs(px) < DRAGGED_FROM ? 0 : px);
    },
    onPointerCancel: () => {
      from.current = undefined;
      drag.end(0);
    },
  };
}

function BarView({ bar, y, clip, pinned, drag }: BarViewProps) {
  const { shown, look, width } = bar,
    x = bar.x + (drag?.px ?? 0);
  return (
    <g {...useDragging(drag)} className={drag ? 'cursor-grab active:cursor-grabbing' : ''}>
      <title>{`${clockText(shown.start)} ${shown.words} (${shown.pot.name})${pinned ? ', put there by hand' : ''}`}</title>
      <clipPath id={clip}>
        <rect x={x} y={y} width={Math.max(width - 4, 0)} height={LANE - 4} />
      </clipPath>
      <rect x={x} y={y} width={width} height={LANE - 4} rx={7} className={looks[look]} strokeWidth={1.5} />
      {pinned && <rect x={x} y={y} width={4} height={LANE - 4} rx={2} className="fill-yolk" />}
      {bar.label.text !== '' && (
        <text
          x={bar.label.where === 'in' ? x + 6 : x + width + 4}
          y={y + 19}
          {...(bar.label.where === 'in' ? { clipPath: `url(#${clip})` } : {})}
          className={`pointer-events-none text-[12.5px] font-semibold ${bar.label.where === 'in' ? inks[look] : 'fill-ink'}`}
        >
          {bar.label.text}
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

/** The times of the evening, one below the other. */
function Ticks({ ticks, below }: Pick<Timeline, 'ticks'> & { readonly below: number }) {
  return ticks.map(({ minute, x }) => (
    <g key={minute}>
      <line x1={x} x2={x} y1={TOP - 6} y2={below} className="stroke-hair" />
      <text x={x} y={14} textAnchor="middle" className="fill-soft text-[12.5px]">
        {clockText(minute).split(', ').at(-1)}
      </text>
    </g>
  ));
}

/** Stretches that are drawn short, with how long they are. */
function Folds({ folds, below }: Pick<Timeline, 'folds'> & { readonly below: number }) {
  return folds.map(({ from, to, x, width }) => (
    <g key={from} className="pointer-events-none">
      <title>{`${timeText(to - from)} in which only waits go on`}</title>
      <rect x={x} y={TOP - 6} width={width} height={below - TOP + 6} className="fill-dip" />
      <path
        d={`M${x + width / 2 - 4} ${TOP - 6} l4 8 l-4 8 M${x + width / 2 + 2} ${TOP - 6} l4 8 l-4 8`}
        className="fill-none stroke-soft"
        strokeWidth={1.5}
      />
    </g>
  ));
}

/** An upright line over all rows: when it is on the table, or now. */
function Moment({ x, below, look, wide }: MomentProps) {
  return (
    <line
      x1={x}
      x2={x}
      y1={TOP - 8}
      y2={below}
      className={`pointer-events-none ${look}`}
      strokeWidth={wide}
    />
  );
}
interface MomentProps {
  readonly x: number;
  readonly below: number;
  readonly look: string;
  readonly wide: number;
}

interface TimelinePictureProps {
  readonly tasks: readonly ShownTask[];
  readonly serveAt: number;
  readonly now: number;
  /** Tasks that were put to a time by hand. */
  readonly pinned: Readonly<Record<string, number>>;
  readonly canMove: (shown: ShownTask) => boolean;
  /** A task is put to another time. */
  readonly move: (id: string, minute: number) => void;
}

/** What is being dragged, and how a bar is. */
function useDragged(
  { tasks, canMove, move }: Pick<TimelinePictureProps, 'tasks' | 'canMove' | 'move'>,
  picture: Timeline | undefined,
) {
  const [drag, setDrag] = useState<Drag>();
  const minuteAt = (shown: ShownTask, px: number): number =>
    Math.max(0, Math.round(picture ? picture.minuteAt(picture.xOf(shown.start) + px) : shown.start));
  const dragOf = ({ shown, since }: Bar): BarViewProps['drag'] =>
    since || !canMove(shown)
      ? undefined
      : {
          px: drag?.id === shown.id ? drag.px : 0,
          on: (px) => setDrag({ id: shown.id, px }),
          end: (px) => {
            setDrag(undefined);
            if (px !== 0) move(shown.id, minuteAt(shown, px));
          },
        };
  const dragged = drag && tasks.find((shown) => shown.id === drag.id);
  return { dragOf, dragged: dragged && { words: dragged.words, minute: minuteAt(dragged, drag.px) } };
}

/** Hands, machines and waits of an evening over time; the same stands by the clock below, for whoever listens. */
export function TimelinePicture(props: TimelinePictureProps) {
  const { tasks, serveAt, now, pinned } = props;
  const [ref, size] = useSize<HTMLDivElement>();
  const id = useId();
  const width = size?.width ?? 0;
  const picture = width > 0 ? timelineOf(tasks, { width: width - 8, left: LEFT, serveAt, now }) : undefined;
  const placed = placedRows(picture?.rows ?? []);
  const { below: y = TOP } = placed.at(-1) ?? {};
  const { dragOf, dragged } = useDragged(props, picture);
  return (
    <div ref={ref} className="relative w-full">
      {picture && (
        <svg
          role="img"
          aria-label="The evening over time; the same stands by the clock"
          width={width}
          height={y + 4}
          // A finger that goes up or down scrolls the page; along the time it takes a bar with it.
          className="touch-pan-y select-none"
        >
          <Ticks ticks={picture.ticks} below={y} />
          <Folds folds={picture.folds} below={y} />
          {placed.map(({ row, at }, r) => (
            <g key={row.id}>
              <text x={0} y={at + 19} className="fill-ink text-[13px] font-bold">
                {row.name}
              </text>
              {row.bars.map((bar, i) => (
                <BarView
                  key={bar.shown.id}
                  bar={bar}
                  y={at + bar.lane * LANE}
                  clip={`${id}r${r}b${i}`}
                  pinned={bar.shown.id in pinned}
                  drag={dragOf(bar)}
                />
              ))}
            </g>
          ))}
          <Moment x={picture.serveX} below={y} look="stroke-yolk" wide={4} />
          {picture.nowX !== undefined && <Moment x={picture.nowX} below={y} look="stroke-no" wide={2} />}
        </svg>
      )}
      {dragged && (
        <output className="plate pointer-events-none absolute top-0 right-0 px-2 py-1 text-sm font-semibold">
          {clockText(dragged.minute)} {dragged.words}
        </output>
      )}
    </div>
  );
}
