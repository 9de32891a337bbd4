import { starchIds } from '../../ingredient/substance.js';
import { ingredientById } from '../../larder/catalog/larder-table.js';
import { potOf } from '../../larder/pot-of.js';
import type { Method } from '../../recipe/method/operation.js';
import { grainFelt, type Ground } from '../particle/comminute.js';
import { starches } from '../starch/starch.params.js';
import { cookedBy } from '../cooked-by.fixture.js';
import { assemble } from './assemble.js';
import { addParticles, noParticles, unfoldedBy } from './particle-state.js';
import { addStarch, amylaseLoss, noStarch } from './starch-state.js';
import type { Weighed } from './weighed.js';

/** A thing made up for the figures, per g: 0.2 of insoluble protein, 0.1 of fibre, 2 mL of particles when fine. */
const thing = (particles: string, behaviour: object = {}, more: object = {}): Weighed =>
  ({
    c: {
      ingredient: { behaviour: { particles, heatSetProtein: 0, ...behaviour } },
      particleVolume: 2,
      protein: 0.25,
      insolubleProtein: 0.2,
      fibre: 0.1,
      water: 0.5,
      starch: [],
      starchTotal: 0,
      ...more,
    },
    line: {
      ingredient: {
        behaviour: { particles, pregelatinized: 0, cellEnclosed: 0, amylaseLoss: 0, ...behaviour },
      },
    },
    made: { softened: 0 },
  }) as unknown as Weighed;
const fine: Ground = { diameter: 60, fineness: 1, hardness: 0.5 };
const particles = (one: Weighed, ground: Ground = fine, unfolded = 0, g = 10) => {
  const into = noParticles();
  addParticles(into, one, g, ground, unfolded);
  return into;
};

describe('what swells, worked by hand', () => {
  test('ground fine all of its volume, coarse a good third; by its kind', () => {
    expect(particles(thing('legume'))).toMatchObject({ volume: 20, nut: 0, cellWall: 0, curd: 0, pieces: 0 });
    expect(particles(thing('legume'), { ...fine, fineness: 0 }).volume).toBeCloseTo(7, 9);
    expect(particles(thing('legume'), { ...fine, fineness: 0.5 }).volume).toBeCloseTo(13.5, 9);
    expect(particles(thing('nut'))).toMatchObject({ volume: 20, nut: 20 });
    expect(particles(thing('vegetable'))).toMatchObject({ volume: 0, cellWall: 20 });
    expect(particles(thing('curd'))).toMatchObject({ volume: 0, curd: 20, pieces: 0 });
    // Three grams of insoluble dry matter, 1.4 to the mL.
    expect(particles(thing('legume')).dry).toBeCloseTo(3 / 1.4, 9);
  });

  test('curd in pieces keeps its own water', () => {
    const piece = particles(thing('curd', {}, { particleVolume: 0.1 }), { ...fine, diameter: 3000 });
    expect(piece.curd).toBe(0);
    expect(piece.pieces).toBeGreaterThan(5);
    expect(piece.volume).toBeCloseTo(piece.pieces, 9);
    expect(particles(thing('curd'), { ...fine, diameter: 2999 }).pieces).toBe(0);
    expect(particles(thing('legume'), { ...fine, diameter: 9000 }).pieces).toBe(0);
  });

  test('pulse protein that heat has unfolded holds more: what was dissolved 3.5 mL a gram, what was not three tenths more', () => {
    const pulse = thing('legume', { heatSetProtein: 1 });
    expect(particles(pulse, fine, 1).volume).toBeCloseTo(20 + 10 * (0.05 * 3.5 + 0.3 * 0.2 * 2.7), 6);
    expect(particles(pulse, fine, 0.5).volume).toBeCloseTo(20 + 5 * (0.05 * 3.5 + 0.3 * 0.2 * 2.7), 6);
    expect(particles(thing('nut', { heatSetProtein: 1 }), fine, 1).volume).toBe(20);
    expect(unfoldedBy({ maxTemperature: 76, hold: 1.5 })).toBeCloseTo(0.5 * (1 - Math.exp(-1)), 9);
    expect(unfoldedBy({ maxTemperature: 95, hold: 0 })).toBe(0);
  });

  test('what is felt: wet solids by how grainy they are, their sizes in logarithms, and how they break strands', () => {
    const ground = { ...fine, diameter: 650 };
    const solids = 10 * (0.2 * 2 + 0.1 * 6),
      felt = particles(thing('legume'), ground);
    expect(felt.weight).toBeCloseTo(solids, 9);
    expect(felt.grains).toBeCloseTo(solids * grainFelt(ground), 9);
    expect(felt.weightedLog).toBeCloseTo(solids * Math.log(650), 9);
    // 500 µm over what breaks none, on a scale of 2500.
    expect(felt.coarse).toBeCloseTo(solids * (0.2 / 1.2), 9);
    expect(particles(thing('legume'), { ...fine, diameter: 150 }).coarse).toBe(0);
    expect(particles(thing('legume'), { ...fine, diameter: 0 })).toMatchObject({ weight: 0, grains: 0 });
  });
});

