import { ingredientById } from '../catalog/larder-table.js';
import { equivalentRows } from './equivalent.params.js';
import { soak, soakHours } from './soak.js';
import { soakRows } from './soak.params.js';
import { waysOf } from './ways.js';
import { yieldRows } from './yield.params.js';

test('a longer soak drinks more, a hot one sooner, and neither past the end', () => {
  const after = (hours: number, hot = false) => soak('cashew', hours, hot)?.uptake.mid ?? NaN;
  expect(after(1)).toBeLessThan(after(4));
  expect(after(0.5, true)).toBeGreaterThan(after(0.5));
  expect(after(48)).toBeLessThanOrEqual(soakRows['cashew']?.most ?? 0);
  expect(after(0)).toBe(0);
  expect(soakHours('almond', true)).toBeLessThan(soakHours('almond', false) ?? 0);
});

test('too long a cold soak is said, a hot one is not the same thing', () => {
  expect(soak('sunflower-seed', 24, false)?.tooLong).toBe(true);
  expect(soak('sunflower-seed', 6, false)?.tooLong).toBe(false);
  expect(soak('salt', 6, false)).toBeUndefined();
  expect(() => soak('cashew', -1, false)).toThrow(RangeError);
});

test('roasting dries, boiling a dry pulse swells, and both follow from the water in the tables', () => {
  for (const row of yieldRows) {
    const from = ingredientById(row.from),
      to = ingredientById(row.to);
    expect(to).toBeDefined();
    if (row.how === 'roasted' || row.how === 'fried' || row.how === 'drained')
      expect(row.factor).toBeLessThan(1);
    if (!from || !to || row.how === 'fried') continue;
    // What is not water stays, or goes into the cooking water; it never grows by more than the oil brushed on.
    const solidsBefore = 100 - (from.per100.water ?? 0),
      solidsAfter = (100 - (to.per100.water ?? 0)) * row.factor;
    expect(solidsAfter).toBeLessThan(solidsBefore * 1.45);
    expect(solidsAfter).toBeGreaterThan(solidsBefore * 0.7);
  }
});

test('an exchange and its way back give the first amount again', () => {
  for (const row of equivalentRows) {
    const back = equivalentRows.find((other) => other.from === row.to && other.to === row.from);
    expect((back?.factor ?? 0) * row.factor).toBeCloseTo(1, 9);
    expect(ingredientById(row.from)).toBeDefined();
  }
});

test('salted for unsalted takes its salt out elsewhere', () => {
  const rows = equivalentRows.filter((row) => row.kind === 'salted-unsalted' && row.saltToTakeOut > 0);
  expect(rows.length).toBeGreaterThan(3);
  for (const row of rows) {
    const more =
      (ingredientById(row.to)?.per100.salt ?? 0) * row.factor - (ingredientById(row.from)?.per100.salt ?? 0);
    expect(row.saltToTakeOut * 100).toBeCloseTo(more, 0);
  }
});

test('the larder tells how to prepare a thing', () => {
  expect(waysOf('cashew').soak?.uptake).toBeGreaterThan(0.3);
  expect(waysOf('garlic').equivalents.map((row) => row.to)).toContain('garlic-powder');
  expect(waysOf('white-bean-boiled').yields).toHaveLength(1);
  expect(waysOf('salt')).toMatchObject({ yields: [] });
});
