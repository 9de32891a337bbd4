import 'reflect-metadata';
import { blankFormula, ingredientById } from '@alterum/core';
import { plainToInstance } from 'class-transformer';
import { validateSync } from 'class-validator';
import { EaterBody, EaterUpdate } from './eater.body.js';
import { formulaBodyOf, formulaFromBody, formulaOfContent } from './formula.convert.js';
import { FormulaBody, FormulaUpdate } from './formula.body.js';
import { LabelText } from './label.body.js';
import { OwnIngredientBody } from './own-ingredient.body.js';
import { PredictRequest } from './predict.body.js';
import { WhoCanEatRequest } from './who-can-eat.body.js';

const troubles = (type: new () => object, body: object): string[] => {
  const walk = (errors: ReturnType<typeof validateSync>, path = ''): string[] =>
    errors.flatMap((e) => [
      ...(e.constraints ? [`${path}${e.property}`] : []),
      ...walk(e.children ?? [], `${path}${e.property}.`),
    ]);
  return walk(validateSync(plainToInstance(type, body), { whitelist: true, forbidNonWhitelisted: true }));
};

test('what is sent for a formula comes back as the same formula', () => {
  const formula = {
    ...blankFormula,
    lines: [
      {
        id: 'a',
        ingredient: 'cashew',
        amount: { value: 1.5, unit: 'cup' as const },
        role: 'body' as const,
        preparation: 'soaked' as const,
        stage: 'start' as const,
      },
    ],
  };
  const sent = formulaBodyOf(formula);
  expect(troubles(FormulaBody, sent)).toEqual([]);
  expect(formulaOfContent(sent)).toEqual(formula);
  const received = plainToInstance(FormulaBody, JSON.parse(JSON.stringify(sent)) as object);
  expect(
    formulaFromBody(received, (line) => ({ id: line.id ?? '', ingredient: ingredientById(line.ingredient) })),
  ).toEqual(formula);
});

test('what is left out keeps what stands', () => {
  const base = { ...blankFormula, portions: 7, note: 'keep' };
  expect(
    formulaFromBody(
      plainToInstance(FormulaBody, { name: ' New ' }),
      () => ({ id: 'x', ingredient: undefined }),
      base,
    ),
  ).toEqual({ ...base, name: 'New' });
});

test('both ends refuse the same things, by path', () => {
  expect(
    troubles(FormulaBody, {
      name: 'x',
      lines: [
        { ingredient: 'salt', amount: 1, unit: 'g' },
        { ingredient: 'salt', amount: -1, unit: 'g' },
      ],
    }),
  ).toEqual(['lines.1.amount']);
  expect(troubles(PredictRequest, { lines: [] })).toEqual(['lines']);
  expect(troubles(EaterBody, { name: 'x', needs: [{ kind: 'allergen', strictness: 'allergy' }] })).toEqual([
    'needs.0.allergen',
  ]);
  expect(troubles(EaterBody, { name: 'x', needs: [{ kind: 'salt-limit', gramsPerPortion: 1 }] })).toEqual([]);
});

const line = { ingredient: 'salt', amount: 1, unit: 'g' };
const label = { perG: 100, fat: 1, carbohydrate: 2, protein: 3, salt: 0 };
type Refused = readonly [what: string, type: new () => object, body: object, path: string];
const refused: readonly Refused[] = [
  ['a formula without a name', FormulaBody, { name: '' }, 'name'],
  ['a name as long as a page', FormulaBody, { name: 'x'.repeat(121) }, 'name'],
  ['a name that is a number', FormulaBody, { name: 7 }, 'name'],
  ['an unknown family', FormulaBody, { name: 'x', family: 'soup' }, 'family'],
  ['no portions', FormulaBody, { name: 'x', portions: 0 }, 'portions'],
  ['portions without end', FormulaBody, { name: 'x', portions: Infinity }, 'portions'],
  ['a note as long as a book', FormulaBody, { name: 'x', note: 'x'.repeat(4001) }, 'note'],
  ['lines that are no list', FormulaBody, { name: 'x', lines: 'salt' }, 'lines'],
  ['more lines than a formula holds', FormulaBody, { name: 'x', lines: Array(81).fill(line) }, 'lines'],
  ['an unknown unit', FormulaBody, { name: 'x', lines: [{ ...line, unit: 'blob' }] }, 'lines.0.unit'],
  [
    'an amount that is a text',
    FormulaBody,
    { name: 'x', lines: [{ ...line, amount: '1' }] },
    'lines.0.amount',
  ],
  ['an unknown role', FormulaBody, { name: 'x', lines: [{ ...line, role: 'hero' }] }, 'lines.0.role'],
  [
    'a pressure cooker',
    FormulaBody,
    { name: 'x', process: { maxTemperatureC: 180 } },
    'process.maxTemperatureC',
  ],
  [
    'a blender of more than all',
    FormulaBody,
    { name: 'x', process: { blenderPower: 1.5 } },
    'process.blenderPower',
  ],
  ['a month and a day in the fridge', FormulaBody, { name: 'x', serve: { days: 31 } }, 'serve.days'],
  ['an oven to serve from', FormulaBody, { name: 'x', serve: { temperatureC: 101 } }, 'serve.temperatureC'],
  ['a field that nobody knows', FormulaBody, { name: 'x', price: 3 }, 'price'],
  ['a write that names no version', FormulaUpdate, { name: 'x' }, 'version'],
  ['a half version', FormulaUpdate, { name: 'x', version: 1.5 }, 'version'],
  ['a person without a name', EaterBody, { name: '' }, 'name'],
  [
    'an unknown allergen',
    EaterBody,
    { name: 'x', needs: [{ kind: 'allergen', allergen: 'dust', strictness: 'allergy' }] },
    'needs.0.allergen',
  ],
  [
    'an allergen without how strict',
    EaterBody,
    { name: 'x', needs: [{ kind: 'allergen', allergen: 'milk' }] },
    'needs.0.strictness',
  ],
  [
    'a limit without its grams',
    EaterBody,
    { name: 'x', needs: [{ kind: 'compound', compound: 'fructans' }] },
    'needs.0.gramsPerPortion',
  ],
  ['an unknown rule', EaterBody, { name: 'x', needs: [{ kind: 'rule', rule: 'sporty' }] }, 'needs.0.rule'],
  ['an unknown kind of need', EaterBody, { name: 'x', needs: [{ kind: 'mood' }] }, 'needs.0.kind'],
  ['a person at no version', EaterUpdate, { name: 'x', version: 0 }, 'version'],
  ['an ingredient without its table', OwnIngredientBody, { name: 'x' }, 'label'],
  ['a table for nothing', OwnIngredientBody, { name: 'x', label: { ...label, perG: 0 } }, 'label.perG'],
  ['less than no fat', OwnIngredientBody, { name: 'x', label: { ...label, fat: -1 } }, 'label.fat'],
  ['a feather', OwnIngredientBody, { name: 'x', label, density: 0.001 }, 'density'],
  ['an unknown allergen in it', OwnIngredientBody, { name: 'x', label, contains: ['dust'] }, 'contains'],
  ['too many pots at once', WhoCanEatRequest, { lines: Array(201).fill(line) }, 'lines'],
  ['eaters without needs', WhoCanEatRequest, { lines: [line], eaters: [{ name: 'x' }] }, 'eaters.0.needs'],
  ['no label', LabelText, { text: '' }, 'text'],
  ['a book', LabelText, { text: 'x'.repeat(200_001) }, 'text'],
];

