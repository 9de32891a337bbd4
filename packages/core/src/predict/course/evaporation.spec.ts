import { evaporationRate, thickShare } from './evaporation.js';

/** A pan of 22 cm has 3.8 dm²; four grams leave each of them in a minute of simmering. The plate gives at most 60 kJ/min a kilowatt. */
test.each([
  ['bare', 'open', 'medium', 12.162],
  ['simmer', 'open', 'medium', 15.196],
  ['brisk', 'open', 'medium', 18.961],
  ['rolling', 'open', 'medium', 34.076],
  ['rolling', 'open', 'small', 24.345],
  ['rolling', 'open', 'large', 36.916],
  ['simmer', 'guard', 'medium', 12.162],
  ['simmer', 'ajar', 'medium', 6.842],
  ['simmer', 'on', 'medium', 1.521],
  ['rolling', 'on', 'medium', 9.503],
] as const)('%s, lid %s, %s plate: %d g leave in a minute', (vigour, lid, plate, g) => {
  expect(evaporationRate({ panCm: 22, vigour, lid, plate })).toBeCloseTo(g, 3);
});

test('a pan that lost 120 g of water in ten minutes loses 12 g in one, and more where it boils harder', () => {
  const tested = { panCm: 26, lid: 'open', testLossG: 120 } as const;
  expect(evaporationRate({ ...tested, vigour: 'simmer' })).toBeCloseTo(11.998, 3);
  expect(evaporationRate({ ...tested, vigour: 'brisk' })).toBeCloseTo(14.99, 3);
  // Its size was tested with it.
  expect(evaporationRate({ ...tested, panCm: 18, vigour: 'simmer' })).toBeCloseTo(11.998, 2);
});

test.each([
  [500, 10, 0.5, 10, 0.609],
  [1000, 0, 2, 0, 0.843],
  // Thinner than a third of thick it is water, and past thick nothing more is held back.
  [500, 5, 0, 0, 1],
  [500, 0, 1, 30, 0.6],
  [200, 8, 0, 10, 0.6],
  // Solids alone: 60 g in 500 are 0.857 of thick.
  [500, 0, 0, 60, 0.634],
])(
  '%d g of water with %d of starch, %d of gums and %d of solids lose %d of what water does',
  (water, starch, gums, solids, share) => {
    expect(thickShare({ water, starch, gums, solids })).toBeCloseTo(share, 3);
  },
);
