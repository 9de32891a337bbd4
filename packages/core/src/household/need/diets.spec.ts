import { allergensOfLabel } from '../../label/label-knowledge.js';
import { readLabel } from '../../label/read-label.js';
import { ingredientById } from '../../larder/catalog/larder-table.js';
import type { Ingredient } from '../../ingredient/ingredient.js';
import { packLabel } from '../portion/pack-label.js';
import type { PortionLine } from '../portion/portion.js';
import { whoCanEat } from '../who-can-eat.js';
import { askedByDiets, type DietRule, diets } from './diet.params.js';

const NOW = Date.parse('2026-05-01T12:00:00Z');
const line = (id: string, more: Partial<PortionLine> = {}): PortionLine => ({
  id: 'l',
  ingredient: ingredientById(id)!,
  named: id,
  gramsPerPortion: 40,
  ...more,
});
const own = (more: Partial<Ingredient> = {}): PortionLine => ({
  ...line('potato'),
  ingredient: {
    ...ingredientById('potato')!,
    id: 'own',
    name: 'Own Paste',
    guessed: ['protein'],
    likened: false,
    contains: ['celery'],
    ...more,
  },
});
const labelled = (text: string): PortionLine => {
  const label = packLabel({ ...allergensOfLabel(readLabel(text)), readOn: '2026-04-20T00:00:00Z' }, NOW);
  return { ...own({ contains: [] }), label };
};
const judged = (rule: DietRule, ...lines: readonly PortionLine[]) =>
  whoCanEat(
    { id: 'e', name: 'E', eatsTonight: true, needs: [{ kind: 'rule', rule }] },
    { lines, salt: { mid: 0, high: 0 } },
  );
const verdict = (rule: DietRule, ...lines: readonly PortionLine[]) => judged(rule, ...lines).verdict;

/** What households say of things of the larder: n does not, f fits, ? asks. Columns: vegetarian, vegan, no meat, no pork, no alcohol, butter is fine. */
const known: readonly (readonly [id: string, verdicts: string])[] = [
  ['chicken-cooked', 'nnnfff'],
  ['bacon', 'nnnnff'],
  ['ham', 'nnnnf?'],
  ['beef-broth', 'nnnff?'],
  ['salmon', 'nnffff'],
  ['prawn', 'nnffff'],
  ['egg', 'fnffff'],
  ['cow-milk', 'fnfffn'],
  ['dairy-cream', 'fnfffn'],
  ['butter', 'fnffff'],
  ['ghee', 'fnffff'],
  ['hard-cheese-cow', '?n??fn'],
  ['white-wine', '??ffn?'],
  ['vanilla', 'ffffnf'],
  ['soy-sauce', 'ffff?f'],
  ['cashew', 'ffffff'],
  ['cauliflower', 'ffffff'],
  ['chickpea-boiled', 'ffffff'],
  ['nutritional-yeast', 'ffffff'],
  ['oat-drink', 'ffffff'],
  ['coconut-milk', 'ffffff'],
  ['tapioca-starch', 'ffffff'],
  ['pastry-puff', '????f?'],
];
const letters: Readonly<Record<string, string>> = { n: 'does-not', f: 'fits', '?': 'ask' };
const columns: readonly DietRule[] = [
  'vegetarian',
  'vegan',
  'no-meat',
  'no-pork',
  'no-alcohol',
  'butter-is-fine',
];

describe.each(known)('%s', (id, verdicts) => {
  test.each(columns.map((rule, i) => [rule, letters[verdicts[i] ?? '']] as const))(
    '%s: %s',
    (rule, expected) => {
      expect(verdict(rule, line(id))).toBe(expected);
    },
  );
});

test('why is told: what it is, and in what', () => {
  expect(judged('vegetarian', line('chicken-broth')).findings[0]).toMatchObject({
    verdict: 'does-not',
    reason: 'poultry in chicken stock',
    need: { kind: 'rule', rule: 'vegetarian' },
  });
});

test.each(Object.keys(diets) as DietRule[])(
  '%s: of what was written down without a word of it, it asks',
  (rule) => {
    expect(verdict(rule, own())).toBe('ask');
    expect(verdict(rule, labelled('Ingredients: water, potato, salt.'))).toBe('fits');
    expect(verdict(rule, labelled('Ingredients: water, potato, zzurbel, salt.'))).toBe('ask');
  },
);

