import { ingredientList, type ListedIngredient } from './ingredient-list.js';
import { labelCases } from '../../science/labels/labels.table.js';

const said = ({ name, percent, parts }: ListedIngredient): string =>
  `${name}${percent === undefined ? '' : ` ${percent}%`}${parts.length > 0 ? ` [${parts.map(said).join(', ')}]` : ''}`;

test.each([
  ['Ingredients: water, oats 10 %, salt.', 'water; oats 10%; salt'],
  [
    'Ingredients: tofu 97 % (water, soybeans), soy sauce (water, wheat (1,5 %), salt). May contain nuts.',
    'tofu 97% [water, soybeans]; soy sauce [water, wheat 1.5%, salt]',
  ],
  [
    'Sugar, cocoa mass (45 %), emulsifier: lecithin (soya).',
    'Sugar; cocoa mass 45%; emulsifier: lecithin [soya]',
  ],
  ['Ingredients: a [b {c, d}, e], f', 'a [b [c, d], e]; f'],
  ['Ingredients: beans (boiled, never closed', 'beans [boiled, never closed]'],
])('%s', (text, wanted) => {
  expect(ingredientList(text).map(said).join('; ')).toBe(wanted);
});

test('every place quotes the text, parts lie inside their whole, and nothing fails', () => {
  const check = (text: string, list: readonly ListedIngredient[], from: number, to: number) => {
    for (const entry of list) {
      expect(entry.start).toBeGreaterThanOrEqual(from);
      expect(entry.end).toBeLessThanOrEqual(to);
      check(text, entry.parts, entry.start, entry.end);
    }
  };
  for (const [text] of labelCases) check(text, ingredientList(text), 0, text.length);
  expect(ingredientList(')))((([[')).toEqual([]);
  expect(ingredientList('')).toEqual([]);
});
