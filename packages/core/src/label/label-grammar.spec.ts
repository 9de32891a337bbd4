import { isGroupOf, type AllergenId } from '../allergen/allergen.js';
import { allergensOfLabel } from './label-knowledge.js';
import { readLabel } from './read-label.js';

const of = (text: string) => allergensOfLabel(readLabel(text));

/** What stands outside a claim is in it, whatever the claim says. */
test.each<readonly [text: string, held: AllergenId]>([
  ['No added sugar, whole milk, cocoa.', 'milk'],
  ['Without colourings, eggs, flour.', 'egg'],
  ['Free from gluten, almonds, sugar.', 'almond'],
  ['Gluten free. Whole milk.', 'milk'],
  ['Gluten-free (oats, milk).', 'milk'],
  ['Free from gluten (contains milk).', 'milk'],
  ['Free from gluten: milk, sugar.', 'milk'],
  ['Free from gluten with milk and honey.', 'milk'],
  ['Free from nuts but made with egg.', 'egg'],
  ['Contains no nuts, ingredients: milk, sugar.', 'milk'],
  ['Contains no artificial colours, almonds.', 'almond'],
  ['Eggs (free range), sugar.', 'egg'],
  ['Free range eggs, sugar.', 'egg'],
  ['Eggs free range.', 'egg'],
  ['Free flowing milk powder.', 'milk'],
  ['Milk, free from additives.', 'milk'],
  ['Sugar free sweets with milk.', 'milk'],
  ['Lactose-free milk.', 'milk'],
  ['Dairy free\nWhole milk powder', 'milk'],
  ['No egg; milk.', 'milk'],
  ['Nut free. Ingredients: hazelnuts.', 'hazelnut'],
  ['Free from palm oil, cashews, salt', 'cashew'],
  ['without lactose, milk protein', 'milk'],
  ['Allergen free? Ingredients: soya beans', 'soya'],
  ['Ohne Zuckerzusatz, Ingredients: milk', 'milk'],
])('%s holds %s', (text, held) => {
  expect(of(text).contains).toContain(held);
});

/** What is warned of, in any order and tense, is asked about. */
test.each<readonly [text: string, asked: AllergenId]>([
  ['Rice. Cannot guarantee nut free.', 'tree-nut'],
  ['We cannot guarantee that this product is free from peanuts.', 'peanut'],
  ['Not guaranteed free from milk.', 'milk'],
  ['Free from nuts cannot be guaranteed.', 'tree-nut'],
  ['Not guaranteed to be free of sesame seeds.', 'sesame'],
  ['Contains no nuts but made on a line with almonds.', 'almond'],
  ['Packed in an environment where sesame is handled.', 'sesame'],
  ['Rice, salt. Made on a line that also packs wheat.', 'wheat'],
  ['Baked in a kitchen that uses eggs.', 'egg'],
  ['Not suitable for people with a soya allergy.', 'soya'],
  ['Rice. Was roasted in the same facility as hazelnuts.', 'hazelnut'],
  ['May occasionally also contain milk.', 'milk'],
  ['Might still have traces of celery.', 'celery'],
  ['Possible traces of mustard.', 'mustard'],
  ['Rice; risk of cross-contamination with lupin.', 'lupin'],
  ['Traces: egg.', 'egg'],
])('%s asks about %s', (text, asked) => {
  const { contains, askFor } = of(text);
  expect([...contains, ...askFor].some((id) => id === asked || isGroupOf(id, asked))).toBe(true);
});

/** What a claim names is not in it. */
test.each<readonly [text: string, freed: AllergenId]>([
  ['Free from milk, egg and soya.', 'soya'],
  ['Free from gluten, milk, soya.', 'soya'],
  ['Free from: milk, egg.', 'egg'],
  ['Contains no milk, egg or wheat. Rice, salt.', 'wheat'],
  ['Does not contain any milk or milk products.', 'milk'],
  ['No egg, no milk. Rice.', 'milk'],
  ['Made without eggs. Rice.', 'egg'],
  ['Milk-free rice drink.', 'milk'],
  ['Egg free pasta of rice.', 'egg'],
  ['Free from traces of peanut. Rice.', 'peanut'],
])('%s says nothing of %s', (text, freed) => {
  const { contains, askFor } = of(text);
  expect([...contains, ...askFor]).not.toContain(freed);
});

test('a claim is told as one, with its place', () => {
  const text = 'Free from milk and egg. Contains oats.';
  const { notes, findings } = readLabel(text);
  expect(
    notes.filter(({ kind }) => kind === 'claim').map(({ start, end }) => text.slice(start, end)),
  ).toEqual(['Free from', 'milk', 'egg']);
  expect(findings.map(({ allergen, kind }) => [allergen, kind])).toEqual([['oat', 'contains']]);
});

