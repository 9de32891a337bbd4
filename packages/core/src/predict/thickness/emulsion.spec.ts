import { potOf } from '../../larder/pot-of.js';
import { celsius } from '../../quantity/quantity.js';
import type { Method } from '../../recipe/method/operation.js';
import { type Process, uncooked } from '../../recipe/recipe.js';
import { dropletCover, dropletStiffness } from '../particle/droplet.js';
import { potAt } from '../pot-at.js';

const jug: Partial<Process> = { blenderPower: 0.6, blendSeconds: 60 };
const at = (lines: [string, number][], tC = 20, process: Partial<Process> = jug) =>
  potAt({
    ...potOf(lines),
    process: { ...uncooked, ...process },
    serving: { temperatureC: celsius(tC), storage: 'cool', days: 0 },
  });
const flow = (...of: Parameters<typeof at>) => at(...of).flow;

test('oil packed into soya drink stays oil in water to four fifths, and thickens all the way', () => {
  const shares = [30, 45, 60, 70, 76, 80];
  const flows = shares.map((oil) =>
    flow([
      ['soya-drink', 100 - oil],
      ['sunflower-oil', oil],
      ['mustard', 2],
    ]),
  );
  flows.forEach(({ oilContinuous }) => expect(oilContinuous).toBeLessThan(0.2));
  for (let i = 1; i < flows.length; i++)
    expect(flows[i]!.viscosity).toBeGreaterThan((shares[i]! > 76 ? 1 : 1.2) * flows[i - 1]!.viscosity);
});

test('as much oil in bare water is no mayonnaise: nothing keeps the water outside', () => {
  expect(
    flow([
      ['water', 22],
      ['sunflower-oil', 78],
    ]).oilContinuous,
  ).toBeGreaterThan(0.9);
});

test('egg or soya: a factor of four at most between two mayonnaises of as much oil', () => {
  const withEmulsifier = (id: string) =>
    flow([
      [id, 55],
      ['sunflower-oil', 225],
      ['mustard', 6],
      ['white-vinegar', 10],
    ]).viscosity;
  expect(withEmulsifier('egg') / withEmulsifier('soya-drink')).toBeGreaterThan(0.8);
  expect(withEmulsifier('egg') / withEmulsifier('soya-drink')).toBeLessThan(4);
});

test('the longer the blade, the smaller the droplets and the stiffer what they pack', () => {
  const mayonnaise: [string, number][] = [
    ['soya-drink', 80],
    ['sunflower-oil', 290],
    ['mustard', 6],
  ];
  const whisked = at(mayonnaise, 20, {}),
    blended = at(mayonnaise, 20, { blenderPower: 0.6, blendSeconds: 120 });
  expect(dropletStiffness(whisked.mix)).toBeCloseTo(Math.sqrt(2 / 40), 1);
  expect(blended.flow.yieldStress).toBeGreaterThan(1.5 * whisked.flow.yieldStress);
});

test('half of the cover needs three thousandths of the fat in protein; lecithin counts for a third of it', () => {
  const { mix } = at([
    ['water', 50],
    ['sunflower-oil', 50],
  ]);
  expect(dropletCover({ ...mix, emulsifyingProtein: 0.003 * mix.fat })).toBeCloseTo(0.5, 9);
  expect(dropletCover({ ...mix, emulsifyingProtein: 0, surfactant: 0.003 * mix.fat })).toBeCloseTo(
    0.35 / 1.35,
    9,
  );
  expect(dropletCover({ ...mix, fat: 0 })).toBe(1);
});

test('a spread keeps fat outside although it is more than a third water, until it is melted', () => {
  const tub: [string, number][] = [['plant-butter-tub', 100]];
  expect(flow(tub, 8, {}).oilContinuous).toBeGreaterThan(0.9);
  expect(flow(tub, 8, { maxTemperatureC: 70, holdMin: 1 }).oilContinuous).toBeLessThan(0.3);
});

test('the firmness of a spread rises with hard fat and, in one kind of fat, with fat', () => {
  const spread = (hard: number, oil: number, drink: number) =>
    flow(
      [
        ['coconut-oil', hard],
        ['rapeseed-oil', oil],
        ['oat-drink', drink],
      ],
      10,
    ).yieldStress;
  const harder = [20, 35, 50, 65].map((hard) => spread(hard, 80 - hard, 20));
  const fatter = [60, 70, 80, 90].map((fat) => spread(fat * 0.6, fat * 0.4, 100 - fat));
  for (const rising of [harder, fatter])
    for (let i = 1; i < rising.length; i++) expect(rising[i]!).toBeGreaterThan(rising[i - 1]!);
});

test('a drink soured cold thickens like buttermilk; soured hot it shrinks to curd and stays thinner', () => {
  const drink: [string, number][] = [['soya-drink', 240]],
    sour: [string, number][] = [...drink, ['white-vinegar', 12]];
  const plain = flow(drink, 20, {}).viscosity,
    cold = flow(sour, 20, {}).viscosity,
    hot = flow(sour, 20, { maxTemperatureC: 90, holdMin: 5 }).viscosity;
  expect(cold / plain).toBeGreaterThan(3);
  expect(hot).toBeLessThan(0.6 * cold);
});

test('what thins under shear is thinned between packed droplets too: gum counts for less there than in water', () => {
  const thicker = (oil: number) =>
    flow([
      ['soya-drink', 100 - oil],
      ['sunflower-oil', oil],
      ['xanthan', 0.004 * (100 - oil)],
    ]).viscosity /
    flow([
      ['soya-drink', 100 - oil],
      ['sunflower-oil', oil],
    ]).viscosity;
  expect(thicker(55)).toBeLessThan(0.7 * thicker(0.01));
});

describe('which phase is outside follows from how it is made', () => {
  const butter = (method: Method) =>
    potAt({
      ...potOf([
        ['coconut-oil', 110],
        ['rapeseed-oil', 60],
        ['soya-drink', 80],
      ]),
      method,
      serving: { temperatureC: celsius(10), storage: 'fridge', days: 1 },
    }).flow;
  const melt = { kind: 'heat', temperatureC: 45, minutes: 2 } as const,
    blade = { kind: 'blend', seconds: 60 } as const,
    chill = { kind: 'chill', minutes: 60, temperatureC: 12 } as const;

  test('blended while it is melted, water is outside; chilled and worked, fat is, and it is firmer', () => {
    const warm = butter([melt, blade, chill]),
      worked = butter([melt, blade, chill, blade]);
    expect(warm.oilContinuous).toBeLessThan(0.2);
    expect(worked.oilContinuous).toBeGreaterThan(0.6);
    expect(worked.yieldStress).toBeGreaterThan(1.5 * warm.yieldStress);
  });
  test('melted again after it was worked, it is what it was', () => {
    expect(butter([melt, blade, chill, blade, { ...melt, temperatureC: 60 }]).oilContinuous).toBeLessThan(
      0.2,
    );
  });
  test('an oil without crystals does not churn, however cold', () => {
    const { oilContinuous } = potAt({
      ...potOf([
        ['rapeseed-oil', 170],
        ['soya-drink', 80],
      ]),
      method: [chill, blade],
    }).flow;
    expect(oilContinuous).toBeLessThan(0.1);
  });
});
