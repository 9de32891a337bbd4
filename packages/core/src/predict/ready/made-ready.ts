import { type Ingredient } from '../../ingredient/ingredient.js';
import { eitherOf } from '../../numeric/either-of.js';
import { amountOf, choiceOf, figureOf, type Method, type Operation } from '../../recipe/method/operation.js';
import type { Preparation } from '../../recipe/preparation.js';
import { boiledSoftened } from './boil-soft.js';
import { fried, roasted } from './dry-heat.js';
import { ready as p } from './ready.params.js';
import { soaked } from './soak.js';
import { swollenShare } from './swell.js';

/** What has become of a thing before it meets the pot; figures per g as weighed. */
export interface MadeReady {
  /** g of water it brings beyond its own; below 0 where it lost some. */
  readonly water: number;
  /** The part of it that only clings. */
  readonly clinging: number;
  /** g of its own dry mass that was poured away, and share of its sugars. */
  readonly letOut: number;
  readonly sugarsLost: number;
  /** 0..1: how far a soak and how far the heat made it soft. */
  readonly soakedShare: number;
  readonly softened: number;
  /** µm of its pieces, where they were cut. */
  readonly sizeUm: number | undefined;
  /** 0..1 of its gums that have swollen. */
  readonly swollen: number;
  /** min near the boil. */
  readonly heatMinutes: number;
}

const untouched: MadeReady = {
  water: 0,
  clinging: 0,
  letOut: 0,
  sugarsLost: 0,
  soakedShare: 0,
  softened: 0,
  sizeUm: undefined,
  swollen: 1,
  heatMinutes: 0,
};

const MM = 1000;
const HOUR = 60;
/** What a thing without a row drinks is not known: it is soft and brings nothing. @source assumed, a soak of about four hours */
const SOFT_WITHOUT_ROW = 1;

function soak(before: MadeReady, operation: Operation, { handling, per100 }: Ingredient): MadeReady {
  const row = handling?.soaking,
    minutes = amountOf(operation, 'minutes');
  // Seeds that turn to a gel let nothing go: their water is poured on from the pot's.
  const drained = choiceOf(operation, 'water') !== 'kept' && row?.letOut !== 0;
  // Kept water is a line of its own: the thing drinks of it and gives it back to the pot.
  if (!row) return { ...before, soakedShare: minutes > 0 ? SOFT_WITHOUT_ROW : before.soakedShare };
  const boiling = choiceOf(operation, 'pour') === 'boiling';
  const bath = { hours: minutes / HOUR, temperatureC: amountOf(operation, 'temperatureC'), boiling };
  const dry = 1 - (per100.water ?? 0) / 100;
  const now = soaked(row, bath, dry, drained);
  // A second soak goes on from where the first one ended.
  const left = 1 - before.soakedShare,
    clinging = drained ? Math.max(before.clinging, now.clinging) : before.clinging;
  return {
    ...before,
    clinging,
    water: before.water + (drained ? now.drunk * left : 0) + clinging - before.clinging,
    letOut: before.letOut + now.letOut * left,
    sugarsLost: eitherOf(before.sugarsLost, now.sugarsLost * left),
    soakedShare: eitherOf(before.soakedShare, now.softened),
  };
}

function boil(before: MadeReady, operation: Operation, { handling, per100 }: Ingredient): MadeReady {
  const row = handling?.boiling,
    minutes = figureOf(operation, 'minutes');
  if (minutes === 0) return before;
  if (!row) {
    const softened = minutes === undefined ? 1 : 1 - Math.exp((-p.doneSharpness * minutes) / UNKNOWN_DONE);
    return {
      ...before,
      softened: eitherOf(before.softened, softened),
      heatMinutes: before.heatMinutes + (minutes ?? UNKNOWN_DONE),
    };
  }
  const dry = 1 - (per100.water ?? 0) / 100;
  const now = boiledSoftened(row, minutes, Math.max(before.water, 0), before.soakedShare, dry);
  const drained = choiceOf(operation, 'water') !== 'kept';
  return {
    ...before,
    water: before.water + (drained ? now.water : 0),
    letOut: before.letOut + (drained ? now.letOut : 0),
    softened: minutes === undefined ? 1 : eitherOf(before.softened, now.softened),
    heatMinutes: before.heatMinutes + (minutes ?? row.doneMinutes[0]),
  };
}
/** min in which a thing without a row is soft at the boil. @source assumed: roots in pieces of 2 cm, kitchen physics 13 */
const UNKNOWN_DONE = 20;