test.each([
  [
    'Ingredients: tomato, onion. Produced in Italy for Foodco Ltd, 12 High Street, Norbury. Batch L1234.',
    '',
    '',
  ],
  ['Ingredients: water, “Sunny Meadow” tofu.', 'soya', ''],
  ['Ingredients: rice, salt. Made by Foodco with milk.', 'milk', ''],
  ['Ingredients: rice, salt. Produced in a factory that handles milk.', '', 'milk'],
  ['Ingredients: rice, Norbury, salt.', '', '', 'Norbury'],
  ['Ingredients: rice, “norbury”, salt.', '', '', 'norbury'],
])(
  'names of makers, places and brands are passed over, food and warnings are not: %s',
  (text, certain, may, unknown = '') => {
    const read = allergensOfLabel(readLabel(text));
    const legal = (ids: readonly string[]) =>
      ids.filter((id) => ['milk', 'soya', 'egg', 'tree-nut'].includes(id)).join(' ');
    expect([legal(read.contains), legal(read.askFor), read.unknown.join(' ')]).toEqual([
      certain,
      may,
      unknown,
    ]);
  },
);

test.each([
  ['oat milk cream alternative, vegan butter, plant-based cheese, almond cheese, dairy-free yogurt', ''],
  ['egg replacer (potato starch), egg substitute, eggless mayonnaise, vegan egg', ''],
  ['sodium sulphate, copper sulphate, calcium sulfate', ''],
  ['cheese, cream, butter', 'milk'],
  ['egg, egg white powder', 'egg'],
  ['sodium sulphite', 'sulphite'],
  ['pea nut butter', 'peanut'],
  ['Triticum vulgare, Prunus amygdalus dulcis, Avena sativa', 'wheat almond oat'],
])('what is said to be of a plant, an alternative or another salt is none of it: %s', (text, held) => {
  const read = allergensOfLabel(readLabel(`Ingredients: ${text}.`));
  const heads: readonly string[] = ['milk', 'egg', 'sulphite', 'peanut', 'wheat', 'tree-nut'];
  const wanted = held === '' ? [] : held.split(' ');
  expect(read.contains).toEqual(expect.arrayContaining(wanted));
  expect(
    [...read.contains, ...read.askFor].filter((id) => heads.includes(id) && !wanted.includes(id)),
  ).toEqual([]);
});

test('words of a pack one after another are no list, however well they are understood; two foods without a heading are none either', () => {
  const isList = (text: string) => readLabel(text).isList;
  expect(isList('Keep cool, store dry, best before end, see lid.')).toBe(false);
  expect(isList('water, salt')).toBe(false);
  expect(isList('oats')).toBe(false);
  expect(isList('May contain milk, nuts, soya.')).toBe(false);
  expect(isList('water, oats, salt')).toBe(true);
  expect(isList('Ingredients: oats')).toBe(true);
});

test.each([
  'Kann Milch, Haselnüsse, Mandeln, Cashewkerne, Soja und Weizen enthalten.',
  'Kan melk, hazelnoten, amandelen, cashewnoten, soja en tarwe bevatten.',
])('a verb at the end of its sentence counts for all that stands before it: %s', (text) => {
  const { contains, askFor } = allergensOfLabel(readLabel(text));
  expect(contains).toEqual([]);
  expect(askFor).toEqual(expect.arrayContaining(['milk', 'hazelnut', 'almond', 'cashew', 'soya', 'wheat']));
});

test.each([
  ['INS 220', 'sulphite', ''],
  ['ins 1105, INS223', 'egg sulphite', ''],
  ['E 322i', '', 'soya'],
  ['E426, e479b', 'soya', ''],
  ['colour: E150d', '', 'sulphite'],
  ['preservative (220)', 'sulphite', ''],
  ['preservatives (200, 223 and 1105)', 'egg sulphite', ''],
  ['emulsifier (322), salt', '', 'soya'],
  ['E471, E330, INS 415, E160a', '', ''],
  ['rice 220 g, water 322 ml, energy 223 kJ', '', ''],
])('additives by their numbers, as packs write them: %s', (text, certain, may) => {
  const read = allergensOfLabel(readLabel(`Ingredients: ${text}.`));
  const heads = ['egg', 'sulphite', 'soya'];
  const of = (ids: readonly string[], wanted: string) =>
    wanted === ''
      ? heads.every((head) => !ids.includes(head))
      : wanted.split(' ').every((head) => ids.includes(head));
  expect([of(read.contains, certain), may === '' || of(read.askFor, may), read.unknown]).toEqual([
    true,
    true,
    [],
  ]);
});
