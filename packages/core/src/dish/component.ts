import type { Ingredient } from '../ingredient/ingredient.js';
import { madeReady, readyYield } from '../predict/ready/made-ready.js';
import type { Mixture } from '../predict/mixture/mixture.js';
import { potAt } from '../predict/pot-at.js';
import { celsius, grams } from '../quantity/quantity.js';
import { consistencyAt } from '../predict/thickness/consistency.js';
import { noOffsets } from '../predict/uncertainty/kitchen-offsets.params.js';
import { amountOf, figureOf, type Method } from '../recipe/method/operation.js';
import { uncooked } from '../recipe/recipe.js';
import {
  boiledBefore,
  drinkers,
  type Drinking,
  noodleWater,
  PIECE_UM,
  reach as reachOf,
  type Release,
  releases,
  running,
  unknownRelease,
} from './moisture.params.js';

/** A bought or plain thing as it was made ready, so that it can be made ready otherwise. */
export interface PlainThing {
  readonly ingredient: Ingredient;
  readonly ready: Method;
  /** g as bought. */
  readonly weighedG: number;
}

/** One part of a dish: a sauce, a vegetable, sheets; figures per g as it goes in. */
export interface DishComponent {
  readonly id: string;
  readonly name: string;
  /** g there are. */
  readonly grams: number;
  /** mL of one g. */
  readonly volume: number;
  /** g of water in one g, and the share of it that layers around it can take (log sd of that). */
  readonly water: number;
  readonly reach: number;
  readonly reachCv: number;
  /** Share of its free water that runs when the dish is cut, 0..1: little of a thick sauce. */
  readonly runs: number;
  /** What it lets go while it bakes, g per g; what it drinks. */
  readonly gives: Release;
  readonly drinks: Drinking | undefined;
  /** It is spread, so that it must cover what is under it. */
  readonly spread: boolean;
  /** Crumbs or a film of fat, under which less dries. */
  readonly film: boolean;
  /** % of fat. */
  readonly fat: number;
  /** Sugars and protein, which brown, g in 100 g. */
  readonly browns: number;
  readonly plain: PlainThing | undefined;
}

const gone = (percent: number, at: number): number => 1 - Math.exp(-percent / at);

/** Share of the water of a sauce that layers around it can take: what starch, nuts and pulp do not hold. */
export function reachIn(mix: Mixture): number {
  if (!(mix.water > 0)) return 0;
  const percent = (g: number) => (100 * g) / mix.mass;
  const starch = mix.dispersedStarch.reduce((all, g) => all + g, 0) + 2 * percentGums(mix);
  const pulp = mix.cellWallVolume > 0 ? mix.fibre : 0;
  const share =
    reachOf.bare -
    reachOf.pulp * gone(percent(pulp + mix.sugars), reachOf.pulpPercent) -
    reachOf.starch * gone(percent(starch), reachOf.starchPercent) -
    reachOf.nut * gone(percent(mix.nutVolume + mix.curdVolume), reachOf.nutPercent);
  return Math.max(reachOf.least, share);
}

/** g of gums, which bind as starch does, but far more. */
const percentGums = ({ gums }: Mixture): number => gums;

/** Share of the free water of a sauce that runs: by how thick it is when it is cut. */
function runsOf(mix: Mixture): number {
  const { viscosity } = consistencyAt(mix, { temperature: running.atC, storage: 'cool', days: 0 }, noOffsets);
  return 1 / (1 + (viscosity / running.halfAt) ** running.power);
}

/** % of fat from which a sauce lies as a film. @source assumed: a butter or an oily topping */
const FILM_FAT = 25;

/** A sauce, from the pot as the model knows it. */
export function componentOfPot(id: string, name: string, mix: Mixture, grams = mix.mass): DishComponent {
  const fat = (100 * (mix.fat + mix.inPieces.fat)) / Math.max(mix.mass, 1e-9);
  return {
    id,
    name,
    grams,
    volume: mix.volume / Math.max(mix.mass, 1e-9),
    water: mix.water / Math.max(mix.mass, 1e-9),
    reach: reachIn(mix),
    reachCv: reachOf.cv,
    runs: runsOf(mix),
    gives: { share: 0, cv: 0 },
    drinks: undefined,
    spread: true,
    film: fat > FILM_FAT,
    fat,
    browns: (100 * (mix.sugars + mix.protein)) / Math.max(mix.mass, 1e-9),
    plain: undefined,
  };
}

/** Least share that what was fried or salted still lets go. @source kitchen physics 8 */
const LEAST_GIVEN = 0.03,
  SPENT_POWER = 1.5;

/** What a thing lets go after it was made ready, per g as it goes in: less the more of its loose water has left already. */
function givesOf({ id, shelf, per100, handling }: Ingredient, lost: number, left: number): Release {
  const row = releases.get(id);
  const water = (per100.water ?? 0) / 100;
  if (!row && shelf !== 'vegetables') return { share: 0, cv: 0 };
  const raw = row ?? { share: unknownRelease.perWater * water, cv: unknownRelease.cv };
  if (!(lost > 0)) return raw;
  const loose = handling?.frying?.loose ?? handling?.roasting?.loose ?? Math.max(raw.share, water * 0.6);
  const kept = Math.max(0, 1 - lost / loose) ** SPENT_POWER;
  return { share: Math.max(Math.min(LEAST_GIVEN, raw.share), raw.share * kept) / left, cv: raw.cv };
}

