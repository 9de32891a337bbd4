import { ingredientById } from '../../larder/catalog/larder-table.js';
import { potOf } from '../../larder/pot-of.js';
import { potAt } from '../../predict/pot-at.js';
import { spreadOfPot } from '../../predict/spread.js';
import { aimsOf } from './aim.js';
import { balanceWeights } from './balance.params.js';
import { asSauce, balanced, eaterWith, requestOf, smallSauce } from './balance.fixture.js';
import { balancePot } from './balance-pot.js';
import { balanceProblem } from './objective.js';
import { searchSpace, variablesOf } from './search-space.js';

/** What the balance makes small for a small sauce, at other amounts of one line. */
function figuresAt(line: number, factor: number, eaters = [] as readonly ReturnType<typeof eaterWith>[]) {
  const request = requestOf(smallSauce, 'pouring-sauce', {
    brief: {},
    holdMass: false,
    sameDish: 'lifted',
    eaters,
  });
  const space = searchSpace(request);
  const problem = balanceProblem(space, aimsOf({}), spreadOfPot(potAt(request.recipe)));
  const masses = Float64Array.from(space.present);
  masses[line] = (masses[line] ?? 0) * factor;
  return { figures: problem.figures(variablesOf(space, masses)), problem, space };
}
const rice = smallSauce.findIndex(([id]) => id === 'rice-flour');

test('cost is weighed against what the batch costs now', () => {
  const now = figuresAt(rice, 1).figures.at(-1) ?? 0;
  expect(now ** 2).toBeCloseTo(balanceWeights.cost, 12);
  const coinsOf = (factor: number) =>
    smallSauce.reduce(
      (all, [id, g], i) => all + (ingredientById(id)?.facts.pricePerKg ?? 0) * (i === rice ? g * factor : g),
      0,
    );
  const dearer = figuresAt(rice, 3).figures.at(-1) ?? 0;
  expect(dearer ** 2).toBeCloseTo((balanceWeights.cost * coinsOf(3)) / coinsOf(1), 9);
});

test('leaving a line as it is costs nothing; changing it costs by its weight, more the further', () => {
  const changeOf = (factor: number) => {
    const { figures, space } = figuresAt(rice, factor);
    const at = space.free.indexOf(rice);
    return (figures[at] ?? 0) ** 2;
  };
  expect(changeOf(1)).toBeCloseTo(0, 12);
  const { space } = figuresAt(rice, 1);
  const g = space.present[rice] ?? 0,
    small = space.small[rice] ?? 1;
  const moved = Math.log1p((2 * g) / small) - Math.log1p(g / small);
  expect(changeOf(2)).toBeCloseTo(balanceWeights.change * (space.stiffness[rice] ?? 1) * moved ** 2, 9);
  expect(changeOf(3)).toBeGreaterThan(changeOf(2));
});

test('a person’s limit turns the search back before it is reached, and weighs more than all else', () => {
  const salt = smallSauce.findIndex(([id]) => id === 'salt');
  const limited = eaterWith('Sunniva', { kind: 'salt-limit', gramsPerPortion: 1.4 });
  const over = (factor: number) => {
    const { figures, problem } = figuresAt(salt, factor, [limited]);
    return Math.max(0, (figures[0] ?? 0) - (problem.most[0] ?? 0)) ** 2;
  };
  expect(over(0.5)).toBe(0);
  expect(over(1.5)).toBeGreaterThan(balanceWeights.person * 0.5);
});

test('of two fats that do the same, the cheaper one makes up what is missing', () => {
  const cheap = ingredientById('rapeseed-oil');
  if (!cheap) throw new Error('the larder has no rapeseed oil');
  const dear = { ...cheap, id: 'dear-oil', facts: { ...cheap.facts, pricePerKg: 400 } };
  const lean = potOf(
    [
      ['white-bean-boiled', 200],
      ['water', 300],
      [cheap, 8],
      [dear, 8],
      ['rice-flour', 14],
      ['salt', 5],
    ],
    asSauce,
    { atC: 62 },
  );
  const { kind, proposal } = balancePot(lean, 'pouring-sauce', { brief: { fat: { low: 6, high: 9 } } });
  expect(kind).toBe('balanced');
  const grams = proposal.amounts.map((one) => one.grams);
  expect(grams[2]).toBeGreaterThan((grams[3] ?? 0) + 5);
});

test('rounding never steps over a limit that the exact amounts kept', () => {
  for (const gramsPerPortion of [0.71, 0.83, 0.97, 1.09]) {
    const eaters = [eaterWith('Sunniva', { kind: 'salt-limit', gramsPerPortion })];
    const { proposal } = balanced(requestOf(smallSauce, 'pouring-sauce', { eaters, portions: 3 }), {
      explain: false,
    });
    const { salt, massG } = proposal.after.prediction;
    expect((salt.mid * massG) / 100 / 3).toBeLessThanOrEqual(gramsPerPortion + 1e-6);
  }
});
