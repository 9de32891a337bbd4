import { ingredientById } from '../../larder/catalog/larder-table.js';
import { celsius } from '../../quantity/quantity.js';
import { lineOf } from '../../../science/random-pots.js';
import { uncooked } from '../../recipe/recipe.js';
import { predict } from '../predict.js';
import { colourWord } from './colour-word.js';

const wordOf = (...lines: readonly (readonly [string, number])[]) =>
  colourWord(
    predict({
      lines: lines.flatMap(([id, g]) => {
        const found = ingredientById(id);
        return found ? [lineOf(found, g)] : [];
      }),
      process: uncooked,
      serving: { temperatureC: celsius(20), storage: 'cool', days: 0 },
    }).colour.lab,
  );

test('a sauce is called by the colour a cook would see', () => {
  expect(wordOf(['coconut-milk', 200])).toBe('white');
  expect(['ivory', 'cream']).toContain(wordOf(['soya-drink', 200]));
  expect(wordOf(['tomato-canned', 200])).toMatch(/red|orange/);
  expect(wordOf(['coconut-milk', 200], ['turmeric', 3])).toMatch(/yellow|golden/);
  expect(wordOf(['coconut-milk', 200], ['beetroot-powder', 12])).toMatch(/pink|red/);
});

test('more turmeric is never paler', () => {
  const chroma = (g: number) => {
    const [, a, b] = predict({
      lines: [
        ['coconut-milk', 200],
        ['turmeric', g],
      ].map(([id, mass]) => lineOf(ingredientById(String(id))!, Number(mass))),
      process: uncooked,
      serving: { temperatureC: celsius(20), storage: 'cool', days: 0 },
    }).colour.lab;
    return Math.hypot(a, b);
  };
  expect(chroma(1)).toBeLessThan(chroma(2));
  expect(chroma(2)).toBeLessThan(chroma(4));
});

/** A colour of a hue, degrees in CIELAB. */
const called = (lightness: number, chroma: number, hue: number) =>
  colourWord([lightness, chroma * Math.cos((hue * Math.PI) / 180), chroma * Math.sin((hue * Math.PI) / 180)]);

test.each([
  // Hardly any colour: by how light it is.
  [92, 4, 90, 'white'],
  [92, 12, 90, 'ivory'],
  [86, 12, 90, 'ivory'],
  [81, 12, 90, 'cream'],
  [92, 20, 90, 'cream'],
  [70, 4, 90, 'grey'],
  [30, 4, 90, 'dark grey'],
  // A cold tint of white is not cream.
  [82, 12, 260, 'pale blue-grey'],
  // Yellow is more than cream.
  [92, 40, 95, 'pale yellow'],
  [60, 60, 10, 'pink'],
  [60, 60, 340, 'pink'],
  [60, 60, 40, 'red'],
  [60, 60, 60, 'orange'],
  [60, 60, 80, 'golden'],
  [60, 60, 110, 'green-yellow'],
  [60, 60, 150, 'green'],
  [60, 30, 250, 'blue-grey'],
  [80, 60, 60, 'pale orange'],
  [40, 60, 60, 'deep orange'],
  // Dull and warm is brown, or tan where it is light; red is never tan, and green never brown.
  [45, 30, 60, 'brown'],
  [45, 30, 80, 'brown'],
  [45, 30, 40, 'brown'],
  [65, 30, 60, 'tan'],
  [65, 30, 80, 'tan'],
  [65, 30, 40, 'red'],
  [65, 50, 60, 'orange'],
  [77, 30, 60, 'pale orange'],
  [50, 30, 150, 'green'],
  [65, 30, 150, 'green'],
  [40, 50, 60, 'deep orange'],
] as const)('lightness %d, chroma %d, hue %d° is called %s', (lightness, chroma, hue, word) => {
  expect(called(lightness, chroma, hue)).toBe(word);
});
