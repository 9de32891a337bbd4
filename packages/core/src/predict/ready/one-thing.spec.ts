import type { Handling } from '../../ingredient/handling.js';
import type { Ingredient } from '../../ingredient/ingredient.js';
import type { Method, Operation } from '../../recipe/method/operation.js';
import { boiledSoftened } from './boil-soft.js';
import { fried, roasted } from './dry-heat.js';
import { isDoneTo, madeReady, operationsFor, readyYield } from './made-ready.js';
import { soaked } from './soak.js';

const handling: Handling = {
  soaking: {
    most: 0.6,
    cv: 0.1,
    rates: [0.1, 0.3, 1.5, 3],
    lagHours: 0.5,
    letOut: 4,
    slimyAfter: 24,
    source: 'made up',
  },
  boiling: {
    most: 2.4,
    cv: 0.1,
    rates: [0.05, 0.02],
    doneMinutes: [40, 90],
    letOut: 6,
    letOutMinutes: 60,
    source: 'made up',
  },
  frying: { loose: 0.08, rate: 0.12, cv: 0.2, source: 'made up' },
  roasting: { loose: 0.08, rate: 0.02, cv: 0.3, source: 'made up' },
  parts: {
    trim: { share: 0.8, cv: 0.05, source: 'made up' },
    drain: { share: 0.6, cv: 0.1, source: 'made up' },
  },
  pressing: { most: 0.06, minutes: 20, squeezed: 0, cv: 0.25, source: 'made up' },
  salting: { most: 0.06, minutes: 20, squeezed: 0.02, cv: 0.25, source: 'made up' },
};
/** A tenth water, a twentieth sugars, a hundredth salt. */
const per100 = { water: 10, sugars: 5, salt: 1 };
const known = { per100, handling } as unknown as Ingredient,
  unknown = { per100 } as unknown as Ingredient;
const night: Operation = { kind: 'soak', minutes: 480, temperatureC: 20 },
  bath = { hours: 8, temperatureC: 20, boiling: false };
const through = (...method: Method) => madeReady(known, method, 200);
const drunk = soaked(handling.soaking!, bath, 0.9, true);

test('soaked and drained: what it drank and what clings, as unsure as its row, without what the water took', () => {
  const made = through(night);
  expect(made.water).toBeCloseTo(drunk.drunk + drunk.clinging, 9);
  expect(made.waterSd).toBeCloseTo(drunk.drunk * 0.1, 9);
  expect(made.letOut).toBeCloseTo(drunk.letOut, 9);
  expect(made.sugarsLost).toBeCloseTo(drunk.sugarsLost, 9);
  expect(made.soakedShare).toBeCloseTo(drunk.softened, 9);
  // One gram as weighed: its water, less its dry mass and sugars that went.
  const sugars = drunk.sugarsLost * (1 - drunk.letOut / 0.9) * 0.05;
  expect(readyYield(known, [night], 200)).toBeCloseTo(1 + made.water - made.letOut - sugars, 9);
  const boiling = soaked(handling.soaking!, { ...bath, boiling: true }, 0.9, true);
  expect(through({ ...night, pour: 'boiling' }).soakedShare).toBeCloseTo(boiling.softened, 9);
});

test('a second soak goes on from where the first one ended, and is as unsure as both', () => {
  const left = 1 - drunk.softened,
    made = through(night, night);
  expect(made.water).toBeCloseTo(drunk.drunk * (1 + left) + drunk.clinging, 9);
  expect(made.waterSd).toBeCloseTo(drunk.drunk * 0.1 * Math.hypot(1, left), 9);
  expect(made.letOut).toBeCloseTo(drunk.letOut * (1 + left), 9);
  expect(made.soakedShare).toBeCloseTo(1 - left * left, 9);
});

test('what turns to a gel keeps what it drinks; kept water brings nothing in', () => {
  const seed = {
    per100,
    handling: { ...handling, soaking: { ...handling.soaking!, letOut: 0 } },
  } as unknown as Ingredient;
  expect(madeReady(seed, [night], 200)).toMatchObject({ water: 0, clinging: 0, waterSd: 0, sugarsLost: 0 });
  const kept = through({ ...night, water: 'kept' });
  expect(kept).toMatchObject({ water: 0, clinging: 0, waterSd: 0, letOut: 0, sugarsLost: 0 });
  expect(kept.soakedShare).toBeCloseTo(drunk.softened, 9);
});

