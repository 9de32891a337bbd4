import { blankFormula, ingredientById } from '@alterum/core';
import { plainToInstance } from 'class-transformer';
import { validateSync } from 'class-validator';
import {
  EaterBody,
  formulaBodyOf,
  FormulaBody,
  formulaFromBody,
  formulaOfContent,
  PredictRequest,
} from './index.js';

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
  expect(troubles(FormulaBody, { name: 'x', lines: [{ ingredient: 'salt', amount: 1, unit: 'g' }, { ingredient: 'salt', amount: -1, unit: 'g' }] })).toEqual(['lines.1.amount']); // prettier-ignore
  expect(troubles(PredictRequest, { lines: [] })).toEqual(['lines']);
  expect(troubles(EaterBody, { name: 'x', needs: [{ kind: 'allergen', strictness: 'allergy' }] })).toEqual([
    'needs.0.allergen',
  ]);
  expect(troubles(EaterBody, { name: 'x', needs: [{ kind: 'salt-limit', gramsPerPortion: 1 }] })).toEqual([]);
});
