import { ingredientById } from '../larder/catalog/larder-table.js';
import { portionOfRecipe } from '../household/portion/portion-of-recipe.js';
import { flatLines } from '../household/portion/portion.js';
import { assemble } from '../predict/assemble/assemble.js';
import { potAt } from '../predict/pot-at.js';
import { predict } from '../predict/predict.js';
import { warningsOf } from '../predict/warnings.js';
import { reportOn } from '../predict/report.js';
import { contributionsOf } from '../property/contributions.js';
import { randomMethodRecipes } from '../../science/random-methods.js';
import { grams } from '../quantity/quantity.js';
import type { MadeIngredient } from '../recipe/made-before.js';
import { type Recipe, uncooked } from '../recipe/recipe.js';
import { formulaWith, larderOf, lineOf } from './formula.fixture.js';
import type { Formula } from './formula.js';
import { holdsItself, ingredientOfFormula } from './ingredient-of-formula.js';
import { recipeOfFormula } from './recipe-of-formula.js';

const sauce = formulaWith(
  [
    ['cashew', 100],
    ['water', 300],
    ['corn-starch', 12],
    ['lemon-juice', 10],
    ['salt', 3],
  ],
  { name: 'House melt' },
);
/** So many g of it, and nothing done to it. */
const asItIs = (lines: Formula['lines'], more: Partial<Formula> = {}): Formula => ({
  ...formulaWith([], { ...more }),
  lines,
  method: [],
});
const inside = lineOf('formula:a', 200);
const recipeOf = (formula: Formula, formulas: Readonly<Record<string, Formula>>): Recipe =>
  recipeOfFormula(formula, larderOf(formulas)).recipe;

/** What a cook would notice, of the same amount. */
const noticed = (recipe: Recipe): Readonly<Record<string, number>> => {
  const p = predict(recipe);
  return {
    viscosity: Math.log(p.viscosity.mid),
    yieldStress: Math.log(p.yieldStress.mid + 0.01),
    stretch: Math.log(p.stretch.mid + 0.2),
    pH: p.pH.mid,
    curdling: p.curdling,
    graininess: p.graininess,
    salt: p.salt.mid,
    fat: p.fat.mid,
    sweet: p.sweetness.mid,
    savory: p.savoriness.mid,
    energy: p.energyKcal.mid / p.massG,
    creaming: p.creaming,
    bite: p.pungent,
  };
};

test('a sauce that stands alone in another formula is that sauce, whatever was done to it', () => {
  for (const recipe of randomMethodRecipes(60, 31)) {
    const { mass } = potAt(recipe).mix;
    const made = {
      ...ingredientById('water')!,
      made: { recipe, massG: mass, leftOut: [], days: 0 },
    } as MadeIngredient;
    const outer: Recipe = {
      lines: [{ ingredient: made, mass: grams(150), preparation: 'as-is', stage: 'start' }],
      process: uncooked,
      method: [],
      serving: recipe.serving,
    };
    const before = noticed(recipe),
      after = noticed(outer);
    for (const [name, value] of Object.entries(before)) {
      // Baking sets an egg-like net in the dish it stands in, which is broken when it is taken out.
      if (recipe.process.bakeMin > 0 && ['viscosity', 'yieldStress', 'stretch', 'creaming'].includes(name))
        continue;
      expect([name, Math.abs(after[name]! - value) < 0.02 * Math.max(1, Math.abs(value))]).toEqual([
        name,
        true,
      ]);
    }
    expect(assemble(outer).mass).toBeCloseTo(150, 6);
  }
});

test('a trace of a sauce that was boiled, blended and split changes nothing in a cold pot', () => {
  const split = formulaWith(
    [
      ['soya-drink', 400],
      ['lemon-juice', 40],
      ['corn-starch', 8],
    ],
    {
      method: [
        { kind: 'heat', temperatureC: 95, minutes: 10, rateCPerMin: 10 },
        { kind: 'blend', seconds: 120 },
      ],
    },
  );
  const cold = asItIs([lineOf('tahini', 80), lineOf('water', 120), lineOf('wheat-flour', 5)]);
  const before = noticed(recipeOf(cold, {})),
    after = noticed(recipeOf({ ...cold, lines: [...cold.lines, lineOf('formula:a', 0.005)] }, { a: split }));
  expect(noticed(recipeOf(split, {})).curdling).toBeGreaterThan(0.7);
  for (const [name, value] of Object.entries(before)) expect(after[name]).toBeCloseTo(value, 2);
});