function dry(before: MadeReady, operation: Operation, { handling }: Ingredient, massG: number): MadeReady {
  const minutes = amountOf(operation, 'minutes'),
    sizeMm = amountOf(operation, 'sizeMm');
  const row = operation.kind === 'fry' ? handling?.frying : handling?.roasting;
  if (!row || !(minutes > 0)) return before;
  const now =
    operation.kind === 'fry'
      ? fried(
          row,
          {
            minutes,
            sizeMm,
            panCm: amountOf(operation, 'panCm'),
            flame: choiceOf(operation, 'flame') ?? 'gentle',
            lidOn: choiceOf(operation, 'lid') === 'on',
          },
          massG,
        )
      : roasted(row, { minutes, ovenC: amountOf(operation, 'ovenC'), sizeMm });
  return {
    ...before,
    water: before.water - now.lost,
    softened: eitherOf(before.softened, now.softened),
    heatMinutes: before.heatMinutes + minutes,
  };
}

function done(before: MadeReady, operation: Operation, ingredient: Ingredient, massG: number): MadeReady {
  switch (operation.kind) {
    case 'soak':
      return soak(before, operation, ingredient);
    case 'boil-soft':
      return boil(before, operation, ingredient);
    case 'fry':
    case 'roast':
      return dry(before, operation, ingredient, massG);
    case 'cut':
      return { ...before, sizeUm: amountOf(operation, 'sizeMm') * MM };
    case 'swell':
      return { ...before, swollen: swollenShare(ingredient, amountOf(operation, 'minutes')) };
    default:
      return before;
  }
}

const ahead = {
  asItIs: [],
  soaked: [{ kind: 'soak' }],
  inThePot: [{ kind: 'boil-soft', water: 'kept' }],
  apart: [{ kind: 'boil-soft', water: 'drained' }],
} as const satisfies Record<string, Method>;

/** What a preparation means, as operations: soaked and drained; boiled soft apart, or in the water that is written beside it. */
export function operationsFor(
  preparation: Preparation,
  ingredient: Pick<Ingredient, 'handling'> | undefined,
): Method {
  if (preparation === 'as-is') return ahead.asItIs;
  if (preparation === 'soaked') return ahead.soaked;
  return ingredient?.handling?.boiling?.apart ? ahead.apart : ahead.inThePot;
}

const known = new WeakMap<Method, Map<Ingredient, MadeReady>>();

/**
 * A thing through all that is done to it alone, first to last.
 * @param massG in the pan, which matters only where a pan can be crowded
 */
export function madeReady(ingredient: Ingredient, operations: Method, massG: number): MadeReady {
  if (operations.length === 0) return untouched;
  const crowds = operations.some(({ kind }) => kind === 'fry');
  const kept = crowds ? undefined : known.get(operations)?.get(ingredient);
  if (kept) return kept;
  const now = operations.reduce((before, operation) => done(before, operation, ingredient, massG), untouched);
  // Never more water gone than there was.
  const least = -(ingredient.per100.water ?? 0) / 100;
  const made = now.water < least ? { ...now, water: least } : now;
  if (!crowds) {
    const of = known.get(operations) ?? new Map<Ingredient, MadeReady>();
    of.set(ingredient, made);
    known.set(operations, of);
  }
  return made;
}

/** g as made ready from 1 g as weighed before. */
export function readyYield(ingredient: Ingredient, operations: Method, massG: number): number {
  const made = madeReady(ingredient, operations, massG);
  const { water = 0, sugars = 0 } = ingredient.per100;
  const kept = 1 - made.letOut / Math.max(1 - water / 100, 1e-9);
  return 1 + made.water - made.letOut - (made.sugarsLost * kept * sugars) / 100;
}
