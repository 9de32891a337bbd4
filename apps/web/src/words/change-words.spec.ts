import { celsius, grams, ingredientById, type Recipe, uncooked } from '@alterum/core';
import { demandWords, reasonWords, relaxationWords } from './change-words';
import { shiftWords } from './shift-words';

const salt = ingredientById('salt');
if (!salt) throw new Error('no salt');
const recipe: Recipe = {
  lines: [{ ingredient: salt, mass: grams(3), preparation: 'as-is', stage: 'start' }],
  process: uncooked,
  serving: { temperatureC: celsius(60), storage: 'cool', days: 0 },
};

test('a change says how far a property was off, and which way', () => {
  expect(reasonWords({ kind: 'was-off', rail: 'stretch', by: -4 })).toBe('stretch was too low by 4.0 cm');
  expect(reasonWords({ kind: 'was-off', rail: 'salt', by: 0.31 })).toBe('salt was too high by 0.31 %');
  expect(reasonWords({ kind: 'forbidden', eater: 'Marte', why: 'barley in light miso' })).toBe(
    'Marte cannot have it: barley in light miso',
  );
  expect(reasonWords({ kind: 'fills' })).toMatch(/weighs the same/);
});

test('a conflict and what would help are said in the words of the Bench', () => {
  expect(demandWords({ kind: 'hold', line: 0 }, recipe)).toBe('Salt, fine as you hold it');
  expect(demandWords({ kind: 'person', eater: 'Teo' }, recipe)).toBe('what Teo can eat');
  const wished = { low: 7, high: 22 };
  expect(
    relaxationWords({ kind: 'widen', rail: 'stretch', to: { low: 2.5, high: 22 }, by: 3 }, recipe, wished),
  ).toBe('Ask for stretch from 2.5 cm');
  expect(
    relaxationWords({ kind: 'widen', rail: 'stretch', to: { low: 7, high: 25 }, by: 3 }, recipe, wished),
  ).toBe('Ask for stretch up to 25.0 cm');
  expect(relaxationWords({ kind: 'free-mass', massG: 812.4 }, recipe, undefined)).toBe(
    'Let the batch become 812 g',
  );
  expect(relaxationWords({ kind: 'swap-line', line: 0 }, recipe, undefined)).toBe('Swap Salt, fine');
});

test('what is lost is told from and to', () => {
  expect(shiftWords({ rail: 'stretch', from: 14, to: 5, as: 'lost', by: -4 })).toBe(
    'stretch falls from 14.0 to 5.0 cm',
  );
  expect(shiftWords({ rail: 'salt', from: 0.5, to: 0.9, as: 'won', by: 3 })).toBe(
    'salt rises from 0.50 to 0.90 %',
  );
});
