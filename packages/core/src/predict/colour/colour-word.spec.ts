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
