import type { AllergenId } from '../allergen/allergen.js';
import { packLabel } from '../household/portion/pack-label.js';
import { whoCanEat } from '../household/who-can-eat.js';
import { ingredientById } from '../larder/catalog/larder-table.js';
import { allergensOfLabel } from './label-knowledge.js';
import { readLabel } from './read-label.js';

/** A seeded stream of numbers in 0..1 (mulberry32). */
function chanceOf(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}
const chance = chanceOf(1111);
const pick = <T>(list: readonly T[]): T => list[Math.floor(chance() * list.length)] as T;
const often = (share: number) => chance() < share;

const things: readonly (readonly [word: string, allergen: AllergenId])[] = [
  ['milk', 'milk'],
  ['whole milk', 'milk'],
  ['whey powder', 'milk'],
  ['Magermilchpulver', 'milk'],
  ['beurre', 'milk'],
  ['egg', 'egg'],
  ['uova', 'egg'],
  ['peanuts', 'peanut'],
  ['almonds', 'almond'],
  ['Haselnüsse', 'hazelnut'],
  ['soya beans', 'soya'],
  ['tofu', 'soya'],
  ['sesame seeds', 'sesame'],
  ['wheat flour', 'wheat'],
  ['vetemjöl', 'wheat'],
  ['mustard seed', 'mustard'],
  ['sedano', 'celery'],
  ['shrimp', 'crustacean'],
  ['räkor', 'crustacean'],
  ['tuna', 'fish'],
  ['lupin flour', 'lupin'],
];
const plain = [
  'water',
  'salt',
  'sugar',
  'rapeseed oil',
  'rice',
  'tapioca starch',
  'lemon juice',
  'carrot',
  'tomato paste',
  'sea salt',
  'pea protein',
  'citric acid',
];
const freed = [
  'gluten',
  'nuts',
  'fish',
  'lactose',
  'egg',
  'soya',
  'palm oil',
  'preservatives',
  'artificial colours',
];
const claims: readonly (() => string)[] = [
  () => `Free from ${pick(freed)}`,
  () => `free of ${pick(freed)} and ${pick(freed)}`,
  () => `Contains no ${pick(freed)}`,
  () => `${pick(['Nut', 'Gluten', 'Egg', 'Fish'])}-free`,
  () => `${pick(['nut', 'gluten', 'egg'])} free`,
  () => `No ${pick(freed)}`,
  () => `No added ${pick(['sugar', 'salt', 'egg'])}`,
  () => `Without ${pick(freed)}`,
  () => `Made without ${pick(freed)}`,
  () => `Does not contain any ${pick(freed)}`,
  () => `Vegan`,
  () => `Suitable for vegetarians`,
];
/** What may stand between a claim and the list of what is in it. */
const between = [
  '. ',
  '. Ingredients: ',
  ' (',
  ': ',
  '\n',
  '; ',
  ' but contains ',
  ' with ',
  ', made with ',
  '\n\nIngredients: ',
  ', ingredients: ',
  ' – contains: ',
];
const spelled = (word: string): string =>
  often(0.2)
    ? word.toUpperCase()
    : often(0.2)
      ? `**${word}**`
      : often(0.1)
        ? `${word} (${Math.ceil(chance() * 60)} %)`
        : word;

/** A label with a claim, a list in which one allergen stands somewhere, and what it names. */
function labelWith(): { readonly text: string; readonly held: AllergenId } {
  const [word, held] = pick(things);
  const list = Array.from({ length: 1 + Math.floor(chance() * 5) }, () => pick(plain));
  list.splice(Math.floor(chance() * (list.length + 1)), 0, spelled(word));
  const said = list.join(pick([', ', ', ', '; ', ' • ']));
  const before = often(0.8) ? `${pick(claims)()}${pick(between)}` : often(0.5) ? 'Ingredients: ' : '';
  const after = often(0.4) ? `. ${pick(claims)()}.` : often(0.2) ? '. May contain traces of lupin.' : '.';
  return { text: before + said + after, held };
}

const RUNS = 20_000;

test(`of ${RUNS} labels made from a grammar none loses an allergen that stands outside its claims`, () => {
  const lost: string[] = [];
  for (let i = 0; i < RUNS; i++) {
    const { text, held } = labelWith();
    const { contains, askFor } = allergensOfLabel(readLabel(text));
    if (![...contains, ...askFor].includes(held)) lost.push(`${held}: ${text}`);
  }
  expect(lost.slice(0, 20)).toEqual([]);
}, 60_000);

const nonsense = () =>
  Array.from({ length: 5 + Math.floor(chance() * 6) }, () => pick([...'bcdfgklmnprtvz'])).join('');
const block = ingredientById('plant-butter-block');

test('a word of nonsense never leaves a label that is known to the end', () => {
  const fitting: string[] = [];
  for (let i = 0; i < 4000; i++) {
    const list = Array.from({ length: 3 + Math.floor(chance() * 4) }, () => pick(plain));
    list.splice(Math.floor(chance() * (list.length + 1)), 0, nonsense());
    const text = `Ingredients: ${list.join(', ')}.`;
    const label = packLabel(
      { ...allergensOfLabel(readLabel(text)), readOn: '2026-11-01' },
      Date.parse('2026-11-10'),
    );
    const { verdict } = whoCanEat(
      {
        id: 'e',
        name: 'E',
        eatsTonight: true,
        needs: [{ kind: 'allergen', allergen: 'fish', strictness: 'allergy', traces: false }],
      },
      { lines: [{ id: 'l', ingredient: block, named: 'block', label }] },
    );
    if (verdict === 'fits') fitting.push(text);
  }
  expect(fitting.slice(0, 10)).toEqual([]);
});
