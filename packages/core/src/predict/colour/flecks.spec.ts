import { potOf } from '../../larder/pot-of.js';
import { predict } from '../predict.js';
import { reportOn } from '../report.js';
import { type Process, uncooked } from '../../recipe/recipe.js';

const sauceOf = (more: [string, number][], process: Partial<Process> = {}) => ({
  ...potOf([['oat-cream', 300], ...more]),
  process: { ...uncooked, ...process },
});
const flecks = (...of: Parameters<typeof sauceOf>) => reportOn(sauceOf(...of)).flecks;

test('leaves and peel stirred in are seen one by one, and hardly paint the sauce', () => {
  expect(flecks([['parsley-fresh', 6]])).toEqual(['green']);
  expect(flecks([['chilli-flakes', 1.5]])).toEqual(['red']);
  const lightness = (g: number) => predict(sauceOf([['parsley-fresh', g]])).colour.lab[0];
  expect(lightness(6)).toBeGreaterThan(lightness(0) - 8);
});

test('blended they are paint and no flecks', () => {
  expect(flecks([['parsley-fresh', 6]], { blenderPower: 1, blendSeconds: 120 })).toEqual([]);
});

test('the most of them first; a crumb of a leaf is not seen, a pot full of leaves is no sauce with flecks', () => {
  expect(
    flecks([
      ['chilli-flakes', 1],
      ['parsley-fresh', 8],
    ]),
  ).toEqual(['green', 'red']);
  expect(flecks([['parsley-fresh', 0.05]])).toEqual([]);
  expect(flecks([['parsley-fresh', 200]])).toEqual([]);
});

test('what has the colour of the sauce is no fleck in it', () => {
  expect(flecks([['tofu-firm', 20]])).toEqual([]);
});
