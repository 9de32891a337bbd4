import {
  applyStep,
  blankFormula,
  type Formula,
  grams,
  ingredientById,
  type Line,
  type LineChange,
  type Measurable,
  type PotLine,
} from '@alterum/core';
import { stepsOfOption, stepsOfProposal } from './proposal-steps';

const line = (id: string, ingredient: string, g: number): Line => ({
  id,
  ingredient,
  amount: { value: g, unit: 'g' },
  role: ingredientById(ingredient)?.role ?? 'body',
  preparation: 'as-is',
  stage: 'start',
});
const formula: Formula = {
  ...blankFormula,
  lines: [
    line('a', 'cashew', 100),
    line('gone', 'moon-cheese', 5),
    line('b', 'barley-miso', 30),
    line('c', 'salt', 2),
  ],
};
/** The unknown one could not be computed, so the recipe has no place for it. */
const lineIds = ['a', 'b', 'c'];
const g = (value: number): Measurable => ({ amount: { value, unit: 'g' }, grams: value });
const taken = (steps: ReturnType<typeof stepsOfProposal>): readonly string[] => {
  const outcome = applyStep(formula, { step: 'several', steps });
  if (outcome.kind !== 'applied') throw new Error(outcome.kind);
  return outcome.formula.lines.map(
    ({ ingredient, amount }) => `${ingredient} ${amount?.value} ${amount?.unit}`,
  );
};

const newId = (): string => 'new';
const change = (
  at: number,
  fromG: number,
  toG: number,
  reason: LineChange['reason'] = { kind: 'fills' },
): LineChange => ({ line: at, fromG, toG, reason });

test('of a proposal only what is ticked is taken, in the unit it is measured in', () => {
  const amounts = [{ amount: { value: 0.5, unit: 'cup' } as const, grams: 65 }, g(30), g(4)];
  expect(taken(stepsOfProposal(lineIds, { amounts }, [change(2, 2, 4)], newId))).toEqual([
    'cashew 100 g',
    'moon-cheese 5 g',
    'barley-miso 30 g',
    'salt 4 g',
  ]);
  expect(taken(stepsOfProposal(lineIds, { amounts }, [change(0, 100, 65)], newId))[0]).toBe('cashew 0.5 cup');
});

test('a helper that was not in the pot comes to the end, and only when it is ticked', () => {
  const corn = ingredientById('corn-starch');
  if (!corn) throw new Error('the larder has no corn starch');
  const helper = { ingredient: corn, mass: grams(8), preparation: 'as-is', stage: 'slurry' } as const;
  const proposal = { amounts: [g(100), g(30), g(3), g(8)], helper };
  expect(taken(stepsOfProposal(lineIds, proposal, [change(3, 0, 8), change(2, 2, 3)], newId))).toEqual([
    'cashew 100 g',
    'moon-cheese 5 g',
    'barley-miso 30 g',
    'salt 3 g',
    'corn-starch 8 g',
  ]);
  expect(taken(stepsOfProposal(lineIds, proposal, [change(2, 2, 3)], newId))).toHaveLength(4);
});

function pot(ingredient: string, mass: number, more: Partial<PotLine> = {}): PotLine {
  const found = ingredientById(ingredient);
  if (!found) throw new Error(ingredient);
  return { ingredient: found, mass: grams(mass), preparation: 'as-is', stage: 'start', ...more };
}

test('a substitute takes the place of what it replaces, a helper goes to the end, the rest gets its amounts', () => {
  let made = 0;
  const option = {
    lines: [
      pot('cashew', 100, { origin: 0 }),
      pot('rice-miso', 28, { replaces: 1, preparation: 'soaked' }),
      pot('salt', 3, { origin: 2 }),
      pot('corn-starch', 6),
    ],
    amounts: [g(100), g(28), g(3), g(6)],
  };
  const steps = stepsOfOption(formula.lines, lineIds, option, [100, 30, 2], () => `new-${made++}`);
  expect(taken(steps)).toEqual([
    'cashew 100 g',
    'moon-cheese 5 g',
    'rice-miso 28 g',
    'salt 3 g',
    'corn-starch 6 g',
  ]);
  expect(steps.filter(({ step }) => step === 'set-amount')).toHaveLength(1);
});

test('what is left out goes, and what could not be computed stays', () => {
  const option = {
    lines: [pot('cashew', 110, { origin: 0 }), pot('salt', 5, { origin: 2 })],
    amounts: [g(110), g(5)],
  };
  expect(taken(stepsOfOption(formula.lines, lineIds, option, [100, 30, 2], () => 'x'))).toEqual([
    'cashew 110 g',
    'moon-cheese 5 g',
    'salt 5 g',
  ]);
});
