import { blankFormula, type Formula, type Line, whoCanEat } from '@alterum/core';
import { outcomeOf } from './outcome';
import { portionOf } from './portion';

const line = (ingredient: string, value: number | undefined): Line => ({
  id: ingredient,
  ingredient,
  amount: value === undefined ? undefined : { value, unit: 'g' },
  role: 'body',
  preparation: 'as-is',
  stage: 'start',
});
const portion = (...lines: readonly Line[]) => {
  const formula: Formula = { ...blankFormula, lines };
  return portionOf(formula, outcomeOf(formula));
};
const verdict = (need: Parameters<typeof whoCanEat>[0]['needs'][number], ...lines: readonly Line[]) =>
  whoCanEat({ id: 'e', name: 'E', eatsTonight: true, needs: [need] }, portion(...lines)).verdict;
const pot = [line('potato', 300), line('water', 200)];

test('a line that waits for its amount takes part in what is certain', () => {
  const soya = { kind: 'allergen', allergen: 'soya', strictness: 'allergy', traces: false } as const;
  expect(verdict(soya, ...pot)).toBe('fits');
  expect(verdict(soya, ...pot, line('soy-sauce', undefined))).toBe('does-not');
});

test.each([
  ['soy-sauce', 'ask'],
  ['salt', 'ask'],
  ['rapeseed-oil', 'fits'],
] as const)('of %s nobody knows how much: who watches salt gets “%s”', (ingredient, said) => {
  expect(verdict({ kind: 'salt-limit', gramsPerPortion: 1 }, ...pot, line(ingredient, undefined))).toBe(said);
});

test.each([
  ['cayenne', 'ask'],
  ['mustard', 'ask'],
  ['oat-drink', 'fits'],
] as const)('of %s nobody knows how much: who eats mildly gets “%s”', (ingredient, said) => {
  expect(verdict({ kind: 'rule', rule: 'mild' }, ...pot, line(ingredient, undefined))).toBe(said);
});
