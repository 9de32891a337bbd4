import { type AllergenId, allergenIds } from '../../allergen/allergen.js';
import { allergensOfLabel } from '../label-knowledge.js';
import { readLabel } from '../read-label.js';
import { labelLanguages } from './languages.js';
import { languageOf } from './word-list.js';

interface Case {
  readonly language: string;
  readonly text: string;
  readonly contains: readonly AllergenId[];
  readonly mayHold?: readonly AllergenId[];
  readonly not?: readonly AllergenId[];
}

/** Made-up packs, realistic and with traps. */
const cases: readonly Case[] = [
  {
    language: 'German',
    text: 'Zutaten: Wasser, Haferflocken, Sonnenblumenöl, Salz. Kann Spuren von Milch und Haselnüssen enthalten.',
    contains: ['oat'],
    mayHold: ['milk'],
    not: ['wheat'],
  },
  {
    language: 'German',
    text: 'Zutaten: Weizenmehl, Magermilchpulver, Vollei, Zucker.',
    contains: ['wheat', 'milk', 'egg'],
  },
  {
    language: 'German',
    text: 'Kokosmilch, Kakaobutter, Muskatnuss, Buchweizenmehl.',
    contains: ['coconut', 'buckwheat'],
    not: ['milk', 'wheat', 'tree-nut'],
  },
  {
    language: 'German',
    text: 'Süßmolkenpulver, Haselnussmark, Emulgator Sojalecithin.',
    contains: ['milk', 'hazelnut', 'soya'],
  },
  { language: 'German', text: 'Enthält keine Milch. Hafer, Salz.', contains: ['oat'], not: ['milk'] },
  { language: 'German', text: 'Frischkäsezubereitung, Weizenvollkornmehl', contains: ['milk', 'wheat'] },
  {
    language: 'French',
    text: 'Ingrédients : farine de blé, beurre, œufs, sucre. Peut contenir des traces de fruits à coque et de sésame.',
    contains: ['wheat', 'milk', 'egg'],
    mayHold: ['tree-nut', 'sesame'],
  },
  {
    language: 'French',
    text: 'Eau, lait de coco, beurre de cacao, sel.',
    contains: ['coconut'],
    not: ['milk'],
  },
  {
    language: 'French',
    text: 'Lactosérum en poudre, noisettes, lécithine de soja.',
    contains: ['milk', 'hazelnut', 'soya'],
  },
  { language: 'French', text: 'Sans lait. Avoine, sel.', contains: ['oat'], not: ['milk'] },
  {
    language: 'Spanish',
    text: 'Ingredientes: harina de trigo, leche en polvo, huevo, azúcar. Puede contener trazas de cacahuetes.',
    contains: ['wheat', 'milk', 'egg'],
    mayHold: ['peanut'],
  },
  {
    language: 'Spanish',
    text: 'Agua, leche de coco, manteca de cacao, nuez moscada.',
    contains: ['coconut'],
    not: ['milk', 'tree-nut', 'walnut'],
  },
  {
    language: 'Spanish',
    text: 'Suero de leche, avellanas, apio, mostaza.',
    contains: ['milk', 'hazelnut', 'celery', 'mustard'],
  },
  {
    language: 'Italian',
    text: 'Ingredienti: farina di grano tenero, burro, uova, zucchero. Può contenere tracce di frutta a guscio.',
    contains: ['wheat', 'milk', 'egg'],
    mayHold: ['tree-nut'],
  },
  {
    language: 'Italian',
    text: 'Siero di latte, nocciole, sedano, senape.',
    contains: ['milk', 'hazelnut', 'celery', 'mustard'],
  },
  {
    language: 'Italian',
    text: 'Latte di cocco, noce moscata, grano saraceno.',
    contains: ['coconut', 'buckwheat'],
    not: ['milk', 'wheat', 'walnut'],
  },
  {
    language: 'Dutch',
    text: 'Ingrediënten: tarwebloem, roomboter, eieren, suiker. Kan sporen van noten bevatten.',
    contains: ['wheat', 'milk', 'egg'],
    mayHold: ['tree-nut'],
  },
  { language: 'Dutch', text: 'Pindakaas: pinda’s 95 %, zout.', contains: ['peanut'], not: ['milk'] },
  {
    language: 'Dutch',
    text: 'Weipoeder, hazelnoten, selderij, mosterd.',
    contains: ['milk', 'hazelnut', 'celery', 'mustard'],
  },
  {
    language: 'Portuguese',
    text: 'Ingredientes: farinha de trigo, manteiga, ovos, açúcar. Pode conter vestígios de amendoim.',
    contains: ['wheat', 'milk', 'egg'],
    mayHold: ['peanut'],
  },
  {
    language: 'Portuguese',
    text: 'Soro de leite, avelãs, aipo, mostarda, tremoço.',
    contains: ['milk', 'hazelnut', 'celery', 'mustard', 'lupin'],
  },
  {
    language: 'Polish',
    text: 'Składniki: mąka pszenna, masło, jaja, cukier. Może zawierać śladowe ilości orzechów i sezamu.',
    contains: ['wheat', 'milk', 'egg'],
    mayHold: ['tree-nut', 'sesame'],
  },
  {
    language: 'Polish',
    text: 'Serwatka w proszku, orzechy laskowe, seler, gorczyca.',
    contains: ['milk', 'hazelnut', 'celery', 'mustard'],
  },
  {
    language: 'Czech',
    text: 'Složení: pšeničná mouka, máslo, vejce, cukr. Může obsahovat stopy arašídů.',
    contains: ['wheat', 'milk', 'egg'],
    mayHold: ['peanut'],
  },
  {
    language: 'Czech',
    text: 'Sušená syrovátka, lískové ořechy, celer, hořčice.',
    contains: ['milk', 'hazelnut', 'celery', 'mustard'],
  },
  {
    language: 'Swedish',
    text: 'Ingredienser: vetemjöl, smör, ägg, socker. Kan innehålla spår av mandel.',
    contains: ['wheat', 'milk', 'egg'],
    mayHold: ['almond'],
  },
  {
    language: 'Swedish',
    text: 'Vasslepulver, hasselnötter, selleri, senap, räkor.',
    contains: ['milk', 'hazelnut', 'celery', 'mustard', 'crustacean'],
  },
  {
    language: 'Danish',
    text: 'Ingredienser: hvedemel, smør, æg, sukker. Kan indeholde spor af nødder.',
    contains: ['wheat', 'milk', 'egg'],
    mayHold: ['tree-nut'],
  },
  {
    language: 'Danish',
    text: 'Vallepulver, hasselnødder, selleri, sennep.',
    contains: ['milk', 'hazelnut', 'celery', 'mustard'],
  },
  {
    language: 'Norwegian',
    text: 'Ingredienser: hvetemel, smør, egg, sukker. Kan inneholde spor av peanøtter.',
    contains: ['wheat', 'milk', 'egg'],
    mayHold: ['peanut'],
  },
  {
    language: 'Norwegian',
    text: 'Mysepulver, hasselnøtter, selleri, sennep.',
    contains: ['milk', 'hazelnut', 'celery', 'mustard'],
  },
  {
    language: 'Finnish',
    text: 'Ainesosat: vehnäjauho, voi, kananmuna, sokeri. Saattaa sisältää pieniä määriä pähkinää.',
    contains: ['wheat', 'milk', 'egg'],
    mayHold: ['tree-nut'],
  },
  {
    language: 'Finnish',
    text: 'Herajauhe, hasselpähkinät, selleri, sinappi. Voi sisältää jäämiä maapähkinästä.',
    contains: ['milk', 'hazelnut', 'celery', 'mustard'],
  },
  {
    language: 'several',
    text: 'EN Ingredients: rice, sugar. DE Zutaten: Reis, Zucker, Vollmilchpulver. FR Ingrédients: riz, sucre.',
    contains: ['rice', 'milk'],
  },
];

