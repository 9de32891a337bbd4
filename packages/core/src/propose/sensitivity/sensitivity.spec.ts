import { requestOf, seedSauce } from '../balance/balance.fixture.js';
import { judge } from '../balance/objective.js';
import { ingredientById } from '../../larder/catalog/larder-table.js';
import { potOf } from '../../predict/pot.fixture.js';
import { pullsOn, strongestPulls } from './sensitivity.js';

const { recipe } = requestOf(seedSauce, 'pouring-sauce');
const judged = judge(recipe, 4);
const idOf = (line: number) => seedSauce[line]?.[0];

test('salt moves the salt most by the gram, and water takes it down', () => {
  const pulls = pullsOn('salt', judged);
  const [first] = strongestPulls(pulls, 'gram', 5);
  expect(idOf(first?.line ?? -1)).toBe('salt');
  expect(first?.perGram).toBeGreaterThan(0.1);
  expect(pulls.find(({ line }) => idOf(line) === 'water')?.perGram).toBeLessThan(0);
});

test('a gram more does to the figure what was said', () => {
  const pull = pullsOn('thickness', judged).find(({ line }) => idOf(line) === 'rice-flour');
  const more = potOf(
    seedSauce.map(([id, g]) => [id, id === 'rice-flour' ? g + 1 : g] as const),
    recipe.process,
    { at: 62 },
  );
  const moved =
    judge({ ...recipe, lines: more.lines }, 4).prediction.viscosity.mid - judged.prediction.viscosity.mid;
  expect(moved).toBeGreaterThan(0);
  expect(moved / (pull?.perGram ?? 0)).toBeGreaterThan(0.85);
  expect(moved / (pull?.perGram ?? 0)).toBeLessThan(1.3);
});

test('by the coin, what is dear falls behind what is cheap', () => {
  const pulls = pullsOn('fat', judged);
  const oil = pulls.find(({ line }) => idOf(line) === 'rapeseed-oil');
  const seeds = pulls.find(({ line }) => idOf(line) === 'sunflower-seed');
  const price = (id: string) => ingredientById(id)?.facts.pricePerKg ?? NaN;
  expect((oil?.perCoin ?? 0) / (oil?.perGram ?? 1)).toBeCloseTo(1000 / price('rapeseed-oil'), 6);
  expect((seeds?.perCoin ?? 0) / (seeds?.perGram ?? 1)).toBeCloseTo(1000 / price('sunflower-seed'), 6);
});

test('strongest first, no more than asked for, and nothing that hardly moves it', () => {
  const listed = strongestPulls(pullsOn('savoriness', judged), 'gram', 20);
  const strengths = listed.map(({ stepsPerGram }) => Math.abs(stepsPerGram));
  expect(idOf(listed[0]?.line ?? -1)).toBe('nutritional-yeast');
  expect(strengths).toEqual([...strengths].sort((a, b) => b - a));
  expect(Math.min(...strengths)).toBeGreaterThan(0.01 * (strengths[0] ?? 0));
  expect(strongestPulls(pullsOn('savoriness', judged), 'gram', 3)).toEqual(listed.slice(0, 3));
});

test('in an empty pot nothing pulls', () => {
  expect(strongestPulls(pullsOn('fat', judge({ ...recipe, lines: [] }, 4)), 'gram', 5)).toEqual([]);
});
