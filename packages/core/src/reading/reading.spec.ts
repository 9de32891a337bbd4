import { larderTable, ingredientById } from '../larder/catalog/larder-table.js';
import { predict } from '../predict/predict.js';
import { recipeOfFormula } from '../formula/recipe-of-formula.js';
import { spokenAmount } from './amount/spoken-amount.js';
import { spokenNumber } from './amount/spoken-number.js';
import { formulaOfRecipe } from './formula-of-recipe.js';
import type { Habits } from './habits.js';
import { readRecipe } from './read-recipe.js';
import { durationIn, temperatureIn } from './text/duration.js';
import { readIngredientLine } from './text/ingredient-line.js';

const line = (text: string) => readIngredientLine(text, larderTable)[0]!;
const grams = (text: string) => line(text).grams;

test.each([
  ['1½', 1.5, 1.5, 1.5],
  ['1-1/2', 1.5, 1.5, 1.5],
  ['1 and a half', 1.5, 1.5, 1.5],
  ['one and a half', 1.5, 1.5, 1.5],
  ['half a', 0.5, 0.5, 0.5],
  ['half a dozen', 6, 6, 6],
  ['three quarters', 0.75, 0.75, 0.75],
  ['two thirds of a', 2 / 3, 2 / 3, 2 / 3],
  ['2-3', 2, 2.5, 3],
  ['four to five', 4, 4.5, 5],
  ['between 2 and 4', 2, 3, 4],
  ['1,000', 1000, 1000, 1000],
  ['0,25', 0.25, 0.25, 0.25],
  ['a couple of', 2, 2, 3],
  ['about 200', 180, 200, 220],
  ['two hundred', 200, 200, 200],
  ['a hundred and fifty', 150, 150, 150],
  ['two hundred twenty-five', 225, 225, 225],
  ['one thousand two', 1002, 1002, 1002],
  ['thirty five', 35, 35, 35],
  ['eighteen', 18, 18, 18],
  ['a hundred to two hundred', 100, 150, 200],
  ['twenty', 20, 20, 20],
  ['one', 1, 1, 1],
] as const)('“%s” is from %d by %d to %d', (text, low, mid, high) => {
  const read = spokenNumber(text);
  expect([read?.low, read?.mid, read?.high]).toEqual([
    expect.closeTo(low, 6),
    expect.closeTo(mid, 6),
    expect.closeTo(high, 6),
  ]);
});

test.each([
  ['1 cup 2 tbsp water', 1.125, 'cup', 'water'],
  ['1 cup plus 2 tbsp water', 1.125, 'cup', 'water'],
  ['2 x 400 g tins chickpeas', 800, 'g', 'chickpeas'],
  ['2 (400 g) cans chickpeas', 800, 'g', 'chickpeas'],
  ['one 14-ounce can beans', 14, 'oz', 'beans'],
  ['1 lb 4 oz potatoes', 1.25, 'lb', 'potatoes'],
  ['handful of parsley', 1, 'handful', 'parsley'],
  ['a good pinch of salt', 1, 'pinch', 'salt'],
  ['1 T oil', 1, 'tbsp', 'oil'],
  ['1 t oil', 1, 'tsp', 'oil'],
] as const)('“%s”: %d %s of %s', (text, mid, unit, rest) => {
  const read = spokenAmount(text);
  expect([read?.mid, read?.unit?.id, read?.rest]).toEqual([expect.closeTo(mid, 6), unit, rest]);
});

test('a weight beside a volume wins, wherever it stands', () => {
  expect(grams('1 cup (140 g) cashews')?.mid).toBeCloseTo(140, 6);
  expect(grams('2 large carrots (about 200 g)')?.mid).toBeCloseTo(200, 6);
  expect(grams('1 celeriac, about 700 g, peeled')?.mid).toBeCloseTo(700, 6);
  expect(grams('200g/7oz silken tofu')?.mid).toBe(200);
});

