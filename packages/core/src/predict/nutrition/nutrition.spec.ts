import type { Ingredient } from '../../ingredient/ingredient.js';
import { potOf } from '../../larder/pot-of.js';
import { grams } from '../../quantity/quantity.js';
import type { RecipeLine } from '../../recipe/recipe.js';
import { acids } from '../acidity/acid.params.js';
import { compiledIngredient } from '../assemble/compiled-ingredient.js';
import { climateOf } from '../climate/climate.js';
import { costOf } from '../cost/cost.js';
import type { Mixture } from '../mixture/mixture.js';
import { potAt } from '../pot-at.js';
import { energyOf, energyOfIngredient, energyOfParts } from './energy.js';
import { nutritionOf, sumKnown } from './nutrition.js';

const water = potAt(potOf([['water', 100]])).mix;
/** A batch made up for the figures. */
const batch: Mixture = {
  ...water,
  fat: 20,
  protein: 10,
  sugars: 6,
  dextrin: 2,
  dispersedStarch: Float64Array.from([3, 4]),
  cellStarch: 1,
  rawStarch: 0.5,
  fibre: 5,
  gums: 1,
  oligo: 2,
  alcohol: 3,
  salt: 4,
  buffers: { ...water.buffers, citric: 10 },
  inPieces: { volume: 9, water: 4, fat: 2, starch: 1.5, organicAcid: 0.2 },
};

test('energy by the factors of food labels: 9 for fat, 4 for protein and carbohydrate, 2 for fibre, 3 for acids, 7 for alcohol', () => {
  expect(
    energyOfParts({ fat: 1, protein: 10, carbohydrate: 100, fibre: 1000, organicAcid: 1e4, alcohol: 1e5 }),
  ).toBe(9 + 40 + 400 + 2000 + 3e4 + 7e5);
  // Fat 22, protein 10, carbohydrate 6 + 2 + 3 + 4 + 1 + 0.5 + 1.5 = 18, fibre 8, citric acid 10 mmol and 0.2 g, alcohol 3.
  const acid = (10 * acids.citric.molarMass) / 1000 + 0.2;
  const kcal = 22 * 9 + 10 * 4 + 18 * 4 + 8 * 2 + acid * 3 + 3 * 7;
  expect(energyOf(batch)).toBeCloseTo(kcal, 9);
  expect(nutritionOf(batch)).toMatchObject({
    fat: 22,
    protein: 10,
    carbohydrate: 18,
    sugars: 6,
    fibre: 8,
    salt: 4,
  });
  expect(nutritionOf(batch).energyKJ).toBeCloseTo(kcal * 4.184, 9);
});

test('a gram of one thing by the same factors, with what cooking left of its alcohol', () => {
  const thing = {
    ...potOf([['white-wine', 1]]).lines[0]!.ingredient,
    id: 'made-up',
    per100: {
      water: 50,
      fat: 5,
      protein: 4,
      sugars: 3,
      dextrin: 2,
      oligo: 6,
      fibre: 7,
      alcohol: 10,
      citric: 1,
    },
  } as Ingredient;
  const c = compiledIngredient(thing);
  expect(energyOfIngredient(c)).toBeCloseTo((45 + 16 + 20 + 26 + 3 + 70) / 100, 6);
  expect(energyOfIngredient(c, 0.25)).toBeCloseTo((45 + 16 + 20 + 26 + 3 + 17.5) / 100, 6);
});

const line = (mass: number, facts: Ingredient['facts'], per100: object = {}): RecipeLine =>
  ({
    ingredient: { id: `x${mass}`, facts, per100 },
    mass: grams(mass),
    preparation: 'as-is',
    stage: 'start',
  }) as RecipeLine;

test('a sum says of how much of the mass it is', () => {
  const lines = [line(100, { pricePerKg: 8, climate: [1, 4] }), line(300, {}), line(600, { pricePerKg: 2 })];
  expect(sumKnown(lines, ({ pricePerKg }) => pricePerKg)).toEqual({ amount: 2000, covered: 0.7 });
  expect(costOf(lines)).toMatchObject({ amount: 2, covered: 0.7 });
  expect(costOf(lines).coins.high / 2).toBeCloseTo(Math.exp(1.2816 * 0.35), 6);
  // 0.1 to 0.4 kg, and the geometric mean between.
  expect(climateOf(lines).kgCO2e.low).toBeCloseTo(0.1, 9);
  expect(climateOf(lines).kgCO2e.mid).toBeCloseTo(0.2, 9);
  expect(climateOf(lines).kgCO2e.high).toBeCloseTo(0.4, 9);
  expect(climateOf(lines).covered).toBe(0.1);
  expect(sumKnown([], () => 1)).toEqual({ amount: 0, covered: 1 });
});

test('saturated fat and calcium are of what came into the pot, the label before the table', () => {
  const fate = (weighedG: number, arrived: number, facts: object, per100: object = {}) => ({
    weighedG,
    arrived,
    ingredient: { facts, per100 },
  });
  const { saturatedFat, calciumMg } = nutritionOf({
    ...batch,
    fates: [
      fate(100, 0.5, { saturatedFat: 30, calciumMg: 200 }, { calciumMg: 999 }),
      fate(50, 1, {}, { calciumMg: 40 }),
      { weighedG: 1000, arrived: 1, ingredient: undefined },
    ] as unknown as Mixture['fates'],
  });
  expect(saturatedFat).toEqual({ amount: 15, covered: 0.5 });
  expect(calciumMg.amount).toBeCloseTo(120, 9);
  expect(calciumMg.covered).toBe(1);
});
