import { formulaWith, larderOf, lineOf } from '../formula/formula.fixture.js';
import { blankFormula, type Formula } from '../formula/formula.js';
import { lineOfFormula } from '../formula/formula-line.js';
import { eveningTonight, unnamedCooks } from '../evening/evening-tonight.js';
import { tasksOfFormula } from '../evening/tasks-of-formula.js';
import { ingredientById } from '../larder/catalog/larder-table.js';
import { operationKindIds } from '../recipe/method/operation-kinds.js';
import type { Method } from '../recipe/method/operation.js';
import { weightSaid } from './amount-said.js';
import { pageAsMarkdown, pageAsText } from './page-as-text.js';
import { pageOfDish, pageOfFormula } from './recipe-page.js';
import { tasksSaid } from './task-said.js';
import { beforeSaid, secondsSaid, timeSaid, timesSaid } from './time-said.js';

const known = { larder: (id: string) => ingredientById(id), formulaOf: () => undefined };
const telling = { known, kitchen: 'us' } as const;
const { writesItself: _, ...blank } = blankFormula;

const cashewSauce: Formula = {
  ...blank,
  name: 'Trial sauce',
  lines: [
    lineOf('cashew', 100, { ready: [{ kind: 'soak', minutes: 600 }] }),
    lineOf('water', 300),
    lineOf('salt', 0, { amount: { value: 0.5, unit: 'tsp' } }),
    lineOf('tapioca-starch', 0, { amount: { value: 2, unit: 'tbsp' }, stage: 'slurry' }),
    lineOf('lemon-juice', 15, { stage: 'end' }),
  ],
  method: [
    { kind: 'put-in', lines: ['cashew', 'water', 'salt'] },
    { kind: 'blend', seconds: 90, tool: 'jug' },
    { kind: 'heat', temperatureC: 85, minutes: 4 },
    { kind: 'put-in', lines: ['tapioca-starch'] },
    { kind: 'heat', temperatureC: 90, minutes: 3 },
    { kind: 'put-in', lines: ['lemon-juice'] },
  ],
};

test('each step is a whole sentence with its things and amounts, from the soak to what goes in off the heat', () => {
  const { ahead, sections } = pageOfFormula(cashewSauce, telling);
  expect(ahead.map(({ when, sentence }) => [when, sentence])).toEqual([
    [
      expect.stringMatching(/^1[01] h before it is eaten, so the day before$/),
      'Soak 100 g cashew nuts (3/4 cup) in plenty of cold water in the fridge for 10 h, then drain and rinse.',
    ],
  ]);
  expect(sections[0]?.steps.map(({ sentence }) => sentence)).toEqual([
    'Put the drained cashew nuts (from 100 g), 300 g water (1 1/4 cups) and 1/2 tsp salt (3 g) into the jar of the blender.',
    'Blend everything in the jug blender for 90 s.',
    expect.stringMatching(
      /^Pour it into a pot and heat it slowly, stirring, to 85 °C, about \d+ min, and keep it there for 4 min\.$/,
    ),
    'Stir 2 tbsp tapioca starch (16 g) smooth with a few spoons of cold water and pour it in, stirring.',
    expect.stringMatching(/^Bring it to 90 °C.*, and keep it there for 3 min\.$/),
    'Take it off the heat and stir in 15 g lemon juice (1 tbsp).',
  ]);
  expect(sections[0]?.steps[1]?.lookFor).toBe('Nothing is gritty between the fingers.');
  expect(sections[0]?.steps[4]?.lookFor).toMatch(/turns at once/);
  expect(sections[0]?.things[0]).toEqual({
    name: 'Cashew nuts',
    weight: '100 g',
    measure: '3/4 cup',
    made: 'drained',
  });
});

