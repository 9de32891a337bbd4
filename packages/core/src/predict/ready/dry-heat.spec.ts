import type { Drying } from '../../ingredient/handling.js';
import { areaOfPan, fried, roasted } from './dry-heat.js';

const row = (rate: number): Drying => ({ loose: 0.8, rate, cv: 0.2, source: 'made up' });

/** Solved apart from this code: −ln(left)/k + water gone/what the pan drives off = minutes after it is warm. */
test.each([
  [5, 28, 'medium', false, 200, 0.42505, 0.75482],
  // Larger pieces give their water slower.
  [10, 28, 'medium', false, 200, 0.33536, 0.75482],
  // A small pan full of it steams, and warms late.
  [5, 20, 'high', false, 600, 0.19038, 0.69642],
  [5, 28, 'low', false, 200, 0.2749, 0.72668],
  // Under a lid a tenth of it leaves the pan.
  [5, 28, 'gentle', true, 200, 0.03817, 0.74843],
] as const)(
  '%d mm in a pan of %d cm, %s, lid %p, %d g: %d g/g gone, soft to %d in twelve minutes',
  (sizeMm, panCm, flame, lidOn, massG, lost, softened) => {
    const now = fried(row(0.12), { minutes: 12, sizeMm, panCm, flame, lidOn }, massG);
    expect(now.lost).toBeCloseTo(lost, 4);
    expect(now.softened).toBeCloseTo(softened, 4);
  },
);

test('no minutes and nothing that can leave take nothing', () => {
  const pan = { minutes: 12, sizeMm: 5, panCm: 28, flame: 'medium', lidOn: false } as const;
  expect(fried(row(0.12), { ...pan, minutes: 0 }, 200)).toEqual({ lost: 0, softened: 0 });
  expect(fried({ ...row(0.12), loose: 0 }, pan, 200)).toEqual({ lost: 0, softened: 0 });
  expect(areaOfPan(20)).toBeCloseTo(Math.PI, 9);
});

test.each([
  [200, 25, 0.40275],
  [160, 50, 0.15974],
  // Colder than its wet surface no water leaves.
  [80, 25, 0],
])('forty minutes at %d °C in pieces of %d mm: %d g/g gone', (ovenC, sizeMm, lost) => {
  const now = roasted(row(0.02), { minutes: 40, ovenC, sizeMm });
  expect(now.lost).toBeCloseTo(lost, 4);
  expect(now.softened).toBeCloseTo(0.94589, 4);
});
