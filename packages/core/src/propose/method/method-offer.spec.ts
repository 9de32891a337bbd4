import { withTheRestAsItIs } from '../../brief/as-it-is.js';
import type { Brief } from '../../brief/wish.js';
import { potOf } from '../../larder/pot-of.js';
import { assess } from '../../property/assess.js';
import type { BalanceRequest } from '../balance/balance-request.js';
import { editedRecipe, methodOffers } from './method-offer.js';

const request = (recipe: BalanceRequest['recipe'], wishes: Brief): BalanceRequest => ({
  recipe,
  family: 'pouring-sauce',
  portions: 4,
  brief: withTheRestAsItIs(wishes, assess(recipe, 4)),
});
const sauce = potOf(
  [
    ['oat-drink', 500],
    ['wheat-flour', 22],
    ['rapeseed-oil', 20],
    ['salt', 4],
  ],
  { maxTemperatureC: 95, holdMin: 4 },
  { atC: 65 },
);
const thickness = assess(sauce, 4).prediction.viscosity.mid;

test('thicker is offered by boiling down, alone, with what becomes of it; nothing asked, nothing offered', () => {
  const thicker = request(sauce, { thickness: { low: thickness * 1.5, high: thickness * 2.2, weight: 3 } });
  const offers = methodOffers(thicker);
  const down = offers.find(({ edit }) => edit.kind === 'boil-down');
  expect(down).toBeDefined();
  expect(down!.after.prediction.viscosity.mid).toBeGreaterThan(1.15 * thickness);
  expect(down!.after.prediction.evaporatedG).toBeGreaterThan(40);
  expect(offers.map(({ gain }) => gain)).toEqual([...offers.map(({ gain }) => gain)].sort((a, b) => b - a));
  expect(methodOffers(request(sauce, {}))).toEqual([]);
});

test('each offer is the pot it says: done alone, the figures are those', () => {
  const thinner = request(sauce, { thickness: { low: thickness * 0.4, high: thickness * 0.75, weight: 3 } });
  for (const { edit, after } of methodOffers(thinner)) {
    const there = assess(editedRecipe(sauce, edit), 4).prediction;
    expect(there.viscosity.mid).toBeCloseTo(after.prediction.viscosity.mid, 9);
    expect(there.viscosity.mid).toBeLessThan(thickness);
  }
});

test('lemon that is heated with soya is offered later, whatever is asked', () => {
  const splits = potOf(
    [
      ['soya-drink', 400],
      ['lemon-juice', 25],
      ['salt', 3],
    ],
    { maxTemperatureC: 90, holdMin: 4 },
    { atC: 60 },
  );
  const [first] = methodOffers(request(splits, {}));
  expect(first?.edit).toMatchObject({ kind: 'later', ingredient: 'lemon-juice' });
  expect(first!.after.prediction.curdling).toBeLessThan(assess(splits, 4).prediction.curdling - 0.08);
});

test('raw nuts that grate are offered a hot soak', () => {
  const grainy = potOf(
    [
      ['almond', 120],
      ['water', 300],
    ],
    { blenderPower: 0.35, blendSeconds: 30 },
    { atC: 20 },
  );
  const felt = assess(grainy, 4).prediction.graininess;
  const offers = methodOffers(
    request(grainy, { graininess: { low: 0, high: Math.max(felt - 3, 0.5), weight: 3 } }),
  );
  expect(offers.map(({ edit }) => edit.kind)).toContain('soak-hot');
  for (const { after } of offers) expect(after.prediction.graininess).toBeLessThan(felt);
});
