import { formulaWith } from '../../formula/formula.fixture.js';
import type { Formula } from '../../formula/formula.js';
import { recipeOfFormula } from '../../formula/recipe-of-formula.js';
import { ingredientById } from '../../larder/catalog/larder-table.js';
import { predict } from '../../predict/predict.js';
import type { VerdictOrNone } from '../verdict.js';
import { divideBase, type JudgedVersion, methodOfBase, versionNamed, versionOfBase } from './divide-base.js';

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

test('the spoon of who bears the least goes first, though more was stirred into that version', () => {
  // Something in the base is not for Marte; hers has two things more in it, and everybody else eats the plain one.
  const hers = version('Hers', 2, { ilva: 'fits', marte: 'fits', teo: 'fits' }, ['marte']);
  const usual = version('Usual', 0, { ilva: 'fits', marte: 'does-not', teo: 'fits' }, ['ilva', 'teo']);
  expect(divideBase(300, [usual, hers], eaters).spoons).toEqual(['Hers', 'Usual']);
  expect(divideBase(300, [hers, usual], eaters).spoons).toEqual(['Hers', 'Usual']);
  // Where nobody is the worse for the other one, what has less in it is touched first.
  const harmless = { ...usual, people: plain.people };
  expect(divideBase(300, [hers, harmless], eaters).spoons).toEqual(['Usual', 'Hers']);
  // Worse for those who eat the other one only is no matter: it is theirs that must not be met.
  const theirs = version('Theirs', 1, { ilva: 'fits', marte: 'fits', teo: 'ask' }, ['ilva', 'marte']);
  const teos = version('Teo’s', 3, { ilva: 'fits', marte: 'fits', teo: 'fits' }, ['teo']);
  expect(divideBase(300, [theirs, teos], eaters).spoons).toEqual(['Teo’s', 'Theirs']);
});

test('of two versions as good and with as much in them the first is taken; whom nobody judged is asked about', () => {
  const twin = { ...barley, name: 'Twin' };
  const { shares } = divideBase(300, [barley, twin], ['ilva', 'unknown']);
  expect(shares.map((one) => one.eaters)).toEqual([['ilva', 'unknown'], []]);
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

test('a version by its name has what goes into all of the base and what goes into it alone, after the operation that was said', () => {
  const base: Formula = {
    ...formulaWith([
      ['oat-drink', 500],
      ['salt', 3],
    ]),
    name: 'White',
    portions: 4,
    method: [
      { kind: 'put-in', lines: ['oat-drink', 'salt'] },
      { kind: 'heat', temperatureC: 92, minutes: 6 },
    ],
  };
  const versions = {
    inBase: [{ ingredient: 'white-miso', grams: 2 }],
    versions: [
      { name: 'Mild', added: [] },
      { name: 'Hot', added: [{ ingredient: 'cayenne', grams: 0.2 }] },
    ],
    dividedAfter: 0,
  };
  const hot = versionNamed(base, ingredientById, versions, 'Hot')!;
  expect(hot.name).toBe('White, Hot');
  expect(hot.lines.slice(2).map(({ ingredient, amount }) => [ingredient, amount])).toEqual([
    ['white-miso', { value: 8, unit: 'g' }],
    ['cayenne', { value: 0.8, unit: 'g' }],
  ]);
  expect(hot.lines[3]!.role).toBe(ingredientById('cayenne')!.role);
  expect(hot.method!.map(({ kind }) => kind)).toEqual(['put-in', 'put-in', 'heat']);
  expect(versionNamed(base, ingredientById, versions, 'Mild')!.lines).toHaveLength(3);
  expect(versionNamed(base, ingredientById, versions, 'Cold')).toBeUndefined();
  // Nothing said, or said of an operation that is gone: at the end.
  const { dividedAfter: _, ...atTheEnd } = versions;
  for (const one of [atTheEnd, { ...versions, dividedAfter: 9 }])
    expect(versionNamed(base, ingredientById, one, 'Hot')!.method!.map(({ kind }) => kind)).toEqual([
      'put-in',
      'heat',
      'put-in',
    ]);
  // What the larder does not know goes in as a seasoning.
  const [odd] = versionOfBase(base, () => undefined, [{ ingredient: 'moon', grams: 1 }]).lines.slice(2);
  expect(odd).toMatchObject({ ingredient: 'moon', role: 'seasoning' });
});
