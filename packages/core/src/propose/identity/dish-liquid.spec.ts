import { potOf } from '../../larder/pot-of.js';
import { dishLiquid } from './dish-liquid.js';

const liquidOf = (lines: readonly (readonly [id: string, g: number])[], counts?: () => boolean) => {
  const pot = potOf(lines).lines;
  return pot[dishLiquid(pot, counts)]?.ingredient.id;
};

test('what makes up for something is the largest liquid, and rather what is nearly water than a cream', () => {
  expect(
    liquidOf([
      ['mushroom', 400],
      ['water', 100],
      ['oat-drink', 300],
    ]),
  ).toBe('oat-drink');
  expect(
    liquidOf([
      ['oat-cream', 200],
      ['vegetable-stock', 100],
    ]),
  ).toBe('vegetable-stock');
  // A splash of water is not what the dish swims in.
  expect(
    liquidOf([
      ['oat-cream', 300],
      ['water', 30],
    ]),
  ).toBe('oat-cream');
});

test('none where there is none, or none may be it', () => {
  expect(liquidOf([['potato', 300]])).toBeUndefined();
  expect(liquidOf([['water', 300]], () => false)).toBeUndefined();
});