test('what nobody measures has a wide range, what is weighed has none', () => {
  const handful = grams('a handful of parsley')!,
    weighed = grams('12 g parsley')!;
  expect(handful.mid).toBeCloseTo(12, 6);
  expect(handful.high / handful.low).toBeGreaterThan(2);
  expect(weighed.high / weighed.low).toBe(1);
  expect(grams('1 heaped tbsp corn starch')!.mid).toBeCloseTo(2 * grams('1 tbsp corn starch')!.mid, 6);
  expect(grams('salt, to taste')).toMatchObject({ low: 1.5, high: 6 });
  expect(line('salt, to taste').toTaste).toBe(true);
});

test('fruit is juice or peel by how it is said', () => {
  expect(line('half a lemon, juiced')).toMatchObject({ ingredient: { id: 'lemon-juice' } });
  expect(grams('juice of 2 limes')?.mid).toBeCloseTo(58, 6);
  expect(line('zest of one orange').ingredient?.id).toBe('orange-zest');
  const both = readIngredientLine('zest and juice of 1 lemon', larderTable);
  expect(both.map(({ ingredient }) => ingredient?.id)).toEqual(['lemon-juice', 'lemon-zest']);
});

test('alternatives, optional things and what is only served with', () => {
  expect(line('1 onion or 2 shallots, chopped')).toMatchObject({
    ingredient: { id: 'onion' },
    alternatives: [{ text: '2 shallots', ingredient: { id: 'shallot' } }],
  });
  expect(line('300 ml oat or soya milk').ingredient?.id).toBe('oat-drink');
  expect(line('1 tsp sugar (optional)').optional).toBe(true);
  expect(line('3 tbsp olive oil, plus extra for drizzling')).toMatchObject({
    optional: false,
    written: { value: 3, unit: 'tbsp' },
  });
});

test('what stands for dairy is never dairy, and what is not known asks', () => {
  for (const text of ['75 g dairy-free butter', '75 g vegan butter', '75 g plant butter'])
    expect(line(text).ingredient?.id).toBe('plant-butter-block');
  for (const text of ['1 tsp zorblax powder', '2 tbsp moon cheese', '100 ml flurb milk']) {
    const { ingredient, confidence } = line(text);
    expect([text, ingredient === undefined || confidence < 0.5]).toEqual([text, true]);
  }
});

test('times and temperatures as they are said', () => {
  expect(durationIn('for 8-10 minutes')).toEqual({ low: 8, high: 10 });
  expect(durationIn('1 hour 30 minutes')).toEqual({ low: 90, high: 90 });
  expect(durationIn('soak overnight')).toEqual({ low: 480, high: 720 });
  expect(durationIn('until smooth')).toBeUndefined();
  expect(temperatureIn('bake at 200C')).toBe(200);
  expect(temperatureIn('to 350°F')).toBe(177);
  expect(temperatureIn('gas mark 4')).toBe(191);
});

const recipe = `Nut cream
Serves 4

100 g cashews, soaked overnight
300 ml water
1 tbsp tapioca starch
15 g lemon juice
3 g salt

Method
Blend the cashews, water and starch for 2 minutes.
Heat gently for 5 minutes until thick.
Off the heat, stir in the lemon juice and salt.`;

test('a recipe becomes a formula that can be predicted: its sentences are the method, its words the note', () => {
  const read = readRecipe({ text: recipe }, larderTable);
  const taken = read.lines.map(({ id, ingredient }) => ({ id, ingredient: ingredient?.id }));
  let n = 0;
  const formula = formulaOfRecipe(read, taken, {
    text: recipe,
    larder: ingredientById,
    newId: () => `l${n++}`,
  });
  expect(formula).toMatchObject({ name: 'Nut cream', portions: 4, note: recipe });
  expect(formula.method?.map(({ kind, lines }) => [kind, lines])).toEqual([
    ['put-in', ['l0', 'l1', 'l2']],
    ['blend', undefined],
    ['heat', undefined],
    ['put-in', ['l3', 'l4']],
  ]);
  const p = predict(recipeOfFormula(formula, ingredientById).recipe);
  expect(p.broughtG).toBeGreaterThan(30);
  expect(p.viscosity.mid).toBeGreaterThan(100);
  // A line that is left out is out of the method too.
  const without = formulaOfRecipe(
    read,
    taken.map((one, i) => (i === 2 ? { ...one, ingredient: undefined } : one)),
    { text: recipe, larder: ingredientById, newId: () => `m${n++}` },
  );
  expect(without.lines).toHaveLength(4);
  expect(without.method?.[0]?.lines).toHaveLength(2);
});

