import {
  type FatType,
  fatTypes,
  type SoluteId,
  soluteIds,
  type StarchId,
  starchIds,
} from '../../ingredient/substance.js';
import { ingredientById } from '../../larder/catalog/larder-table.js';
import { potOf } from '../../larder/pot-of.js';
import { type Process, uncooked } from '../../recipe/recipe.js';
import type { Mixture } from '../mixture/mixture.js';
import { potAt } from '../pot-at.js';
import type { Consistency } from '../thickness/flow.js';
import { freezingRisk } from './freezing.js';
import { keepingKindOf } from './keeps-days.js';
import { keptOf } from './kept.js';
import { mouthCoating, saltAsTasted } from './mouth.js';

type Lines = [string, number][];
const boiled: Partial<Process> = { maxTemperatureC: 95, holdMin: 4 };
const kept = (lines: Lines, process: Partial<Process> = {}) =>
  keptOf(potAt({ ...potOf(lines), process: { ...uncooked, ...process } }));

describe('a night in the fridge', () => {
  const block = (lines: Lines, process: Partial<Process> = boiled) => kept(lines, process).block;
  test('agar slices and melts near the boil, carrageenan near 68 °C, butter in a warm room, a sauce never set', () => {
    const agar = block([
        ['oat-drink', 250],
        ['agar', 3],
      ]),
      carrageenan = block([
        ['oat-drink', 250],
        ['kappa-carrageenan', 3],
      ]),
      butter = block([['butter', 200]], {}),
      sauce = block([
        ['oat-drink', 400],
        ['wheat-flour', 16],
      ]);
    for (const set of [agar, carrageenan, butter]) expect(set.slices).toBeGreaterThan(0.9);
    expect(agar.meltsAtC).toBeGreaterThan(80);
    expect(carrageenan.meltsAtC).toBeGreaterThan(62);
    expect(carrageenan.meltsAtC).toBeLessThan(74);
    expect(butter.meltsAtC).toBeGreaterThan(25);
    expect(butter.meltsAtC).toBeLessThan(36);
    expect(sauce.slices).toBeLessThan(0.05);
    expect(sauce.meltsAtC).toBeUndefined();
  });
  test('more agar is firmer, and grates later than it slices', () => {
    const at = (g: number) =>
      block([
        ['water', 250],
        ['agar', g],
      ]);
    const some = [1, 2, 3, 5].map(at);
    for (let i = 1; i < some.length; i++) {
      expect(some[i]!.firmnessKPa).toBeGreaterThan(some[i - 1]!.firmnessKPa);
      expect(some[i]!.grates).toBeGreaterThanOrEqual(some[i - 1]!.grates);
    }
    for (const { slices, grates } of some) expect(grates).toBeLessThanOrEqual(slices);
    expect(some[1]!.slices - some[1]!.grates).toBeGreaterThan(0.3);
  });
});

describe('frozen and thawed, as kitchens know it', () => {
  const risk = (lines: Lines, process: Partial<Process> = boiled) => kept(lines, process).freezing;
  const flour = () =>
    risk([
      ['oat-drink', 400],
      ['wheat-flour', 28],
    ]);
  test.each([
    ['a flour sauce weeps', flour, 0.7, 1],
    ['mayonnaise breaks', () => risk([['mayonnaise-egg', 200]], {}), 0.85, 1],
    ['soya curd turns to sponge', () => risk([['tofu-firm', 200]], {}), 0.7, 1],
    [
      'an agar gel weeps',
      () =>
        risk([
          ['water', 250],
          ['agar', 3],
        ]),
      0.6,
      1,
    ],
    ['butter does not mind', () => risk([['butter', 200]], {}), 0, 0.05],
    ['passata hardly', () => risk([['passata', 300]]), 0, 0.3],
    [
      'cashew cream hardly',
      () =>
        risk(
          [
            ['cashew', 100],
            ['water', 250],
          ],
          { ...boiled, blenderPower: 1, blendSeconds: 90 },
        ),
      0,
      0.5,
    ],
  ] as const)('%s', (_what, chance, low, high) => {
    expect(chance()).toBeGreaterThanOrEqual(low);
    expect(chance()).toBeLessThanOrEqual(high);
  });
  test('xanthan holds the water of the same flour sauce', () => {
    expect(
      risk([
        ['oat-drink', 400],
        ['wheat-flour', 28],
        ['xanthan', 0.8],
      ]),
    ).toBeLessThan(flour() - 0.3);
  });
});