/** Words of packs in the languages the reader knows, and what a vegetarian must not be told of them: that it fits. */
const animal =
  `meat pork bacon ham lard gelatine gelatin beef chicken turkey lamb veal duck goose suet tallow dripping collagen prosciutto salami chorizo pepperoni pancetta carmine cochineal e120 shellac e904 anchovy prawn fish oyster
schwein schweinefleisch schweineschmalz schmalz rindfleisch huhn hühnerfleisch hühnerfett geflügel speck schinken speisegelatine karmin wurst fleisch fleischextrakt kalbfleisch ente lamm putenfleisch leberwurst
viande porc jambon lardons boeuf bœuf poulet volaille saindoux gélatine suif veau dinde canard agneau saucisse
carne cerdo jamón tocino pollo ternera gelatina pavo cordero salchicha|maiale prosciutto strutto manzo lardo suino vitello tacchino speck salsiccia
vlees varkensvlees spek rundvlees kip reuzel gehakt kalkoen worst|porco toucinho banha frango presunto peru galinha
mięso wieprzowina smalec boczek szynka kurczak wołowina żelatyna|maso vepřové sádlo slanina šunka kuře hovězí želatina
kött fläsk fläskkött skinka kyckling nötkött|kød svinekød flæsk skinke kylling oksekød|kjøtt svinekjøtt flesk storfe|liha sianliha sika kinkku kana naudanliha liivate`.split(
    /[\s|]+/,
  );

test.each(animal)('a label that names %s does not fit a vegetarian', (word) => {
  expect(verdict('vegetarian', labelled(`Ingredients: water, ${word}, salt.`))).not.toBe('fits');
});

/** What vegans read labels for beside that. */
const ofAnimals =
  'honey honig miel miele honing miód honung honning hunaja beeswax e901 rennet lab présure cuajo caglio stremsel podpuszczka löpe juoksute e471 e472e glycerine milk butter casein egg whey lactose carmine mono-and-diglycerides'.split(
    ' ',
  );

test.each(ofAnimals)('a label that names %s does not fit a vegan', (word) => {
  expect(verdict('vegan', labelled(`Ingredients: water, ${word.replaceAll('-', ' ')}, salt.`))).not.toBe(
    'fits',
  );
});

test.each([
  ['coconut meat', 'vegetarian'],
  ['microbial rennet', 'vegan'],
  ['Fruchtfleisch', 'vegetarian'],
  ['vegetable glycerine', 'vegan'],
  ['vegan gelatine', 'no-pork'],
  ['chicken', 'no-pork'],
  ['gélatine végétale', 'vegetarian'],
] as const)('%s fits: %s', (word, rule) => {
  expect(verdict(rule, labelled(`Ingredients: water, ${word}, salt.`))).toBe('fits');
});

test('gelatine may be of pigs: it asks, and says what is not said', () => {
  const [finding] = judged('no-pork', labelled('Ingredients: water, sugar, gelatine.')).findings;
  expect(finding?.verdict).toBe('ask');
  expect(finding?.reason).toBe('gelatine in own paste: what it is made from is not said');
});

test('meat of a kind that is not named asks whoever eats no pork', () => {
  expect(verdict('no-pork', labelled('Ingredients: water, meat extract, salt.'))).toBe('ask');
});

test('milk by a label may be butter alone: whoever takes butter is asked to look', () => {
  expect(judged('butter-is-fine', labelled('Ingredients: flour, butter, salt.')).findings[0]?.reason).toBe(
    'milk in own paste: is it butter alone?',
  );
  expect(
    verdict('butter-is-fine', line('butter', { label: labelled('Ingredients: cream (milk), salt.').label! })),
  ).toBe('fits');
});

test('a pan that was used for bacon is a question to a vegetarian', () => {
  const portion = {
    lines: [line('potato')],
    salt: { mid: 0, high: 0 },
    contacts: [{ by: 'pan' as const, from: 'the bacon', lines: [line('bacon')] }],
  };
  const eater = {
    id: 'e',
    name: 'E',
    eatsTonight: true,
    needs: [{ kind: 'rule' as const, rule: 'vegetarian' as const }],
  };
  expect(whoCanEat(eater, portion as never).verdict).toBe('ask');
});

test('every thing a diet asks about is in the larder', () => {
  for (const id of Object.values(askedByDiets).flat()) expect([id, ingredientById(id)?.id]).toEqual([id, id]);
});
