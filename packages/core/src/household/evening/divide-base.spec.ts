import { formulaWith } from '../../formula/formula.fixture.js';
import type { Formula } from '../../formula/formula.js';
import { recipeOfFormula } from '../../formula/recipe-of-formula.js';
import { ingredientById } from '../../larder/catalog/larder-table.js';
import { predict } from '../../predict/predict.js';
import type { VerdictOrNone } from '../verdict.js';
import { divideBase, type JudgedVersion, methodOfBase, versionOfBase } from './divide-base.js';

const version = (
  name: string,
  added: number,
  verdicts: Readonly<Record<string, VerdictOrNone>>,
  chosen?: readonly string[],
): JudgedVersion => ({
  name,
  added,
  people: Object.entries(verdicts).map(([eater, verdict]) => ({ eater, verdict, findings: [], checked: 1 })),
  ...(chosen ? { chosen } : {}),
});
const eaters = ['ilva', 'marte', 'teo'];
const plain = version('Plain', 0, { ilva: 'fits', marte: 'fits', teo: 'fits' });
const barley = version('Barley', 1, { ilva: 'fits', marte: 'does-not', teo: 'fits' });

test('everybody gets the version with most in it that they can eat, and the base by heads', () => {
  const { shares, without, spoons } = divideBase(600, [barley, plain], eaters);
  expect(shares).toEqual([
    { version: 'Barley', eaters: ['ilva', 'teo'], baseG: 400 },
    { version: 'Plain', eaters: ['marte'], baseG: 200 },
  ]);
  expect(without).toEqual([]);
  // Marte must not meet barley: hers is touched first.
  expect(spoons).toEqual(['Plain', 'Barley']);
});

test('who is put to a version by hand eats that one; who can eat none is told, and gets no share', () => {
  const byHand = { ...plain, chosen: ['teo'] };
  expect(divideBase(600, [byHand, barley], eaters).shares.map((one) => one.eaters)).toEqual([
    ['marte', 'teo'],
    ['ilva'],
  ]);
  const nuts = version('Nuts', 1, { ilva: 'does-not', marte: 'does-not', teo: 'ask' });
  const { shares, without } = divideBase(600, [nuts], eaters);
  expect(without).toEqual(['ilva', 'marte']);
  expect(shares).toEqual([{ version: 'Nuts', eaters: ['teo'], baseG: 600 }]);
  expect(divideBase(600, [plain], []).shares[0]!.baseG).toBe(0);
});

test('not knowing is worse than knowing: what has to be asked about is taken only where nothing else is there', () => {
  const asked = version('Asked', 3, { ilva: 'ask', marte: 'ask', teo: 'ask' });
  expect(divideBase(300, [asked, plain], eaters).shares.map((one) => one.eaters.length)).toEqual([0, 3]);
});

test('what is added goes in after it is divided: salt at the end is saltier, a starch that is heated afterwards thickens', () => {
  const base: Formula = {
    ...formulaWith([
      ['oat-drink', 500],
      ['salt', 3],
    ]),
    portions: 4,
    method: [
      { kind: 'put-in', lines: ['oat-drink', 'salt'] },
      { kind: 'heat', temperatureC: 92, minutes: 6 },
    ],
  };
  const of = (formula: Formula) => predict(recipeOfFormula(formula, ingredientById).recipe);
  const before = of(base);
  const salted = versionOfBase(base, ingredientById, [{ ingredient: 'salt', grams: 1 }]);
  expect(of(salted).salt.mid / before.salt.mid).toBeGreaterThan(2);
  const starch = [{ ingredient: 'corn-starch', grams: 5 }];
  const early = of(versionOfBase(base, ingredientById, starch, 0)),
    late = of(versionOfBase(base, ingredientById, starch));
  expect(early.viscosity.mid).toBeGreaterThan(1.5 * late.viscosity.mid);
  expect(versionOfBase(base, ingredientById, [])).toBe(base);
  expect(methodOfBase(base, ingredientById)).toHaveLength(2);
  expect(versionOfBase(base, ingredientById, starch, 0).method!.map(({ kind }) => kind)).toEqual([
    'put-in',
    'put-in',
    'heat',
  ]);
});
