import { ingredientById } from '../../larder/catalog/larder-table.js';
import { predict } from '../../predict/predict.js';
import type { Method } from '../../recipe/method/operation.js';
import type { Preparation } from '../../recipe/preparation.js';
import type { Stage } from '../../recipe/recipe.js';
import type { Family } from '../../brief/family.js';
import { blankFormula, type Formula, type Line } from '../formula.js';
import { recipeOfFormula } from '../recipe-of-formula.js';
import { applyStep } from '../step.js';
import { afterTheHeat, atTheStart, goesInWith, inPieces, moved, withoutLine } from './edit-method.js';
import { methodOfFormula, withEveryLine } from './method-of-formula.js';

const line = (id: string, g: number, preparation: Preparation = 'as-is', stage: Stage = 'start'): Line => ({
  id,
  ingredient: id,
  amount: { value: g, unit: 'g' },
  role: ingredientById(id)?.role ?? 'body',
  preparation,
  stage,
});
const written = (family: Family, lines: readonly Line[], serve = blankFormula.serve): Formula => ({
  ...blankFormula,
  family,
  lines,
  serve,
});
const kindsOf = (formula: Formula) => methodOfFormula(formula, ingredientById).method.map(({ kind }) => kind);

test('a nut cream is soaked and blended, then heated, and its lemon waits for the heat to be over', () => {
  const sauce = written('pouring-sauce', [line('cashew', 100), line('water', 250), line('lemon-juice', 15)]);
  const made = methodOfFormula(sauce, ingredientById);
  expect(made.source).toBe('written');
  expect(made.method.map(({ kind, lines }) => [kind, lines])).toEqual([
    ['put-in', ['cashew', 'water']],
    ['blend', undefined],
    ['heat', undefined],
    ['put-in', ['lemon-juice']],
  ]);
  expect(made.readyOf(sauce.lines[0]!)).toEqual([{ kind: 'soak' }]);
  expect(predict(recipeOfFormula(sauce, ingredientById).recipe).broughtG).toBeGreaterThan(30);
});

test('a dressing stays cold; with raw starch in it, it is cooked', () => {
  const dressing = [line('tahini', 60), line('water', 60), line('lemon-juice', 20)];
  expect(kindsOf(written('dip', dressing))).not.toContain('heat');
  expect(kindsOf(written('dip', [...dressing, line('corn-starch', 10)]))).toContain('heat');
});

test('a white sauce goes from a paste in fat to the simmer', () => {
  const made = kindsOf(
    written('cream-sauce', [
      line('rapeseed-oil', 25),
      line('wheat-flour', 25, 'as-is', 'roux'),
      line('oat-drink', 400),
    ]),
  );
  expect(made).toEqual(['put-in', 'heat', 'put-in', 'heat']);
});

test('wine is simmered before the rest, leaves stay in pieces, a topping is baked, a spread chilled', () => {
  const sauce = written('cream-sauce', [
    line('white-wine', 100),
    line('oat-drink', 300),
    line('wheat-flour', 20),
    line('parsley-fresh', 10),
  ]);
  const made = methodOfFormula(sauce, ingredientById).method;
  expect(made.slice(0, 2).map(({ kind }) => kind)).toEqual(['put-in', 'boil-down']);
  expect(made.at(-1)).toEqual({ kind: 'stir-in', lines: ['parsley-fresh'] });
  expect(kindsOf(written('baked-topping', [line('oat-drink', 300), line('corn-starch', 20)]))).toContain(
    'bake',
  );
  expect(
    kindsOf(
      written('tangy-spread', [line('cashew', 200), line('lemon-juice', 20)], {
        temperatureC: 8,
        storage: 'fridge',
        days: 1,
      }),
    ),
  ).toContain('chill');
});

test('dry beans are soaked and boiled apart before the blade, and bring what they drank', () => {
  const dip = written('dip', [line('chickpea-dry', 100), line('tahini', 30), line('water', 40)]);
  const made = methodOfFormula(dip, ingredientById);
  expect(made.readyOf(dip.lines[0]!).map(({ kind }) => kind)).toEqual(['soak', 'boil-soft']);
  const { broughtG } = predict(recipeOfFormula(dip, ingredientById).recipe);
  expect(broughtG).toBeGreaterThan(100);
  expect(broughtG).toBeLessThan(150);
});

