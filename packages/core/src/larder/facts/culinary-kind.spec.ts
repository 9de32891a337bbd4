import { ingredientById, larderTable } from '../catalog/larder-table.js';
import { culinaryKindOf, sameKind, sharesWork } from './culinary-kind.js';
import { culinaryKinds } from './culinary-kind.params.js';

const the = (id: string) => {
  const ingredient = ingredientById(id);
  if (!ingredient) throw new Error(`the larder has no ${id}`);
  return ingredient;
};

test('every kind names things of the larder, each in one kind, and nothing of the larder but dairy is forgotten', () => {
  const ids = culinaryKinds.flatMap((row) => row.ids);
  expect(ids.filter((id) => !ingredientById(id))).toEqual([]);
  expect(new Set(ids).size).toBe(ids.length);
  const forgotten = larderTable.filter((one) => one.shelf !== 'dairy to compare' && !culinaryKindOf(one));
  expect(forgotten.map(({ id }) => id)).toEqual([]);
});

test.each([
  ['cashew', 'sunflower-seed', true],
  ['cashew', 'onion', false],
  ['oat-drink', 'rice-drink', true],
  ['oat-drink', 'vegetable-stock', false],
  ['nutritional-yeast', 'shiitake-dried', true],
  ['nutritional-yeast', 'garlic', false],
  ['mustard', 'cayenne', false],
  ['wheat-flour', 'corn-starch', true],
  ['wheat-flour', 'agar', false],
  ['lemon-juice', 'cider-vinegar', true],
] as const)('%s and %s do the same work: %s', (a, b, same) => {
  expect(sharesWork(the(a), the(b))).toBe(same);
  expect(sharesWork(the(b), the(a))).toBe(same);
});

test('two dried mushrooms are one kind, a mushroom and a miso are two; an own one is of the kind it was likened to', () => {
  expect(sameKind(the('porcini-dried'), the('shiitake-dried'))).toBe(true);
  expect(sameKind(the('porcini-dried'), the('rice-miso'))).toBe(false);
  const own = { ...the('oat-drink'), id: 'own-1', like: 'oat-drink' };
  expect(culinaryKindOf(own)?.kind).toBe('cereal drink');
  const strange = { ...the('oat-drink'), id: 'own-2', like: 'moon-milk' };
  expect(culinaryKindOf(strange)).toBeUndefined();
  expect(sharesWork(strange, the('water'))).toBe(true);
  expect(sharesWork(strange, the('cashew'))).toBe(false);
});
