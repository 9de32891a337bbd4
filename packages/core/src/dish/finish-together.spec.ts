import { minutesTender, sizeTenderAfter } from '../predict/ready/soften.js';
import { softenRows } from '../predict/ready/soften.params.js';
import { finishTogether } from './finish-together.js';

const of = (id: string) => softenRows.get(id)!;

test('a cube of 2 cm is tender in its own time; larger and colder take longer, sour much longer', () => {
  expect(minutesTender(of('carrot'), 20)).toBeCloseTo(13.5, 9);
  // Half the size: heat needs 2^-1.7 of its time.
  expect(minutesTender(of('carrot'), 10)).toBeCloseTo(7.5 + 6 * 0.30779, 4);
  // Nine degrees colder the pectin takes twice as long.
  expect(minutesTender(of('potato'), 20, { temperatureC: 91, pH: 7 })).toBeCloseTo(16, 9);
  expect(minutesTender(of('potato'), 20, { temperatureC: 100, pH: 4.3 })).toBeCloseTo(6 * 1.7 + 4, 9);
  expect(minutesTender(of('potato'), 20, { temperatureC: 100, pH: 5.6 })).toBeCloseTo(10, 9);
});

test('the size that is tender after its own time is its own size', () => {
  for (const [, row] of softenRows) expect(sizeTenderAfter(row, minutesTender(row, 17))).toBeCloseTo(17, 9);
  expect(sizeTenderAfter(of('beetroot'), 10)).toBeUndefined();
  expect(sizeTenderAfter(of('broccoli'), 600)).toBe(60);
});

test('everything in one pot is tender at once: by when it goes in, or by how it is cut', () => {
  const { minutes, pieces, unknown } = finishTogether([
    { id: 'cauliflower', ingredient: 'cauliflower', sizeMm: 30 },
    { id: 'carrot', ingredient: 'carrot' },
    { id: 'potato', ingredient: 'potato', sizeMm: 25 },
    { id: 'stone', ingredient: 'salt' },
  ]);
  expect(unknown).toEqual(['stone']);
  expect(pieces.map(({ id }) => id)).toEqual(['carrot', 'potato', 'cauliflower']);
  expect(minutes).toBeCloseTo(13.5, 9);
  for (const { id, tenderMin, goesInAt, cutToMm } of pieces) {
    expect(goesInAt + tenderMin).toBeCloseTo(minutes, 9);
    expect(minutesTender(of(id), cutToMm!)).toBeCloseTo(minutes, 6);
  }
  expect(finishTogether([]).minutes).toBe(0);
});
