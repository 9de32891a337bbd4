import { type Parting, partings, type Weeping } from '../../ingredient/handling.js';
import { type Ingredient } from '../../ingredient/ingredient.js';
import { eitherOf } from '../../numeric/either-of.js';
import type { OperationKindId } from '../../recipe/method/operation-kinds.js';
import { amountOf, choiceOf, figureOf, type Method, type Operation } from '../../recipe/method/operation.js';
import type { Preparation } from '../../recipe/preparation.js';
import { boiledSoftened } from './boil-soft.js';
import { fried, roasted } from './dry-heat.js';
import { ready as p } from './ready.params.js';
import { soaked } from './soak.js';
import { swollenShare } from './swell.js';

/** What has become of a thing before it meets the pot; figures per g as weighed. */
export interface MadeReady {
  /** g of it that are taken, peeled, pressed or drained, per g as bought; all that follows is per g of these. */
  readonly kept: number;
  /** g of water it brings beyond its own; below 0 where it lost some. */
  readonly water: number;
  /** The part of it that only clings. */
  readonly clinging: number;
  /** g of its own dry mass that was poured away, and share of its sugars. */
  readonly letOut: number;
  readonly sugarsLost: number;
  /** g of salt it took up; and the share of its own salt that was rinsed off. */
  readonly salt: number;
  readonly saltRinsed: number;
  /** Standard deviation of the water that it brings into the pot, g per g as bought. */
  readonly waterSd: number;
  /** 0..1: how far a soak and how far the heat made it soft. */
  readonly soakedShare: number;
  readonly softened: number;
  /** µm of its pieces, where they were cut. */
  readonly sizeUm: number | undefined;
  /** 0..1 of its gums that have swollen. */
  readonly swollen: number;
  /** min near the boil. */
  readonly heatMinutes: number;
  /** 0..1: how far its surface has browned, in the pan or the oven. */
  readonly browned: number;
}

const untouched: MadeReady = {
  kept: 1,
  salt: 0,
  saltRinsed: 0,
  waterSd: 0,
  water: 0,
  clinging: 0,
  letOut: 0,
  sugarsLost: 0,
  soakedShare: 0,
  softened: 0,
  sizeUm: undefined,
  swollen: 1,
  heatMinutes: 0,
  browned: 0,
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
    waterSd: Math.hypot(before.waterSd, drained ? now.drunk * left * row.cv : 0),
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
    // Of all it holds in the end; how far the soak had come is then no matter.
    waterSd: drained
      ? Math.hypot(before.waterSd * (1 - now.softened), row.most * row.cv * now.softened)
      : before.waterSd,
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
    waterSd: Math.hypot(before.waterSd, now.lost * row.cv),
    softened: eitherOf(before.softened, now.softened),
    heatMinutes: before.heatMinutes + minutes,
    browned: eitherOf(before.browned, brownedBy(now.lost / row.loose)),
  };
}

/** A surface browns once it is dry: the share of its loose water that left beyond half. @source kitchen physics 5, E, CV 0.4 */
const brownedBy = (gone: number): number => {
  const at = Math.min(1, Math.max(0, (gone - p.brownsFrom) / (1 - p.brownsFrom)));
  return at * at * (3 - 2 * at);
};

/** Only a part of it is taken; of what is not in the tables nobody knows which, so all of it. */
function parted(before: MadeReady, operation: Operation, { handling, per100 }: Ingredient): MadeReady {
  const row = handling?.parts?.[operation.kind as Parting];
  if (!row) return before;
  const rinsed = operation.kind === 'drain' && choiceOf(operation, 'rinse') === 'rinsed';
  const water = (per100.water ?? 0) / 100 + before.water;
  return {
    ...before,
    kept: before.kept * row.share,
    water: before.water + (rinsed ? p.rinseClings : 0),
    saltRinsed: rinsed ? eitherOf(before.saltRinsed, p.rinsedSalt) : before.saltRinsed,
    waterSd: Math.hypot(before.waterSd, water * row.cv),
  };
}

/** Share of what weeps that is out by then. */
const wept = ({ most, minutes }: Weeping, time: number): number => most * (1 - Math.exp(-time / minutes));

function pressed(before: MadeReady, operation: Operation, { handling }: Ingredient): MadeReady {
  const row = handling?.pressing;
  if (!row) return before;
  const lost = wept(row, amountOf(operation, 'minutes'));
  return { ...before, water: before.water - lost, waterSd: Math.hypot(before.waterSd, lost * row.cv) };
}

/** Salt draws water; half of it runs off with the brine, and rinsing takes half of the rest. @source kitchen physics 7 */
function salted(before: MadeReady, operation: Operation, { handling }: Ingredient): MadeReady {
  const row = handling?.salting,
    percent = amountOf(operation, 'saltPct'),
    then = choiceOf(operation, 'rinse');
  if (!(percent > 0)) return before;
  const time = amountOf(operation, 'minutes'),
    ran = row ? 1 - Math.exp(-time / row.minutes) : 0;
  const drawn = row ? wept(row, time) * (percent / (percent + 1)) : 0;
  const lost = drawn + (row && then === 'squeezed' ? row.squeezed * ran : 0);
  const stays = (1 - p.brineTakes * ran) * (then === 'rinsed' ? 1 - p.rinseTakes : 1);
  return {
    ...before,
    water: before.water - lost,
    salt: before.salt + (percent / 100) * stays,
    waterSd: Math.hypot(before.waterSd, lost * (row?.cv ?? 0)),
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
    case 'trim':
    case 'pluck':
    case 'juice':
    case 'drain':
      return parted(before, operation, ingredient);
    case 'press':
      return pressed(before, operation, ingredient);
    case 'salt':
      return salted(before, operation, ingredient);
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

/** Whether a kitchen does this to it, as far as the tables know; what needs no row is done to anything. */
export function isDoneTo(kind: OperationKindId, { handling }: Pick<Ingredient, 'handling'>): boolean {
  if (kind === 'press') return handling?.pressing !== undefined;
  if (kind === 'salt') return handling?.salting !== undefined;
  return !(partings as readonly string[]).includes(kind) || handling?.parts?.[kind as Parting] !== undefined;
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
  const made = { ...now, water: Math.max(now.water, least), waterSd: now.waterSd * now.kept };
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
  const { water = 0, sugars = 0, salt = 0 } = ingredient.per100;
  const kept = 1 - made.letOut / Math.max(1 - water / 100, 1e-9);
  const rinsedSalt = (made.saltRinsed * salt) / 100;
  return (
    made.kept *
    (1 + made.water - made.letOut - (made.sugarsLost * kept * sugars) / 100 + made.salt - rinsedSalt)
  );
}
