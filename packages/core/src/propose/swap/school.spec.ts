import { ingredientById, larderTable } from '../../larder/catalog/larder-table.js';
import type { Ingredient } from '../../ingredient/ingredient.js';
import { potOf } from '../../larder/pot-of.js';
import { unlikeness } from './kinship.js';
import { openToAll, preparationsOf, schoolAllows, schoolOf } from './school.js';

const of = (id: string): Ingredient => {
  const found = ingredientById(id);
  if (!found) throw new Error(`the larder has no ${id}`);
  return found;
};

test('what is open to all shuts nothing out', () => {
  for (const ingredient of larderTable) expect(schoolAllows(openToAll, ingredient)).toBe(true);
});

test.each([
  [{ nutritionalYeast: 'without' }, 'nutritional-yeast', 'yeast-extract'],
  [{ addedOil: 'without' }, 'rapeseed-oil', 'sunflower-seed-butter'],
  [{ addedOil: 'without' }, 'plant-butter-block', 'cashew'],
  [{ melt: 'soft-melt' }, 'tapioca-starch', 'corn-starch'],
] as const)('%j leaves out %s but not %s', (shut, out, left) => {
  const schools = { ...openToAll, ...shut };
  expect(schoolAllows(schools, of(out))).toBe(false);
  expect(schoolAllows(schools, of(left))).toBe(true);
});

test('nuts are soaked unless boiling is the school; flours, butters and what is cooked already stay as they are', () => {
  expect(preparationsOf(of('cashew'), 'as-is', openToAll)).toEqual(['soaked']);
  expect(preparationsOf(of('cashew'), 'as-is', { ...openToAll, made: 'boiled' })).toEqual(['boiled']);
  expect(preparationsOf(of('parsnip'), 'as-is', openToAll)).toEqual(['boiled']);
  for (const id of [
    'cashew-butter',
    'chickpea-flour',
    'mushroom-roasted',
    'white-bean-boiled',
    'water',
    'olive-oil',
  ])
    expect([id, ...preparationsOf(of(id), 'as-is', openToAll)]).toEqual([id, 'as-is']);
});

test('what comes cooked is not boiled again, what is eaten raw not at all, a dry pulse is never left raw', () => {
  const says = /boiled|cooked|canned|baked|-roasted$/;
  for (const { id, name } of larderTable)
    if (says.test(id))
      for (const made of ['any', 'soaked', 'boiled'] as const)
        expect([name, ...preparationsOf(of(id), 'boiled', { ...openToAll, made })]).not.toContain('boiled');
  for (const id of ['avocado', 'lettuce', 'cucumber', 'rocket', 'sauerkraut', 'artichoke-hearts'])
    expect([id, ...preparationsOf(of(id), 'as-is', openToAll)]).toEqual([id, 'as-is']);
  for (const id of ['kidney-bean-dry', 'chickpea-dry', 'red-lentil-dry', 'brown-lentil-dry', 'soya-bean-dry'])
    for (const like of ['as-is', 'soaked'] as const)
      for (const made of ['any', 'soaked', 'boiled'] as const)
        expect([id, ...preparationsOf(of(id), like, { ...openToAll, made })]).toEqual([id, 'boiled']);
  // What soaks and is none of these is left as it is.
  for (const id of ['shiitake-dried', 'oat-flakes', 'psyllium-husk'])
    expect([id, ...preparationsOf(of(id), 'as-is', openToAll)]).toEqual([id, 'as-is']);
});

test('a pot is named after what it stands on and what binds it', () => {
  const pot = (...ids: string[]) => schoolOf(potOf(ids.map((id) => [id, 50] as const)).lines);
  expect(pot('cashew', 'water', 'tapioca-starch')).toBe('nuts / root starch');
  expect(pot('potato', 'water', 'corn-starch', 'olive-oil', 'nutritional-yeast')).toBe(
    'vegetables / starches / yeast / oil',
  );
  expect(pot('oat-drink')).toBe('plant milks / nothing');
});

test('a thing is like itself, one miso is like another, and nothing is further than 1', () => {
  expect(unlikeness(of('cashew'), of('cashew'))).toBe(0);
  expect(unlikeness(of('barley-miso'), of('rice-miso'))).toBeLessThan(
    unlikeness(of('barley-miso'), of('mushroom')),
  );
  expect(unlikeness(of('coconut-drink'), of('hemp-drink'))).toBeLessThan(
    unlikeness(of('coconut-drink'), of('chickpea-water')),
  );
  for (const other of larderTable) {
    const far = unlikeness(of('oat-drink'), other);
    expect(far).toBeGreaterThanOrEqual(0);
    expect(far).toBeLessThanOrEqual(1);
    expect(far).toBeCloseTo(unlikeness(other, of('oat-drink')), 12);
  }
});