test('every kind of operation has a sentence of its own, that ends as one and says its figures', () => {
  const seen = new Map<string, string>();
  for (const kind of operationKindIds) {
    const ofLine: Method = [{ kind, minutes: 37, sizeMm: 12, ovenC: 170, seconds: 45 }];
    const asLine: Formula = { ...cashewSauce, lines: [lineOf('cashew', 80, { ready: ofLine })], method: [] };
    const asPot: Formula = { ...cashewSauce, method: [{ ...ofLine[0]!, lines: ['water'] }] };
    for (const formula of [asLine, asPot]) {
      const tasks = tasksOfFormula('pot', formula, known.larder);
      for (const { sentence } of tasksSaid(tasks, [{ id: 'pot', formula }], telling).values()) {
        expect([kind, sentence]).toEqual([kind, expect.stringMatching(/^[A-Z].*\.$/)]);
        expect([kind, sentence]).toEqual([
          kind,
          expect.not.stringMatching(/undefined|NaN|\bnull\b|\d\.\d{4}| {2}/),
        ]);
        seen.set(kind, `${seen.get(kind) ?? ''} ${sentence}`);
      }
    }
  }
  expect(seen.get('roast')).toContain('pieces of about 1.2 cm at 170 °C for 37 min');
  expect(seen.get('settle')).toContain('for 37 min');
  expect(seen.get('pulse')).toContain('45 s');
  expect(new Set(seen.values()).size).toBe(operationKindIds.length);
});

test('what is boiled with its water kept is boiled in water of the pot, where the pot has water', () => {
  const boiled = lineOf('potato', 200, { ready: [{ kind: 'boil-soft', minutes: 15, water: 'kept' }] });
  const said = (lines: Formula['lines']) =>
    pageOfFormula({ ...cashewSauce, lines, method: [] }, telling).ahead[0]?.sentence;
  expect(said([boiled, lineOf('water', 100)])).toMatch(/in part of the water that goes into the pot/);
  expect(said([boiled])).toMatch(/in water until soft, 15 min, then drain\.$/);
});

test('a hot pot in a closed jar warns, a cold one does not', () => {
  const hot: Formula = {
    ...cashewSauce,
    method: [
      { kind: 'heat', temperatureC: 90, minutes: 5, lines: ['water'] },
      { kind: 'blend', seconds: 30 },
    ],
  };
  const cautions = (formula: Formula) =>
    pageOfFormula(formula, telling)
      .sections[0]?.steps.flatMap((step) => step.cautions)
      .join(' ');
  expect(cautions(hot)).toMatch(/vent open/);
  expect(cautions(cashewSauce)).not.toMatch(/vent open/);
});

test('a sauce inside another has its own list, as much of it as goes in', () => {
  const base = formulaWith(
    [
      ['white-bean-boiled', 200],
      ['water', 200],
    ],
    { name: 'House base' },
  );
  const larder = larderOf({ base });
  const made = larder(lineOfFormula('base'))!;
  const outer = formulaWith([], {
    name: 'Outer',
    lines: [lineOf(lineOfFormula('base'), 100), lineOf('salt', 2)],
  });
  const page = pageOfFormula(outer, {
    known: { larder, formulaOf: (id) => (id === 'base' ? base : undefined) },
    kitchen: 'us',
  });
  expect(page.sections.map(({ title }) => title)).toEqual(['House base', 'Outer']);
  const beans = page.sections[0]?.things[0]?.weight;
  // 100 g of what the base makes hold so many of its 200 g of beans.
  expect(made.measures.pieces).toBeUndefined();
  expect(beans).toBe(
    weightSaid(
      (200 * 100) / (larder(lineOfFormula('base')) as unknown as { made: { massG: number } }).made.massG,
    ),
  );
  expect(page.sections[1]?.steps[0]?.sentence).toContain('100 g House base');
});

test('a dish tells its layers with their grams, its oven and its rest', () => {
  const page = pageOfDish(
    {
      name: 'Trial bake',
      note: '',
      portions: 4,
      eaters: [],
      vessel: { shape: 'rectangular', lengthCm: 30, widthCm: 20, depthCm: 6, name: 'Deep tin' },
      parts: [
        { id: 'sauce', ingredient: 'passata', grams: 600, ready: [] },
        { id: 'sheets', ingredient: 'pasta-rice-dry', grams: 160, ready: [] },
      ],
      layers: [
        { id: 'a', component: 'sauce' },
        { id: 'b', component: 'sheets' },
        { id: 'c', component: 'sauce' },
      ],
      oven: [{ temperatureC: 190, minutes: 30, cover: 'foil', fan: false }],
      restMin: 10,
      fromC: 20,
    },
    telling,
  );
  const sentences = page.sections.at(-1)!.steps.map(({ sentence }) => sentence);
  expect(sentences[0]).toMatch(
    /^Lay from the bottom up in the Deep tin: \d+ g passata, then 160 g rice pasta, then \d+ g passata\.$/,
  );
  expect(sentences.slice(1)).toEqual([
    'Heat the oven to 190 °C.',
    'Bake it under foil at 190 °C for 30 min.',
    'Let it rest for 10 min before it is cut.',
  ]);
});

