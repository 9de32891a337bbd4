import { potOf } from '../../larder/pot-of.js';
import type { Mixture } from '../mixture/mixture.js';
import { fleckColours } from './flecks.js';
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

test('a dark crumb is dark, not deep brown; two things of one colour are one; as much as a third of the pot is no fleck', () => {
  const white = { lab: [95, 0, 5] as const };
  const fate = (lab: readonly [number, number, number], arrivedG: number, pieces = 1, size = 800) => ({
    ingredient: { behaviour: { lab, particleSizeUm: size } },
    arrivedG,
    pieces,
    ground: { diameter: size },
  });
  const seen = (...fates: ReturnType<typeof fate>[]) =>
    fleckColours({ fates, mass: 100 } as unknown as Mixture, white.lab);
  expect(seen(fate([20, 20, 20], 1))).toEqual(['dark']);
  expect(seen(fate([50, -30, 30], 0.03), fate([50, -32, 30], 0.03), fate([45, 50, 40], 0.05))).toEqual([
    'green',
    'red',
  ]);
  expect(seen(fate([50, -30, 30], 30))).toEqual([]);
  // Fine, and half of it in pieces, counts half; ground coarse it counts without pieces, and what has no grains does not.
  expect(seen(fate([50, -30, 30], 0.06, 0.5, 200))).toEqual([]);
  expect(seen(fate([50, -30, 30], 0.09, 0.5, 200))).toEqual(['green']);
  expect(seen(fate([50, -30, 30], 0.06, 0))).toEqual(['green']);
  expect(seen(fate([50, -30, 30], 1, 0, 200))).toEqual([]);
  expect(seen(fate([50, -30, 30], 1, 0, 0))).toEqual([]);
  // A shade of the sauce itself is not seen: 20 apart is not, 25 is, whichever way the colours differ.
  expect(seen(fate([95, -20, 5], 1))).toEqual([]);
  expect(seen(fate([95, 25, 5], 1))).toHaveLength(1);
  expect(seen(fate([95, 0, 30], 1))).toHaveLength(1);
});

test('in a red sauce a red leaf is lost, a green one is seen', () => {
  const red = [45, 50, 40] as const;
  const fate = (lab: readonly [number, number, number]) => ({
    ingredient: { behaviour: { lab, particleSizeUm: 800 } },
    arrivedG: 1,
    pieces: 1,
    ground: { diameter: 800 },
  });
  const fates = [fate([45, 52, 38]), fate([50, -30, 30]), { ...fate([50, -30, 30]), ingredient: undefined }];
  expect(fleckColours({ fates, mass: 100 } as unknown as Mixture, red)).toEqual(['green']);
});
