import { potOf } from '../../larder/pot-of.js';
import { assess } from '../../property/assess.js';
import { railOf } from '../../property/rail.js';
import {
  aimsOf,
  askedMet,
  askedOf,
  figuresOf,
  keptInside,
  met,
  missedRails,
  missOf,
  penaltiesOf,
} from './aim.js';

const [aim] = aimsOf({ salt: { low: 0.9, high: 1.5 } });
const band = (low: number, mid: number, high: number) => ({ low, mid, high });
if (!aim) throw new Error('no aim');

test('inside with its whole band misses nothing', () => {
  expect(missOf(aim, band(1, 1.2, 1.4))).toEqual({ middle: 0, band: 0 });
});

test('a step of the salt rail is 0.15 %: so much too little is one step', () => {
  expect(missOf(aim, band(0.7, 0.75, 0.8)).middle).toBeCloseTo(-1, 9);
  expect(missOf(aim, band(1.6, 1.65, 1.7)).middle).toBeCloseTo(1, 9);
});

test('an end of the band outside counts although the middle is inside', () => {
  const { middle, band: out } = missOf(aim, band(0.75, 1, 1.2));
  expect(middle).toBe(0);
  expect(out).toBeCloseTo(1, 9);
});

test('a band wider than its stretch is best in the middle', () => {
  const [narrow] = aimsOf({ salt: { low: 0.9, high: 1 } });
  if (!narrow) throw new Error('no aim');
  expect(missOf(narrow, band(0.65, 0.95, 1.25)).band).toBeCloseTo(0, 9);
  expect(missOf(narrow, band(0.7, 0.98, 1.3)).band).toBeGreaterThan(0.2);
});

test('a hair outside counts as met, a step does not', () => {
  expect(met([{ middle: -0.02, band: 3 }])).toBe(true);
  expect(
    met([
      { middle: 0, band: 0 },
      { middle: 0.5, band: 0 },
    ]),
  ).toBe(false);
});

test('the figures of an aim: each end of the band, less what no amount could bring inside', () => {
  // Two steps of stretch; a band of three sticks out by half a step on either side whatever is done.
  const [wide] = aimsOf({ salt: { low: 0.9, high: 1.2 } });
  const [middle, low, high] = figuresOf(wide!, band(0.75, 1, 1.2));
  expect(middle).toBeCloseTo(1 / 0.15, 6);
  expect(low).toBeCloseTo((0.75 + 0.075) / 0.15, 6);
  expect(high).toBeCloseTo((1.2 - 0.075) / 0.15, 6);
  expect(figuresOf(wide!, band(1, 1.05, 1.1))[1]).toBeCloseTo(1 / 0.15, 6);
});

test('kept inside by a margin, but never past the middle of a narrow stretch', () => {
  const [wide] = aimsOf({ salt: { low: 0.9, high: 1.5 } });
  const [low, high] = keptInside(wide!, 1);
  expect(low).toBeCloseTo(7, 6);
  expect(high).toBeCloseTo(9, 6);
  const [at, same] = keptInside(wide!, 99);
  expect(at).toBeCloseTo(8, 6);
  expect(same).toBeCloseTo(8, 6);
  expect(missOf(wide!, band(0.95, 1, 1.05), 1).middle).toBeCloseTo(-1 / 3, 6);
});

test('what was asked and what only stays: met, missed and weighed', () => {
  const aims = aimsOf({
    salt: { low: 0.9, high: 1.5, weight: 3 },
    fat: { low: 5, high: 9, kept: true },
    sweetness: { low: 1, high: 2, weight: 1 },
  });
  const misses = aims.map(({ rail }) => ({ middle: rail === 'fat' ? 4 : 0, band: 0 }));
  expect(askedOf(aims).map(({ rail }) => rail)).not.toContain('fat');
  expect(askedMet(aims, misses)).toBe(true);
  expect(missedRails(aims, misses)).toEqual(['fat']);
  expect(
    askedMet(
      aims,
      aims.map(({ rail }) => ({ middle: rail === 'salt' ? 1 : 0, band: 0 })),
    ),
  ).toBe(false);
  const pot = assess(
    potOf([
      ['water', 99.5],
      ['salt', 0.5],
    ]),
    1,
  );
  const at = (margin: number) => penaltiesOf(aims, pot, margin);
  const salt = aims.findIndex(({ rail }) => rail === 'salt');
  const off = (0.9 - pot.prediction.salt.mid) / 0.15;
  const bandOff = (0.9 - pot.prediction.salt.low) / 0.15;
  expect(at(0)[salt]).toBeCloseTo(4 * (off ** 2 + 0.06 * bandOff ** 2), 6);
  expect(at(0.5)[salt]).toBeCloseTo(4 * ((off + 0.5) ** 2 + 0.06 * bandOff ** 2), 6);
});

test('asked up to the end of its rail, a wish is open above', () => {
  const end = railOf('salt').scale.high;
  const [open] = aimsOf({ salt: { low: 1, high: end } });
  expect(open!.high).toBe(Infinity);
  expect(missOf(open!, band(end, end * 2, end * 3)).middle).toBe(0);
});
