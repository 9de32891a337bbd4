import type { MadeBefore } from '../../recipe/made-before.js';
import { starchIds } from '../../ingredient/substance.js';
import type { Recipe } from '../../recipe/recipe.js';
import { pHOfMixture } from '../acidity/charge-balance.js';
import { browningIndex, heatWithBaking, noodleStarchGiven } from '../heat/bake.js';
import type { Mixture } from '../mixture/mixture.js';
import { suspension } from '../particle/suspension.params.js';
import {
  breakdownProgress,
  gelatinizedShares,
  type CookingWater,
  type HeatHistory,
} from '../starch/gelatinize.js';
import { type Course, courseOf, lastWorked, type Leaving, waterToLeave } from '../course/course.js';
import { AT_START } from '../course/entry.js';
import { heatSince } from '../course/heat-course.js';
import { acidMoments, hydrolysisOver } from './acid-moments.js';
import { sugarSweetness } from '../taste/sugar.params.js';
import { sugarThickening } from '../thickener/solvent.params.js';
import { assembly as a } from './assemble.params.js';
import { separated } from './separated.js';
import type { ParticleState } from './particle-state.js';
import { shrunkByHeat } from '../particle/sour-flocs.js';
import { absorptionOf } from './colour-state.js';
import { type CookedLines, throughHeatAndBlade } from './cooked-lines.js';
import { potWater, type PotWater } from './pot-water.js';
import { type Assembled, asMadeBefore, type PotMadeBefore, withMadeBefore } from './made-before.js';
import { addUp, weigh, type Weighed } from './weighed.js';

/** Isoelectric point assumed where nothing coagulates; never used in a result. */
const ANY_ISOELECTRIC_PH = 4.6;

/** Relative standard deviation of the water in the pot, from what making ready brought and boiling took. */
function doubtOf(lines: readonly Weighed[], boilsOffSd: number, water: number): number {
  const squares = lines.reduce(
    (all, { made, line }) => all + (made.waterSd * line.mass) ** 2,
    boilsOffSd ** 2,
  );
  return squares > 0 ? Math.sqrt(squares) / Math.max(water, 1e-9) : 0;
}

const WHEAT = starchIds.indexOf('wheat');

/** g of sugars on the scale, before any soak drew some out. */
const allSugars = (lines: readonly Weighed[]): number =>
  lines.reduce((all, { c, g }) => all + c.sugars * g, 0);

const sum = (values: Float64Array): number => values.reduce((all, value) => all + value, 0);

/** Gelatinized shares for each heat that some line has met, worked out once. */
function gelatinizer(water: CookingWater): (heat: HeatHistory) => Float64Array {
  const known = new Map<HeatHistory, Float64Array>();
  return (heat) => {
    let shares = known.get(heat);
    if (!shares) known.set(heat, (shares = gelatinizedShares(heat, water)));
    return shares;
  };
}

/** Mass-weighted mean of the logarithm of particle sizes, µm; towards 0 where there is hardly anything to be felt. */
function meanDiameter({ weight, weightedLog }: ParticleState, mass: number): number {
  if (!(weight > 0)) return 0;
  return Math.exp(weightedLog / weight) * (weight / (weight + a.grainsSeen * mass));
}

type Cooked = Pick<Recipe, 'lines' | 'process' | 'method'> & Partial<Pick<Recipe, 'serving'>>;

const madeBefore = new WeakMap<MadeBefore, PotMadeBefore>();
/** The pot of something made before, worked out once. */
function potMadeBefore(made: MadeBefore): PotMadeBefore {
  let pot = madeBefore.get(made);
  if (!pot) madeBefore.set(made, (pot = asMadeBefore(assembled(made.recipe))));
  return pot;
}
const partsOf = (made: MadeBefore): readonly Weighed[] => potMadeBefore(made).parts;

/** What neither heat nor blade nor time changes: the sum of the lines. */
const simplyAddedUp = (total: ReturnType<typeof addUp>) => ({
  gums: total('gums'),
  emulsifyingProtein: total('emulsifyingProtein'),
  stableEmulsionFat: total('stableEmulsionFat'),
  spreadFat: total('spreadFat'),
  surfactant: total('surfactant'),
  culturedProtein: total('culturedProtein'),
  tannin: total('tannin'),
  bakedProtein: total('bakedProtein'),
  calciumMg: total('calciumMg'),
  oligo: total('oligo'),
  dextrin: total('dextrin'),
  glutamate: total('glutamate'),
  aspartate: total('aspartate'),
  imp: total('imp'),
  gmp: total('gmp'),
  amp: total('amp'),
  bitter: total('bitter'),
});

