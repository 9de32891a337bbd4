import fc from 'fast-check';
import {
  CLASS_EDGES,
  CLASS_YIELD,
  type Classed,
  thicknessClasses,
  thicknessClassOf,
  thicknessRank,
} from './thickness-class.js';

const flowing = (lg: number, yieldStress = 0, more: Partial<Classed> = {}): Classed => ({
  viscosity: 10 ** lg,
  yieldStress,
  gelStress: 0,
  fatStress: 0,
  oilContinuous: 0,
  ...more,
});

test.each([
  ['water', 0, 0, 'pours like milk'],
  ['single cream', 1.5, 0, 'pours like cream'],
  ['a white sauce', 2.5, 3, 'coats a spoon'],
  ['a nacho sauce', 3.1, 15, 'clings'],
  ['hummus', 3.6, 120, 'mounds'],
  ['a nut spread', 4, 400, 'spreads'],
])('%s', (_what, lg, yieldStress, word) => {
  expect(thicknessClassOf(flowing(lg, yieldStress))).toBe(word);
});

test('a stiff paste of particles spreads, a gel as stiff slices', () => {
  const stiff = CLASS_YIELD.slices * 1.5;
  expect(thicknessClassOf(flowing(5, stiff))).toBe('spreads');
  expect(thicknessClassOf(flowing(5, stiff, { gelStress: stiff }))).toBe('slices');
});

test('butter straight from the fridge slices, soft butter spreads', () => {
  const butter = { oilContinuous: 1 };
  expect(thicknessClassOf(flowing(6, 3e5, { ...butter, fatStress: 3e5 }))).toBe('slices');
  expect(thicknessClassOf(flowing(5, 4e4, { ...butter, fatStress: 4e4 }))).toBe('spreads');
});

test('stiffer or more viscous is never called thinner', () => {
  const number = fc.double({ min: 0, max: 6, noNaN: true });
  fc.assert(
    fc.property(number, number, number, number, (lg, more, yieldLg, stiffer) => {
      const before = thicknessRank(flowing(lg, 10 ** yieldLg - 1));
      expect(thicknessRank(flowing(lg + more, 10 ** yieldLg - 1))).toBeGreaterThanOrEqual(before);
      expect(thicknessRank(flowing(lg, 10 ** (yieldLg + stiffer) - 1))).toBeGreaterThanOrEqual(before);
    }),
  );
});

test('the edges lie in order, one between two neighbouring words', () => {
  const words = CLASS_EDGES.flatMap((edge) => [
    thicknessClassOf(flowing(edge - 0.01)),
    thicknessClassOf(flowing(edge + 0.01)),
  ]);
  expect(new Set(words)).toEqual(new Set(thicknessClasses.slice(0, CLASS_EDGES.length + 1)));
});

test('just under an edge it is not there yet: mounds above 60 Pa, spreads above 220, slices above 3500 where most of it is set', () => {
  expect(thicknessClassOf(flowing(1.5, 60))).toBe('pours like cream');
  expect(thicknessClassOf(flowing(1.5, 61))).toBe('mounds');
  expect(thicknessClassOf(flowing(3.6, 220))).toBe('mounds');
  expect(thicknessClassOf(flowing(1.5, 221))).toBe('spreads');
  expect(thicknessClassOf(flowing(5, 3500, { gelStress: 3500 }))).toBe('spreads');
  expect(thicknessClassOf(flowing(5, 3600, { gelStress: 900, fatStress: 1000 }))).toBe('slices');
  expect(thicknessClassOf(flowing(5, 3600, { gelStress: 1700 }))).toBe('spreads');
  // Where fat is outside, only what is as firm as butter from the fridge slices, gel or not.
  expect(thicknessClassOf(flowing(5, 6000, { oilContinuous: 0.6, fatStress: 6000 }))).toBe('spreads');
  expect(thicknessClassOf(flowing(5, 6000, { oilContinuous: 0.4, fatStress: 6000 }))).toBe('slices');
  expect(thicknessClassOf(flowing(2.5, 200, { oilContinuous: 0.9 }))).toBe('mounds');
  expect(thicknessClassOf(flowing(5, 2.1e5, { oilContinuous: 0.9, fatStress: 0 }))).toBe('slices');
});