test('a sauce of which all goes in says how much that is; a heap of vegetables is told in pieces, not in cups', () => {
  const base = formulaWith([['passata', 500]], { name: 'House base' });
  const page = pageOfDish(
    {
      name: 'Trial',
      note: '',
      portions: 2,
      eaters: [],
      parts: [
        { id: 'sauce', formula: 'base', ready: [] },
        { id: 'vegetable', ingredient: 'aubergine', grams: 700, ready: [] },
      ],
      layers: [{ id: 'a', component: 'sauce' }],
      oven: [],
      restMin: 0,
      fromC: 20,
    },
    { known: { larder: ingredientById, formulaOf: () => base }, kitchen: 'us' },
  );
  const [sauce, vegetable] = page.sections.at(-1)!.things;
  expect(sauce).toEqual({ name: 'House base', weight: '500 g', made: 'all of it' });
  expect(vegetable).toEqual({ name: 'Aubergine', weight: '700 g', measure: '1 1/2 large' });
});

test('shopping names what is bought', () => {
  const { tasks } = eveningTonight({ pots: [{ id: 'a', formula: cashewSauce }] }, known, {
    serveAt: 2580,
    burners: 1,
    ovens: 1,
    blenders: 1,
    cooks: unnamedCooks(1),
    keepWarmMin: 15,
    awake: [],
    shop: { open: [], minutes: 30, buys: new Set(['cashew', 'lemon-juice']) },
  });
  const said = tasksSaid(tasks, [{ id: 'a', formula: cashewSauce }], telling);
  expect(said.get('shop/go')?.sentence).toBe('Buy cashew nuts and lemon juice.');
});

test('as text and as Markdown: every thing and every sentence, and nothing that Markdown would take for a mark', () => {
  const page = pageOfFormula({ ...cashewSauce, name: 'A *starred* [sauce]' }, telling);
  const people = [{ name: 'Ilva', verdict: 'nothing found against it' }];
  const text = pageAsText(page, people),
    md = pageAsMarkdown(page, people);
  for (const { things, steps } of page.sections) {
    for (const { name } of things) expect(text).toContain(name);
    for (const { sentence } of steps) expect(text).toContain(sentence);
  }
  expect(text).toContain('- Ilva: nothing found against it');
  expect(md).toContain('# A \\*starred\\* \\[sauce\\]');
  expect(md).toContain('\n- 300 g Water (1 1/4 cups)\n');
  expect(text).not.toMatch(/\bsafe\b|undefined|NaN/);
});

test('times and weights as a cook measures them', () => {
  expect([0.5, 12, 89, 95, 120, 600].map(timeSaid)).toEqual([
    '30 s',
    '12 min',
    '89 min',
    '1 h 35 min',
    '2 h',
    '10 h',
  ]);
  expect(timesSaid(15, 20)).toBe('15 to 20 min');
  expect(timesSaid(50, 120)).toBe('50 min to 2 h');
  expect(timesSaid(5, 5)).toBe('5 min');
  expect([90, 120, 150].map(secondsSaid)).toEqual(['90 s', '2 min', '2 min 30 s']);
  expect([364.4, 15.3, 2.26, 0.578, 12_345].map(weightSaid)).toEqual([
    '364 g',
    '15.5 g',
    '2.3 g',
    '0.58 g',
    '12\u202f345 g',
  ]);
  expect(beforeSaid(62)).toBe('65 min before it is eaten');
  expect(beforeSaid(700)).toBe('12 h before it is eaten, so the day before');
});
