import type { Line } from '@alterum/core';
import { boundsText, holdKey, holdOf, holdOptions } from './hold-choice';

const line: Line = {
  id: 'a',
  ingredient: 'cashew',
  amount: { value: 80, unit: 'g' },
  role: 'body',
  preparation: 'as-is',
  stage: 'start',
};

test('bounds are taken from the amount as it is', () => {
  expect(holdOf('quarter', line)).toEqual({ kind: 'bounded', leastG: 60, mostG: 100 });
  expect(holdOf('most', line)).toEqual({ kind: 'bounded', leastG: 0, mostG: 80 });
  expect(holdOf('least', line)).toMatchObject({ leastG: 80 });
  expect(holdOf('pinned', line)).toEqual({ kind: 'pinned' });
  expect(holdOf('free', line)).toBeUndefined();
});

test('bounds that were set stand among the choices as they are', () => {
  const bounded: Line = { ...line, hold: { kind: 'bounded', leastG: 60, mostG: 100 } };
  expect(holdKey(line)).toBe('free');
  expect(holdKey(bounded)).toBe('as-set');
  expect(holdOf('as-set', bounded)).toBe(bounded.hold);
  expect(holdOptions(bounded).find(({ value }) => value === 'as-set')?.label).toBe('From 60 to 100 g');
  expect(holdOptions(line).some(({ value }) => value === 'as-set')).toBe(false);
  expect(boundsText({ kind: 'pinned' })).toBe('pinned');
});
