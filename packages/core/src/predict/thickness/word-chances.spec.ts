import { potOf } from '../../larder/pot-of.js';
import { celsius } from '../../quantity/quantity.js';
import { type Process, uncooked } from '../../recipe/recipe.js';
import { potAt } from '../pot-at.js';
import { predict } from '../predict.js';
import {
  ballChance,
  crumblyChance,
  textureClassOf,
  thicknessClasses,
  wordChances,
  wordRange,
} from './thickness-class.js';

const water = potAt(potOf([['water', 100]]));
const chances = (viscosity: number, yieldStress: number, sd: number, more: object = {}) =>
  Object.fromEntries(
    wordChances(water.mix, { ...water.flow, viscosity, yieldStress, ...more }, 20, {
      viscosity: sd,
      yieldStress: sd,
    }).map(({ word, chance }) => [word, chance]),
  );

test('on an edge it is one word as likely as the other; a standard deviation away it is 84 to 16', () => {
  const on = chances(10 ** 2.85, 0, 0.5);
  expect(on['coats a spoon']).toBeCloseTo(0.5, 2);
  expect(on['clings']).toBeCloseTo(0.5 - (on['mounds'] ?? 0), 2);
  expect(chances(10 ** 2.85 * Math.exp(0.5), 0, 0.5)['coats a spoon']).toBeCloseTo(0.1587, 2);
});

test('the chances of all words together are one, whatever the pot', () => {
  for (const eta of [1, 30, 800, 5000, 1e5])
    for (const tau of [0, 50, 150, 900, 6000])
      expect(
        Object.values(chances(eta, tau, 0.6, { gelStress: tau * 0.6 })).reduce((all, one) => all + one, 0),
      ).toBeCloseTo(1, 9);
});

test('the range leaves out what has less than a tenth at either end, never the word that is said', () => {
  const three = thicknessClasses.map((word, i) => ({ word, chance: [0.08, 0.5, 0.37, 0.05][i] ?? 0 }));
  expect(wordRange(three, 'pours like cream')).toEqual(['pours like cream', 'coats a spoon']);
  expect(wordRange(three, 'clings')).toEqual(['pours like cream', 'clings']);
});

const dough = (water: number, process: Partial<Process> = { maxTemperatureC: 95, holdMin: 6 }) =>
  predict({
    ...potOf([
      ['water', water],
      ['tapioca-starch', 60],
    ]),
    process: { ...uncooked, ...process },
    serving: { temperatureC: celsius(75), storage: 'cool', days: 0 },
  });
const ofWord = (prediction: ReturnType<typeof dough>, word: string) =>
  prediction.thicknessWords.find((one) => one.word === word)!.chance;

test('a ball of dough becomes likelier gram by gram, without a step', () => {
  let before = ofWord(dough(450), 'forms a ball');
  expect(before).toBeLessThan(0.02);
  for (let g = 445; g >= 200; g -= 5) {
    const now = ofWord(dough(g), 'forms a ball');
    expect(now).toBeGreaterThanOrEqual(before - 1e-9);
    expect(now - before).toBeLessThan(0.15);
    before = now;
  }
  expect(before).toBeGreaterThan(0.98);
  expect(dough(200).thicknessClass).toBe('forms a ball');
});

test('curd in pieces may crumble or not: what is in doubt is said with both words', () => {
  const scramble = (curd: number) =>
    predict({
      ...potOf([
        ['tofu-firm', curd],
        ['oat-drink', 100],
      ]),
      process: uncooked,
      serving: { temperatureC: celsius(20), storage: 'cool', days: 0 },
    });
  const chance = (curd: number) => ofWord(scramble(curd), 'crumbly');
  expect(chance(60)).toBeLessThan(0.1);
  expect(chance(400)).toBeGreaterThan(0.9);
  const even = [...Array(60).keys()].map((k) => 80 + 5 * k).find((g) => chance(g) > 0.4)!;
  expect(chance(even)).toBeLessThan(0.6);
  expect(scramble(even).thicknessRange[1]).toBe('crumbly');
});

