import { type CurvePoint } from '@alterum/core';
import { thicknessLayout, type ThicknessInput, viscosityAt } from './thickness-layout';

/** A pot that halves its thickness every 10 °C. */
const curve: readonly CurvePoint[] = Array.from({ length: 19 }, (_, i) => {
  const temperatureC = 5 + 5 * i,
    mid = 8000 * 2 ** (-temperatureC / 10);
  return { temperatureC, viscosity: { low: mid / 1.5, mid, high: mid * 1.5 }, yieldStress: 0 };
});
const input: ThicknessInput = {
  curve,
  later: curve,
  ghost: [],
  lit: { low: 100, high: 400 },
  serveC: 60,
  markers: [
    { id: 'pan', name: 'pan', temperatureC: 90 },
    { id: 'table', name: 'table', temperatureC: 60 },
    { id: 'fridge', name: 'fridge', temperatureC: 6 },
  ],
};
const size = { width: 360, height: 260 };
const layout = thicknessLayout(input, size);
const marker = (id: string) => {
  const found = layout.markers.find((candidate) => candidate.id === id);
  if (!found) throw new Error(id);
  return found;
};

test('the pan stands left, the fridge right, and colder is drawn higher', () => {
  expect(marker('pan').x).toBeLessThan(marker('table').x);
  expect(marker('table').x).toBeLessThan(marker('fridge').x);
  expect(marker('fridge').y).toBeLessThan(marker('table').y);
  expect(marker('table').y).toBeLessThan(marker('pan').y);
});

test('a marker carries the thickness at its temperature, between the points too', () => {
  expect(marker('table').viscosity).toBeCloseTo(8000 * 2 ** -6, 6);
  expect(viscosityAt(curve, 62.5)).toBeCloseTo(8000 * 2 ** -6.25, 6);
  expect(viscosityAt(curve, 3)).toBeCloseTo(8000 * 2 ** -0.5, 6);
  expect(viscosityAt(curve, 120)).toBeCloseTo(8000 * 2 ** -9.5, 6);
});

test('everything lies inside the plot, the lit range around the serving temperature', () => {
  const { left, right, top, bottom } = layout.plot;
  for (const { x, y } of layout.markers) {
    expect(x).toBeGreaterThanOrEqual(left);
    expect(x).toBeLessThanOrEqual(right);
    expect(y).toBeGreaterThanOrEqual(top);
    expect(y).toBeLessThanOrEqual(bottom);
  }
  const lit = layout.lit;
  expect(lit && lit.x < marker('table').x && lit.x + lit.width > marker('table').x).toBe(true);
  expect(lit && lit.height > 0 && lit.y <= marker('table').y && lit.y + lit.height >= marker('table').y).toBe(
    true,
  );
});

test('the words of thickness fill the height without gaps', () => {
  const bands = [...layout.words].sort((a, b) => b.top - a.top);
  bands.forEach((band, i) => {
    const next = bands[i + 1];
    if (next) expect(next.top + next.height).toBeCloseTo(band.top, 6);
  });
  expect(bands.map((band) => band.word)).toEqual(expect.arrayContaining(['coats', 'clings']));
});

test('a label at the right edge stands left of its dot', () => {
  expect(marker('fridge').label.anchor).toBe('end');
  expect(marker('pan').label.anchor).toBe('start');
});
