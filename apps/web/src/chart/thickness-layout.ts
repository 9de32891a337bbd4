import { area, curveMonotoneX, line, scaleLinear, scaleLog } from 'd3';
import { CLASS_EDGES, CURVE_RANGE, type CurvePoint, type WishRange } from '@alterum/core';

export interface Size {
  readonly width: number;
  readonly height: number;
}

/** A moment on the way of the pot, marked on the curve. */
export interface Marker {
  readonly id: string;
  readonly name: string;
  readonly temperatureC: number;
}

export interface PlacedMarker extends Marker {
  readonly x: number;
  readonly y: number;
  readonly viscosity: number;
  /** Where its label stands: below to the right of the dot, or above to the left, where the falling curve leaves room. */
  readonly label: { readonly x: number; readonly y: number; readonly anchor: 'start' | 'end' };
}

export interface ThicknessLayout {
  readonly plot: {
    readonly left: number;
    readonly top: number;
    readonly right: number;
    readonly bottom: number;
  };
  readonly words: readonly { readonly word: string; readonly top: number; readonly height: number }[];
  readonly band: string;
  readonly curve: string;
  readonly later: string;
  readonly ghost: string;
  readonly markers: readonly PlacedMarker[];
  readonly lit:
    { readonly x: number; readonly y: number; readonly width: number; readonly height: number } | undefined;
  readonly ticks: readonly { readonly x: number; readonly text: string }[];
}

export interface ThicknessInput {
  readonly curve: readonly CurvePoint[];
  /** The same pot on another day, from the fridge; a plain line. */
  readonly later: readonly CurvePoint[];
  readonly ghost: readonly CurvePoint[];
  readonly markers: readonly Marker[];
  /** Lit stretch of thickness at the serving temperature. */
  readonly lit: WishRange | undefined;
  readonly serveC: number;
}

const MARGIN = { left: 62, top: 8, right: 14, bottom: 22 } as const;
/** Room around the lit range, °C either side. */
const LIT_HALF_WIDTH = 5;
/** A label needs this much room to the right of its dot, px. */
const LABEL_WIDTH = 96;
const WORDS = ['milk', 'cream', 'coats', 'clings', 'mounds', 'spreads'] as const;
/** mPa·s at which the last two words change on the chart. */
const SPREADS_FROM = 20_000;

/** Viscosity at a temperature, log-linear between the points of a curve. */
export function viscosityAt(curve: readonly CurvePoint[], tC: number): number {
  const i = Math.max(0, Math.min(curve.length - 2, Math.floor((tC - CURVE_RANGE.from) / CURVE_RANGE.step)));
  const a = curve[i],
    b = curve[i + 1];
  if (!a || !b) return a?.viscosity.mid ?? 1;
  const u = Math.max(0, Math.min(1, (tC - a.temperatureC) / (b.temperatureC - a.temperatureC)));
  return Math.exp((1 - u) * Math.log(a.viscosity.mid) + u * Math.log(b.viscosity.mid));
}

function domain(input: ThicknessInput): readonly [number, number] {
  const values = [...input.curve, ...input.later, ...input.ghost].flatMap(({ viscosity }) => [
    viscosity.low,
    viscosity.high,
  ]);
  const low = Math.min(...values, input.lit?.low ?? Infinity),
    high = Math.max(...values, input.lit?.high ?? 0);
  return [Math.max(0.5, low / 1.6), Math.max(high * 1.6, 20)];
}

type Scale = (value: number) => number;

/** Stretches of the words up the side, as far as they are seen. */
function wordsIn(low: number, high: number, y: Scale): ThicknessLayout['words'] {
  const edges = [low, ...CLASS_EDGES.map((edge) => 10 ** edge), SPREADS_FROM, high];
  return WORDS.flatMap((word, i) => {
    const from = Math.max(edges[i] ?? low, low),
      to = Math.min(edges[i + 1] ?? high, high);
    return to > from ? [{ word, top: y(to), height: y(from) - y(to) }] : [];
  });
}

/** A mark on the curve, its label on the side where there is room. */
function placedOn(
  marker: ThicknessInput['markers'][number],
  curve: ThicknessInput['curve'],
  { x, y, plot }: { readonly x: Scale; readonly y: Scale; readonly plot: ThicknessLayout['plot'] },
): PlacedMarker {
  const viscosity = viscosityAt(curve, marker.temperatureC),
    at = x(marker.temperatureC),
    height = y(viscosity);
  const label =
    plot.right - at > LABEL_WIDTH
      ? { x: at + 9, y: height + 15, anchor: 'start' as const }
      : { x: at - 9, y: height - 7, anchor: 'end' as const };
  return {
    ...marker,
    x: at,
    y: height,
    viscosity,
    label: { ...label, y: Math.min(Math.max(label.y, plot.top + 10), plot.bottom - 4) },
  };
}

/** What is asked for, about the temperature at which it is eaten. */
function litIn({ lit, serveC }: ThicknessInput, x: Scale, y: Scale): ThicknessLayout['lit'] {
  if (!lit) return undefined;
  const left = x(Math.min(CURVE_RANGE.to, serveC + LIT_HALF_WIDTH)),
    right = x(Math.max(CURVE_RANGE.from, serveC - LIT_HALF_WIDTH));
  return { x: left, width: right - left, y: y(lit.high), height: y(lit.low) - y(lit.high) };
}

/** Everything the chart draws, in pixels: hot on the left, cold on the right, as the pot goes. */
export function thicknessLayout(input: ThicknessInput, size: Size): ThicknessLayout {
  const plot = {
    left: MARGIN.left,
    top: MARGIN.top,
    right: size.width - MARGIN.right,
    bottom: size.height - MARGIN.bottom,
  };
  const x = scaleLinear([CURVE_RANGE.to, CURVE_RANGE.from], [plot.left, plot.right]);
  const [low, high] = domain(input);
  const y = scaleLog([low, high], [plot.bottom, plot.top]).clamp(true);
  const path = line<CurvePoint>(
    (p) => x(p.temperatureC),
    (p) => y(p.viscosity.mid),
  ).curve(curveMonotoneX);
  const doubt = area<CurvePoint>(
    (p) => x(p.temperatureC),
    (p) => y(p.viscosity.low),
    (p) => y(p.viscosity.high),
  ).curve(curveMonotoneX);
  const falling = [...input.curve].reverse();
  return {
    plot,
    words: wordsIn(low, high, y),
    band: doubt(falling) ?? '',
    curve: path(falling) ?? '',
    later: path([...input.later].reverse()) ?? '',
    ghost: path([...input.ghost].reverse()) ?? '',
    markers: input.markers.map((marker) => placedOn(marker, input.curve, { x, y, plot })),
    lit: litIn(input, x, y),
    ticks: x.ticks(5).map((t) => ({ x: x(t), text: `${t} °C` })),
  };
}
