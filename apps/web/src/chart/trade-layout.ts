import { contourLevels, type TradeMap, valueOnRail, railOf, type RailId } from '@alterum/core';
import { contours, geoPath, geoTransform, scaleLinear } from 'd3';
import { figure } from '../words/number-text';
import type { Size } from './thickness-layout';

interface Place {
  readonly x: number;
  readonly y: number;
}

export interface Contour {
  readonly path: string;
  readonly level: number;
  /** The level in the property’s unit. */
  readonly text: string;
  /** Where the label of a line stands; absent for a line that leaves no room. */
  readonly label?: Place;
}

export interface TradeLayout {
  readonly plot: {
    readonly left: number;
    readonly right: number;
    readonly top: number;
    readonly bottom: number;
  };
  readonly fills: readonly [readonly Contour[], readonly Contour[]];
  /** What meets the brief and the people; what meets the brief alone. */
  readonly region: string;
  readonly briefRegion: string;
  /** Lines along which both together weigh the same. */
  readonly sameMass: readonly {
    readonly x1: number;
    readonly y1: number;
    readonly x2: number;
    readonly y2: number;
    readonly text: string;
    /** The middle of where its text stands; absent for a line that leaves no room. */
    readonly label?: Place;
  }[];
  readonly x: (grams: number) => number;
  readonly y: (grams: number) => number;
  readonly gramsAt: (x: number, y: number) => { readonly x: number; readonly y: number };
  readonly ticks: { readonly x: readonly number[]; readonly y: readonly number[] };
}

const MARGIN = { left: 44, right: 10, top: 10, bottom: 34 } as const;
const MASS_LINES = 5;

/** The map in pixels: where its knots lie, and what is drawn along them. */
function gridOf(map: TradeMap, plot: TradeLayout['plot']) {
  // The knots of the grid lie in the middle of d3’s cells.
  const x = scaleLinear([0.5, map.size - 0.5], [plot.left, plot.right]),
    y = scaleLinear([0.5, map.size - 0.5], [plot.bottom, plot.top]);
  const path = geoPath(
    geoTransform({
      point(px, py) {
        this.stream.point(clamp(x(px), plot.left, plot.right), clamp(y(py), plot.top, plot.bottom));
      },
    }),
  );
  const contour = contours().size([map.size, map.size]);
  return {
    /** What lies above a level: its outline, and the places along it where a label would like to stand. */
    outline: (values: readonly number[], level: number) => {
      const shape = contour.contour([...values], level);
      return {
        path: path(shape) ?? '',
        places: knotsInside(shape.coordinates, map.size).map(([px, py]): Place => ({ x: x(px), y: y(py) })),
      };
    },
  };
}
type Grid = ReturnType<typeof gridOf>;

/** Levels of one property. @param taken where labels stand already; its own are added */
function levelsOf(grid: Grid, values: readonly number[], shown: RailId, taken: Place[]): readonly Contour[] {
  const rail = railOf(shown);
  const isFree = ({ x, y }: Place) =>
    taken.every((other) => Math.abs(other.x - x) > LABEL.width || Math.abs(other.y - y) > LABEL.height);
  return contourLevels(Math.max(0, Math.min(...values)), Math.min(1, Math.max(...values))).map(
    (level): Contour => {
      const { path, places } = grid.outline(values, level),
        label = places.find(isFree);
      if (label) taken.push(label);
      const text = figure(valueOnRail(rail.scale, level), rail.digits);
      return { level, path, text, ...(label ? { label } : {}) };
    },
  );
}

/** Everything a trade map draws, in pixels. */
export function tradeLayout(map: TradeMap, shown: readonly [RailId, RailId], size: Size): TradeLayout {
  const plot = {
    left: MARGIN.left,
    right: size.width - MARGIN.right,
    top: MARGIN.top,
    bottom: size.height - MARGIN.bottom,
  };
  const x = scaleLinear([map.x.least, map.x.most], [plot.left, plot.right]),
    y = scaleLinear([map.y.least, map.y.most], [plot.bottom, plot.top]);
  const grid = gridOf(map, plot),
    sameMass = massLines(map, x, y, plot),
    taken = sameMass.flatMap(({ label }) => label ?? []);
  const regionOf = (outside: (i: number) => number): string =>
    grid.outline(
      Array.from(map.outsideBrief, (_far, i) => -outside(i)),
      0,
    ).path;
  return {
    plot,
    x,
    y,
    fills: [
      levelsOf(grid, Array.from(map.values[0]), shown[0], taken),
      levelsOf(grid, Array.from(map.values[1]), shown[1], taken),
    ],
    region: regionOf((i) => Math.max(map.outsideBrief[i] ?? 0, map.outsidePeople[i] ?? 0)),
    briefRegion: regionOf((i) => map.outsideBrief[i] ?? 0),
    sameMass,
    gramsAt: (px, py) => ({
      x: clamp(x.invert(px), map.x.least, map.x.most),
      y: clamp(y.invert(py), map.y.least, map.y.most),
    }),
    ticks: { x: x.ticks(5), y: y.ticks(5) },
  };
}

const clamp = (value: number, low: number, high: number): number => Math.min(high, Math.max(low, value));

/** Room that a label needs, px. */
const LABEL = { width: 40, height: 14 } as const;
/** Where along an outline a label is tried, as shares of it. */
const TRIED = [0.33, 0.5, 0.2, 0.66, 0.8, 0.42, 0.1] as const;

/** Knots of the outline well inside the picture, in cells, in the order in which a label would like to stand there. */
function knotsInside(
  polygons: readonly (readonly (readonly number[][])[])[] | number[][][][],
  size: number,
): readonly (readonly [number, number])[] {
  const inside = polygons
    .flat(2)
    .filter(([px = 0, py = 0]) => px > 2 && py > 2 && px < size - 2 && py < size - 2);
  return TRIED.flatMap((share) => {
    const knot = inside[Math.floor(inside.length * share)];
    return knot ? [[knot[0] ?? 0, knot[1] ?? 0] as const] : [];
  });
}

function massLines(
  map: TradeMap,
  x: (g: number) => number,
  y: (g: number) => number,
  plot: TradeLayout['plot'],
): TradeLayout['sameMass'] {
  const least = map.x.least + map.y.least,
    most = map.x.most + map.y.most;
  return scaleLinear([least, most], [0, 1])
    .ticks(MASS_LINES)
    .flatMap((sum) => {
      const from = Math.max(map.x.least, sum - map.y.most),
        to = Math.min(map.x.most, sum - map.y.least);
      if (!(to > from)) return [];
      const line = { x1: x(from), y1: y(sum - from), x2: x(to), y2: y(sum - to) },
        label = onLine(line, plot);
      return [{ ...line, text: `${figure(sum, 0)} g`, ...(label ? { label } : {}) }];
    });
}

/** A quarter along a line, or as near to that as its text is wholly inside the picture. */
function onLine(
  { x1, y1, x2, y2 }: { readonly x1: number; readonly y1: number; readonly x2: number; readonly y2: number },
  plot: TradeLayout['plot'],
): Place | undefined {
  return [0.25, 0.4, 0.5, 0.6, 0.75]
    .map((share): Place => ({ x: x1 + share * (x2 - x1), y: y1 + share * (y2 - y1) }))
    .find(
      (place) =>
        place.x > plot.left + LABEL.width / 2 &&
        place.x < plot.right - LABEL.width / 2 &&
        place.y > plot.top + LABEL.height / 2 &&
        place.y < plot.bottom - LABEL.height / 2,
    );
}
