import { formulaWith } from '../../formula/formula.fixture.js';
import type { Formula } from '../../formula/formula.js';
import { recipeOfFormula } from '../../formula/recipe-of-formula.js';
import { ingredientById } from '../../larder/catalog/larder-table.js';
import { assess } from '../../property/assess.js';
import { packLabel, saysAll } from './pack-label.js';
import { readLabel } from './pack-label.fixture.js';
import { type HouseKnowledge, portionOfFormula } from './portion-of-formula.js';
import { portionOfRecipe } from './portion-of-recipe.js';

const label = readLabel({ contains: ['milk'] });
const sauce = (more: Partial<Formula> = {}): Formula => ({
  ...formulaWith([
    ['oat-drink', 300],
    ['cashew', 60],
    ['salt', 4],
  ]),
  ...more,
});
const portionFor = (formula: Formula, house: Partial<HouseKnowledge> = {}) => {
  const resolved = recipeOfFormula(formula, ingredientById),
    { prediction } = assess(resolved.recipe, formula.portions);
  return portionOfFormula(
    formula,
    { ...resolved, prediction },
    { find: ingredientById, labels: new Map(), ...house },
  );
};

test('a portion is its share of every line, of the salt and of the mass; labels stand at their lines', () => {
  const formula = sauce({ portions: 4 }),
    { lines, massG, salt, pungency } = portionFor(formula, { labels: new Map([['cashew', label]]) });
  expect(lines.map(({ id, gramsPerPortion }) => [id, gramsPerPortion])).toEqual([
    ['oat-drink', 75],
    ['cashew', 15],
    ['salt', 1],
  ]);
  expect(lines.map((line) => line.label?.contains)).toEqual([undefined, ['milk'], undefined]);
  expect(massG).toBeGreaterThan(80);
  expect(massG).toBeLessThan(100);
  // A gram of salt, and what the drink has.
  expect(salt!.mid).toBeGreaterThan(0.98);
  expect(salt!.mid).toBeLessThan(1.2);
  expect(salt!.high).toBeGreaterThan(salt!.mid);
  expect(pungency).toEqual({ bite: 0, burn: 0 });
});

test('what bites burns by as much as there is of it, and what was likened by its numbers may bite', () => {
  const sharp = portionFor({
    ...formulaWith([
      ['oat-drink', 300],
      ['cayenne', 3],
    ]),
    portions: 2,
  });
  expect(sharp.pungency!.bite).toBeGreaterThan(0);
  expect(sharp.pungency!.burn).toBeCloseTo(sharp.pungency!.bite * sharp.massG!, 9);
  const own = { ...ingredientById('carrot')!, id: 'own', guessed: ['salt'] };
  const find = (id: string) => (id === 'own' ? own : ingredientById(id));
  const bite = (grams: number) => {
    const resolved = recipeOfFormula(
        formulaWith([
          ['oat-drink', 300],
          ['own', grams],
        ]),
        find,
      ),
      { prediction } = assess(resolved.recipe, 1);
    return portionOfRecipe({ ...resolved, prediction }, 1).pungency!.partly;
  };
  expect([bite(20), bite(0)]).toEqual([true, undefined]);
});

test('a line that could not be computed is asked about by its name, and its salt is not known', () => {
  const [drink, ...rest] = sauce().lines;
  const open = sauce({
    lines: [
      drink!,
      ...rest.map((line) => (line.id === 'salt' ? { ...line, amount: undefined } : line)),
      { ...drink!, id: 'gone', ingredient: 'formula:gone' },
    ],
  });
  const { lines, salt } = portionFor(open, { nameOf: () => 'Put away sauce' });
  expect(lines.map(({ named, gramsPerPortion }) => [named, gramsPerPortion !== undefined])).toEqual([
    ['Oat drink, unsweetened', true],
    ['Cashew nuts', true],
    ['Salt, fine', false],
    ['Put away sauce', false],
  ]);
  expect(salt!.partly).toBe(true);
  expect(portionFor(sauce()).salt).not.toHaveProperty('partly');
  const named = portionFor(open).lines.at(-1)!.named;
  expect(named).toBe('formula:gone');
});

test('what goes in behind the last blade stays whole; what is blended is not, but where that was said', () => {
  const method = (...kinds: readonly ('in' | 'blend')[]): Formula['method'] =>
    kinds.map((kind) =>
      kind === 'in' ? { kind: 'put-in', lines: ['cashew'] } : { kind: 'blend', seconds: 60 },
    );
  const whole = (formula: Formula) => portionFor(formula).lines.find(({ id }) => id === 'cashew')!.whole;
  const put = { kind: 'put-in', lines: ['oat-drink', 'salt'] } as const;
  expect(whole(sauce({ method: [put, ...method('in', 'blend')!] }))).toBe(false);
  expect(whole(sauce({ method: [put, ...method('blend', 'in')!] }))).toBe(true);
});

test('a label is old after half a year to the day, and says all there is only as a whole list that was understood', () => {
  const read = { ...label, readOn: '2026-01-01T12:00:00Z' },
    day = 86_400_000,
    at = Date.parse(read.readOn);
  expect(packLabel(read, at + 180 * day).stale).toBe(false);
  expect(packLabel(read, at + 180 * day + 1).stale).toBe(true);
  expect(packLabel(read, at).readOn).toBe('2026-01-01');
  expect(
    [
      label,
      undefined,
      { ...label, stale: true },
      { ...label, isList: false },
      { ...label, unknown: ['x'] },
    ].map(saysAll),
  ).toEqual([true, false, false, false, false]);
});
