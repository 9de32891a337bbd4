import { range, scaleLinear } from 'd3';
import { capital } from '../words/capital';
import { LONG_BEFORE, type ShownTask } from './evening-plan';

/** A row of the timeline: a cook, a machine, or what waits. */
export interface Row {
  readonly id: string;
  readonly name: string;
  readonly bars: readonly Bar[];
}

export interface Bar {
  readonly shown: ShownTask;
  readonly look: 'hands' | 'machine' | 'waits';
  /** px. */
  readonly x: number;
  readonly width: number;
  /** Lies above others of its row that wait at the same time. */
  readonly lane: number;
  /** It began before the picture does. */
  readonly since: boolean;
}

export interface Timeline {
  readonly rows: readonly Row[];
  readonly ticks: readonly { readonly minute: number; readonly x: number }[];
  readonly serveX: number;
  readonly nowX: number | undefined;
  /** px of one min. */
  readonly pxPerMin: number;
}

/** min between the lines of the picture, by how long it is. */
const STEPS = [10, 15, 20, 30, 60, 120, 240];
/** px that a time needs beside the next. */
const TICK_PX = 64;
/** min shown after serving. */
const AFTER = 10;
/** px of the shortest bar. */
const LEAST_PX = 3;

const rowOf = ({ task, unit, cook }: ShownTask): readonly (readonly [id: string, look: Bar['look']])[] => {
  const rows: (readonly [string, Bar['look']])[] = [];
  if (task.hands) rows.push([cook ?? 'cook', 'hands']);
  if (task.machine && !task.shops)
    rows.push([task.machine === 'burner' ? `burner ${unit}` : task.machine, 'machine']);
  if (rows.length === 0) rows.push(['waits', 'waits']);
  return rows;
};
/** Cooks, then the jar, the stove, the oven, and what needs nobody. */
const ORDER = ['blender', 'burner', 'oven', 'waits'];
const rankOf = ([id, [bar]]: readonly [string, readonly Bar[]]): number =>
  bar?.look === 'hands' ? -1 : ORDER.findIndex((kind) => id.startsWith(kind));

/** Lowest lane in which a bar overlaps none before it. */
function lanesOf(spans: readonly (readonly [number, number])[]): readonly number[] {
  const ends: number[] = [];
  return spans.map(([from, to]) => {
    const lane = ends.findIndex((end) => end <= from);
    const place = lane < 0 ? ends.length : lane;
    ends[place] = to;
    return place;
  });
}

/** From the first thing that is no long wait until it is on the table; min of the evening, and between two lines. */
function stretchOf(
  tasks: readonly ShownTask[],
  serveAt: number,
  px: number,
): { readonly from: number; readonly to: number; readonly step: number } {
  const evening = tasks.filter(
    ({ start, end, task }) => end - start < LONG_BEFORE && !task.begins && serveAt - start < 12 * 60,
  );
  const first = Math.min(serveAt - 60, ...evening.map(({ start }) => start)),
    to = serveAt + AFTER;
  const step = STEPS.find((each) => ((to - first) / each) * TICK_PX < px) ?? STEPS.at(-1)!;
  return { from: Math.floor(first / step) * step, to, step };
}

/** Every task as a bar of each row that it keeps busy; what ended before the picture begins is left out. */
function barsOf(
  tasks: readonly ShownTask[],
  from: number,
  x: (minute: number) => number,
): ReadonlyMap<string, readonly Bar[]> {
  const rows = new Map<string, Bar[]>();
  for (const shown of tasks) {
    if (shown.end <= from) continue;
    const start = Math.max(shown.start, from),
      width = Math.max(x(shown.end) - x(start), LEAST_PX);
    for (const [id, look] of rowOf(shown))
      rows.set(id, [
        ...(rows.get(id) ?? []),
        { shown, look, x: x(start), width, lane: 0, since: shown.start < from },
      ]);
  }
  return rows;
}

/** A row with what overlaps in it laid in lanes. */
function laidRow(id: string, bars: readonly Bar[]): Row {
  const lanes = lanesOf(bars.map(({ shown: { start, end } }) => [start, end]));
  return {
    id,
    name: capital(id),
    bars: bars.map((bar, i) => ({ ...bar, lane: lanes[i]! })),
  };
}

/** A plan as a picture so many px wide. */
export function timelineOf(
  tasks: readonly ShownTask[],
  {
    width,
    left,
    serveAt,
    now,
  }: { readonly width: number; readonly left: number; readonly serveAt: number; readonly now: number },
): Timeline {
  const { from, to, step } = stretchOf(tasks, serveAt, width - left),
    x = scaleLinear([from, to], [left, width]);
  return {
    rows: [...barsOf(tasks, from, x)]
      .sort((a, b) => rankOf(a) - rankOf(b) || a[0].localeCompare(b[0]))
      .map(([id, bars]) => laidRow(id, bars)),
    ticks: range(from, serveAt + 1, step).map((minute) => ({ minute, x: x(minute) })),
    serveX: x(serveAt),
    pxPerMin: x(1) - x(0),
    nowX: now >= from && now <= to ? x(now) : undefined,
  };
}