test.each(cases.map((one) => [one.language, one.text.slice(0, 60), one] as const))(
  '%s: %s',
  (_language, _text, { text, contains, mayHold = [], not = [] }) => {
    const read = allergensOfLabel(readLabel(text));
    expect(read.contains).toEqual(expect.arrayContaining([...contains]));
    for (const allergen of mayHold) expect([...read.contains, ...read.askFor]).toContain(allergen);
    for (const allergen of not) expect([...read.contains, ...read.askFor]).not.toContain(allergen);
  },
);

const wanted: readonly AllergenId[] = [
  'milk',
  'egg',
  'fish',
  'crustacean',
  'mollusc',
  'peanut',
  'soya',
  'sesame',
  'tree-nut',
  'almond',
  'hazelnut',
  'walnut',
  'cashew',
  'pecan',
  'brazil-nut',
  'pistachio',
  'macadamia',
  'gluten',
  'wheat',
  'rye',
  'barley',
  'oat',
  'celery',
  'mustard',
  'sulphite',
  'lupin',
];

test.each(labelLanguages)(
  '$name names every allergen of the law, each known',
  ({ rows, misleading, parts }) => {
    const named = new Set(rows.filter(({ kind }) => kind !== 'ask').flatMap(({ allergens }) => allergens));
    expect(wanted.filter((id) => !named.has(id))).toEqual([]);
    for (const id of [
      ...named,
      ...misleading.flatMap(({ holds }) => holds),
      ...parts.map(({ allergen }) => allergen),
    ])
      expect(allergenIds).toContain(id);
  },
);

test('every word of every language is found as what it is, alone and in a sentence', () => {
  for (const { name, rows } of labelLanguages)
    for (const { allergens, terms } of rows)
      for (const term of terms) {
        const { contains, askFor } = allergensOfLabel(readLabel(`Ingredients: ${term}.`));
        for (const id of allergens)
          expect({ name, term, found: [...contains, ...askFor] }).toMatchObject({
            found: expect.arrayContaining([id]) as unknown,
          });
      }
});

test('a language that is not known leaves words that were not understood, so that it is asked about', () => {
  for (const text of [
    'Sastojci: voćni šećer, glazura',
    'Összetevők: búzaliszt, cukor',
    'Συστατικά: νερό, αλάτι',
    '原材料名：小麦粉、砂糖',
    'Malzemeler: buğday unu, şeker',
  ])
    expect(allergensOfLabel(readLabel(text)).unknown.length).toBeGreaterThan(0);
});

test.each([
  ['Ingredients: hazelnutmilk, salt', 'hazelnut'],
  ['Ingredients: peanutbutter', 'peanut'],
  ['Ingredients: m1lk powder', 'milk'],
  ['Ingredients: a1monds', 'almond'],
  ['Ingredients: 0ats', 'oat'],
  ['Ingredients: whea7, s0ya', 'soya'],
] as const)('%s: %s, written closed or scanned badly', (text, held) => {
  expect(allergensOfLabel(readLabel(text)).contains).toContain(held);
});

test('a line of a table that cannot be read says which', () => {
  expect(() => languageOf('Nowhere', 'milk lait')).toThrow(/Nowhere cannot be read: milk lait/);
});
