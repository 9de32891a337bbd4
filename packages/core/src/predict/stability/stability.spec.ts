import { potOf } from '../../larder/pot-of.js';
import { ingredientById } from '../../larder/catalog/larder-table.js';
import { predict } from '../predict.js';
import { curdling as curdlingTable } from './curdling.params.js';

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

  test('a yogurt is no curd while it is cold, splits when it is boiled, and starch or cream hold it', () => {
    const yogurt = (more: Pot[0], process: Pot[1]) =>
      figures([['soya-yogurt', 200], ...more], process).curdling;
    const boiled = yogurt([], hot);
    expect(yogurt([], {})).toBeLessThan(0.15);
    expect(boiled).toBeGreaterThan(0.7);
    expect(yogurt([['corn-starch', 8]], hot)).toBeLessThan(boiled - 0.2);
    expect(
      yogurt(
        [
          ['oat-cream', 200],
          ['rapeseed-oil', 60],
        ],
        hot,
      ),
    ).toBeLessThan(boiled - 0.08);
  });

  test('red wine splits a soya drink sooner than as much white wine of the same acidity would', () => {
    const red = ingredientById('red-wine')!;
    const pale = { ...red, id: 'pale', behaviour: { ...red.behaviour, tannin: 0 } };
    const risk = (wine: typeof red) =>
      figures(
        [
          ['soya-drink-plain', 240],
          [wine, 60],
        ],
        hot,
      ).curdling;
    const logit = (p: number) => Math.log(p / (1 - p));
    const water = 2.4 * 91.5 + 0.6 * 86.5;
    expect(logit(risk(red)) - logit(risk(pale))).toBeCloseTo((curdlingTable.tannin * 100 * 0.12) / water, 3);
  });

  test('a milligram of protein makes no curd that is seen', () => {
    expect(
      figures(
        [
          ['water', 300],
          ['lemon-juice', 20],
          ['soya-drink-plain', 0.1],
        ],
        hot,
      ).curdling,
    ).toBeLessThan(0.02);
  });

  test('calcium makes it likelier when hot, by as much as its table says, and not at all when cold', () => {
    const drink = ingredientById('soya-drink-plain');
    if (!drink) throw new Error('the larder has no soya drink');
    const rich = {
      ...drink,
      id: 'rich',
      per100: { ...drink.per100, calciumMg: (drink.per100.calciumMg ?? 0) + 120 },
    };
    const logit = (p: number) => Math.log(p / (1 - p));
    const risk = (of: typeof drink, process: Pot[1]) => figures([[of, 300]], process).curdling;
    const per100Water = (100 * 120) / (drink.per100.water ?? 0);
    const heat = 1 / (1 + Math.exp(-(90 - curdlingTable.hotMidpoint) / curdlingTable.hotWidth));
    expect(logit(risk(rich, hot)) - logit(risk(drink, hot))).toBeCloseTo(
      curdlingTable.calcium * per100Water * heat,
      6,
    );
    expect(risk(rich, { maxTemperatureC: 15 })).toBeCloseTo(risk(drink, { maxTemperatureC: 15 }), 3);
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