test('boiled soft after a soak: from what it holds already, drained or in the pot', () => {
  const now = boiledSoftened(handling.boiling!, 30, drunk.drunk + drunk.clinging, drunk.softened, 0.9);
  const made = through(night, { kind: 'boil-soft', minutes: 30, water: 'drained' });
  expect(made.water).toBeCloseTo(drunk.drunk + drunk.clinging + now.water, 9);
  expect(made.letOut).toBeCloseTo(drunk.letOut + now.letOut, 9);
  expect(made.softened).toBeCloseTo(now.softened, 9);
  expect(made.heatMinutes).toBe(30);
  expect(made.waterSd).toBeCloseTo(
    Math.hypot(drunk.drunk * 0.1 * (1 - now.softened), 2.4 * 0.1 * now.softened),
    9,
  );
  const inPot = through(night, { kind: 'boil-soft', minutes: 30, water: 'kept' });
  expect(inPot.water).toBeCloseTo(drunk.drunk + drunk.clinging, 9);
  expect(inPot.letOut).toBeCloseTo(drunk.letOut, 9);
  expect(inPot.waterSd).toBeCloseTo(drunk.drunk * 0.1, 9);
  // Until it is soft it is soft, and no minutes are none.
  const soft = through({ kind: 'boil-soft', water: 'drained' });
  expect(soft.softened).toBe(1);
  expect(soft.heatMinutes).toBe(40);
  expect(through({ kind: 'boil-soft', minutes: 0 })).toMatchObject({ water: 0, softened: 0, heatMinutes: 0 });
  // Boiled twice it is softer than once.
  const twice = through({ kind: 'boil-soft', minutes: 30 }, { kind: 'boil-soft', minutes: 30 });
  const once = through({ kind: 'boil-soft', minutes: 30 });
  expect(1 - twice.softened).toBeCloseTo((1 - once.softened) ** 2, 6);
  expect(twice.heatMinutes).toBe(60);
});

test('of a thing without rows a soak softens, a boil takes twenty minutes, and nothing else is known', () => {
  expect(madeReady(unknown, [night], 200)).toMatchObject({ water: 0, soakedShare: 1 });
  expect(madeReady(unknown, [{ ...night, minutes: 0 }], 200).soakedShare).toBe(0);
  const boiled = (minutes?: number) =>
    madeReady(unknown, [{ kind: 'boil-soft', ...(minutes === undefined ? {} : { minutes }) }], 200);
  expect(boiled()).toMatchObject({ softened: 1, heatMinutes: 20, water: 0 });
  expect(boiled(10).softened).toBeCloseTo(1 - Math.exp(-1.5), 9);
  expect(boiled(10).heatMinutes).toBe(10);
  const nothing = madeReady(
    unknown,
    [{ kind: 'fry', minutes: 20 }, { kind: 'trim' }, { kind: 'press', minutes: 20 }, { kind: 'heat' }],
    200,
  );
  expect(nothing).toEqual(madeReady(unknown, [], 200));
  // Salt stays on it, with nothing that it draws.
  expect(madeReady(unknown, [{ kind: 'salt', saltPct: 2, minutes: 30 }], 200)).toMatchObject({
    salt: 0.02,
    water: 0,
  });
});

test('fried and roasted: the water that left, as unsure as its row; browned once the loose water is more than half gone', () => {
  const pan = { minutes: 12, sizeMm: 5, panCm: 28, flame: 'medium', lidOn: false } as const;
  const lost = fried(handling.frying!, pan, 200),
    made = through({ kind: 'fry', minutes: 12, sizeMm: 5, panCm: 28, flame: 'medium', lid: 'open' });
  expect(made.water).toBeCloseTo(-lost.lost, 9);
  expect(made.waterSd).toBeCloseTo(lost.lost * 0.2, 9);
  expect(made.softened).toBeCloseTo(lost.softened, 9);
  expect(made.heatMinutes).toBe(12);
  const at = (lost.lost / 0.08 - 0.5) / 0.5;
  expect(at).toBeGreaterThan(0.3);
  expect(made.browned).toBeCloseTo(at * at * (3 - 2 * at), 6);
  expect(
    through({ kind: 'fry', minutes: 12, sizeMm: 5, panCm: 28, flame: 'medium', lid: 'on' }).water,
  ).toBeCloseTo(-lost.lost * 0.1, 9);
  const oven = roasted(handling.roasting!, { minutes: 20, ovenC: 180, sizeMm: 25 }),
    baked = through({ kind: 'roast', minutes: 20, ovenC: 180, sizeMm: 25 });
  expect(baked.water).toBeCloseTo(-oven.lost, 9);
  expect(baked.browned).toBe(0);
  expect(through({ kind: 'fry', minutes: 0 })).toMatchObject({ water: 0, heatMinutes: 0 });
});