const linked = {
  '@context': 'https://schema.org',
  '@graph': [
    { '@type': 'WebPage' },
    {
      '@type': ['Recipe'],
      name: 'Linked sauce',
      recipeYield: ['4', '4 servings'],
      recipeIngredient: ['200 g cashews', '1&frac12; cups water', '1 tsp salt'],
      recipeInstructions: [
        {
          '@type': 'HowToSection',
          itemListElement: [{ '@type': 'HowToStep', text: 'Blend everything for 60 seconds.' }],
        },
      ],
    },
  ],
};

test('linked data reads the same alone and in the source of a page', () => {
  const alone = readRecipe({ text: JSON.stringify(linked) }, larderTable);
  const page = `<html><head><script type="application/ld+json">${JSON.stringify(linked)}</script></head><body><p>1 kg sugar</p></body></html>`;
  const inPage = readRecipe({ html: page }, larderTable);
  expect(alone.name).toBe('Linked sauce');
  expect(alone.lines.map(({ ingredient, grams: g }) => [ingredient?.id, Math.round(g?.mid ?? 0)])).toEqual([
    ['cashew', 200],
    ['water', 360],
    ['salt', 6],
  ]);
  expect(alone.portions?.mid).toBe(4);
  expect(alone.method[0]?.operations.map(({ kind }) => kind)).toEqual(['put-in', 'blend']);
  expect(inPage).toEqual(alone);
});

test('a page without linked data is read as its words; scripts and hidden text are none', () => {
  const html =
    '<html><body><h1>Plain page</h1><script>1 kg evil</script><ul><li>200&nbsp;g tofu</li><li>2 tbsp tahini</li></ul></body></html>';
  const read = readRecipe({ html }, larderTable);
  expect(read.name).toBe('Plain page');
  expect(read.lines.map(({ ingredient }) => ingredient?.id)).toEqual(['tofu-firm', 'tahini']);
});

test('nothing is lost: what is neither line nor step is told with its reason', () => {
  const story =
    'This sauce is the one that my neighbour used to bring to every summer party in the courtyard, and we still talk about it.';
  const read = readRecipe({ text: `Party sauce\n${story}\n200 g cashews\nprep time: 10 min` }, larderTable);
  expect(read.lines).toHaveLength(1);
  expect(read.unread.map(({ text }) => text)).toEqual([story, 'prep time: 10 min']);
});

test('odd, broken and endless texts are read without harm', () => {
  for (const text of [
    '',
    '\u0000\u0001',
    '{"@type": "Recipe"',
    '<script type="application/ld+json">{',
    '((((',
    '1/0 cups water',
    '-'.repeat(500),
    '½'.repeat(3000),
    '🥣 200 g 🥜 cashews',
  ])
    expect(() => readRecipe({ text }, larderTable)).not.toThrow();
  const deep = `${'{"@graph":['.repeat(2000)}1${']}'.repeat(2000)}`;
  expect(
    readRecipe({ text: deep }, larderTable).lines.every(({ ingredient }) => ingredient === undefined),
  ).toBe(true);
  const long = Array.from({ length: 4000 }, (_, i) => `${i} g cashews`).join('\n');
  const read = readRecipe({ text: long }, larderTable);
  expect(read.lines.length + read.unread.length).toBe(4000);
});

