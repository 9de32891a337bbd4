import { ingredientById } from '../../larder/catalog/larder-table.js';
import { toolRows } from '../../recipe/method/tool.params.js';
import type { Mixture } from '../mixture/mixture.js';
import { boiledSoft, grainFelt, graininess, grind, hardnessOf, lumpIndex } from './comminute.js';
import { dropletCover, dropletDiameter, dropletStiffness } from './droplet.js';
import { graininessOf } from './graininess.js';
import { flocVolume, shrunkByHeat } from './sour-flocs.js';

/** What of a pot these laws look at. */
const pot = (of: Partial<Mixture>): Mixture => of as Mixture;
const blended = (power: number, seconds: number, emulsifiedFat: number): Mixture =>
  pot({
    emulsifiedFat,
    fat: 10,
    process: { blenderPower: power, blendSeconds: seconds } as Mixture['process'],
  });

test('droplets: 40 µm whisked, half-way by logarithm after fifteen of work, 2 µm where the fat came enclosed', () => {
  expect(dropletDiameter(blended(0.6, 0, 0))).toBeCloseTo(40, 9);
  expect(dropletDiameter(blended(0.6, 25, 0))).toBeCloseTo(15.49193, 5);
  expect(dropletDiameter(blended(0.6, 100, 0.1))).toBeCloseTo(5.6281, 4);
  expect(dropletDiameter(blended(0.6, 25, 0.5))).toBeCloseTo(2, 9);
});

test('packed droplets soften with the root of their size; without fat there is nothing to soften', () => {
  expect(dropletStiffness(blended(0.6, 25, 0))).toBeCloseTo(0.359304, 6);
  expect(dropletStiffness(blended(0.6, 100, 0.1))).toBeCloseTo(0.59612, 5);
  expect(dropletStiffness({ ...blended(0.6, 25, 0), fat: 0 })).toBe(1);
});

test('fat is half covered by 3 mg of protein a gram; lecithin counts a third of that, gums a twentieth', () => {
  const cover = (emulsifyingProtein: number, surfactant: number, gums: number, fat = 10) =>
    dropletCover(pot({ fat, emulsifyingProtein, surfactant, gums }));
  expect(cover(0.03, 0, 0)).toBeCloseTo(0.5, 9);
  expect(cover(0, 0.1, 0)).toBeCloseTo(0.538462, 6);
  expect(cover(0, 0, 1)).toBeCloseTo(0.625, 9);
  expect(cover(0.03, 0.1, 1)).toBeCloseTo(0.0115 / 0.0145, 9);
  expect(cover(0, 0, 0)).toBe(0);
  expect(cover(0, 0, 0, 0)).toBe(1);
});

test('drink protein flocculates between pH 5.6 and 3.1, and takes up 6 mL a gram; culture has used its own', () => {
  const volume = (pH: number, more: Partial<Mixture> = {}) =>
    flocVolume({ coagulatingProtein: 3, culturedProtein: 1, pH, flocsShrunk: 0, ...more });
  expect(volume(4.5)).toBeCloseTo(11.98124, 5);
  expect(volume(5.6)).toBeCloseTo(12 * 0.499998, 4);
  expect(volume(3.1)).toBeCloseTo(6, 4);
  expect(volume(6.2)).toBeCloseTo(12 * 0.0179862, 5);
  expect(volume(2.5)).toBeCloseTo(12 * 0.0474259, 5);
  expect(volume(4.5, { flocsShrunk: 0.5 })).toBeCloseTo(8.6864, 4);
  expect(volume(4.5, { culturedProtein: 4 })).toBe(0);
});

test('sour flocs shrink by the worst moment that they met, by how much of them met it', () => {
  const moment = (pH: number, temperatureC: number, contact: number) => ({
    pH,
    temperatureC,
    contact,
    minutes: 1,
    rateCPerMin: 5,
  });
  expect(shrunkByHeat([])).toBe(0);
  expect(shrunkByHeat([moment(4.5, 72, 1)])).toBeCloseTo(0.729916, 6);
  expect(shrunkByHeat([moment(4.5, 90, 0.5)])).toBeCloseTo(0.490239, 6);
  expect(shrunkByHeat([moment(4.5, 90, 0.5), moment(4.5, 72, 1), moment(7, 95, 1)])).toBeCloseTo(0.729916, 6);
});

