import { keepSteps, stepsOf, writeSteps } from './kept-steps';

beforeEach(() => localStorage.clear());

test('the last thirty steps are there again for a document that stands as it stood, and for no other', () => {
  const past = Array.from({ length: 50 }, (_, i) => i);
  keepSteps('a', () => 'text of a', past, [7]);
  writeSteps();
  expect(stepsOf('a', 'text of a')).toMatchObject({ past: past.slice(-30), future: [7] });
  expect(stepsOf('a', 'another text')).toEqual({ past: [], future: [] });
  expect(stepsOf('b', 'text of a')).toEqual({ past: [], future: [] });
});

test('what waits is written before it is read, and before another document is changed', () => {
  keepSteps('a', () => 'a', [1], []);
  keepSteps('b', () => 'b', [2], []);
  expect(stepsOf('a', 'a').past).toEqual([1]);
  expect(stepsOf('b', 'b').past).toEqual([2]);
});

test('of many documents the last twenty keep their steps; a broken or full store keeps none and breaks nothing', () => {
  for (let i = 0; i < 25; i++) keepSteps(`d${i}`, () => 'now', [i], []);
  expect(stepsOf('d0', 'now').past).toEqual([]);
  expect(stepsOf('d24', 'now').past).toEqual([24]);
  localStorage.setItem('alterum.steps.d24', '{broken');
  expect(stepsOf('d24', 'now').past).toEqual([]);
  const full = jest.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
    throw new DOMException('full', 'QuotaExceededError');
  });
  keepSteps('e', () => 'now', [1], []);
  expect(() => writeSteps()).not.toThrow();
  full.mockRestore();
  expect(stepsOf('e', 'now').past).toEqual([]);
});
