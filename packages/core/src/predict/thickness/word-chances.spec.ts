import { potOf } from '../../larder/pot-of.js';
import { celsius } from '../../quantity/quantity.js';
import { type Process, uncooked } from '../../recipe/recipe.js';
import { potAt } from '../pot-at.js';
import { predict } from '../predict.js';
import { thicknessClasses, wordChances, wordRange } from './thickness-class.js';

const water = potAt(potOf([['water', 100]]));
const chances = (viscosity: number, yieldStress: number, sd: number, more: object = {}) =>
  Object.fromEntries(
    wordChances(water.mix, { ...water.flow, viscosity, yieldStress, ...more }, 20, {
      viscosity: sd,
      yieldStress: sd,
    }).map(({ word, chance }) => [word, chance]),
  );

test('on an edge it is one word as likely as the other; a standard deviation away it is 84 to 16', () => {
  const on = chances(10 ** 2.85, 0, 0.5);
  expect(on['coats a spoon']).toBeCloseTo(0.5, 2);
  expect(on['clings']).toBeCloseTo(0.5 - (on['mounds'] ?? 0), 2);
  expect(chances(10 ** 2.85 * Math.exp(0.5), 0, 0.5)['coats a spoon']).toBeCloseTo(0.1587, 2);
});

test('the chances of all words together are one, whatever the pot', () => {
  for (const eta of [1, 30, 800, 5000, 1e5])
    for (const tau of [0, 50, 150, 900, 6000])
      expect(
        Object.values(chances(eta, tau, 0.6, { gelStress: tau * 0.6 })).reduce((all, one) => all + one, 0),
      ).toBeCloseTo(1, 9);
});

test('the range leaves out what has less than a tenth at either end, never the word that is said', () => {
  const three = thicknessClasses.map((word, i) => ({ word, chance: [0.08, 0.5, 0.37, 0.05][i] ?? 0 }));
  expect(wordRange(three, 'pours like cream')).toEqual(['pours like cream', 'coats a spoon']);
  expect(wordRange(three, 'clings')).toEqual(['pours like cream', 'clings']);
});

const dough = (water: number, process: Partial<Process> = { maxTemperatureC: 95, holdMin: 6 }) =>
  predict({
    ...potOf([
      ['water', water],
      ['tapioca-starch', 60],
    ]),
    process: { ...uncooked, ...process },
    serving: { temperatureC: celsius(75), storage: 'cool', days: 0 },
  });
const ofWord = (prediction: ReturnType<typeof dough>, word: string) =>
  prediction.thicknessWords.find((one) => one.word === word)!.chance;

test('a ball of dough becomes likelier gram by gram, without a step', () => {
  let before = ofWord(dough(450), 'forms a ball');
  expect(before).toBeLessThan(0.02);
  for (let g = 445; g >= 200; g -= 5) {
    const now = ofWord(dough(g), 'forms a ball');
    expect(now).toBeGreaterThanOrEqual(before - 1e-9);
    expect(now - before).toBeLessThan(0.15);
    before = now;
  }
  expect(before).toBeGreaterThan(0.98);
  expect(dough(200).thicknessClass).toBe('forms a ball');
});

test('curd in pieces may crumble or not: what is in doubt is said with both words', () => {
  const scramble = (curd: number) =>
    predict({
      ...potOf([
        ['tofu-firm', curd],
        ['oat-drink', 100],
      ]),
      process: uncooked,
      serving: { temperatureC: celsius(20), storage: 'cool', days: 0 },
    });
  const chance = (curd: number) => ofWord(scramble(curd), 'crumbly');
  expect(chance(60)).toBeLessThan(0.1);
  expect(chance(400)).toBeGreaterThan(0.9);
  const even = [...Array(60).keys()].map((k) => 80 + 5 * k).find((g) => chance(g) > 0.4)!;
  expect(chance(even)).toBeLessThan(0.6);
  expect(scramble(even).thicknessRange[1]).toBe('crumbly');
});
