import { requestOf, seedSauce } from '../balance/balance.fixture.js';
import { assess } from '../../property/assess.js';
import { distanceBetween, shiftsBetween } from './shift.js';

const judgedWith = (changes: Readonly<Record<string, number>>) =>
  assess(
    requestOf(
      seedSauce.map(([id, g]) => [id, changes[id] ?? g] as const),
      'pouring-sauce',
    ).recipe,
    4,
  );
const before = judgedWith({});

test('between a pot and itself nothing is lost or won, and there is no distance', () => {
  expect(shiftsBetween({}, before, before)).toEqual([]);
  expect(distanceBetween(before, before)).toBe(0);
});

test('nearer to the brief is won, further off is lost, inside it is only moved', () => {
  const saltier = judgedWith({ salt: 14 });
  const asOf = (low: number, high: number) =>
    shiftsBetween({ salt: { low, high } }, before, saltier).find(({ rail }) => rail === 'salt')?.as;
  const { salt: was } = before.prediction,
    { salt: is } = saltier.prediction;
  expect(asOf(is.mid - 0.05, is.mid + 0.05)).toBe('won');
  expect(asOf(was.mid - 0.05, was.mid + 0.05)).toBe('lost');
  expect(asOf(0, 3)).toBe('moved');
});

test('what is shifts carries the figures, largest first', () => {
  const thicker = judgedWith({ 'rice-flour': 45 });
  const shifts = shiftsBetween({}, before, thicker);
  const thickness = shifts.find(({ rail }) => rail === 'thickness');
  expect(thickness?.from).toBe(before.prediction.viscosity.mid);
  expect(thickness?.to).toBe(thicker.prediction.viscosity.mid);
  const steps = shifts.map((entry) => Math.abs(entry.by));
  expect(steps).toEqual([...steps].sort((a, b) => b - a));
});

test('the distance is the same both ways and grows with the change', () => {
  const little = judgedWith({ salt: 6 }),
    much = judgedWith({ salt: 12, 'rapeseed-oil': 60 });
  expect(distanceBetween(before, much)).toBeCloseTo(distanceBetween(much, before), 12);
  expect(distanceBetween(before, much)).toBeGreaterThan(distanceBetween(before, little));
});
