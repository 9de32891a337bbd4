import { nearFilter } from './near-filter';

test('what is typed right is found, one wrong letter is forgiven, and chance letters are nothing', () => {
  expect(nearFilter('Recipe: a page to cook from', 'recipe')).toBeGreaterThan(0);
  expect(nearFilter('Formulas', 'formuals')).toBeGreaterThan(0);
  expect(nearFilter('go to Larder', 'lardre')).toBeGreaterThan(0);
  expect(nearFilter('Versions', 'verssions')).toBeGreaterThan(0);
  expect(nearFilter('Balance', 'larder')).toBe(0);
  expect(nearFilter('Paste a recipe', 'xyzq')).toBe(0);
});