describe('how long it is usually kept: the shortest line rules', () => {
  const keeping = (lines: Lines, process: Partial<Process> = boiled) => kept(lines, process).keeping;
  test('raw nuts three days, worked by hand: 3·e^±0.384', () => {
    const { low, high, because } = keeping(
      [
        ['cashew', 100],
        ['water', 200],
      ],
      {},
    );
    expect(because).toBe('raw nuts or seeds, blended');
    expect(low).toBeCloseTo(3 * Math.exp(-1.2816 * 0.3), 1);
    expect(high).toBeCloseTo(3 * Math.exp(1.2816 * 0.3), 1);
  });
  test('a pinch of raw onion hardly rules a pot; much of it does', () => {
    const days = (onion: number) =>
      keeping(
        [
          ['butter', 200],
          ['onion', onion],
        ],
        {},
      ).high;
    expect(days(0.02)).toBeGreaterThan(40);
    expect(days(40)).toBeLessThan(7);
  });
  test('sour, and salty, it keeps half as long again; together they are both', () => {
    const pot: Lines = [['cauliflower', 300]];
    const plain = keeping(pot).high;
    expect(keeping([...pot, ['white-vinegar', 90]]).high / plain).toBeCloseTo(1.5, 1);
    expect(keeping([...pot, ['salt', 12]]).high / plain).toBeCloseTo(1.5, 1);
    expect(keeping([...pot, ['white-vinegar', 90], ['salt', 14]]).high / plain).toBeCloseTo(2.25, 1);
  });
  test('raw garlic in oil is told, and never longer than three days; cooked it is not', () => {
    const raw = keeping(
      [
        ['olive-oil', 200],
        ['garlic', 20],
      ],
      {},
    );
    expect(raw.garlicInOil).toBe(true);
    expect(raw.high).toBeLessThanOrEqual(3);
    expect(
      keeping([
        ['olive-oil', 200],
        ['garlic', 20],
      ]).garlicInOil,
    ).toBe(false);
  });
  test.each([
    ['yogurt', 'soya-yogurt', false, 'cultured'],
    ['curd', 'tofu-firm', true, 'soya curd'],
    ['beans', 'white-bean-boiled', true, 'cooked pulses'],
    ['a leaf of parsley', 'parsley-fresh', false, 'raw vegetables and herbs'],
    ['oil', 'olive-oil', true, undefined],
    ['water', 'water', true, undefined],
    ['egg', 'egg', true, 'meat, fish or egg'],
  ] as const)('%s', (_what, id, cooked, kind) => {
    expect(keepingKindOf(ingredientById(id)!, cooked)).toBe(kind);
  });
});

test('a film in the mouth, worked by hand: 400 mPa·s without fat 0.4/1.4 of ten, with 25 % of fat 1.4/2.4', () => {
  expect(mouthCoating(400, 0)).toBeCloseTo(2.857, 3);
  expect(mouthCoating(400, 25)).toBeCloseTo(5.833, 3);
  expect(mouthCoating(0, 0)).toBe(0);
});

test('salt as tasted: all of it in water, less behind fat and in what is thick', () => {
  expect(saltAsTasted(1, 0, 1)).toBeCloseTo(1, 3);
  expect(saltAsTasted(1, 20, 1)).toBeCloseTo(0.88, 3);
  expect(saltAsTasted(1, 0, 10 ** 2.9)).toBeCloseTo(0.86, 3);
  expect(saltAsTasted(1, 0, 1e6)).toBeCloseTo(0.72, 3);
  expect(saltAsTasted(1, 90, 1)).toBeCloseTo(0.65, 3);
});

