import { potOf } from '../larder/pot-of.js';
import { grams } from '../quantity/quantity.js';
import type { Recipe } from '../recipe/recipe.js';
import { predict } from './predict.js';
import { bandedFigures } from './predict-pot.js';

const sauce = potOf(
  [
    ['oat-drink', 400],
    ['corn-starch', 20],
    ['rapeseed-oil', 30],
    ['lemon-juice', 15],
    ['salt', 4],
  ],
  { maxTemperatureC: 92, holdMin: 3 },
  { atC: 60 },
);

/** The sauce with one line unsure by a share of its mass. */
const loose = (id: string, share: number): Recipe => ({
  ...sauce,
  lines: sauce.lines.map((line) =>
    line.ingredient.id === id ? { ...line, massSd: grams(line.mass * share) } : line,
  ),
});
type Predicted = ReturnType<typeof predict>;
function width(predicted: Predicted, figure: (typeof bandedFigures)[number]): number {
  const { low, high } = predicted[figure];
  return figure === 'pH' ? high - low : high / low;
}

const weighed = predict(sauce);

test('middles stay where they are, whatever is unsure', () => {
  const unsure = predict(loose('corn-starch', 0.3));
  for (const figure of bandedFigures) expect(unsure[figure].mid).toBe(weighed[figure].mid);
  expect(unsure.thicknessClass).toBe(weighed.thicknessClass);
});

test.each([
  ['corn-starch', 'viscosity', 'salt'],
  ['salt', 'salt', 'viscosity'],
  ['rapeseed-oil', 'fat', 'salt'],
  ['lemon-juice', 'pH', 'fat'],
] as const)('loosely said %s makes %s unsure, and leaves %s nearly as it was', (id, wider, same) => {
  const unsure = predict(loose(id, 0.25));
  expect(width(unsure, wider) / width(weighed, wider)).toBeGreaterThan(1.1);
  expect(width(unsure, same) / width(weighed, same)).toBeLessThan(1.06);
});

test('salt that may be a quarter more or less is that, beside what jars differ', () => {
  const { low, high } = predict(loose('salt', 0.25)).salt;
  // Log standard deviation: 0.08 of the jar beside ln of the salt a standard deviation up.
  const own = (weighed.salt.mid - 4 / 4.69) / weighed.salt.mid;
  expect(own).toBeLessThan(0.2);
  expect(Math.log(high / low) / 2 / 1.2816).toBeGreaterThan(0.19);
  expect(Math.log(high / low) / 2 / 1.2816).toBeLessThan(0.25);
});

test('the more loosely, the wider: without a jump, and from nothing', () => {
  const widths = [0, 1e-6, 0.05, 0.1, 0.2, 0.4].map((share) =>
    width(predict(loose('corn-starch', share)), 'viscosity'),
  );
  expect(widths[1]! / widths[0]! - 1).toBeLessThan(1e-6);
  for (let i = 2; i < widths.length; i++) expect(widths[i]).toBeGreaterThan(widths[i - 1]!);
});

test('the curve is as unsure as the sauce at the table, at every temperature', () => {
  const unsure = predict(loose('corn-starch', 0.3));
  unsure.curve.forEach((point, i) => {
    const before = weighed.curve[i]!.viscosity;
    expect(point.viscosity.mid).toBe(before.mid);
    expect(point.viscosity.high / point.viscosity.low).toBeGreaterThan((before.high / before.low) * 1.05);
  });
});

test('two unsure lines are more unsure than either, less than both together', () => {
  const both = {
    ...sauce,
    lines: sauce.lines.map((line) => ({
      ...line,
      ...(['corn-starch', 'oat-drink'].includes(line.ingredient.id)
        ? { massSd: grams(line.mass * 0.15) }
        : {}),
    })),
  };
  const of = (recipe: Recipe) => Math.log(width(predict(recipe), 'viscosity'));
  const [starch, drink, together] = [of(loose('corn-starch', 0.15)), of(loose('oat-drink', 0.15)), of(both)];
  expect(together).toBeGreaterThan(Math.max(starch, drink));
  expect(together).toBeLessThan(starch + drink);
});