test('grains are felt from 40 µm where hard, 150 where soft; the hard ones weigh more', () => {
  const felt = (diameter: number, hardness: number) => grainFelt({ diameter, hardness, fineness: 1 });
  expect(felt(90, 0.9)).toBeCloseTo(0.772623, 6);
  expect(felt(90, 0.05)).toBeCloseTo(0.128448, 6);
  expect(felt(150, 0)).toBeCloseTo(0.15, 9);
  expect(felt(20, 1)).toBeCloseTo(0.176488, 6);
});

test('grains of a pot, 0 to 10: 5 % are three, 13 % six; and lumps of starch put in dry', () => {
  expect(graininess(5)).toBeCloseTo(3.192876, 6);
  expect(graininessOf(pot({ grains: 26, mass: 200 }))).toBeCloseTo(6.321206, 6);
  expect(graininessOf(pot({ grains: 0, mass: 0 }))).toBe(0);
  expect([lumpIndex(0), lumpIndex(0.02), lumpIndex(0.2)]).toEqual([0, 4, 10]);
});

test('boiling softens from 88 °C, half-way in minutes; never harder than it was', () => {
  expect(boiledSoft(88, 4)).toBeCloseTo(0.31606, 5);
  expect(boiledSoft(92, 4)).toBeCloseTo(0.55677, 5);
  expect(boiledSoft(92, 0)).toBe(0);
  expect(boiledSoft(84, 8)).toBeCloseTo(0.103071, 6);
  const nut = {
    ...ingredientById('cashew')!.behaviour,
    hardness: 0.8,
    soakSoftening: 0.5,
    boilSoftening: 0.25,
  };
  expect(hardnessOf(nut, 0, 0)).toBe(0.8);
  expect(hardnessOf(nut, 1, 0)).toBeCloseTo(0.4, 9);
  expect(hardnessOf(nut, 0.5, 0.5)).toBeCloseTo(0.8 * Math.sqrt(0.125), 9);
  expect(hardnessOf({ ...nut, soakSoftening: 3 }, 1, 0)).toBe(0.8);
});

test('a blade cuts towards its floor by the power 0.75 of its time, and opens what it cuts', () => {
  const nut = { ...ingredientById('cashew')!.behaviour, particles: 'nut' as const };
  const { finest, rate } = toolRows.jug;
  const cut = (seconds: number, hardness = 0.5) =>
    grind(nut, 5000, [{ tool: toolRows.jug, seconds, hardness }], hardness);
  // Long enough, and only the floor is left: half the finest of the tool and one and a half times as it resists.
  const resists = 1.1 * 0.5 ** 0.75,
    floor = finest * (0.5 + 1.5 * resists);
  expect(cut(1e9).diameter).toBeCloseTo(floor, 3);
  const above = (seconds: number) => cut(seconds).diameter - floor;
  expect(above(60)).toBeCloseTo(
    718 * resists * (((5000 - floor) / (718 * resists)) ** (-1 / 0.75) + rate * 60) ** -0.75,
    6,
  );
  // Curd is cut all the same: nothing is softer than the floor of hardness.
  expect(cut(10, 0).diameter).toBe(cut(10, 0.008).diameter);
  expect(cut(60).fineness).toBeCloseTo(1 / (1 + (cut(60).diameter / 700) ** 0.9), 9);
  const cells = grind({ ...nut, particles: 'vegetable' }, 5000, [], 0.5);
  expect(cells.fineness).toBeCloseTo(1 / (1 + 5000 / 4000), 9);
  // What is finer already is not made coarser.
  expect(grind(nut, 4, [{ tool: toolRows.jug, seconds: 60, hardness: 0.5 }], 0.5).diameter).toBe(4);
  expect(grind({ ...nut, particles: 'vegetable' }, 50, [], 0.5).diameter).toBe(50);
});
