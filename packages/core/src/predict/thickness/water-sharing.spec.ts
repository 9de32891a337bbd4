import { potOf } from '../../larder/pot-of.js';
import type { Mixture } from '../mixture/mixture.js';
import { potAt } from '../pot-at.js';
import { noOffsets } from '../uncertainty/kitchen-offsets.params.js';
import { shareWater } from './water-sharing.js';

/** 200 g of water with what is said in it, nothing else; the particles crowd in 260 mL. */
const nothing: Mixture = {
  ...potAt(potOf([['water', 200]])).mix,
  water: 200,
  particleVolume: 40,
  dryParticleVolume: 5,
};
const share = (
  of: Partial<Mixture> = {},
  at: { storage: 'cool' | 'fridge'; days: number } = { storage: 'cool', days: 0 },
  offsets = {},
) => shareWater({ ...nothing, ...of }, at, 260, { ...noOffsets, ...offsets });

/** Worked apart from the code, from the equations in `docs/model.md`. */
test.each([
  [{}, 168.277, 40, 28],
  // Flocs of curd are open where there are few of them; cooked starch in cells, and raw granules.
  [{ curdVolume: 60 }, 151.499, 114.349, 87.479],
  [{ cellStarch: 6, rawStarch: 10 }, 161.535, 62.5, 37.68],
  // Soft cell walls give water back where they are crowded.
  [{ cellWallVolume: 80 }, 151.413, 116.656, 89.325],
  // However much swells, a quarter of the water can be held and half of it be out of reach.
  [{ particleVolume: 400 }, 150.034, 400, 100],
  // What is not swollen holds nothing.
  [{ particleVolume: 2 }, 200, 2, 0],
])('%j leaves %d g free beside %d mL of solids, %d g out of reach', (of, free, solids, excluded) => {
  const now = share(of);
  expect(now.all).toBe(200);
  expect(now.free).toBeCloseTo(free, 2);
  expect(now.solids).toBeCloseTo(solids, 2);
  expect(now.excluded).toBeCloseTo(excluded, 2);
});

test('ground nuts go on drinking in the fridge', () => {
  expect(share({ nutVolume: 30 })).toEqual(share());
  const next = share({ nutVolume: 30 }, { storage: 'fridge', days: 1 });
  expect(next.solids).toBeCloseTo(42.754, 2);
  expect(next.free).toBeCloseTo(166.493, 2);
});

test('in a kitchen of its own: seeds that swell more, water that is less, walls that are softer', () => {
  const other = share({ cellWallVolume: 20 }, undefined, { seed: 0.2, water: -0.1, cellWall: 0.3 });
  expect(other.all).toBeCloseTo(180.968, 2);
  expect(other.free).toBeCloseTo(139.121, 2);
  expect(other.solids).toBeCloseTo(75.55, 2);
  expect(other.excluded).toBeCloseTo(56.44, 2);
});
