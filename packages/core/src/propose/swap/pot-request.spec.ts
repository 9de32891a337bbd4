import { eaterWith } from '../balance/balance.fixture.js';
import { ingredientById } from '../../larder/catalog/larder-table.js';
import { grams } from '../../quantity/quantity.js';
import { linesToReplace } from './lines-to-replace.js';
import { potRequest } from './pot-request.js';
import type { PotLine } from './replace-line.js';
import { swapRequestOf } from './swap.fixture.js';

const sauce = [
  ['cashew', 100],
  ['water', 300],
  ['rapeseed-oil', 20],
  ['barley-miso', 20],
  ['nutmeg', 0.4],
  ['salt', 4],
] as const;
const teo = eaterWith(
  'Teo',
  { kind: 'allergen', allergen: 'gluten', strictness: 'allergy', traces: false },
  { kind: 'salt-limit', gramsPerPortion: 1 },
);
const request = swapRequestOf(sauce, 'pouring-sauce', 'cashew', { eaters: [teo] });
const bean = ingredientById('white-bean-boiled');
if (!bean) throw new Error('no beans');
const swapped: readonly PotLine[] = [
  { ingredient: bean, mass: grams(220), preparation: 'as-is', stage: 'start', replaces: 0 },
  ...request.recipe.lines
    .slice(1)
    .map((line, i) => ({ ...line, mass: grams(line.mass * 0.7), origin: i + 1 })),
];

test('in a swap the rest stands as it stood, spices are held, and only what is new is free', () => {
  const { recipe, holds, arrivals, batchG } = potRequest(request, swapped);
  expect(recipe.lines.map(({ mass }) => mass)).toEqual([220, 300, 20, 20, 0.4, 4]);
  expect([...(arrivals ?? [])]).toEqual([0]);
  expect(holds).toEqual([undefined, undefined, undefined, undefined, { kind: 'pinned' }, undefined]);
  // The soak water of the cashews is made up for.
  expect(batchG).toBeGreaterThan(444.4 + 30);
  expect(batchG).toBeLessThan(444.4 + 50);
});

test('the water that comes with the beans is known, and who cannot have the miso is no matter of the cashews', () => {
  const { waterArriving = 0, eaters } = potRequest(request, swapped);
  // What the cashews drank in their soak no longer comes.
  expect(waterArriving).toBeGreaterThan(0.6 * 220 - 60);
  expect(waterArriving).toBeLessThan(0.75 * 220 - 35);
  expect(eaters?.[0]?.needs).toEqual([{ kind: 'salt-limit', gramsPerPortion: 1 }]);
});

test('left out is left out: the batch is lighter, and only what is added to taste may make up for it', () => {
  const without = request.recipe.lines.flatMap((line, origin) => (origin === 3 ? [] : [{ ...line, origin }]));
  const { holds, batchG, holdMass } = potRequest(request, without);
  expect(holdMass).toBe(false);
  expect(batchG).toBeCloseTo(424.4, 6);
  expect(holds?.map((hold) => hold?.kind)).toEqual(['pinned', 'pinned', 'pinned', 'pinned', undefined]);
});

test('which lines are to go: a person’s, everybody’s, what is oil or nut, what is not in the house', () => {
  const lines = (ask: Parameters<typeof swapRequestOf>[2], more = {}) =>
    linesToReplace({
      ...request,
      ask: typeof ask === 'string' ? { kind: 'line', line: 0 } : ask,
      ...more,
    }).map((line) => sauce[line]?.[0]);
  expect(lines({ kind: 'person', eater: 'Teo' })).toEqual(['barley-miso']);
  expect(lines({ kind: 'person', eater: 'Ilva' })).toEqual([]);
  expect(lines({ kind: 'without', what: 'oil' })).toEqual(['rapeseed-oil']);
  expect(lines({ kind: 'without', what: 'nuts' })).toEqual(['cashew']);
  const inHouse = new Set(['cashew', 'rapeseed-oil', 'salt', 'nutmeg']);
  expect(lines({ kind: 'in-house' }, { inHouse })).toEqual(['barley-miso']);
  expect(lines({ kind: 'in-house' })).toEqual([]);
});
