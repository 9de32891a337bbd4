import { ingredientById } from '../../larder/catalog/larder-table.js';
import { potOf } from '../../larder/pot-of.js';
import { type Process, uncooked } from '../../recipe/recipe.js';
import { potAt } from '../pot-at.js';
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
  const flour = risk([
    ['oat-drink', 400],
    ['wheat-flour', 28],
  ]);
  test.each([
    ['a flour sauce weeps', flour, 0.7, 1],
    ['mayonnaise breaks', risk([['mayonnaise-egg', 200]], {}), 0.85, 1],
    ['soya curd turns to sponge', risk([['tofu-firm', 200]], {}), 0.7, 1],
    [
      'an agar gel weeps',
      risk([
        ['water', 250],
        ['agar', 3],
      ]),
      0.6,
      1,
    ],
    ['butter does not mind', risk([['butter', 200]], {}), 0, 0.05],
    ['passata hardly', risk([['passata', 300]]), 0, 0.3],
    [
      'cashew cream hardly',
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
    expect(chance).toBeGreaterThanOrEqual(low);
    expect(chance).toBeLessThanOrEqual(high);
  });
  test('xanthan holds the water of the same flour sauce', () => {
    expect(
      risk([
        ['oat-drink', 400],
        ['wheat-flour', 28],
        ['xanthan', 0.8],
      ]),
    ).toBeLessThan(flour - 0.3);
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