test.each(refused)('%s is refused, at its own field alone', (_what, type, body, path) => {
  expect(troubles(type, body)).toEqual([path]);
});

test('the ends of a range are inside it', () => {
  for (const portions of [0.25, 200]) expect(troubles(FormulaBody, { name: 'x', portions })).toEqual([]);
  for (const temperatureC of [-5, 100])
    expect(troubles(FormulaBody, { name: 'x', serve: { temperatureC } })).toEqual([]);
  expect(troubles(FormulaBody, { name: 'x'.repeat(120), lines: Array(80).fill(line) })).toEqual([]);
  expect(troubles(OwnIngredientBody, { name: 'x', label, density: 0.05, pricePerKg: 0 })).toEqual([]);
});

test('a refusal is a sentence that says what would do', () => {
  const messages = refused.flatMap(([, type, body]) => {
    const walk = (errors: ReturnType<typeof validateSync>): string[] =>
      errors.flatMap((e) => [
        ...Object.entries(e.constraints ?? {})
          .filter(([rule]) => rule !== 'whitelistValidation')
          .map(([, text]) => text),
        ...walk(e.children ?? []),
      ]);
    return walk(validateSync(plainToInstance(type, body), { whitelist: true, forbidNonWhitelisted: true }));
  });
  expect(messages.length).toBeGreaterThan(30);
  for (const message of messages) expect(message).toMatch(/^[A-Z].{10,}\.$/);
});

test('how loosely an amount was said is sent and comes back; who knows nothing of it takes nothing away', () => {
  const range = { low: 2, high: 3 };
  const line = {
    id: 'a',
    ingredient: 'garlic',
    amount: { value: 2.5, unit: 'clove' as const, range },
    role: 'savory' as const,
    preparation: 'as-is' as const,
    stage: 'start' as const,
  };
  const formula = { ...blankFormula, lines: [line] };
  const sent = formulaBodyOf(formula);
  expect(sent.lines[0]).toMatchObject({ amount: 2.5, unit: 'clove', amountRange: range });
  expect(formulaOfContent(sent)).toEqual(formula);
  const complete = () => ({ id: 'a', ingredient: ingredientById('garlic') });
  const back = (change: object) =>
    formulaFromBody({ name: 'x', lines: [{ ...sent.lines[0]!, ...change }] }, complete, formula).lines[0]
      ?.amount;
  expect(back({})).toEqual(line.amount);
  expect(back({ amountRange: undefined })).toEqual(line.amount);
  expect(back({ amountRange: null })).toEqual({ value: 2.5, unit: 'clove' });
  expect(back({ amountRange: undefined, amount: 4 })).toEqual({ value: 4, unit: 'clove' });
});

test.each([
  ['outside of the amount', { low: 3, high: 4 }, ['lines.0.amountRange']],
  ['upside down', { low: 3, high: 2 }, ['lines.0.amountRange']],
  ['below nothing', { low: -1, high: 3 }, ['lines.0.amountRange.low']],
  ['half', { low: 1 }, ['lines.0.amountRange.high']],
  ['no range at all', 'wide', ['lines.0.amountRange', 'lines.0.amountRange']],
])('a range that is %s is refused where it stands', (_case, amountRange, fields) => {
  const body = { name: 'x', lines: [{ ingredient: 'garlic', amount: 2.5, unit: 'clove', amountRange }] };
  expect(troubles(FormulaBody, body)).toEqual(expect.arrayContaining([fields[0]]));
  expect(troubles(PredictRequest, { lines: body.lines })).toEqual(expect.arrayContaining([fields[0]]));
});