/** Sugars with what they do, from those of the lines and the maltose that enzymes made of starch. */
function sugarsOf(
  lines: readonly Weighed[],
  total: ReturnType<typeof addUp>,
  maltose: number,
): Pick<Mixture, 'sugars' | 'sweetness' | 'sugarThickening'> {
  // What a soak drew out is gone from every kind of sugar alike.
  const onTheScale = allSugars(lines),
    kinds = onTheScale > 0 ? total('sugars') / onTheScale : 0;
  return {
    sugars: total('sugars') + maltose,
    sweetness: kinds * total('sweetness') + maltose * sugarSweetness.maltose,
    sugarThickening:
      kinds * total('sugarThickening') +
      maltose * sugarThickening.maltose +
      (total('oligo') + total('dextrin')) * sugarThickening.glucans,
  };
}

/** What is in particles, by what it is in, and how it feels. */
const particlesIn = (particles: ParticleState, piecesVolume: number, mass: number) => ({
  particleVolume: particles.volume,
  curdVolume: particles.curd,
  nutVolume: particles.nut,
  pieceVolume: particles.pieces + piecesVolume,
  cellWallVolume: particles.cellWall,
  dryParticleVolume: particles.dry,
  grains: particles.grains,
  meanDiameter: meanDiameter(particles, mass),
  coarseness: mass > 0 ? particles.coarse / (particles.coarse + a.coarseSeen * mass) : 0,
});

/** The lines on the scale, made ready, and what they come to; g. */
interface OnTheScale {
  readonly recipe: Cooked;
  readonly course: Course;
  readonly lines: readonly Weighed[];
  readonly total: ReturnType<typeof addUp>;
  /** With the water that making ready brought; and as weighed before. */
  readonly atStart: number;
  readonly weighedG: number;
}

function onTheScale(recipe: Cooked): OnTheScale {
  const course = courseOf(recipe),
    lines = separated(weigh(recipe.lines, partsOf), course);
  return {
    recipe,
    course,
    lines,
    total: addUp(lines),
    atStart: lines.reduce((all, { g, broughtWater, lostSugars }) => all + g + broughtWater - lostSugars, 0),
    weighedG: recipe.lines.reduce((all, line) => all + line.mass, 0),
  };
}

/** The heat that it met from the start, baking included, and what became of its water. */
interface Heated {
  readonly heat: HeatHistory;
  readonly leaving: Leaving;
  readonly water: PotWater;
}

function heated({ recipe, course, total, atStart }: OnTheScale): Heated {
  const { process } = course,
    heat = heatWithBaking(process, heatSince(course.heat, AT_START));
  const starch = total('starchTotal'),
    solids = total('protein') + total('fibre');
  const leaving = waterToLeave(course, atStart, {
    water: total('water'),
    starch,
    gums: total('gums'),
    solids,
  });
  const water = potWater(
    process,
    leaving.g,
    recipe.serving?.temperatureC ?? heat.maxTemperature,
    total('water'),
    total('fat') * suspension.fatVolume + (solids + starch) * a.proteinVolume,
  );
  return { heat, leaving, water };
}

/** Each line through heat and blade, with the starch that noodles gave; and the share of each starch that the pot’s heat cooks. */
function cooked(
  { course, lines, total }: OnTheScale,
  { heat, water }: Heated,
): { readonly done: CookedLines; readonly gelatinized: Float64Array; readonly given: number } {
  const gelatinizedBy = gelatinizer({
    water: Math.max((water.before + water.cooked) / 2, 1e-6),
    sugars: total('sugars'),
    salt: total('salt'),
    starch: total('starchTotal'),
  });
  const liquid = water.before + total('alcohol');
  const keptLiquid = liquid > 0 ? Math.max(1 - (water.before - water.cooked) / liquid, 0) : 1;
  const done = throughHeatAndBlade(lines, course, heat, gelatinizedBy, keptLiquid),
    given = noodleStarchGiven(course.process);
  done.starch.dispersed[WHEAT]! += given;
  return { done, gelatinized: gelatinizedBy(heat), given };
}

/** mL of the sauce without what thickens it, so that a thickener never dilutes the particles. */
const withoutThickeners = (
  total: ReturnType<typeof addUp>,
  { starch, alcohol }: CookedLines,
  water: number,
  fat: number,
): number =>
  water +
  fat * suspension.fatVolume +
  (total('protein') + total('fibre') + starch.raw + starch.inCells) * a.proteinVolume +
  total('salt') * a.saltVolume +
  Math.max(total('unnamed'), 0) * a.unnamedVolume +
  alcohol * a.alcoholVolume;

