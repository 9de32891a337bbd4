import { apartBy, drawnDish } from './dish-layout';

const room = { height: 200, top: 20, apart: 18, depthMm: 60, bubblingMm: 15 };
const layers = [
  { id: 'floor', mm: 10 },
  { id: 'thin', mm: 1 },
  { id: 'top', mm: 20 },
];

test('layers stand on the floor to scale, the last one on top', () => {
  const drawn = drawnDish(layers, room);
  expect(drawn.layers.map(({ id }) => id)).toEqual(['top', 'thin', 'floor']);
  const [top, thin, floor] = drawn.layers;
  // 200 px for 60 mm.
  expect(floor!.height).toBeCloseTo(100 / 3, 6);
  expect(thin!.height).toBeCloseTo(10 / 3, 6);
  expect(floor!.y + floor!.height).toBeCloseTo(drawn.floorY, 6);
  expect(top!.y + top!.height).toBeCloseTo(thin!.y, 6);
  expect(drawn.rimY).toBe(20);
  expect(drawn.bubblesY).toBeCloseTo(20 + 50, 6);
});

test('a dish that is too full runs over its rim', () => {
  const drawn = drawnDish([{ id: 'much', mm: 80 }], room);
  expect(drawn.layers[0]!.y).toBe(20);
  expect(drawn.rimY).toBeCloseTo(20 + 50, 6);
});

test('words never lie on each other and stay in the picture', () => {
  const thin = Array.from({ length: 9 }, (_, i) => ({ id: String(i), mm: 1 }));
  const words = drawnDish(thin, room).layers.map(({ wordsAt }) => wordsAt);
  words.slice(1).forEach((at, i) => expect(at - words[i]!).toBeGreaterThanOrEqual(18 - 1e-9));
  expect(Math.max(...words)).toBeLessThanOrEqual(220);
  expect(apartBy([50, 100], 18, 0, 200)).toEqual([50, 100]);
});
