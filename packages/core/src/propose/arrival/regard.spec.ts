import type { Eater } from '../../household/eater.js';
import type { Need } from '../../household/need/need.js';
import { ingredientById } from '../../larder/catalog/larder-table.js';
import { potOf } from '../../larder/pot-of.js';
import { helpersFor } from './helper.js';
import { isWorseRegard, type Regard, regardsOf, worstOf } from './regard.js';

const eater = (...needs: readonly Need[]): Eater => ({ id: 'g', name: 'Guest', eatsTonight: true, needs });
const allergy = (allergen: Extract<Need, { kind: 'allergen' }>['allergen'], traces = false): Need => ({
  kind: 'allergen',
  allergen,
  strictness: 'allergy',
  traces,
});
const regardOf = (id: string, ...needs: readonly Need[]): Regard => {
  const ingredient = ingredientById(id);
  if (!ingredient) throw new Error(`the larder has no ${id}`);
  return worstOf(regardsOf(ingredient, { eaters: [eater(...needs)] }));
};

test.each([
  ['cashew', allergy('tree-nut'), 'cannot'],
  ['pine-nut', allergy('tree-nut'), 'same-group'],
  ['pistachio', allergy('cashew'), 'same-group'],
  ['walnut', allergy('almond'), 'same-group'],
  ['rye-flour', allergy('wheat'), 'same-group'],
  // Sold to those who avoid gluten: they read its label, and are not told that it is kin.
  ['oat-flakes-gluten-free', allergy('gluten'), 'asks-allergy'],
  ['oat-flakes-gluten-free', allergy('oat'), 'cannot'],
  ['oat-flakes', allergy('gluten'), 'cannot'],
  ['peanut', allergy('tree-nut'), 'related'],
  ['coconut-milk', allergy('tree-nut'), 'related'],
  ['soya-drink-plain', allergy('peanut'), 'related'],
  ['white-bean-boiled', allergy('tree-nut'), 'clear'],
  ['rice-drink', allergy('soya'), 'clear'],
  [
    'nutritional-yeast',
    { kind: 'ingredient', ingredient: 'nutritional-yeast', strictness: 'diet' },
    'cannot',
  ],
  ['cashew', { kind: 'allergen', allergen: 'tree-nut', strictness: 'diet', traces: false }, 'cannot'],
] as const)('%s to somebody with %j is: %s', (id, need, expected) => {
  expect(regardOf(id, need)).toBe(expected);
});

test('where traces matter, what shares lines is a question about the allergy', () => {
  expect(regardOf('sunflower-seed', allergy('peanut', true))).toBe('asks-allergy');
  expect(regardOf('water', allergy('peanut', true))).toBe('clear');
});

test('of several needs the worst counts, and it says who and why', () => {
  const peanut = ingredientById('peanut');
  if (!peanut) throw new Error('no peanut');
  const [said] = regardsOf(peanut, { eaters: [eater(allergy('tree-nut'), allergy('peanut'))] });
  expect(said).toMatchObject({ eater: 'Guest', regard: 'cannot' });
  expect(regardsOf(peanut, {})).toEqual([]);
  expect(isWorseRegard('same-group', 'related')).toBe(true);
  expect(isWorseRegard('clear', 'asks')).toBe(false);
});

const recipe = potOf([
  ['white-bean-boiled', 200],
  ['lemon-juice', 10],
]);
const helpersWith = (more: Partial<Parameters<typeof helpersFor>[1]>) =>
  helpersFor({ short: ['sourness', 'savoriness'], over: ['thickness'] }, { recipe, ...more }).map(
    ({ id }) => id,
  );

test('what helps is not in the pot yet, is kept in the house where that is known, and is no question to anybody', () => {
  expect(helpersWith({})).toEqual(expect.arrayContaining(['cider-vinegar', 'rice-miso', 'water']));
  expect(helpersWith({})).not.toContain('lemon-juice');
  expect(helpersWith({ inHouse: new Set(['rice-miso']) })).toEqual(['rice-miso', 'water']);
  expect(helpersWith({ eaters: [eater(allergy('soya'))] })).not.toContain('rice-miso');
});

test('what is eaten cooked alone helps no pot that stays cold', () => {
  const at = (maxTemperatureC: number) =>
    helpersWith({ recipe: { ...recipe, process: { ...recipe.process, maxTemperatureC } } });
  expect(at(92)).toContain('shiitake-dried');
  expect(at(20)).not.toContain('shiitake-dried');
  expect(at(20)).toContain('nutritional-yeast');
});
