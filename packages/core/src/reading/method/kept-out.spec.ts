import { larderTable } from '../../larder/catalog/larder-table.js';
import { readRecipe } from '../read-recipe.js';

/** Ids of what is in the pot once each sentence is done, cumulatively the order of going in. */
function order(method: string): readonly (readonly string[])[] {
  const { lines, method: steps } = readRecipe(
    {
      text: `Queso\n\n100 g cashews\n300 ml water\n2 tbsp lemon juice\n50 g green chiles, chopped\n\nMethod\n${method}`,
    },
    larderTable,
  );
  const of = new Map(lines.map(({ id, ingredient }) => [id, ingredient?.id ?? '']));
  return steps
    .flatMap(({ operations }) => operations)
    .filter((operation) => operation.lines)
    .map((operation) => (operation.lines ?? []).map((id) => of.get(id)!));
}
const base = ['cashew', 'water', 'lemon-juice'];

test.each([
  'Blend everything but the chiles until smooth. Stir in the chiles.',
  'Put all the ingredients except the green chiles into a blender and blend for 1 minute. Stir in the chiles.',
  'Add all the ingredients, leaving out the chiles, and blend. Heat to 90 °C for 5 minutes, then fold in the chiles.',
  'Blend all ingredients apart from the chiles. Heat for 5 minutes. Stir them in.',
  'Blend everything other than the chiles until smooth. Simmer for 5 minutes.',
])('what is kept out goes in where it is said, else last: %s', (method) => {
  expect(order(method)).toEqual([base, ['chilli-fresh']]);
});

test('several things kept out, and none', () => {
  expect(
    order('Blend everything except the lemon juice and chiles. Heat it. Stir in the chiles and lemon juice.'),
  ).toEqual([
    ['cashew', 'water'],
    ['lemon-juice', 'chilli-fresh'],
  ]);
  expect(order('Blend everything until smooth, but not too long.')).toEqual([[...base, 'chilli-fresh']]);
});