test('a part is taken, pressed and salted, rinsed and squeezed: worked by hand', () => {
  expect(through({ kind: 'trim' })).toMatchObject({ kept: 0.8, water: 0 });
  // The water in it, 0.1 g/g, is as unsure as the share; what is left of the thing carries it.
  expect(through({ kind: 'trim' }).waterSd).toBeCloseTo(0.1 * 0.05 * 0.8, 9);
  const drained = through({ kind: 'drain', rinse: 'drained' }),
    rinsed = through({ kind: 'drain', rinse: 'rinsed' });
  expect(drained).toMatchObject({ kept: 0.6, water: 0, saltRinsed: 0 });
  expect(rinsed).toMatchObject({ kept: 0.6, water: 0.02, saltRinsed: 0.12 });
  expect(readyYield(known, [{ kind: 'drain', rinse: 'rinsed' }], 200)).toBeCloseTo(
    0.6 * (1.02 - 0.12 * 0.01),
    9,
  );
  expect(through({ kind: 'trim', rinse: 'rinsed' }).saltRinsed).toBe(0);
  const out = 1 - Math.exp(-1.5);
  expect(through({ kind: 'press', minutes: 30 }).water).toBeCloseTo(-0.06 * out, 9);
  expect(through({ kind: 'press', minutes: 30 }).waterSd).toBeCloseTo(0.06 * out * 0.25, 9);
  const salt = (rinse: 'drained' | 'rinsed' | 'squeezed', saltPct = 2) =>
    through({ kind: 'salt', minutes: 30, saltPct, rinse });
  // Two parts of salt draw two thirds of what salt can draw.
  expect(salt('drained').water).toBeCloseTo((-0.06 * out * 2) / 3, 9);
  expect(salt('drained').waterSd).toBeCloseTo(((0.06 * out * 2) / 3) * 0.25, 9);
  expect(salt('squeezed').water).toBeCloseTo((-0.06 * out * 2) / 3 - 0.02 * out, 9);
  expect(salt('drained').salt).toBeCloseTo(0.02 * (1 - 0.5 * out), 9);
  expect(salt('rinsed').salt).toBeCloseTo(0.01 * (1 - 0.5 * out), 9);
  expect(salt('drained', 0)).toMatchObject({ water: 0, salt: 0 });
  expect(through({ kind: 'cut', sizeMm: 3 }).sizeUm).toBe(3000);
  expect(through({ kind: 'swell', minutes: 0 }).swollen).toBe(1);
});

test('what is asked twice is the same; a larger heap in the pan is another matter', () => {
  const method: Method = [night];
  expect(madeReady(known, method, 100)).toBe(madeReady(known, method, 900));
  expect(madeReady(unknown, method, 100)).not.toBe(madeReady(known, method, 100));
  const pan: Method = [{ kind: 'fry', minutes: 12, sizeMm: 5, panCm: 20, flame: 'low' }];
  expect(madeReady(known, pan, 100).water).toBeLessThan(madeReady(known, pan, 900).water);
});

test('what a kitchen does to it, as far as the tables know', () => {
  expect(operationsFor('as-is', known)).toEqual([]);
  expect(operationsFor('soaked', known)).toEqual([{ kind: 'soak' }]);
  expect(operationsFor('boiled', known)).toEqual([{ kind: 'boil-soft', water: 'kept' }]);
  expect(operationsFor('boiled', undefined)).toEqual([{ kind: 'boil-soft', water: 'kept' }]);
  for (const kind of ['press', 'salt', 'trim', 'drain', 'cut', 'soak'] as const)
    expect(isDoneTo(kind, { handling })).toBe(true);
  expect(isDoneTo('pluck', { handling })).toBe(false);
  for (const kind of ['press', 'salt', 'trim'] as const) expect(isDoneTo(kind, {})).toBe(false);
  for (const kind of ['cut', 'soak', 'fry'] as const) expect(isDoneTo(kind, {})).toBe(true);
});
