import { potOf } from '../../larder/pot-of.js';
import { type Process, type Serving, uncooked } from '../../recipe/recipe.js';
import { celsius } from '../../quantity/quantity.js';
import { potAt } from '../pot-at.js';

const boiled: Partial<Process> = { maxTemperatureC: 97, holdMin: 5 };
const gelOf = (
  lines: [string, number][],
  tC: number,
  process: Partial<Process> = boiled,
  serving: Partial<Serving> = {},
): number =>
  potAt({
    ...potOf(lines),
    process: { ...uncooked, ...process },
    serving: { temperatureC: celsius(tC), storage: 'cool', days: 0, ...serving },
  }).flow.gelStress;

test('agar at half and at a whole per cent, worked by hand: 22 kPa·(c − 0.15)^1.8·c/(c + 0.02)', () => {
  // Powder is 82 % agar and brings 15 % of water.
  expect(
    gelOf(
      [
        ['water', 100],
        ['agar', 0.61],
      ],
      10,
    ),
  ).toBeCloseTo(3_159, -1);
  expect(
    gelOf(
      [
        ['water', 100],
        ['agar', 1.22],
      ],
      10,
    ),
  ).toBeCloseTo(15_909, -1);
});

test('however much agar or carrageenan there is, above where it sets it is a liquid', () => {
  expect(
    gelOf(
      [
        ['water', 100],
        ['agar', 6],
      ],
      60,
    ),
  ).toBeLessThan(1);
  expect(
    gelOf(
      [
        ['water', 100],
        ['kappa-carrageenan', 5],
      ],
      72,
    ),
  ).toBeLessThan(1);
  expect(
    gelOf(
      [
        ['water', 100],
        ['agar', 1.22],
      ],
      60,
      boiled,
      { storage: 'reheat', days: 1 },
    ),
  ).toBeGreaterThan(10_000);
});

test('xanthan and locust bean each flow, together they set; cold they do not, for locust bean wants heat', () => {
  expect(
    gelOf(
      [
        ['water', 100],
        ['xanthan', 0.57],
      ],
      20,
    ),
  ).toBe(0);
  expect(
    gelOf(
      [
        ['water', 100],
        ['locust-bean-gum', 0.61],
      ],
      20,
    ),
  ).toBe(0);
  const both: [string, number][] = [
    ['water', 100],
    ['xanthan', 0.284],
    ['locust-bean-gum', 0.305],
  ];
  expect(gelOf(both, 20)).toBeGreaterThan(40);
  expect(gelOf(both, 75)).toBeLessThan(0.1);
  expect(gelOf(both, 20, {})).toBeLessThan(0.4 * gelOf(both, 20));
});

test('methyl cellulose sets when it is hot and melts when it cools; what was never hot never set', () => {
  const pot: [string, number][] = [
    ['water', 100],
    ['methylcellulose', 1.6],
  ];
  expect(gelOf(pot, 75)).toBeGreaterThan(300);
  expect(gelOf(pot, 20)).toBeLessThan(1);
  expect(gelOf(pot, 45, { maxTemperatureC: 45, holdMin: 2 })).toBeLessThan(10);
});

test('alginate and low methoxyl pectin set with calcium only; acid sets more of it free', () => {
  for (const gum of ['sodium-alginate', 'pectin-low-methoxyl']) {
    expect(
      gelOf(
        [
          ['water', 100],
          [gum, 1],
        ],
        20,
      ),
    ).toBeLessThan(150);
    expect(
      gelOf(
        [
          ['almond-drink', 100],
          [gum, 1],
        ],
        20,
      ),
    ).toBeGreaterThan(200);
  }
  const neutral = gelOf(
      [
        ['almond-drink', 100],
        ['sodium-alginate', 1],
      ],
      20,
    ),
    sour = gelOf(
      [
        ['almond-drink', 100],
        ['sodium-alginate', 1],
        ['citric-acid', 0.3],
      ],
      20,
    );
  expect(sour).toBeGreaterThan(1.2 * neutral);
});

test('jam wants pectin, sugar and acid, all three', () => {
  const jam = (sugar: number, lemon: number) =>
    gelOf(
      [
        ['water', 100 - sugar],
        ['sugar', sugar],
        ['pectin', 1.2],
        ['lemon-juice', lemon],
      ],
      20,
    );
  expect(jam(65, 5)).toBeGreaterThan(300);
  expect(jam(30, 5)).toBeLessThan(1);
  expect(
    gelOf(
      [
        ['water', 35],
        ['sugar', 65],
        ['lemon-juice', 5],
      ],
      20,
    ),
  ).toBeLessThan(0.1);
  // Pectin powder brings acid of its own: soda of beans takes it away.
  expect(
    gelOf(
      [
        ['water', 35],
        ['sugar', 65],
        ['pectin', 1.2],
        ['soya-drink', 20],
      ],
      20,
    ),
  ).toBeLessThan(jam(65, 5));
});