/** What a thing still drinks, where it brought water from a pot already. */
function drinksOf({ id }: Ingredient, brought: number, left: number): Drinking | undefined {
  const row = drinkers.get(id);
  if (!row || !(brought > 0)) return row;
  const { least, fullAt, sharpness } = boiledBefore;
  const still =
    Math.min(least, row.most) + Math.max(row.most - least, 0) * Math.exp((-sharpness * brought) / fullAt);
  return { ...row, most: row.most < least ? row.most / left : still };
}

const HOUR = 60;
/** g of water that dry noodles and sheets take from the water they were boiled or soaked in, per g: they have no row among the things that are boiled soft. */
function noodlesSwollen({ id, handling }: Ingredient, ready: Method): number {
  if (!id.startsWith('pasta-') || handling?.boiling) return 0;
  const { perRootMinute, coldMost, coldPerHour, most } = noodleWater;
  return ready.reduce((u, operation) => {
    const minutes = amountOf(operation, 'minutes');
    if (operation.kind === 'boil-soft')
      return Math.min(
        most,
        Math.hypot(u, perRootMinute * Math.sqrt(figureOf(operation, 'minutes') ?? USUAL_BOIL)),
      );
    if (operation.kind === 'soak')
      return Math.max(u, coldMost * (1 - Math.exp((-coldPerHour * minutes) / HOUR)));
    return u;
  }, 0);
}
/** min that noodles boil where nothing is said. @source assumed: al dente */
const USUAL_BOIL = 9;

/** Packed in a layer, air between pieces is pressed out: what a g of food takes up, mL. @source assumed: density 1.05 of watery food, 0.75 as pieces lie */
const PIECES_VOLUME = 1.25,
  SHEET_VOLUME = 0.8;

/** Of the shelf of vegetables, what runs. */
const sauceLike = new Set(['passata', 'tomato-sauce', 'tomato-canned', 'apple-sauce', 'pumpkin-puree']);

/** g of water in 100 g from which what is neither vegetable nor drinks is a sauce: passata, cream, yogurt. @source assumed */
const RUNS = 50;
const isSpread = ({ id, shelf, per100, behaviour }: Ingredient): boolean =>
  !releases.has(id) &&
  !drinkers.has(id) &&
  (per100.water ?? 0) > RUNS &&
  (sauceLike.has(id) || (shelf !== 'vegetables' && behaviour.particleSizeUm < PIECE_UM));

/** A bought sauce or cream, as a pot of it alone. */
function spreadOf(
  id: string,
  name: string,
  ingredient: Ingredient,
  weighedG: number,
  ready: Method,
): DishComponent {
  // Of nothing there is a kind all the same.
  const mass = grams(weighedG > 0 ? weighedG : 1);
  const line = { ingredient, mass, preparation: 'as-is', stage: 'start', ready } as const;
  const { mix } = potAt({
    lines: [line],
    process: uncooked,
    serving: { temperatureC: celsius(20), storage: 'cool', days: 0 },
  });
  const component = componentOfPot(id, name, mix, weighedG > 0 ? mix.mass : 0);
  return { ...component, plain: { ingredient, ready, weighedG } };
}

/** A bought or plain thing, as it goes in after what is done to it. */
export function componentOfIngredient(
  id: string,
  ingredient: Ingredient,
  weighedG: number,
  ready: Method = [],
  name = ingredient.name,
): DishComponent {
  if (isSpread(ingredient)) return spreadOf(id, name, ingredient, weighedG, ready);
  const made = madeReady(ingredient, ready, weighedG),
    swollen = noodlesSwollen(ingredient, ready),
    left = Math.max(readyYield(ingredient, ready, weighedG) + swollen, 1e-3);
  const water = Math.max(
    0,
    (made.kept * ((ingredient.per100.water ?? 0) / 100 + made.water + swollen)) / left,
  );
  const lost = Math.max(0, -made.water),
    drinks = drinksOf(ingredient, Math.max(0, made.water) + swollen, left),
    gives = givesOf(ingredient, lost, left);
  const crumbs = ingredient.id.startsWith('breadcrumbs');
  return {
    id,
    name,
    grams: weighedG * left,
    volume: drinks && !gives.share && !crumbs ? SHEET_VOLUME : PIECES_VOLUME,
    water,
    // What is no sauce keeps its water, but for what it lets go.
    reach: 0,
    reachCv: 0,
    runs: 1,
    gives,
    drinks,
    spread: false,
    film: crumbs || (ingredient.per100.fat ?? 0) > FILM_FAT,
    fat: ingredient.per100.fat ?? 0,
    browns: (made.kept * ((ingredient.per100.sugars ?? 0) + (ingredient.per100.protein ?? 0))) / left,
    plain: { ingredient, ready, weighedG },
  };
}