/** How sour it is, and each moment at which heat or something sour came to it. */
function acidity(
  { lines, course }: OnTheScale,
  heat: HeatHistory,
  { strongIons, buffers, courses }: CookedLines,
  water: number,
): Pick<Mixture, 'buffers' | 'strongIons' | 'pH' | 'acidMoments' | 'hydrolysis' | 'flocsShrunk'> {
  const pH = pHOfMixture(strongIons, buffers, water);
  const moments = acidMoments({ lines, courses, course, pot: heat, pH, water });
  return {
    buffers,
    strongIons,
    pH,
    acidMoments: moments,
    hydrolysis: hydrolysisOver(moments),
    flocsShrunk: shrunkByHeat(moments),
  };
}

/** What the heat made of it: alcohol, starch, protein, colour. */
const ofTheHeat = (
  { course, total }: OnTheScale,
  heat: HeatHistory,
  { done, gelatinized }: ReturnType<typeof cooked>,
  mass: number,
) => ({
  alcohol: done.alcohol,
  alcoholLeft: total('alcohol') > 0 ? done.alcohol / total('alcohol') : 1,
  alcoholBefore: total('alcohol'),
  heatSetProtein: done.heatSetProtein,
  pungent: done.pungent,
  dryHotStarch: done.dryHotStarch,
  maxTemperature: done.hottest.maxTemperature,
  hold: done.hottest.hold,
  worked: lastWorked(course),
  undissolvedGums: done.undissolvedGums,
  dispersedStarch: done.starch.dispersed,
  cellStarch: done.starch.inCells,
  rawStarch: done.starch.raw,
  flouryStarch: done.starch.floury,
  gelatinizedShares: gelatinized,
  breakdown: breakdownProgress(heat),
  browning: browningIndex(
    course.process,
    mass > 0 ? (100 * (total('sugars') + done.amylaseSugar + total('protein'))) / mass : 0,
  ),
  absorption: absorptionOf(done.colour, mass),
});

function mixtureOf(scale: OnTheScale): Assembled {
  const { course, lines, total, atStart, weighedG } = scale;
  const warm = heated(scale),
    pot = cooked(scale, warm),
    { done, given } = pot,
    { inPieces } = done;
  // Water that stays in pieces is no part of the sauce around them.
  const water = Math.max(warm.water.left - inPieces.water, a.leastWater * warm.water.left),
    fat = total('fat') - inPieces.fat,
    mass = atStart - warm.water.lost - warm.water.absorbed + given,
    suspensionVolume = withoutThickeners(total, done, water, fat),
    coagulatingProtein = total('coagulatingProtein');
  const mix: Mixture = {
    process: course.process,
    water,
    evaporated: warm.water.evaporated,
    absorbed: warm.water.absorbed,
    boilsOff: warm.leaving.g,
    waterDoubt: doubtOf(lines, warm.leaving.sd, water),
    broughtG: atStart - weighedG + given,
    mass,
    fat,
    inPieces,
    fates: done.courses,
    linePlaces: lines.map(({ place }) => place),
    protein: total('protein'),
    fibre: total('fibre'),
    salt: total('salt'),
    unnamed: total('unnamed'),
    allStarch: total('starchTotal'),
    solutes: done.solutes,
    fatByType: done.fatByType,
    ...simplyAddedUp(total),
    ...sugarsOf(lines, total, done.amylaseSugar),
    ...particlesIn(done.particles, inPieces.volume, mass),
    ...acidity(scale, warm.heat, done, water),
    ...ofTheHeat(scale, warm.heat, pot, mass),
    suspensionVolume,
    volume:
      suspensionVolume +
      inPieces.volume +
      sum(done.starch.dispersed) * a.starchVolume +
      sum(done.solutes) * a.gumVolume,
    emulsifiedFat: fat > 0 ? Math.min(total('emulsifiedFat') / fat, 1) : 0,
    coagulatingProtein,
    isoelectricPh:
      coagulatingProtein > 0 ? total('coagulatingAtIsoelectric') / coagulatingProtein : ANY_ISOELECTRIC_PH,
    guessedShare: weighedG > 0 ? total('guessed') / weighedG : 0,
    curdledBefore: 0,
  };
  return { mix, lines, courses: done.courses, gelatinized: done.gelatinized };
}

function assembled(recipe: Cooked): Assembled {
  const alone = mixtureOf(onTheScale(recipe));
  return { ...alone, mix: withMadeBefore(alone.mix, recipe.lines, potMadeBefore) };
}

/**
 * Adds up the lines and works out what heat, blade and time did to them.
 * @throws RangeError when a mass is negative or not a number (a caller's bug)
 * @source engine notes E-2, E-3, E-8, E-9
 */
export const assemble = (recipe: Cooked): Mixture => assembled(recipe).mix;