describe('the risk of freezing, worked by hand from its table', () => {
  const water = potAt(potOf([['water', 100]]));
  const logistic = (x: number) => 1 / (1 + Math.exp(-x));
  const starch = (id: StarchId, g: number) => Float64Array.from(starchIds, (one) => (one === id ? g : 0));
  const solute = (id: SoluteId, g: number) => Float64Array.from(soluteIds, (one) => (one === id ? g : 0));
  const fatOf = (type: FatType, g: number) => Float64Array.from(fatTypes, (one) => (one === type ? g : 0));
  const risk = (mix: Partial<Mixture> = {}, flow: Partial<Consistency> = {}) =>
    freezingRisk(
      { ...water.mix, suspensionVolume: 100, ...mix },
      { ...water.flow, dispersedVolume: 0, oilContinuous: 0, ...flow },
    );
  test.each([
    ['water alone', () => risk(), logistic(-1.5)],
    ['nothing', () => risk({ mass: 0 }), 0],
    ['2 g of wheat starch', () => risk({ dispersedStarch: starch('wheat', 2) }), logistic(-1.5 + 0.95 * 2)],
    [
      '6 g, which is as bad as 3.2',
      () => risk({ dispersedStarch: starch('wheat', 6) }),
      logistic(-1.5 + 0.95 * 3.2),
    ],
    [
      'tapioca, by its amylose: 0.17·0.35 of 0.26·0.85',
      () => risk({ dispersedStarch: starch('tapioca', 3) }),
      logistic(-1.5 + (0.95 * 3 * 0.17 * 0.35) / (0.26 * 0.85)),
    ],
    [
      'starch of nuts, for a third of it',
      () => risk({ dispersedStarch: starch('nut', 3) }),
      logistic(-1.5 + (0.95 * 3 * 0.35 * 0.22 * 0.6) / (0.26 * 0.85)),
    ],
    [
      'half of the volume is particles: half of the starch',
      () => risk({ dispersedStarch: starch('wheat', 2) }, { dispersedVolume: 0.5 }),
      logistic(-1.5 + 0.95),
    ],
    ['a tenth of curd', () => risk({ curdVolume: 10 }), logistic(-1.5 + 0.7)],
    ['all curd, which is as bad as half', () => risk({ curdVolume: 90 }), logistic(-1.5 + 3.5)],
    ['curd in pieces', () => risk({ pieceVolume: 20 }), logistic(-1.5 + 1.4)],
    [
      'pieces that are no curd',
      () => risk({ pieceVolume: 20, inPieces: { ...water.mix.inPieces, volume: 20 } }),
      logistic(-1.5),
    ],
    [
      '20 g of oil, loose',
      () => risk({ fat: 20, fatByType: fatOf('liquid', 20) }),
      logistic(-1.5 + 6 * 0.2 * 1.087),
    ],
    [
      'the same enclosed, a quarter',
      () => risk({ fat: 20, fatByType: fatOf('liquid', 20), emulsifiedFat: 1 }),
      logistic(-1.5 + 6 * 0.2 * 1.087 * (1 - 0.75 * (1 - logistic((0.2174 - 0.6) / 0.05)))),
    ],
    [
      'coconut fat, most of it solid already',
      () => risk({ fat: 20, fatByType: fatOf('coconut', 20) }),
      logistic(-1.5 + 6 * 0.2 * 1.087 * (1 - 0.8 * 0.86)),
    ],
    ['a tenth of xanthan', () => risk({ solutes: solute('xanthan', 0.1) }), logistic(-1.5 - 1.6)],
    [
      'half a gram, as good as two tenths',
      () => risk({ solutes: solute('xanthan', 0.5) }),
      logistic(-1.5 - 3.2),
    ],
    ['agar', () => risk({ solutes: solute('agar', 0.4) }), logistic(-1.5 + 2)],
    ['a gram of agar, as bad as 0.6', () => risk({ solutes: solute('agar', 1) }), logistic(-1.5 + 3)],
    ['fat outside', () => risk({}, { oilContinuous: 1 }), logistic(-1.5 - 4)],
    [
      'soured, with a twentieth of curd',
      () => risk({ coagulatingProtein: 2, culturedProtein: 2, curdVolume: 5 }),
      logistic(-1.5 + 0.35 + 0.6),
    ],
  ] as const)('%s', (_what, chance, expected) => {
    expect(chance()).toBeCloseTo(expected, 3);
  });
});

describe('kinds that rule, worked by hand', () => {
  const days = (lines: Lines, process: Partial<Process> = boiled) => {
    const { low, high, because } = kept(lines, process).keeping;
    return [because, Math.sqrt(low * high)] as const;
  };
  test.each([
    ['cooked pulses', [['white-bean-boiled', 100]], boiled, 4],
    ['soya curd', [['tofu-firm', 100]], boiled, 3],
    ['cultured', [['soya-yogurt', 100]], {}, 9],
    ['cooked vegetables', [['cauliflower', 100]], boiled, 4],
    ['raw vegetables and herbs', [['cauliflower', 100]], {}, 3],
    [
      'nuts or seeds, heated',
      [
        ['cashew', 50],
        ['water', 100],
      ],
      boiled,
      4,
    ],
    ['cooked rice or noodles', [['rice-cooked', 100]], boiled, 1.5],
    [
      'starch sauce',
      [
        ['wheat-flour', 120],
        ['water', 300],
      ],
      boiled,
      3,
    ],
    ['plant drink or cream', [['oat-drink', 100]], {}, 4],
    ['meat, fish or egg', [['egg', 100]], boiled, 2],
    ['fat and little else', [['olive-oil', 100]], {}, 21.07],
  ] as [string, Lines, Partial<Process>, number][])('%s', (kind, lines, process, expected) => {
    const [because, middle] = days(lines, process);
    expect(because).toBe(kind);
    expect(middle).toBeCloseTo(expected, 1);
  });
  test('three hundredths of a pot count for two thirds of their own days', () => {
    // 21^(1/e)·3^(1 − 1/e) days with as much raw onion as a thirtieth and a third.
    const mass = 100 / 0.97;
    const [, middle] = days(
      [
        ['olive-oil', 100],
        ['onion', mass - 100],
      ],
      {},
    );
    expect(middle).toBeCloseTo(3 * 7 ** (1 / Math.E), 1);
  });
  test('dried herbs, salt and starch in a trace do not rule', () => {
    expect(
      days(
        [
          ['olive-oil', 100],
          ['thyme-dried', 4],
          ['salt', 1],
        ],
        {},
      )[0],
    ).toBe('fat and little else');
  });
});