test('a formula in flat words means what it meant, and names every line without changing the pot', () => {
  const { writesItself: _written, ...flat } = blankFormula;
  const formula: Formula = {
    ...flat,
    lines: [line('cashew', 100, 'soaked'), line('water', 250), line('lemon-juice', 15, 'as-is', 'end')],
  };
  const made = methodOfFormula(formula, ingredientById);
  expect(made.source).toBe('flat');
  const whole = withEveryLine(made.method, formula.lines);
  expect(whole.map(({ kind }) => kind)).toEqual(['put-in', 'blend', 'heat', 'put-in']);
  expect(whole.at(-1)?.lines).toEqual(['lemon-juice']);
  const before = predict(recipeOfFormula(formula, ingredientById).recipe),
    after = predict(recipeOfFormula({ ...formula, method: whole }, ingredientById).recipe);
  expect(after.viscosity.mid).toBeCloseTo(before.viscosity.mid, 6);
  expect(after.curdling).toBeCloseTo(before.curdling, 9);
});

test('weighed as made ready it is the same pot as weighed before, with the other figure', () => {
  const before = written('dip', [line('cashew', 100), line('water', 100)]);
  const yields = predict(recipeOfFormula(before, ingredientById).recipe).massG - 100;
  const ready: Formula = {
    ...before,
    lines: [{ ...line('cashew', yields), weighed: 'ready' }, before.lines[1]!],
  };
  const { recipe } = recipeOfFormula(ready, ingredientById);
  expect(recipe.lines[0]?.mass).toBeCloseTo(100, 6);
  expect(predict(recipe).massG).toBeCloseTo(100 + yields, 6);
});

const method: Method = [
  { kind: 'put-in', lines: ['soya-drink', 'lemon-juice', 'parsley-fresh'] },
  { kind: 'blend', seconds: 60 },
  { kind: 'heat', temperatureC: 90, minutes: 4 },
  { kind: 'bake', minutes: 20 },
];

test('one press: after the heat, at the start, in pieces; each takes the line out of where it was', () => {
  const late = afterTheHeat(method, 'lemon-juice');
  expect(late.map(({ kind }) => kind)).toEqual(['put-in', 'blend', 'heat', 'put-in', 'bake']);
  expect(late[0]?.lines).toEqual(['soya-drink', 'parsley-fresh']);
  expect(late[3]?.lines).toEqual(['lemon-juice']);
  expect(atTheStart(late, 'lemon-juice').map(({ kind }) => kind)).toEqual([
    'put-in',
    'blend',
    'heat',
    'bake',
  ]);
  const whole = inPieces(method, 'parsley-fresh');
  expect(whole[3]).toEqual({ kind: 'stir-in', lines: ['parsley-fresh'] });
  expect(inPieces(whole, 'parsley-fresh')).toEqual(whole);
  expect(goesInWith(method, 'lemon-juice', 2)[2]?.lines).toEqual(['lemon-juice']);
  expect(withoutLine([{ kind: 'put-in', lines: ['a'] }], 'a')).toEqual([]);
  expect(moved(method, 0, 2).map(({ kind }) => kind)).toEqual(['blend', 'heat', 'put-in', 'bake']);
  expect(() => goesInWith(method, 'lemon-juice', 9)).toThrow(RangeError);
});

test('lemon behind the heat splits less often', () => {
  const pot = (own: Method): number =>
    predict(
      recipeOfFormula(
        { ...written('pouring-sauce', [line('soya-drink', 400), line('lemon-juice', 25)]), method: own },
        ingredientById,
      ).recipe,
    ).curdling;
  const cooked: Method = [
    { kind: 'put-in', lines: ['soya-drink', 'lemon-juice'] },
    { kind: 'heat', temperatureC: 90, minutes: 4 },
  ];
  expect(pot(afterTheHeat(cooked, 'lemon-juice'))).toBeLessThan(pot(cooked) - 0.1);
});

test('a method is an edit like any other: taken, taken back, and flat words bring the old way back too', () => {
  const start = written('pouring-sauce', [line('cashew', 100), line('water', 250)]);
  const taken = applyStep(start, { step: 'set-method', method });
  if (taken.kind !== 'applied') throw new Error(taken.kind);
  expect(taken.formula.method).toEqual(method);
  expect(taken.formula.writesItself).toBeUndefined();
  expect(applyStep(taken.formula, taken.inverse)).toMatchObject({ formula: start });
  const flat = applyStep(taken.formula, { step: 'set-process', process: { maxTemperatureC: 70 } });
  if (flat.kind !== 'applied') throw new Error(flat.kind);
  expect(flat.formula.method).toBeUndefined();
  expect(flat.formula.process).toMatchObject({ maxTemperatureC: 70, holdMin: 4, bakeMin: 20 });
  expect(applyStep(flat.formula, flat.inverse)).toMatchObject({ formula: taken.formula });
  const ready = applyStep(start, { step: 'set-ready', line: 'cashew', ready: [] });
  if (ready.kind !== 'applied') throw new Error(ready.kind);
  expect(methodOfFormula(ready.formula, ingredientById).readyOf(ready.formula.lines[0]!)).toEqual([]);
  expect(applyStep(ready.formula, ready.inverse)).toMatchObject({ formula: start });
});
