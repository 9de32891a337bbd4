import { range, scaleLinear } from 'd3';
import { capital } from '../words/capital';
import { clockText, kindWord, LONG_BEFORE, shortWords, type ShownTask } from './evening-plan';

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
  /** What it is called as far as there is room: in the bar, or in the empty place behind it. */
  readonly label: Label;
}

interface Label {
  readonly text: string;
  readonly where: 'in' | 'behind';
}

/** A long stretch in which nobody does anything and nothing runs, drawn short. */
export interface Fold {
  readonly from: number;
  readonly to: number;
  readonly x: number;
  readonly width: number;
}

export interface Timeline {
  readonly rows: readonly Row[];
  readonly ticks: readonly { readonly minute: number; readonly x: number }[];
  readonly serveX: number;
  readonly nowX: number | undefined;
  readonly folds: readonly Fold[];
  /** Minute of the plan at a px. */
  readonly minuteAt: (x: number) => number;
  readonly xOf: (minute: number) => number;
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

/** min of an empty stretch from which it is folded, min that stay drawn at either end of it, and px that the fold takes. */
const FOLD_FROM = 50,
  FOLD_ENDS = 8,
  FOLD_PX = 30;

/** Long stretches in which only waits go on. */
function emptyStretches(
  tasks: readonly ShownTask[],
  from: number,
  to: number,
): readonly { readonly from: number; readonly to: number }[] {
  const busy = tasks
    .filter(({ task, end }) => (task.hands || task.machine !== undefined) && end > from)
    .map(({ start, end }) => ({ start: Math.max(start, from), end }))
    .sort((a, b) => a.start - b.start);
  const found: { from: number; to: number }[] = [];
  let until = from;
  for (const { start, end } of [...busy, { start: to, end: to }]) {
    if (start - until >= FOLD_FROM) found.push({ from: until + FOLD_ENDS, to: start - FOLD_ENDS });
    until = Math.max(until, end);
  }
  return found;
}

/** Minutes to px, with the folds drawn short. */
function scaleOf(
  from: number,
  to: number,
  left: number,
  width: number,
  empty: readonly { readonly from: number; readonly to: number }[],
) {
  const folded = empty.reduce((all, one) => all + one.to - one.from, 0),
    pxPerMin = (width - left - FOLD_PX * empty.length) / Math.max(to - from - folded, 1);
  const minutes = [from],
    px = [left];
  const go = (minute: number, by: number) => {
    minutes.push(minute);
    px.push(px.at(-1)! + by);
  };
  for (const one of empty) {
    go(one.from, (one.from - minutes.at(-1)!) * pxPerMin);
    go(one.to, FOLD_PX);
  }
  go(to, (to - minutes.at(-1)!) * pxPerMin);
  return scaleLinear(minutes, px);
}

/** px of a letter of a label, and of its ends. @source the text face at 12.5 px, semibold, on the wide side */
const LETTER_PX = 7,
  ENDS_PX = 12,
  NUMBER_ENDS_PX = 3;
const pxOf = (text: string): number => text.length * LETTER_PX + (text.length < 3 ? NUMBER_ENDS_PX : ENDS_PX);

/** The longest of what a bar may be called that has room in it, or in the empty place behind it. */
function labelOf(bar: Omit<Bar, 'label'>, room: number): Label {
  const { shown, width, since } = bar;
  const pot = shown.at >= 0 ? `${shown.at + 1} ` : '';
  const texts = [
    ...(since ? [`since ${clockText(shown.start)}: ${shown.words}`] : []),
    `${pot}${shortWords(shown)}`,
    `${pot}${kindWord(shown)}`,
    pot.trim(),
  ];
  for (const text of texts) {
    if (pxOf(text) <= width) return { text, where: 'in' };
    if (pxOf(text) <= room) return { text, where: 'behind' };
  }
  return { text: '', where: 'in' };
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
        { shown, look, x: x(start), width, lane: 0, since: shown.start < from, label: NO_LABEL },
      ]);
  }
  return rows;
}

const NO_LABEL: Label = { text: '', where: 'in' };

/** A row with what overlaps in it laid in lanes, each bar called as far as there is room. */
function laidRow(id: string, bars: readonly Bar[], right: number): Row {
  const lanes = lanesOf(bars.map(({ shown: { start, end } }) => [start, end]));
  const laid = bars.map((bar, i) => ({ ...bar, lane: lanes[i]! }));
  return {
    id,
    name: capital(id),
    bars: laid.map((bar, i) => {
      const next = laid.find((other, k) => k > i && other.lane === bar.lane);
      return { ...bar, label: labelOf(bar, (next?.x ?? right) - bar.x - bar.width) };
    }),
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
  const { from, to, step: plain } = stretchOf(tasks, serveAt, width - left),
    empty = emptyStretches(tasks, from, to),
    x = scaleOf(from, to, left, width, empty);
  const drawn = to - from - empty.reduce((all, one) => all + one.to - one.from, 0),
    step = STEPS.find((each) => (drawn / each) * TICK_PX < width - left) ?? plain;
  const isFolded = (minute: number) => empty.some((one) => minute > one.from && minute < one.to);
  return {
    rows: [...barsOf(tasks, from, x)]
      .sort((a, b) => rankOf(a) - rankOf(b) || a[0].localeCompare(b[0]))
      .map(([id, bars]) => laidRow(id, bars, x(serveAt))),
    ticks: range(Math.ceil(from / step) * step, serveAt + 1, step)
      .filter((minute) => !isFolded(minute))
      .map((minute) => ({ minute, x: x(minute) }))
      .filter(({ x: at }, i, all) => i === 0 || at - all[i - 1]!.x >= TICK_PX * 0.8),
    folds: empty.map((one) => ({ ...one, x: x(one.from), width: FOLD_PX })),
    serveX: x(serveAt),
    minuteAt: (px) => x.invert(px),
    xOf: (minute) => x(minute),
    nowX: now >= from && now <= to ? x(now) : undefined,
  };
}
