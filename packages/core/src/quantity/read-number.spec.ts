import fc from 'fast-check';
import { readNumber } from './read-number.js';

test.each([
  ['1,000 g', 1000, 'g'],
  ['1.000 g', 1000, 'g'],
  ['1 000 g', 1000, 'g'],
  ['1\u202f000 g', 1000, 'g'],
  ['1’000 g', 1000, 'g'],
  ["1'000", 1000, ''],
  ['3,5 g', 3.5, 'g'],
  ['3.5', 3.5, ''],
  ['1,234.5', 1234.5, ''],
  ['1.234,5', 1234.5, ''],
  ['1 234,5', 1234.5, ''],
  ['12,345,678', 12_345_678, ''],
  ['0,125', 0.125, ''],
  ['0.125 l', 0.125, 'l'],
  ['1,25', 1.25, ''],
  ['1.2500', 1.25, ''],
  ['1234', 1234, ''],
  ['1234.567', 1234.567, ''],
  ['.5', 0.5, ''],
  ['−5', -5, ''],
  ['-2.5 °C', -2.5, '°C'],
  ['1 1/2 cup', 1.5, 'cup'],
  ['2½', 2.5, ''],
  ['⅗', 0.6, ''],
])('“%s” is %f, and “%s” is left over', (text, value, rest) => {
  const read = readNumber(text);
  expect(read?.value).toBeCloseTo(value, 9);
  expect(read?.rest).toBe(rest);
});

test('three digits after one mark can be read in two ways, and both are told', () => {
  expect(readNumber('1.250')).toMatchObject({ value: 1250, asDecimal: 1.25 });
  expect(readNumber('1,250 kg')).toMatchObject({ value: 1250, asDecimal: 1.25 });
  for (const sure of ['1 250', '1.250,5', '1,250,000', '0.250', '1.25', '1250'])
    expect(readNumber(sure)).not.toHaveProperty('asDecimal');
});

test.each(['1,2,3', '1.2.3', '1,23,456', '1,234,5', '1.000.00', 'cup', '', '1/0', '-', ',', '9'.repeat(400)])(
  'the marks of “%s” make no number',
  (text) => {
    expect(readNumber(text)).toBeUndefined();
  },
);

test('a number is read back as it is written, whichever marks a country uses', () => {
  const marks = [
    [',', '.'],
    ['.', ','],
    ['\u202f', ','],
    ['’', '.'],
  ] as const;
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 99_999_999 }),
      fc.integer({ min: 0, max: 99 }),
      fc.constantFrom(...marks),
      (whole, cents, [group, point]) => {
        const written = `${String(whole).replace(/\B(?=(\d{3})+$)/g, group)}${point}${String(cents).padStart(2, '0')}`;
        expect(readNumber(written)?.value).toBeCloseTo(whole + cents / 100, 6);
      },
    ),
    { seed: 9, numRuns: 400 },
  );
});