test('a line that is said to be another thing is weighed as that thing', () => {
  const read = readRecipe({ text: '1½ cups plant milk' }, larderTable);
  expect(read.lines[0]).toMatchObject({ ingredient: undefined, amount: { mid: 1.5 }, grams: undefined });
  const formula = formulaOfRecipe(read, [{ id: 'line-0', ingredient: 'oat-drink' }], {
    text: '',
    larder: ingredientById,
    newId: () => 'a',
  });
  expect(formula.lines[0]).toMatchObject({ ingredient: 'oat-drink', amount: { value: 1.5, unit: 'cup' } });
});

const linesIn = (text: string, habits: Habits) => readRecipe({ text }, larderTable, habits).lines;

test('whose cups and pints they are, is said once for all', () => {
  const text = '1 cup oat drink\n2 tbsp water\n1 pint water\n1 cup plus 2 tbsp water';
  const ml = (kitchen?: Habits['kitchen']) =>
    linesIn(text, { kitchen }).map(({ grams: g }) => Math.round(g!.mid));
  expect(ml('us').slice(1)).toEqual([30, 473, 270]);
  expect(ml('australian').slice(1)).toEqual([40, 568, 290]);
  expect(ml('imperial').slice(1)).toEqual([36, 568, 320]);
  expect(ml('metric')[0]! / ml('us')[0]!).toBeCloseTo(250 / 240, 2);
  // As long as nobody has said, a pint is one or the other.
  const pint = linesIn('1 pint water', {})[0]!.grams!;
  expect(pint.low).toBeLessThan(473);
  expect(pint.high).toBeGreaterThan(560);
  expect(linesIn('1 pint water', { kitchen: 'us' })[0]!.grams!.high).toBeCloseTo(473, 6);
});

test('a range stays with the line, into the formula and its bands', () => {
  const made = (text: string) => {
    const recipe = readRecipe({ text }, larderTable);
    const formula = formulaOfRecipe(
      recipe,
      recipe.lines.map(({ id, ingredient }) => ({ id, ingredient: ingredient?.id })),
      { text, larder: ingredientById, newId: () => `l${count++}` },
    );
    return { formula, prediction: predict(recipeOfFormula(formula, ingredientById).recipe) };
  };
  let count = 0;
  const loose = made('400 ml oat drink\n1-3 tbsp corn starch\nsalt to taste'),
    exact = made('400 ml oat drink\n2 tbsp corn starch\n2 g salt');
  const [drink, starch, salt] = loose.formula.lines;
  expect(drink!.amount!.range).toBeUndefined();
  expect(starch!.amount).toMatchObject({
    value: 2,
    unit: 'tbsp',
    range: { low: 1, high: 3 },
  });
  expect(salt!.amount!.range!.high / salt!.amount!.range!.low).toBeGreaterThan(2);
  const width = ({ low, high }: { readonly low: number; readonly high: number }) => high / low;
  expect(width(loose.prediction.viscosity)).toBeGreaterThan(1.5 * width(exact.prediction.viscosity));
  expect(width(loose.prediction.salt)).toBeGreaterThan(1.5 * width(exact.prediction.salt));
});

test('of two things of a name the one that the household cooks with is meant', () => {
  const first = (used: Habits['used']) => linesIn('200 g lentils', { used })[0]!;
  const plain = first(undefined);
  const other = plain.others[0]!;
  expect(first(new Map([[other.id, 5]])).ingredient?.id).toBe(other.id);
  expect(first(new Map([['salt', 5]])).ingredient?.id).toBe(plain.ingredient?.id);
  // A kind that was not said is asked about, whichever of them the household uses.
  for (const kind of ['chickpea-miso', 'barley-miso'])
    expect(linesIn('2 tbsp miso', { used: new Map([[kind, 9]]) })[0]!.ingredient?.id).toBe('miso');
});

test('a large one weighs more than a middling one, a small one less, of whatever is counted', () => {
  const of = (size: string, thing: string) => grams(`1 ${size} ${thing}`)!.mid;
  for (const thing of [
    'leek',
    'onion',
    'swede',
    'butternut squash',
    'radish',
    'potato',
    'asparagus',
    'prawn',
  ]) {
    expect(of('small', thing) / of('medium', thing)).toBeGreaterThan(0.45);
    expect(of('small', thing) / of('medium', thing)).toBeLessThan(0.8);
    expect(of('large', thing) / of('medium', thing)).toBeGreaterThan(1.25);
    expect(of('large', thing) / of('medium', thing)).toBeLessThan(1.8);
  }
  expect(of('large', 'leek')).toBe(140);
});

