import { ingredientById } from '../larder/catalog/larder-table.js';
import { type Process, uncooked } from '../recipe/recipe.js';
import { celsius } from '../quantity/quantity.js';
import { lineOf } from '../../science/random-pots.js';
import { cautionRows, whatItKnows } from './cautions.params.js';
import { cautionsOf } from './cautions.js';

const told = (ids: readonly string[], process: Partial<Process> = {}, soaked = false) =>
  cautionsOf({
    lines: ids.flatMap((id) => {
      const found = ingredientById(id);
      return found ? [lineOf(found, 50, soaked ? 'soaked' : 'as-is')] : [];
    }),
    process: { ...uncooked, ...process },
    serving: { temperatureC: celsius(60), storage: 'cool', days: 0 },
  }).map(({ id }) => id);

test('each caution stands where it applies and nowhere else', () => {
  expect(told(['cashew'], {}, true)).toEqual(
    expect.arrayContaining(['soak', 'whole-nuts', 'related-nuts', 'cooling']),
  );
  expect(told(['oat-drink'])).toEqual(['cooling']);
  expect(told(['kidney-bean-boiled'])).toContain('kidney-bean');
  expect(told(['chickpea-flour'])).toContain('raw-flour');
  expect(told(['chickpea-flour'], { maxTemperatureC: 95, holdMin: 5 })).not.toContain('raw-flour');
  expect(told(['garlic', 'olive-oil'])).toContain('garlic-in-oil');
  expect(told(['white-wine'])).toContain('alcohol');
  expect(told(['psyllium-husk'])).toContain('psyllium');
  expect(told(['lupin-flour'])).toContain('pulses-and-peanut');
  const hot = { maxTemperatureC: 95, holdMin: 5, blenderPower: 0.9, blendSeconds: 60 };
  expect(told(['oat-drink'], { ...hot, blendedAfterCooking: true })).toContain('hot-blender');
  expect(told(['oat-drink'], { ...hot, blendedAfterCooking: false })).not.toContain('hot-blender');
  expect(told([])).toEqual([]);
});

test('no caution promises safety', () => {
  for (const { text } of cautionRows) expect(text).not.toMatch(/\bsafe\b|allergen-free/i);
  expect(whatItKnows).not.toMatch(/\bsafe\b/i);
});