describe('the words for texture, worked by hand', () => {
  const { mix, flow } = water;
  const grains = (meanDiameter: number, more: object = {}) =>
    crumblyChance(
      { ...mix, meanDiameter, particleVolume: 60, curdVolume: 0, cellWallVolume: 0 },
      {
        ...flow,
        packing: 1.4,
        dropletShare: 0,
        oilContinuous: 0,
        ...more,
      },
    );

  test('coarse grains that lie packed crumble: even chances at 420 µm, 84 in a hundred a quarter of a logarithm above', () => {
    expect(grains(420)).toBeCloseTo(0.5, 2);
    expect(grains(420 * Math.exp(0.25))).toBeCloseTo(0.841, 2);
    expect(grains(420, { packing: 1.15 })).toBeCloseTo(0.25, 2);
    expect(grains(420, { packing: 1.23 })).toBeCloseTo(0.42, 2);
    expect(grains(0)).toBe(0);
    // Not where most of what is packed is droplets, nor where fat is outside, nor where it is soft walls.
    expect(grains(420, { dropletShare: 0.5 })).toBeCloseTo(0.25, 2);
    expect(grains(420, { oilContinuous: 0.5 })).toBeCloseTo(0.25, 2);
    const walls = { ...mix, meanDiameter: 4200, particleVolume: 20, curdVolume: 10, cellWallVolume: 90 };
    expect(crumblyChance(walls, { ...flow, packing: 2, dropletShare: 0 })).toBeCloseTo(0.25, 2);
  });

  test('so do pieces that fill more than half of the pot, whatever lies between them', () => {
    const pieces = (share: number, more: object = {}) =>
      crumblyChance({ ...mix, volume: 100, pieceVolume: 100 * share, meanDiameter: 0, ...more }, flow);
    expect(pieces(0.55)).toBeCloseTo(0.5, 6);
    expect(pieces(0.61)).toBeCloseTo(1 / (1 + Math.exp(-1)), 6);
    expect(pieces(0)).toBe(0);
    const both = { ...mix, volume: 100, pieceVolume: 55, meanDiameter: 420, particleVolume: 60 };
    // An even chance by each of two ways: three in four.
    expect(crumblyChance(both, { ...flow, packing: 2, dropletShare: 0 })).toBeCloseTo(0.75, 2);
  });

  test('a ball wants seventeen parts of cooked starch to a hundred of free water, warm', () => {
    const starch = Float64Array.from([0, 17]);
    const ball = (g: number, tC: number, more: object = {}) =>
      ballChance(
        { ...mix, dispersedStarch: starch.map((one) => (one * g) / 17) },
        { ...flow, freeWater: 100, ...more },
        tC,
      );
    expect(ball(17, 90)).toBeCloseTo(0.5, 2);
    expect(ball(17 * Math.exp(0.1), 90)).toBeCloseTo(0.841, 2);
    expect(ball(34, 45)).toBeCloseTo(0.5, 2);
    expect(ball(34, 49)).toBeCloseTo(0.841, 2);
    expect(ball(34, 90, { oilContinuous: 0.3 })).toBeCloseTo(0.7, 2);
    expect(ball(0, 90)).toBe(0);
    expect(
      textureClassOf(
        { ...mix, dispersedStarch: starch.map((one) => one * 2) },
        { ...flow, freeWater: 100 },
        90,
      ),
    ).toBe('forms a ball');
    expect(textureClassOf(mix, flow, 90)).toBeUndefined();
  });
});

test('what is set slices, what is not spreads; where fat is outside it takes sixty times as much', () => {
  const stiff = chances(1e5, 7000, 0.5, { gelStress: 7000, fatStress: 0 });
  // A yield stress twice the edge: ln 2 over a half is 1.386 standard deviations.
  expect(stiff['slices']).toBeCloseTo(0.917, 2);
  expect(stiff['spreads']).toBeCloseTo(0.083, 2);
  expect(chances(1e5, 7000, 0.5)['slices']).toBeLessThan(1e-3);
  expect(chances(1e5, 7000, 0.5, { fatStress: 7000, oilContinuous: 1 })['slices']).toBeLessThan(1e-3);
  expect(chances(1e5, 4e5, 0.5, { fatStress: 4e5, oilContinuous: 1 })['slices']).toBeCloseTo(0.917, 2);
  // On the edge of mounding by its stress, however thin it would be.
  expect(chances(20, 60, 0.5)['mounds']).toBeCloseTo(0.5, 1);
});