describe('what becomes of starch, worked by hand', () => {
  const corn = starchIds.indexOf('corn'),
    nut = starchIds.indexOf('nut');
  const shares = (share: number) => new Float64Array(starchIds.length).fill(share);
  const starchy = (at: number, behaviour: object = {}, made: object = {}) => {
    const one = thing('legume', behaviour, { starch: starchIds.map((_id, i) => (i === at ? 0.4 : 0)) });
    return { ...one, made: { softened: 0, ...made } } as unknown as Weighed;
  };
  const after = (one: Weighed, { kept = 1, cooked = 0.8, fineness = 1, work = 0, hottest = 95 } = {}) => {
    const into = noStarch();
    addStarch(into, one, 10, kept, shares(cooked), fineness, work, { maxTemperature: hottest });
    return into;
  };

  test('what heat cooked is free, what it did not is raw and tastes of flour; that of nuts does not', () => {
    const plain = after(starchy(corn));
    expect(plain.dispersed[corn]).toBeCloseTo(3.2, 9);
    expect(plain.raw).toBeCloseTo(0.8, 9);
    expect(plain.floury).toBeCloseTo(0.8, 9);
    expect(plain.inCells).toBe(0);
    expect(after(starchy(nut)).floury).toBe(0);
    expect(after(starchy(nut)).raw).toBeCloseTo(0.8, 9);
    expect(after(starchy(corn), { kept: 0.5 }).dispersed[corn]).toBeCloseTo(1.6, 9);
    // Half of it cooked before it came: the heat has the other half.
    expect(after(starchy(corn, { pregelatinized: 0.5 })).dispersed[corn]).toBeCloseTo(3.6, 9);
    // Boiled soft beforehand it is cooked through, but for a twentieth.
    expect(after(starchy(corn, {}, { softened: 1 }), { cooked: 0 }).dispersed[corn]).toBeCloseTo(3.8, 9);
  });

  test('cells keep it to themselves, until a blade opens an eighth of what they hold', () => {
    const inside = starchy(corn, { cellEnclosed: 0.5 });
    expect(after(inside).inCells).toBeCloseTo(1.6, 9);
    expect(after(inside).dispersed[corn]).toBeCloseTo(1.6, 9);
    const opened = 0.5 * (1 - 0.12 * (1 - Math.exp(-1)));
    expect(after(inside, { work: 0.5 }).inCells).toBeCloseTo(3.2 * opened, 9);
    expect(after(inside, { work: 0.5, fineness: 0.5 }).inCells).toBeCloseTo(
      3.2 * 0.5 * (1 - 0.06 * (1 - Math.exp(-1))),
      9,
    );
    // Boiled whole, nuts part into cells.
    const boiledNut = { ...starchy(corn, {}, { softened: 1 }) } as unknown as {
      c: { ingredient: object };
      line: { ingredient: { behaviour: { particles: string } } };
    };
    boiledNut.line.ingredient.behaviour.particles = 'nut';
    expect(after(boiledNut as unknown as Weighed).inCells).toBeCloseTo(3.8 * 0.6, 9);
  });

  test('what was boiled before and has gone cold has set to specks until it is hot again', () => {
    const beans = starchy(corn, { pregelatinized: 1, cellEnclosed: 0.5 });
    const set = (hottest: number) =>
      0.9 * starches.corn.retrogradation * (1 / (1 + Math.exp(-(62 - hottest) / 4)));
    expect(after(beans, { hottest: 20 }).dispersed[corn]).toBeCloseTo(2 * (1 - set(20)), 6);
    expect(after(beans, { hottest: 62 }).inCells).toBeCloseTo(2 + 2 * set(62), 6);
    expect(after(beans, { hottest: 95 }).dispersed[corn]).toBeCloseTo(2, 2);
  });

  test('its own amylase turns a part of it to sugar, in the pot or where it was boiled before', () => {
    const sweet = (softened: number) => starchy(corn, { amylaseLoss: 0.4 }, { softened });
    expect(amylaseLoss(starchy(corn), { maxTemperature: 90, hold: 9 })).toBe(0);
    expect(amylaseLoss(sweet(0), { maxTemperature: 68, hold: 4 })).toBeCloseTo(
      0.4 * 0.5 * (1 - Math.exp(-1)),
      9,
    );
    expect(amylaseLoss(sweet(1), { maxTemperature: 20, hold: 0 })).toBeCloseTo(0.4, 9);
  });
});

