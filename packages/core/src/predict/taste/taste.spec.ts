import { ingredientById } from '../../larder/catalog/larder-table.js';
import { celsius, grams } from '../../quantity/quantity.js';
import { uncooked } from '../../recipe/recipe.js';
import { predict } from '../predict.js';
import { SOUR_HALF_PH } from '../acidity/acid.params.js';
import { potAt } from '../pot-at.js';
import { equivalentUmami, sucroseEquivalents, tasteOf } from './taste.js';

const none = { glutamate: 0, aspartate: 0, imp: 0, gmp: 0, amp: 0 };

test('glutamate alone is itself; mushrooms alone are silent', () => {
  expect(equivalentUmami({ ...none, glutamate: 0.2 })).toBeCloseTo(0.2, 9);
  expect(equivalentUmami({ ...none, gmp: 0.1 })).toBe(0);
});

test('together they are far more than their sum (Yamaguchi)', () => {
  expect(equivalentUmami({ ...none, glutamate: 0.1, imp: 0.1 })).toBeCloseTo(0.1 + 1218 * 0.01, 6);
  expect(equivalentUmami({ ...none, glutamate: 0.1, gmp: 0.1 })).toBeCloseTo(0.1 + 1218 * 0.1 * 0.23, 6);
});

test('every one of the savory compounds counts by its weight', () => {
  const all = { glutamate: 0.1, aspartate: 0.2, imp: 0.01, gmp: 0.02, amp: 0.05 };
  const amino = 0.1 + 0.2 * 0.077;
  expect(equivalentUmami(all)).toBeCloseTo(amino + 1218 * amino * (0.01 + 0.02 * 2.3 + 0.05 * 0.18), 9);
});

test('acid is sour by what of it can be titrated, in mEq a kg, and less where the pot is less acid', () => {
  const pot = (lemon: number, water: number) => {
    const line = (id: string, mass: number) => ({
      ingredient: ingredientById(id)!,
      mass: grams(mass),
      preparation: 'as-is' as const,
      stage: 'start' as const,
    });
    const recipe = {
      lines: [line('lemon-juice', lemon), line('water', water)],
      process: uncooked,
      serving: { temperatureC: celsius(20), storage: 'cool' as const, days: 0 },
    };
    return { sour: tasteOf(potAt(recipe).mix).sour, pH: potAt(recipe).mix.pH };
  };
  const neat = pot(100, 0),
    tenth = pot(10, 90);
  // Lemon juice holds some 5 to 6 % of citric acid: 0.26 to 0.31 mol a kg, three acid groups each.
  expect(neat.sour).toBeGreaterThan(600);
  expect(neat.sour).toBeLessThan(950);
  expect(tenth.sour / neat.sour).toBeGreaterThan(0.09);
  expect(tenth.sour / neat.sour).toBeLessThan(0.1);
  expect(pot(0, 100).sour).toBeLessThan(1);
  // By the pH alone: half of it is tasted where half of it would be.
  const mix = {
    ...potAt({
      lines: [
        {
          ingredient: ingredientById('lemon-juice')!,
          mass: grams(100),
          preparation: 'as-is',
          stage: 'start',
        },
      ],
      process: uncooked,
      serving: { temperatureC: celsius(20), storage: 'cool', days: 0 },
    }).mix,
  };
  const at = (pH: number) => tasteOf({ ...mix, pH }).sour;
  expect(at(SOUR_HALF_PH) / at(-20)).toBeCloseTo(0.5, 9);
  expect(at(SOUR_HALF_PH + 1) / at(-20)).toBeCloseTo(1 / 11, 9);
});

const share = (
  id: string,
  percent: number,
  cooked: { readonly stage: 'start' | 'end' } | undefined = undefined,
) => {
  const ingredient = ingredientById(id),
    potato = ingredientById('potato');
  if (!ingredient || !potato) throw new Error(`no ${id}`);
  const lines = [
    {
      ingredient: potato,
      mass: grams(100 - percent),
      preparation: 'as-is' as const,
      stage: 'start' as const,
    },
    {
      ingredient,
      mass: grams(percent),
      preparation: 'as-is' as const,
      stage: cooked?.stage ?? ('start' as const),
    },
  ];
  const process = cooked ? { ...uncooked, maxTemperatureC: 95, holdMin: 20 } : uncooked;
  return predict({ lines, process, serving: { temperatureC: celsius(60), storage: 'cool', days: 0 } })
    .pungent;
};

test('what is tasted neat has its own index; little of what is hot is hot, and much of what is mild is mild', () => {
  expect(share('mustard', 100)).toBeCloseTo(6, 6);
  expect(share('cayenne', 0.05)).toBeLessThan(0.2);
  expect(share('cayenne', 0.3)).toBeGreaterThan(0.6);
  expect(share('cayenne', 1)).toBeGreaterThan(1.8);
  expect(share('cayenne', 1)).toBeLessThan(2.5);
  expect(share('paprika-sweet', 2)).toBeLessThan(0.05);
});

test('the bite of garlic boils away, that of chilli stays', () => {
  expect(share('garlic', 2, { stage: 'start' })).toBeLessThan(share('garlic', 2) / 4);
  // Stirred in off the heat it meets half a minute of warmth.
  expect(share('garlic', 2, { stage: 'end' }) / share('garlic', 2)).toBeGreaterThan(0.85);
  expect(share('garlic', 2, { stage: 'end' })).toBeLessThan(share('garlic', 2));
  expect(share('cayenne', 0.5, { stage: 'start' }) / share('cayenne', 0.5)).toBeGreaterThan(0.9);
});

test('bitterness is the mean of the lines by mass', () => {
  const whole = ingredientById('nutritional-yeast');
  const served = predict({
    lines: [
      { ingredient: whole ?? ingredientById('salt')!, mass: grams(50), preparation: 'as-is', stage: 'start' },
    ],
    process: uncooked,
    serving: { temperatureC: celsius(20), storage: 'cool', days: 0 },
  });
  expect(served.bitter).toBeCloseTo(whole?.behaviour.bitter ?? NaN, 6);
});

test('each sugar is as sweet as it is, and the more of it the closer to sucrose', () => {
  expect(sucroseEquivalents(10, 10)).toBe(10);
  // Glucose of 5 %: 3.4 + 1.6·5/65; of 30 %: 20.4 + 9.6·30/90.
  expect(sucroseEquivalents(3.4, 5)).toBeCloseTo(3.523, 3);
  expect(sucroseEquivalents(20.4, 30)).toBeCloseTo(23.6, 6);
  expect(sucroseEquivalents(0, 0)).toBe(0);
  const sweet = (id: string) =>
    predict({
      lines: [{ ingredient: ingredientById(id)!, mass: grams(100), preparation: 'as-is', stage: 'start' }],
      process: uncooked,
      serving: { temperatureC: celsius(20), storage: 'cool', days: 0 },
    }).sweetness.mid;
  // Oat drink: 4.8 g of maltose; cow's milk: 4.8 g of lactose; sweetened soya drink: 3.4 g of sucrose.
  expect(sweet('oat-drink')).toBeCloseTo(2.16 + (2.64 * 4.8) / 64.8, 3);
  expect(sweet('soya-drink-sweetened')).toBeCloseTo(3.4, 6);
  expect(sweet('cow-milk')).toBeLessThan(sweet('oat-drink'));
});
