import { anchors } from './anchor-table.js';
import { resultOf } from './evidence.js';
import { figuresOf, movedFigures, PIN_TOLERANCE } from './pinned-figures.js';

// Worked out while a test runs, so that whoever changes a law one figure at a time sees which test notices.
const resultsNow = () => anchors.map(resultOf);

test('every anchor predicts what was pinned; `npm run pin:science` pins anew, and says what moved', () => {
  expect(movedFigures(resultsNow())).toEqual([]);
});

test('a figure that moves by more than the tolerance, comes or goes is told with how much', () => {
  const results = resultsNow(),
    now = figuresOf(results),
    [first = '', second = '', third = ''] = Object.keys(now);
  const { [third]: _gone, ...others } = now;
  const before = {
    ...others,
    [first]: (now[first] ?? 0) * 1.02,
    [second]: (now[second] ?? 0) * (1 + PIN_TOLERANCE / 2),
    old: 3,
  };
  const moved = movedFigures(results, before);
  expect(moved.map(({ id }) => id).sort()).toEqual([first, third, 'old'].sort());
  expect(moved.find(({ id }) => id === first)?.by).toBeCloseTo(1 / 1.02 - 1, 6);
  expect(moved.find(({ id }) => id === 'old')?.to).toBeUndefined();
  expect(moved.find(({ id }) => id === third)?.from).toBeUndefined();
});
