import type { Ingredient } from '../../ingredient/ingredient.js';
import { swollenShare } from './swell.js';

const thing = (gums?: Record<string, number>): Ingredient => ({ per100: { gums } }) as unknown as Ingredient;

test('nine tenths of a gum have swollen after its minutes, of two gums the mean by mass', () => {
  expect(swollenShare(thing({ xanthan: 2 }), 8)).toBeCloseTo(0.9, 9);
  expect(swollenShare(thing({ xanthan: 2 }), 4)).toBeCloseTo(1 - Math.sqrt(0.1), 9);
  expect(swollenShare(thing({ xanthan: 2 }), 0)).toBe(0);
  // A part of xanthan all swollen, three of konjac half an hour on their hour: (0.9998 + 3·0.6838)/4.
  expect(swollenShare(thing({ xanthan: 1, konjac: 3 }), 30)).toBeCloseTo(0.7628, 3);
  expect(swollenShare(thing({}), 0)).toBe(1);
  expect(swollenShare(thing(), 0)).toBe(1);
});
