import type { Method } from '../../recipe/method/operation.js';
import { entriesOf } from './entry.js';

const heat = { kind: 'heat', temperatureC: 90, minutes: 5 } as const;
const places = (method: Method, ...lines: readonly { id?: string; stage: 'start' | 'end' }[]) =>
  entriesOf(lines, method).map(({ at, inPieces }) => (inPieces ? `${at} in pieces` : at));

test('what nothing names goes in at the start, what goes in at the end after the last heat', () => {
  expect(places([{ kind: 'blend', seconds: 60 }, heat, heat], { stage: 'start' }, { stage: 'end' })).toEqual([
    -1, 2.75,
  ]);
  expect(places([], { stage: 'start' }, { stage: 'end' })).toEqual([-1, -0.25]);
  // An operation that puts in is where the end is, if it comes after the heat.
  expect(places([heat, { kind: 'blend', seconds: 60 }, { kind: 'put-in' }], { stage: 'end' })).toEqual([
    1.75,
  ]);
  expect(places([{ kind: 'put-in' }, heat], { stage: 'end' })).toEqual([1.75]);
});

test('what an operation names goes in as it begins; what is stirred in stays in pieces', () => {
  const method: Method = [
    heat,
    { kind: 'put-in', lines: ['miso'] },
    { kind: 'stir-in', lines: ['chives'] },
    { kind: 'put-in', lines: ['3'] },
  ];
  expect(
    places(
      method,
      { id: 'miso', stage: 'start' },
      { id: 'chives', stage: 'end' },
      { id: 'water', stage: 'start' },
      { stage: 'start' },
    ),
  ).toEqual([0.75, '1.75 in pieces', -1, 2.75]);
});
