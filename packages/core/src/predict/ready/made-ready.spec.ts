import { randomRecipes } from '../../../science/random-pots.js';
import { ingredientById, larderTable } from '../../larder/catalog/larder-table.js';
import type { Ingredient } from '../../ingredient/ingredient.js';
import { potOf } from '../../larder/pot-of.js';
import type { Operation } from '../../recipe/method/operation.js';
import { evaporationRate } from '../course/evaporation.js';
import { predict } from '../predict.js';
import { madeReady, operationsFor, readyYield } from './made-ready.js';
import { hoursToSoak, soaked, soakingRate, soakKeeps } from './soak.js';

const get = (id: string): Ingredient => {
  const found = ingredientById(id);
  if (!found) throw new Error(id);
  return found;
};
const soak = (minutes: number, more: Partial<Operation> = {}): Operation => ({
  kind: 'soak',
  minutes,
  temperatureC: 20,
  ...more,
});
const soakable = larderTable.filter(({ handling }) => handling?.soaking);

test('a longer soak never takes up less, and never more than its equilibrium and what clings', () => {
  expect(soakable.length).toBeGreaterThan(25);
  for (const { handling } of soakable) {
    const row = handling!.soaking!;
    let before = 0;
    for (const hours of [0, 0.25, 1, 2, 4, 8, 16, 48]) {
      const { drunk, clinging } = soaked(row, { hours, temperatureC: 20, boiling: false }, 0.9, true);
      expect(drunk).toBeGreaterThanOrEqual(before);
      expect(drunk + clinging).toBeLessThanOrEqual(row.most + 0.05);
      before = drunk;
    }
    expect(before).toBeGreaterThan(0.7 * row.most);
  }
});

test('warmer water is drunk faster, without a jump between the columns of the table', () => {
  for (const { handling } of soakable) {
    const row = handling!.soaking!;
    for (let tC = 5; tC < 75; tC++)
      expect(soakingRate(row, tC + 1) / soakingRate(row, tC)).toBeGreaterThanOrEqual(1);
    for (const [at, k] of [5, 20, 60, 75].entries())
      expect(soakingRate(row, k)).toBeCloseTo(row.rates[at]!, 9);
  }
});

test('two soaks one after the other are one long one', () => {
  const cashew = get('cashew');
  const once = madeReady(cashew, [soak(240)], 100),
    twice = madeReady(cashew, [soak(100), soak(140)], 100);
  expect(twice.water).toBeCloseTo(once.water, 9);
  expect(twice.soakedShare).toBeCloseTo(once.soakedShare, 9);
});

test('water kept is a line of the formula: nothing comes in with the thing, and nothing is lost', () => {
  const kept = madeReady(get('cashew'), [soak(600, { water: 'kept' })], 100);
  expect(kept).toMatchObject({ water: 0, letOut: 0, sugarsLost: 0 });
  expect(kept.soakedShare).toBeGreaterThan(0.9);
  const drained = madeReady(get('cashew'), [soak(600)], 100);
  expect(drained.water).toBeGreaterThan(0.4);
  expect(drained.sugarsLost).toBeGreaterThan(0.05);
  expect(drained.letOut).toBeGreaterThan(0.005);
});

test('dry weighed and soaked, the water is in the pot: thinner, heavier, less sweet, nothing else gained', () => {
  const cream = (preparation: 'as-is' | 'soaked') =>
    predict(
      potOf(
        [
          ['cashew', 100, { preparation }],
          ['water', 200],
        ],
        { blenderPower: 0.9, blendSeconds: 90 },
      ),
    );
  const dry = cream('as-is'),
    wet = cream('soaked');
  expect(wet.broughtG).toBeGreaterThan(35);
  expect(wet.broughtG).toBeLessThan(50);
  expect(wet.massG - dry.massG).toBeCloseTo(wet.broughtG, 6);
  expect(wet.viscosity.mid).toBeLessThan(0.8 * dry.viscosity.mid);
  expect(wet.sweetness.mid * wet.massG).toBeLessThan(dry.sweetness.mid * dry.massG);
  expect(wet.graininess).toBeLessThan(dry.graininess);
});

test('too long is said sooner in a warm kitchen, later in the fridge', () => {
  const { slimyAfter } = get('cashew').handling!.soaking!;
  expect(soakKeeps({ slimyAfter }, 20)).toBeCloseTo(slimyAfter, 9);
  expect(soakKeeps({ slimyAfter }, 5)).toBeCloseTo(3 * slimyAfter, 9);
  expect(soakKeeps({ slimyAfter }, 28)).toBeCloseTo(0.4 * slimyAfter, 9);
  expect(hoursToSoak(get('cashew').handling!.soaking!, true)).toBeLessThan(
    hoursToSoak(get('cashew').handling!.soaking!, false) / 4,
  );
});

test('cooked from dry: beans come to two and a half times, whole ones apart, split ones in the pot', () => {
  const beans = get('white-bean-dry'),
    lentils = get('red-lentil-dry');
  const through = [soak(720), { kind: 'boil-soft', minutes: 60, water: 'drained' } as const];
  expect(readyYield(beans, through, 100)).toBeGreaterThan(2.1);
  expect(readyYield(beans, through, 100)).toBeLessThan(2.6);
  expect(operationsFor('boiled', beans)).toEqual([{ kind: 'boil-soft', water: 'drained' }]);
  expect(operationsFor('boiled', lentils)).toEqual([{ kind: 'boil-soft', water: 'kept' }]);
  expect(readyYield(lentils, operationsFor('boiled', lentils), 100)).toBe(1);
});

test('a crowded pan steams: the same minutes take a smaller share of a larger heap', () => {
  const fry: Operation = { kind: 'fry', minutes: 12, flame: 'medium' };
  const left = (g: number) => readyYield(get('mushroom'), [fry], g);
  expect(left(600)).toBeGreaterThan(left(150) + 0.1);
  expect(left(150)).toBeGreaterThan(0.3);
  expect(readyYield(get('mushroom'), [{ ...fry, lid: 'on' }], 150)).toBeGreaterThan(0.9);
  expect(readyYield(get('mushroom'), [{ ...fry, minutes: 0 }], 150)).toBe(1);
});

test('never more water leaves than there was, whatever is done', () => {
  for (const { lines } of randomRecipes(60, 21))
    for (const { ingredient } of lines) {
      const made = madeReady(
        ingredient,
        [
          { kind: 'roast', minutes: 300, ovenC: 250 },
          { kind: 'fry', minutes: 300, flame: 'high' },
        ],
        50,
      );
      expect(made.water).toBeGreaterThanOrEqual(-(ingredient.per100.water ?? 0) / 100 - 1e-12);
    }
});

test('a wide pan loses more, a lid keeps it, and no plate gives more steam than its power', () => {
  const rate = (panCm: number, lid: 'open' | 'ajar' | 'on' = 'open') =>
    evaporationRate({ panCm, vigour: 'simmer', lid });
  for (let cm = 12; cm < 30; cm++) expect(rate(cm + 1)).toBeGreaterThan(rate(cm));
  expect(rate(20, 'on')).toBeLessThan(0.15 * rate(20));
  expect(rate(20, 'ajar')).toBeCloseTo(0.45 * rate(20), 0);
  expect(evaporationRate({ panCm: 45, vigour: 'rolling', lid: 'open' })).toBeLessThan(41);
});
