import { seededChance } from '../../numeric/chance.js';
import { withWish, briefOfFamily } from '../../brief/brief.js';
import { aimsOf, met, missesOf } from './aim.js';
import { asSauce, eaterWith, requestOf, seedSauce } from './balance.fixture.js';
import { completeBalanceOptions } from './balance-request.js';
import { feasiblePoint } from './feasibility.js';
import { assess } from '../../property/assess.js';
import { withMasses } from '../../recipe/with-masses.js';
import { randomProblems } from '../../../science/random-problems.js';
import { searchSpace } from './search-space.js';
import { finish } from '../../numeric/finish.js';
import { withinLimits } from './solve.js';

const options = completeBalanceOptions();
const pointFor = (request: Parameters<typeof searchSpace>[0]) =>
  finish(feasiblePoint(searchSpace(request), aimsOf(request.brief), options));

test('amounts that are found meet every wish and every limit, and weigh what they must', () => {
  const salty = eaterWith('Sunniva', { kind: 'salt-limit', gramsPerPortion: 2 });
  const request = requestOf(seedSauce, 'pouring-sauce', { eaters: [salty] });
  const space = searchSpace(request),
    found = pointFor(request);
  expect(found).toBeDefined();
  if (!found) return;
  expect(met(missesOf(aimsOf(request.brief), assess(withMasses(request.recipe, found), 4)))).toBe(true);
  expect(withinLimits(space, found)).toBe(true);
  expect(found.reduce((all, g) => all + g, 0)).toBeCloseTo(space.batch[0], 6);
});

test('a brief read off a pot that can be made can be met from far away', () => {
  const chance = seededChance(77);
  let found = 0;
  for (let k = 0; k < 10; k++) {
    const base = requestOf(seedSauce, 'pouring-sauce');
    const made = assess(
      withMasses(
        base.recipe,
        seedSauce.map(([, g]) => g * Math.exp(0.5 * (chance() - 0.5))),
      ),
      4,
    );
    const around = (mid: number, by: number) => ({ low: mid * (1 - by), high: mid * (1 + by) });
    const { fat, salt, viscosity } = made.prediction;
    const brief = {
      fat: around(fat.mid, 0.1),
      salt: around(salt.mid, 0.1),
      thickness: around(viscosity.mid, 0.3),
    };
    if (pointFor({ ...base, brief })) found++;
  }
  expect(found).toBe(10);
});

test('what contradicts itself is not found: fatter than everything in the pot', () => {
  const brief = withWish(briefOfFamily('pouring-sauce'), 'fat', { low: 90, high: 95 });
  expect(
    pointFor(
      requestOf(
        [
          ['white-bean-boiled', 200],
          ['water', 300],
          ['salt', 4],
        ],
        'pouring-sauce',
        { brief },
      ),
    ),
  ).toBeUndefined();
});

test('with every line pinned there is only the pot as it is', () => {
  const holds = seedSauce.map(() => ({ kind: 'pinned' }) as const);
  const inside = requestOf(seedSauce, 'pouring-sauce', { holds, brief: { fat: { low: 0, high: 80 } } });
  expect([...(pointFor(inside) ?? [])]).toEqual(seedSauce.map(([, g]) => g));
  expect(pointFor({ ...inside, brief: { fat: { low: 70, high: 80 } } })).toBeUndefined();
});

test('random problems are the same for the same seed, and each has something to balance', () => {
  const [first] = randomProblems(5, 9);
  expect(JSON.stringify(randomProblems(5, 9)[0])).toBe(JSON.stringify(first));
  for (const { recipe, holds, brief } of randomProblems(20, 9)) {
    expect(recipe.lines.length).toBeGreaterThanOrEqual(4);
    expect(holds).toHaveLength(recipe.lines.length);
    expect(Object.keys(brief).length).toBeGreaterThan(1);
    expect(recipe.process.holdMin).toBe(asSauce.holdMin);
  }
});
