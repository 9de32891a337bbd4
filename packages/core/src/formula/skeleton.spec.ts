import { families } from '../brief/family.js';
import { roles } from '../ingredient/ingredient.js';
import { ingredientById } from '../larder/catalog/larder-table.js';
import { lineOf } from './formula.fixture.js';
import { offersFor, openParts } from './skeleton.js';
import { skeletons } from './skeleton.params.js';

test.each([...families])(
  'every part of a %s is offered from the larder, in the role it is asked for',
  (family) => {
    const parts = skeletons[family];
    expect(new Set(parts.map(({ role }) => role)).size).toBe(parts.length);
    for (const part of parts) {
      const offered = offersFor(part, ingredientById);
      expect(offered.map(({ id }) => id)).toEqual(part.usual);
      // Onions and vegetables may be the body of a sauce; else the thing stands where the larder has it.
      for (const { role } of offered) expect(roles).toContain(role);
      expect(offered.filter(({ role }) => role === part.role).length / offered.length).toBeGreaterThan(0.7);
    }
  },
);

test('what is in the pot is not asked for any more, whatever it is called', () => {
  const roleIds = (lines: Parameters<typeof openParts>[0]['lines']) =>
    openParts({ family: 'cream-sauce', lines }).map(({ role }) => role);
  expect(roleIds([])).toEqual(['body', 'liquid', 'thickener', 'sour', 'savory', 'seasoning']);
  expect(roleIds([lineOf('macadamia', 100), lineOf('salt', 3)])).toEqual([
    'liquid',
    'thickener',
    'sour',
    'savory',
  ]);
  expect(roleIds([lineOf('macadamia', 100, { role: 'liquid' })])).toContain('body');
});

test('what the household uses for a part comes first, the most often first, each once', () => {
  const [body] = skeletons['cream-sauce'];
  const offered = offersFor(
    body!,
    ingredientById,
    new Map([
      ['sunflower-seed', 1],
      ['salt', 9],
      ['macadamia', 4],
      ['cashew', 2],
      ['gone', 7],
    ]),
  ).map(({ id }) => id);
  expect(offered.slice(0, 4)).toEqual(['macadamia', 'cashew', 'sunflower-seed', 'cauliflower']);
  expect(new Set(offered).size).toBe(offered.length);
});