test('its starch has swollen and its nuts are ground already; a pot that heats and blends it goes on from there', () => {
  const a = sauce;
  const stirred = recipeOf(asItIs([inside, lineOf('water', 50)]), { a });
  const raw = recipeOf(asItIs([...sauce.lines, lineOf('water', 100)]), {});
  expect(predict(stirred).viscosity.mid).toBeGreaterThan(5 * predict(raw).viscosity.mid);
  expect(predict(stirred).particleSizeUm).toBeLessThan(60);
  const blended = recipeOf(
    {
      ...asItIs([inside, lineOf('water', 50)]),
      method: [{ kind: 'blend', tool: 'strong-jug', seconds: 180 }],
    },
    { a },
  );
  expect(predict(blended).particleSizeUm).toBeLessThan(0.9 * predict(stirred).particleSizeUm);
});

test('costs, feeds and tastes by its share, and no line of it is lost on the way', () => {
  const whole = predict(recipeOf(sauce, {})),
    recipe = recipeOf(asItIs([inside]), { a: sauce });
  const [alone, mixed] = [recipeOf(sauce, {}), recipe].map((one) => reportOn(one));
  const share = 200 / whole.massG;
  expect(mixed!.cost.coins.mid).toBeCloseTo(share * alone!.cost.coins.mid, 6);
  expect(mixed!.nutrition.energyKcal).toBeCloseTo(share * alone!.nutrition.energyKcal, 4);
  expect(mixed!.nutrition.saturatedFat.amount).toBeCloseTo(share * alone!.nutrition.saturatedFat.amount, 6);
  const [salt] = contributionsOf(recipe, ['salt']);
  expect(salt!.lines[0]!.amount).toBeCloseTo(predict(recipe).salt.mid, 4);
  const made = ingredientOfFormula('a', sauce, ingredientById)!;
  expect(made.per100.salt).toBeCloseTo(whole.salt.mid, 4);
  expect(made.per100.water! + made.per100.fat! + made.per100.protein!).toBeLessThan(100);
  expect(made.facts.pricePerKg! * 0.2).toBeCloseTo(mixed!.cost.coins.mid, 6);
});

test('who eats it meets what is in it, and what could not be weighed is asked about', () => {
  const waiting: Formula = {
    ...sauce,
    lines: [...sauce.lines, { ...lineOf('soy-sauce', 0), amount: undefined }],
  };
  const twice = asItIs([lineOf('formula:b', 120)]);
  const recipe = recipeOf(twice, { a: waiting, b: asItIs([inside]) });
  const portion = portionOfRecipe({ recipe, prediction: predict(recipe) }, 2);
  const ids = flatLines(portion.lines).map(({ ingredient, id }) => ingredient?.id ?? id);
  expect(ids).toEqual(expect.arrayContaining(['cashew', 'lemon-juice', 'soy-sauce']));
  expect(portion.salt?.partly).toBe(true);
  const made = ingredientOfFormula('a', waiting, ingredientById)!;
  expect(made.contains).toEqual(expect.arrayContaining(['cashew', 'soya']));
});

test('a formula that holds itself is left out and says so; one that is empty too', () => {
  const a = asItIs([lineOf('formula:b', 100), lineOf('water', 50)]),
    b = asItIs([lineOf('formula:a', 100), lineOf('oat-drink', 50)]);
  const resolved = recipeOfFormula(a, larderOf({ a, b }));
  expect(predict(resolved.recipe).massG).toBeGreaterThan(50);
  expect(holdsItself('a', a.lines, (id) => ({ a, b })[id])).toBe(true);
  expect(holdsItself('c', a.lines, (id) => ({ a, b })[id])).toBe(false);
  const empty = recipeOfFormula(asItIs([inside]), larderOf({ a: asItIs([]) }));
  expect(empty.problems).toEqual([expect.objectContaining({ kind: 'unknown-ingredient' })]);
});

test('its age goes on counting in the pot that it goes into', () => {
  const kept: Formula = { ...sauce, serve: { temperatureC: 60, storage: 'reheat', days: 3 } };
  const warned = (days: number) =>
    warningsOf(
      recipeOf({ ...asItIs([inside]), serve: { temperatureC: 60, storage: 'reheat', days } }, { a: kept }),
    ).filter(({ field }) => field === 'lines[0].ingredient');
  expect(warned(1)).toEqual([]);
  expect(warned(2)).toEqual([
    expect.objectContaining({ message: expect.stringContaining('3 days old') as string }),
  ]);
});
