import { requestOf, seedSauce } from '../balance/balance.fixture.js';
import { assess } from '../../property/assess.js';
import { ingredientById } from '../../larder/catalog/larder-table.js';
import { withMasses } from '../../recipe/with-masses.js';
import { sensitivitiesOf, mostSensitive } from './sensitivity.js';

const { recipe } = requestOf(seedSauce, 'pouring-sauce');
const assessed = assess(recipe, 4);
const idOf = (line: number) => seedSauce[line]?.[0];

test('salt moves the salt most by the gram, and water takes it down', () => {
  const pulls = sensitivitiesOf('salt', assessed);
  const [first] = mostSensitive(pulls, 'gram', 5);
  expect(idOf(first?.line ?? -1)).toBe('salt');
  expect(first?.perGram).toBeGreaterThan(0.1);
  expect(pulls.find(({ line }) => idOf(line) === 'water')?.perGram).toBeLessThan(0);
});

test('a gram more does to the figure what was said', () => {
  const pull = sensitivitiesOf('thickness', assessed).find(({ line }) => idOf(line) === 'rice-flour');
  const more = withMasses(
    recipe,
    seedSauce.map(([id, g]) => (id === 'rice-flour' ? g + 1 : g)),
  );
  const moved = assess(more, 4).prediction.viscosity.mid - assessed.prediction.viscosity.mid;
  expect(moved).toBeGreaterThan(0);
  expect(moved / (pull?.perGram ?? 0)).toBeGreaterThan(0.85);
  expect(moved / (pull?.perGram ?? 0)).toBeLessThan(1.3);
});

test('by the coin, what is dear falls behind what is cheap', () => {
  const pulls = sensitivitiesOf('fat', assessed);
  const oil = pulls.find(({ line }) => idOf(line) === 'rapeseed-oil');
  const seeds = pulls.find(({ line }) => idOf(line) === 'sunflower-seed');
  const price = (id: string) => ingredientById(id)?.facts.pricePerKg ?? NaN;
  expect((oil?.perCoin ?? 0) / (oil?.perGram ?? 1)).toBeCloseTo(1000 / price('rapeseed-oil'), 6);
  expect((seeds?.perCoin ?? 0) / (seeds?.perGram ?? 1)).toBeCloseTo(1000 / price('sunflower-seed'), 6);
});

test('strongest first, no more than asked for, and nothing that hardly moves it', () => {
  const listed = mostSensitive(sensitivitiesOf('savoriness', assessed), 'gram', 20);
  const strengths = listed.map(({ noticedPerGram }) => Math.abs(noticedPerGram));
  expect(idOf(listed[0]?.line ?? -1)).toBe('nutritional-yeast');
  expect(strengths).toEqual([...strengths].sort((a, b) => b - a));
  expect(Math.min(...strengths)).toBeGreaterThan(0.01 * (strengths[0] ?? 0));
  expect(mostSensitive(sensitivitiesOf('savoriness', assessed), 'gram', 3)).toEqual(listed.slice(0, 3));
});

test('in an empty pot nothing pulls', () => {
  expect(mostSensitive(sensitivitiesOf('fat', assess({ ...recipe, lines: [] }, 4)), 'gram', 5)).toEqual([]);
});
