import { requestOf, seedSauce, eaterWith } from '../balance/balance.fixture.js';
import { finish } from '../../numeric/finish.js';
import { coordinateOn, railOf } from '../../property/rail.js';
import { assess } from '../../property/assess.js';
import { grams } from '../../quantity/quantity.js';
import { axisAround, contourLevels, tradeMap, type TradeMap, type TradeMapRequest } from './trade-map.js';

const lineOf = (id: string) => seedSauce.findIndex(([other]) => other === id);
const request = (more: Partial<TradeMapRequest> = {}): TradeMapRequest => {
  const base = requestOf(seedSauce, 'pouring-sauce');
  return {
    ...base,
    x: axisAround(base.recipe, lineOf('rice-flour')),
    y: axisAround(base.recipe, lineOf('salt')),
    shown: ['thickness', 'salt'],
    ...more,
  };
};

test('each knot says what the formula would be there', () => {
  const asked = request();
  const map = finish(tradeMap(asked, 5));
  const lines = asked.recipe.lines.map((line, i) => ({
    ...line,
    mass: grams(i === asked.x.line ? asked.x.most : i === asked.y.line ? asked.y.most / 2 : line.mass),
  }));
  const there = assess({ ...asked.recipe, lines }, asked.portions);
  const { scale, value } = railOf('thickness');
  expect(map.values[0][2 * 5 + 4]).toBeCloseTo(coordinateOn(scale, value(there).mid), 9);
});

test('thickness grows along the flour and salt along the salt', () => {
  const { values, size } = finish(tradeMap(request(), 7));
  for (let row = 0; row < size; row++)
    for (let column = 1; column < size; column++)
      expect(values[0][row * size + column]).toBeGreaterThan(values[0][row * size + column - 1] ?? 0);
  for (let row = 1; row < size; row++)
    expect(values[1][row * size + 3]).toBeGreaterThan(values[1][(row - 1) * size + 3] ?? 0);
});

test('the region that meets the brief lies inside, and a salt limit cuts it off', () => {
  const inside = ({ outsideBrief, outsidePeople }: TradeMap) =>
    outsideBrief.filter((far, i) => far <= 0 && (outsidePeople[i] ?? 1) <= 0).length;
  const brief = { thickness: { low: 500, high: 2500 }, salt: { low: 0.8, high: 1.5 } };
  const free = finish(tradeMap(request({ brief }), 21));
  expect(inside(free)).toBeGreaterThan(5);
  expect(inside(free)).toBeLessThan(21 * 21);
  const strict = eaterWith('Sunniva', { kind: 'salt-limit', gramsPerPortion: 0.5 });
  expect(inside(finish(tradeMap(request({ brief, eaters: [strict] }), 21)))).toBeLessThan(inside(free));
});

test('inside the region there is room, also where a wish begins at the end of its rail', () => {
  const brief = { thickness: { low: 300, high: 4000 }, splitting: { low: 0, high: 60 } };
  expect(Math.min(...finish(tradeMap(request({ brief }), 15)).outsideBrief)).toBeLessThan(-0.5);
});

test('who cannot eat it wherever the dot stands is named', () => {
  const noSeeds = eaterWith('Teo', {
    kind: 'ingredient',
    ingredient: 'sunflower-seed',
    strictness: 'allergy',
  });
  const map = finish(tradeMap(request({ eaters: [noSeeds] }), 5));
  expect(map.cannot).toEqual(['Teo']);
  expect(map.outsidePeople.every((far) => far > 0)).toBe(true);
  expect(finish(tradeMap(request(), 5)).cannot).toEqual([]);
});

test('what cannot be drawn is refused', () => {
  expect(() => finish(tradeMap(request({ x: { line: 99, least: 0, most: 1 } }), 5))).toThrow(/no line 99/);
  expect(() => finish(tradeMap(request({ x: { line: 0, least: 5, most: 5 } }), 5))).toThrow(
    /smaller to a larger/,
  );
});

test('contours stand at even steps of what is noticed', () => {
  const levels = contourLevels(0.23, 0.61);
  expect(levels.map((level) => Number(level.toFixed(6)))).toEqual([0.3, 0.4, 0.5, 0.6]);
  expect(contourLevels(0.51, 0.52)).toEqual([]);
});