test.each<[string, ...(readonly [id: string, g: number])[]]>([
  ['1 veg stock cube dissolved in 300ml boiling water', ['stock-cube', 10], ['water', 300]],
  ['2 tbsp psyllium husk (mixed with 1/2 cup water)', ['psyllium-husk', 9.9], ['water', 120]],
  ['1 tbsp rice miso whisked into 3 tbsp warm oat milk', ['rice-miso', 17.3], ['oat-drink', 46.4]],
  // A soak is poured off, and what is no liquid is no line of its own.
  ['100 g cashews soaked in 500 ml water', ['cashew', 100]],
  ['250 g firm tofu blended with 3 tbsp nutritional yeast', ['tofu-firm', 250]],
])('“%s”: the liquid that goes in with it is a line', (text, ...expected) => {
  const lines = readIngredientLine(text, larderTable);
  expect(lines.map(({ ingredient }) => ingredient?.id)).toEqual(expected.map(([id]) => id));
  expected.forEach(([, g], i) => expect(lines[i]?.grams?.mid).toBeCloseTo(g, 0));
});

test.each([
  ['1 400g tin butter beans', 400],
  ['2 400 g cans of chopped tomatoes', 800],
  ['1 400 g of flour', 1400],
] as const)('“%s” weighs %d g', (text, g) => {
  expect(grams(text)?.mid).toBeCloseTo(g, 0);
});

test.each([
  ['1 tsp dijon', 'mustard'],
  ['100 g shiitake, stems removed', 'mushroom'],
  ['10 g dried shiitake', 'shiitake-dried'],
  ['50 g vegan parmesan-style cheese, finely grated', 'plant-parmesan'],
  ['2 cups water from boiling the potatoes', 'root-water'],
  ['2 waxy potatoes', 'potato'],
] as const)('“%s” is %s', (text, id) => {
  expect(line(text).ingredient?.id).toBe(id);
  expect(line(text).confidence).toBeGreaterThan(0.8);
});

test('what is called after what it is free of is never taken for that', () => {
  for (const text of ['100 g vital wheat gluten', '2 tbsp gluten'])
    for (const one of [line(text).ingredient, ...line(text).others])
      expect(one?.id ?? '').not.toMatch(/gluten-free|pasta-rice|tamari/);
  expect(line('50 g gluten free breadcrumbs').ingredient?.id).toBe('breadcrumbs-gluten-free');
});

test.each(['1 plum', '1 pear', '1 cherry', '1 banana', '1 flax egg'])(
  '“%s”: a kind of something else is not taken for it',
  (text) => {
    const { ingredient, confidence } = line(text);
    expect(confidence).toBeLessThan(0.7);
    expect(ingredient?.id).not.toBe('egg');
  },
);

test.each([
  ['1 carton (200 ml) oat cream', 'oat-cream', 202],
  ['1 can (400 g) chickpeas', 'chickpea-canned', 400],
  ['1 packet (10 g) agar', 'agar', 10],
  ['300 g cooked chickpeas (or 1 can)', 'chickpea-boiled', 300],
  ['juice 2 lemons', 'lemon-juice', 92],
  ['10 g psyllium husk powder', 'psyllium-powder', 10],
] as const)('“%s” is %s, %d g', (text, id, g) => {
  expect(line(text)).toMatchObject({ ingredient: { id }, preparation: 'as-is' });
  expect(grams(text)?.mid).toBeCloseTo(g, 0);
});

test('zest & juice without “of” are two lines of one fruit', () => {
  const lines = readIngredientLine('zest & juice 1 lime', larderTable);
  expect(lines.map(({ ingredient }) => ingredient?.id)).toEqual(['lime-juice', 'lime-zest']);
});