test('what nobody cut stays in pieces in a sauce that a blade has gone through; what has no pieces is one with it', () => {
  const pieces = (method: Method, id = 'parsley-fresh') =>
    assemble(
      cookedBy(
        [
          ['oat-drink', 300],
          [id, 10],
        ],
        method,
        20,
      ),
    ).fates[1]!.pieces;
  const blend = { kind: 'blend', tool: 'strong-jug', seconds: 30 } as const;
  expect(pieces([blend])).toBe(0);
  expect(pieces([blend, { kind: 'stir-in', lines: ['parsley-fresh'] }])).toBeGreaterThan(0.5);
  expect(pieces([{ kind: 'heat', temperatureC: 90, minutes: 2 }])).toBe(0);
  // Stirred in at the end a juice, a powder or a gum is one with the sauce; what is in between is in part.
  const stirred = (id: string) => pieces([blend, { kind: 'stir-in', lines: [id] }], id);
  for (const id of ['lemon-juice', 'paprika-smoked', 'xanthan', 'rice-miso', 'salt'])
    expect(stirred(id)).toBeLessThan(0.02);
  expect(stirred('sesame-seed')).toBeGreaterThan(0.9);
  expect(stirred('almond-ground')).toBeCloseTo(1 / (1 + Math.exp(-Math.log(600 / 700) / 0.3)), 6);
});

test('what is put in after the blade stays in pieces by its size, and by how far the sauce has been blended', () => {
  const pieces = (id: string, seconds: number) =>
    assemble(
      cookedBy(
        [
          ['oat-drink', 300],
          [id, 10],
        ],
        [
          { kind: 'put-in', lines: ['oat-drink'] },
          { kind: 'blend', tool: 'strong-jug', seconds },
          { kind: 'put-in', lines: [id] },
        ],
        20,
      ),
    ).fates[1]!.pieces;
  const size = (id: string) => ingredientById(id)!.behaviour.particleSizeUm;
  const byHand = (id: string, gate: number) => gate / (1 + Math.exp(-Math.log(size(id) / 2500) / 0.3));
  for (const id of ['sesame-seed', 'almond-ground', 'parsley-fresh']) {
    expect(size(id)).toBeGreaterThan(0);
    expect(pieces(id, 0.5)).toBeCloseTo(byHand(id, 1 - Math.exp(-0.5)), 6);
    expect(pieces(id, 60)).toBeCloseTo(byHand(id, 1), 6);
  }
  expect(pieces('parsley-fresh', 60)).toBeGreaterThan(pieces('almond-ground', 60) + 0.3);
});

test('kept warm it loses water by how hot it is served', () => {
  const lost = (servedC: number) =>
    assemble(
      potOf([['oat-drink', 300]], { maxTemperatureC: 90, holdMin: 0, keepWarmMin: 60 }, { atC: servedC }),
    ).evaporated;
  expect(lost(80)).toBeGreaterThan(1.5 * lost(60));
  expect(lost(60)).toBeGreaterThan(1.5 * lost(40));
  expect(lost(40)).toBeGreaterThan(0);
});

test('acid that comes when the pot is hot has met heat for less than its whole time', () => {
  const moments = (...method: Method) =>
    assemble(
      cookedBy(
        [
          ['soya-drink', 300],
          ['lemon-juice', 20],
        ],
        method,
        20,
      ),
    ).acidMoments;
  const heat = { kind: 'heat', temperatureC: 90, minutes: 6, rateCPerMin: 5 } as const,
    late = { kind: 'stir-in', lines: ['lemon-juice'] } as const;
  const early = moments(heat);
  expect(early).toHaveLength(2);
  expect(early[0]).toMatchObject({ temperatureC: 90, minutes: 6, rateCPerMin: 5, contact: 1 });
  expect(early[0]!.pH).toBeCloseTo(early[1]!.pH, 6);
  const stirred = moments(heat, late);
  // Heated before the lemon came, the drink is as it was; then the lemon meets half a minute of what the pot still holds.
  expect(stirred[0]!.pH).toBeGreaterThan(stirred[1]!.pH + 1);
  expect(stirred[1]).toMatchObject({ temperatureC: 80, minutes: 0.5, rateCPerMin: 0 });
  expect(stirred[1]!.contact).toBeCloseTo(1 - Math.exp(-0.5 / 1.5), 9);
  const baked = moments(heat, { kind: 'bake', minutes: 30, ovenC: 200, layerMm: 20 });
  expect(baked).toHaveLength(3);
  expect(baked[1]!.contact).toBe(1);
  expect(baked[1]!.minutes).toBeGreaterThan(10);
});
