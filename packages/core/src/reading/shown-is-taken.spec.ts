import fc from 'fast-check';
import { gramsOf } from '../quantity/amount.js';
import { larderTable } from '../larder/catalog/larder-table.js';
import { readIngredientLine } from './text/ingredient-line.js';

const grams = (text: string) => {
  const [line] = readIngredientLine(text, larderTable);
  return {
    shown: line?.grams?.mid,
    taken: line?.ingredient && gramsOf(line.written, line.ingredient.measures),
  };
};

test('what a count weighs is what goes in, whatever is told beside it', () => {
  for (const text of [
    '1/2 large squash (about 3 cups)',
    '2 medium carrots (about 1 cup)',
    '8 mushrooms (about 2 cups)',
    '1 onion (150 g)',
    '2 cloves garlic (about 1 tbsp)',
  ]) {
    const { shown, taken } = grams(text);
    expect([text, taken]).toEqual([text, expect.closeTo(shown!, 0)]);
  }
});

const counts = fc.constantFrom('1', '2', '1/2', '1 1/2', '3-4', 'a few', 'about 3', 'two heaped', '¾');
const sizes = fc.constantFrom(
  '',
  'small ',
  'medium ',
  'large ',
  'cups ',
  'tbsp ',
  'tsp ',
  'g ',
  'handfuls ',
  'cans ',
  'cloves ',
  'pinches ',
  'oz ',
);
const things = fc.constantFrom(
  'carrots',
  'butternut squash',
  'mushrooms',
  'garlic',
  'cashews',
  'onion',
  'red lentils',
  'tomatoes',
  'spinach',
  'chickpeas',
  'salt',
  'coconut milk',
  'tofu',
  'lemon juice',
  'potatoes',
);
const besides = fc.constantFrom(
  '',
  ' (about 2 cups)',
  ' (150 g)',
  ' (5 oz)',
  ' (about 1 tbsp)',
  ', about 1 cup',
  ' (400 g)',
);

test('shown grams are the grams of the formula, in every way of saying an amount', () => {
  fc.assert(
    fc.property(counts, sizes, things, besides, (count, size, thing, beside) => {
      const text = `${count} ${size}${thing}${beside}`;
      const { shown, taken } = grams(text);
      if (shown === undefined) return;
      expect([text, taken]).toEqual([text, expect.closeTo(shown, shown > 100 ? 0 : 1)]);
    }),
    { seed: 32, numRuns: 1500 },
  );
});
