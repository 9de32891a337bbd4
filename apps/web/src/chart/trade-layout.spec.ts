import type { TradeMap } from '@alterum/core';
import { tradeLayout } from './trade-layout';

const size = { width: 340, height: 320 };
const SIDE = 21;

/** A map whose first property grows to the right, whose second grows upwards, and whose brief is met in the right half. */
function mapOf(more: Partial<TradeMap> = {}): TradeMap {
  const at = (of: (column: number, row: number) => number) =>
    Float64Array.from({ length: SIDE * SIDE }, (_unused, i) => of(i % SIDE, Math.floor(i / SIDE)));
  return {
    size: SIDE,
    x: { line: 0, least: 0, most: 40 },
    y: { line: 1, least: 0, most: 100 },
    values: [at((column) => column / SIDE), at((_column, row) => row / SIDE)],
    outsideBrief: at((column) => 10 - column),
    outsidePeople: at(() => -1),
    cannot: [],
    ...more,
  };
}
const layout = tradeLayout(mapOf(), ['thickness', 'salt'], size);
const pointsOf = (path: string): readonly (readonly [number, number])[] =>
  [...path.matchAll(/(-?[\d.]+),(-?[\d.]+)/g)].map(([, x, y]) => [Number(x), Number(y)] as const);

test('grams and pixels are each other’s inverse, and nothing leaves the axes', () => {
  const there = layout.gramsAt(layout.x(12), layout.y(35));
  expect(there.x).toBeCloseTo(12, 9);
  expect(there.y).toBeCloseTo(35, 9);
  expect(layout.gramsAt(-500, 9000)).toEqual({ x: 0, y: 0 });
  expect(layout.y(100)).toBeLessThan(layout.y(0));
});

test('the region is drawn where the brief is met, and nowhere when somebody can never eat it', () => {
  const xs = pointsOf(layout.region).map(([x]) => x);
  expect(Math.min(...xs)).toBeGreaterThan(layout.x(17));
  expect(Math.max(...xs)).toBeCloseTo(layout.plot.right, 0);
  const never = tradeLayout(
    mapOf({ outsidePeople: new Float64Array(SIDE * SIDE).fill(20), cannot: ['Marte'] }),
    ['thickness', 'salt'],
    size,
  );
  expect(never.region).toBe('');
  expect(never.briefRegion).toBe(layout.briefRegion);
});

test('contours rise in even steps, carry the figure of their property, and labels do not stand on each other', () => {
  const [first] = layout.fills;
  const levels = first.map(({ level }) => level);
  levels.slice(1).forEach((level, i) => expect(level - (levels[i] ?? 0)).toBeCloseTo(0.1, 9));
  for (const { path } of first)
    for (const [x, y] of pointsOf(path)) {
      expect(x).toBeGreaterThanOrEqual(layout.plot.left - 0.01);
      expect(y).toBeLessThanOrEqual(layout.plot.bottom + 0.01);
    }
  const labels = layout.fills.flat().flatMap(({ label }) => (label ? [label] : []));
  expect(labels.length).toBeGreaterThan(4);
  labels.forEach((a, i) =>
    labels
      .slice(i + 1)
      .forEach((b) => expect(Math.abs(a.x - b.x) > 40 || Math.abs(a.y - b.y) > 14).toBe(true)),
  );
});

test('along a line of one mass both amounts add up to it', () => {
  for (const { x1, y1, x2, y2, text } of layout.sameMass) {
    const ends = [layout.gramsAt(x1, y1), layout.gramsAt(x2, y2)];
    for (const { x, y } of ends) expect(x + y).toBeCloseTo(Number(text.replace(/\D/g, '')), 3);
  }
  expect(layout.sameMass.length).toBeGreaterThan(2);
});

test('what a line of one mass weighs stands on it, wholly inside the picture; no level’s figure stands on it', () => {
  const wide = tradeLayout(
    mapOf({ x: { line: 0, least: 0, most: 100 }, y: { line: 1, least: 0, most: 910 } }),
    ['thickness', 'salt'],
    size,
  );
  for (const { plot, sameMass, fills } of [layout, wide]) {
    const shown = sameMass.flatMap(({ label, ...line }) => (label ? [{ label, line }] : []));
    expect(shown.length).toBeGreaterThan(2);
    for (const { label, line } of shown) {
      const along = (label.x - line.x1) / (line.x2 - line.x1);
      expect(label.y).toBeCloseTo(line.y1 + along * (line.y2 - line.y1), 6);
      expect(label.x).toBeGreaterThan(plot.left + 15);
      expect(label.x).toBeLessThan(plot.right - 15);
      expect(label.y).toBeGreaterThan(plot.top + 5);
      for (const { label: figure } of fills.flat())
        if (figure) expect(Math.abs(figure.x - label.x) > 40 || Math.abs(figure.y - label.y) > 14).toBe(true);
    }
  }
  // Across the corner there is no room for one.
  expect(wide.sameMass.at(-1)?.text).toBe('1\u202f000 g');
  expect(wide.sameMass.at(-1)?.label).toBeUndefined();
});
