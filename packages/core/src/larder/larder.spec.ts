import { gramsPerUnit } from '../quantity/measures.js';
import { ingredientById, larderTable } from './catalog/larder-table.js';
import { unnamedRemainder } from '../ingredient/composition.js';
import { fibreVolume } from '../predict/particle/suspension.params.js';
import { predict } from '../predict/predict.js';
import { potOf } from './pot-of.js';
import { searchIngredients } from './search.js';

const holds = (id: string): readonly string[] => ingredientById(id)?.contains ?? [];
const asks = (id: string): readonly string[] => ingredientById(id)?.askFor ?? [];

test('the larder stands: enough ingredients, each id once, each name once', () => {
  expect(larderTable.length).toBeGreaterThanOrEqual(200);
  expect(new Set(larderTable.map((i) => i.id)).size).toBe(larderTable.length);
  expect(new Set(larderTable.map((i) => i.name)).size).toBe(larderTable.length);
});

test.each(larderTable.map((i) => [i.id, i] as const))(
  '%s: its components are amounts and fit into 100 g',
  (_id, ingredient) => {
    const { starch, gums, calciumMg, ...plain } = ingredient.per100;
    for (const value of [
      ...Object.values(plain),
      ...Object.values(starch ?? {}),
      ...Object.values(gums ?? {}),
      calciumMg ?? 0,
    ]) {
      expect(value).toBeGreaterThanOrEqual(0);
    }
    expect(unnamedRemainder(ingredient.per100)).toBeGreaterThanOrEqual(-0.05);
    expect(gramsPerUnit(ingredient.measures, 'tbsp')).toBeGreaterThan(0);
  },
);

test('hidden allergens are known', () => {
  expect(holds('chickpea-dip')).toContain('sesame');
  expect(holds('mayonnaise-egg')).toContain('egg');
  expect(holds('soy-sauce')).toEqual(expect.arrayContaining(['soya', 'wheat']));
  expect(holds('barley-miso')).toEqual(expect.arrayContaining(['soya', 'barley']));
  expect(holds('vegetable-stock')).toContain('celery');
  expect(holds('white-wine')).toContain('sulphite');
  expect(holds('celeriac')).toContain('celery');
  expect(holds('goat-cheese')).toContain('goat-milk');
  expect(asks('plant-butter-block')).toContain('milk');
  expect(asks('oat-drink')).toContain('barley');
});

test.each([
  ['cashew', 'cashew'],
  ['linseed', 'flax-seed-ground'],
  ['cornflour', 'corn-starch'],
  ['aquafaba', 'chickpea-water'],
  ['soy milk', 'soya-drink'],
  ['PEPITAS', 'pumpkin-seed'],
  ['tofu', 'tofu-firm'],
  ['tapioca flour', 'tapioca-starch'],
  ['eggplant', 'aubergine'],
  ['beans white', 'white-bean-boiled'],
])('looking for “%s” finds %s', (text, id) => {
  expect(
    searchIngredients(larderTable, text)
      .slice(0, 2)
      .map((i) => i.id),
  ).toContain(id);
});

test('a search of nonsense finds nothing and an empty one finds all', () => {
  expect(searchIngredients(larderTable, 'zzzz')).toHaveLength(0);
  expect(searchIngredients(larderTable, '  ')).toHaveLength(larderTable.length);
});

test('what grew wet holds about what it held as it grew, however finely it is ground', () => {
  /** g of water in 100 g from which it was not dried, and how much more it may hold than it held. */
  const [fresh, most] = [60, 1.3];
  const grown = larderTable.filter(
    ({ shelf, behaviour, per100 }) =>
      (shelf === 'vegetables' || shelf === 'savory') &&
      behaviour.particles === 'vegetable' &&
      (per100.water ?? 0) >= fresh,
  );
  expect(grown.length).toBeGreaterThan(40);
  for (const { id, behaviour, per100 } of grown) {
    const swollen = (per100.fibre ?? 0) * fibreVolume.vegetable * behaviour.cellWallSwelling;
    const own = (per100.water ?? 0) + (per100.protein ?? 0) + (per100.sugars ?? 0);
    expect([id, swollen < most * own]).toEqual([id, true]);
  }
});

test('thinned with its own mass of water, avocado no longer spreads', () => {
  const thickness = (water: number) =>
    predict(
      potOf(
        [
          ['avocado', 100],
          ['water', water],
        ],
        { maxTemperatureC: 20, blenderPower: 0.7, blendSeconds: 70 },
        { atC: 15 },
      ),
    ).viscosity.mid;
  expect(thickness(5)).toBeGreaterThan(6000);
  expect(thickness(100)).toBeLessThan(1500);
});
