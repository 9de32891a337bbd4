import type { SwapOption } from '@alterum/core';
import { freeName } from '../keep-as-version';
import { extrasOf, nameOfOption, outAndIn, sayingsOf } from './option-words';

const option = (more: Partial<SwapOption>): SwapOption =>
  ({
    out: ['Oat drink, unsweetened'],
    in: ['Rice drink'],
    outside: [],
    coinsMore: 0,
    minutes: 0,
    notInHouse: [],
    effort: [],
    regarded: [],
    asks: [],
    ...more,
  }) as unknown as SwapOption;

test('what leaves and what comes is said in one line', () => {
  expect(outAndIn(option({}))).toBe('Out: oat drink (unsweetened). In: rice drink.');
  expect(outAndIn(option({ in: [] }))).toBe('Out: oat drink (unsweetened). In: nothing, it is left out.');
  expect(nameOfOption(option({ in: ['Cashew nuts', 'Water'] }))).toBe('cashew nuts, water');
  expect(nameOfOption(option({ in: [] }))).toBe('without oat drink (unsweetened)');
});

test('coins, minutes, what is to be done and bought are said, and nothing is left to guess', () => {
  expect(extrasOf(option({}))).toBe('about as it was · costs about the same');
  const said = extrasOf(
    option({
      outside: ['stretch'],
      coinsMore: -0.3,
      minutes: 60,
      effort: [{ name: 'Sunflower seeds', preparation: 'soaked' }],
      notInHouse: ['Sunflower seeds'],
    }),
  );
  for (const words of [
    'stretch',
    '0.3',
    'less',
    'soak the sunflower seeds',
    '60 min',
    'to buy: sunflower seeds',
  ])
    expect(said).toContain(words);
});

test('who asks is named with the reason, each person once', () => {
  const said = sayingsOf(
    option({
      regarded: [{ eater: 'Teo', regard: 'asks-allergy', why: 'may hold traces' }],
      asks: ['Teo', 'Ilva'],
    }),
  );
  expect(said).toHaveLength(2);
  expect(said[0]).toBe('Teo asks: may hold traces');
  expect(said[1]).toBe('Ilva still asks about what was in the pot before');
});

test('a version gets a name that none has yet, and never one that is too long', () => {
  expect(freeName('thicker', [])).toBe('thicker');
  expect(freeName('thicker', ['thicker', 'thicker 2'])).toBe('thicker 3');
  expect(freeName('x'.repeat(200), []).length).toBeLessThanOrEqual(80);
});
