import { type Measured, readMeasured } from './read-measured.js';

const heat: Measured = { unit: '°C', min: 0, max: 130 },
  minutes: Measured = { unit: 'min', min: 0, max: 600 },
  water: Measured = { unit: 'g', min: 0, max: 20_000 };

test.each<[string, Measured, number]>([
  ['90', heat, 90],
  ['90 °C', heat, 90],
  ['90C', heat, 90],
  ['194 F', heat, 90],
  ['194 °F', heat, 90],
  ['32 f', heat, 0],
  ['-3', { unit: '°C', min: -5 }, -3],
  ['20', minutes, 20],
  ['2 h', minutes, 120],
  ['1 1/2 h', minutes, 90],
  ['1 h 30 min', minutes, 90],
  ['1 h 30', minutes, 90],
  ['90 s', minutes, 1.5],
  ['1,5 hours', minutes, 90],
  ['1.125 h', minutes, 67.5],
  ['1 1/2 min', { unit: 's' }, 90],
  ['250 ml', water, 250],
  ['1,000', water, 1000],
  ['1.000 g', water, 1000],
  ['1.2 kg', water, 1200],
  ['1,250 kg', water, 1250],
  ['1/4 l', water, 250],
  ['2.5 cm', { unit: 'mm' }, 25],
  ['1 day', { unit: 'days' }, 1],
  ['3,5', { unit: '%' }, 3.5],
  ['12 %', { unit: '%' }, 12],
  ['0.4 g/100 g', { unit: 'g/100 g' }, 0.4],
  ['8\u202f160', { unit: 'mPa·s' }, 8160],
  ['6', { unit: '' }, 6],
])('“%s” in a field of %j is %f', (text, asked, value) => {
  const read = readMeasured(text, asked);
  expect(read).toEqual({ kind: 'value', value: expect.closeTo(value, 6) as number });
});

test.each<[string, Measured, RegExp]>([
  ['', heat, /Type a number, 90 °C or 194 °F/],
  ['warm', heat, /No number was found in “warm”/],
  ['90 kg', heat, /“kg” is not a unit that fits here/],
  ['400', heat, /That is 400 °C\. It must be between 0 and 130 °C/],
  ['500 F', heat, /That is 260 °C/],
  ['3 h', { unit: 'min', max: 60, min: 0 }, /That is 180 min/],
  ['1,2,3', water, /No number was found/],
  ['5 6', heat, /“6” was not understood/],
  ['-1', { unit: 'g', min: 0 }, /0 g or more/],
  ['1e5', water, /“e” is not a unit/],
])('“%s” is refused with what to do', (text, asked, message) => {
  const read = readMeasured(text, asked);
  expect(read.kind).toBe('unreadable');
  expect(read.kind === 'unreadable' && read.message).toMatch(message);
});
