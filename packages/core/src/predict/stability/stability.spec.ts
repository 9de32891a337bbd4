import { potOf } from '../../larder/pot-of.js';
import { predict } from '../predict.js';

const hot = { maxTemperatureC: 90, holdMin: 3, heatingRateCPerMin: 8 };
type Pot = Parameters<typeof potOf>;
const figures = (...pot: Pot) => predict(potOf(...pot));

describe('curdling', () => {
  const soy = (more: Pot[0], process: Pot[1] = hot) =>
    figures([['soya-drink-plain', 300], ...more], process).curdling;

  test('soya drink with lemon splits when heated, without it does not', () => {
    expect(soy([['lemon-juice', 30]])).toBeGreaterThan(0.6);
    expect(soy([])).toBeLessThan(0.25);
  });

  test('more lemon is never gentler, up to the point where soya curdles', () => {
    const risks = [0, 5, 10, 15, 20].map((g) => soy([['lemon-juice', g]]));
    expect(risks).toEqual([...risks].sort((a, b) => a - b));
  });

  test('starch protects, and so does heating gently', () => {
    const risky: Pot[0] = [['lemon-juice', 14]];
    expect(soy([...risky, ['corn-starch', 12]])).toBeLessThan(soy(risky));
    expect(soy(risky, { ...hot, heatingRateCPerMin: 3 })).toBeLessThan(
      soy(risky, { ...hot, heatingRateCPerMin: 25 }),
    );
  });

  test('where there is no protein nothing can curdle', () => {
    expect(
      figures(
        [
          ['water', 300],
          ['lemon-juice', 60],
        ],
        hot,
      ).curdling,
    ).toBe(0);
  });
});

describe('water let go', () => {
  const sauce = (starch: string, days: number, more: Pot[0] = []) =>
    figures(
      [['oat-drink', 300], [starch, 18], ...more],
      { ...hot, holdMin: 5 },
      { atC: 5, storage: 'fridge', days },
    ).weeping;

  test('a maize gel weeps more each day; tapioca hardly does', () => {
    const days = [0, 1, 3, 6].map((d) => sauce('corn-starch', d));
    expect(days).toEqual([...days].sort((a, b) => a - b));
    expect(sauce('tapioca-starch', 3)).toBeLessThan(sauce('corn-starch', 3) / 3);
  });

  test('a pinch of xanthan holds it', () => {
    expect(sauce('corn-starch', 3, [['xanthan', 0.6]])).toBeLessThan(sauce('corn-starch', 3) / 2);
  });
});

describe('fat rising', () => {
  const dressing = (more: Pot[0], process: Pot[1] = {}) =>
    figures([['water', 200], ['sunflower-oil', 60], ...more], process);

  test('oil stirred into water is on top within the hour', () => {
    const { creaming, oilingOff } = dressing([]);
    expect(creaming).toBeGreaterThan(9);
    expect(oilingOff).toBeGreaterThan(0.8);
  });

  test('blending, emulsifying protein and thickening each slow it', () => {
    const blended = { blenderPower: 0.9, blendSeconds: 90 };
    expect(dressing([], blended).creaming).toBeLessThan(dressing([]).creaming);
    expect(dressing([['soya-drink-plain', 150]]).oilingOff).toBeLessThan(dressing([]).oilingOff);
    expect(dressing([['xanthan', 1]]).creaming).toBeLessThan(1);
  });

  test('where there is no fat nothing rises', () => {
    expect(
      figures([
        ['water', 200],
        ['sugar', 20],
      ]),
    ).toMatchObject({ creaming: 0, oilingOff: 0 });
  });
});
