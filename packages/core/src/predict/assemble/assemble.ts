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
import { courseOf, lastWorked, waterToLeave } from '../course/course.js';
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
import { throughHeatAndBlade } from './cooked-lines.js';
import { potWater } from './pot-water.js';
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

/**
 * Adds up the lines and works out what heat, blade and time did to them.
 * @throws RangeError when a mass is negative or not a number (a caller's bug)
 * @source engine notes E-2, E-3, E-8, E-9
 */
export const assemble = (recipe: Cooked): Mixture => assembled(recipe).mix;

function assembled(recipe: Cooked): Assembled {
  const course = courseOf(recipe),
    { process } = course;
  const lines = separated(weigh(recipe.lines, partsOf), course);
  const heat = heatWithBaking(process, heatSince(course.heat, AT_START));

  const total = addUp(lines);
  const salt = total('salt'),
    fat = total('fat'),
    protein = total('protein'),
    fibre = total('fibre'),
    unnamed = total('unnamed'),
    allStarch = total('starchTotal'),
    tableSugars = total('sugars'),
    coagulatingProtein = total('coagulatingProtein');
  const atStart = lines.reduce(
    (all, { g, broughtWater, lostSugars }) => all + g + broughtWater - lostSugars,
    0,
  );
  const { g: boilsOff, sd: boilsOffSd } = waterToLeave(course, atStart, {
    water: total('water'),
    starch: allStarch,
    gums: total('gums'),
    solids: protein + fibre,
  });
  const { before, cooked, left, evaporated, absorbed, lost } = potWater(
    process,
    boilsOff,
    recipe.serving?.temperatureC ?? heat.maxTemperature,
    total('water'),
    fat * suspension.fatVolume + (protein + fibre + allStarch) * a.proteinVolume,
  );
  const cookingWater = {
    water: Math.max((before + cooked) / 2, 1e-6),
    sugars: tableSugars,
    salt,
    starch: allStarch,
  };
  const gelatinizedBy = gelatinizer(cookingWater),
    gelatinized = gelatinizedBy(heat);
  const liquid = before + total('alcohol');
  const keptLiquid = liquid > 0 ? Math.max(1 - (before - cooked) / liquid, 0) : 1;
  const cookedLines = throughHeatAndBlade(lines, course, heat, gelatinizedBy, keptLiquid);
  const { starch, particles, colour, solutes, fatByType, buffers } = cookedLines,
    { strongIons, amylaseSugar, heatSetProtein, pungent, dryHotStarch, alcohol, inPieces } = cookedLines;
  const given = noodleStarchGiven(process);
  starch.dispersed[WHEAT]! += given;
  // Water that stays in pieces is no part of the sauce around them.
  const water = Math.max(left - inPieces.water, a.leastWater * left);
  const sauceFat = fat - inPieces.fat;
  const alcoholLeft = total('alcohol') > 0 ? alcohol / total('alcohol') : 1;
  const pH = pHOfMixture(strongIons, buffers, water);
  const moments = acidMoments({ lines, courses: cookedLines.courses, course, pot: heat, pH, water });
  const withoutThickeners =
    water +
    sauceFat * suspension.fatVolume +
    (protein + fibre + starch.raw + starch.inCells) * a.proteinVolume +
    salt * a.saltVolume +
    Math.max(unnamed, 0) * a.unnamedVolume +
    alcohol * a.alcoholVolume;
  const weighedMass = recipe.lines.reduce((all, line) => all + line.mass, 0);
  const mass = atStart - lost - absorbed + given;
  const reactants = mass > 0 ? (100 * (tableSugars + amylaseSugar + protein)) / mass : 0;

  const mix: Mixture = {
    process,
    water,
    evaporated,
    boilsOff,
    waterDoubt: doubtOf(lines, boilsOffSd, water),
    broughtG: atStart - weighedMass + given,
    fat: sauceFat,
    inPieces,
    undissolvedGums: cookedLines.undissolvedGums,
    fates: cookedLines.courses,
    linePlaces: lines.map(({ place }) => place),
    protein,
    fibre,
    salt,
    alcohol,
    alcoholLeft,
    unnamed,
    allStarch,
    solutes,
    fatByType,
    buffers,
    strongIons,
    pH,
    coagulatingProtein,
    dryHotStarch,
    mass,
    absorbed,
    maxTemperature: cookedLines.hottest.maxTemperature,
    hold: cookedLines.hottest.hold,
    ...simplyAddedUp(total),
    worked: lastWorked(course),
    alcoholBefore: total('alcohol'),
    heatSetProtein,
    pungent,
    ...sugarsOf(lines, total, amylaseSugar),
    ...particlesIn(particles, inPieces.volume, mass),
    dispersedStarch: starch.dispersed,
    cellStarch: starch.inCells,
    rawStarch: starch.raw,
    flouryStarch: starch.floury,
    gelatinizedShares: gelatinized,
    hydrolysis: hydrolysisOver(moments),
    acidMoments: moments,
    breakdown: breakdownProgress(heat),
    flocsShrunk: shrunkByHeat(moments),
    suspensionVolume: withoutThickeners,
    volume:
      withoutThickeners +
      inPieces.volume +
      sum(starch.dispersed) * a.starchVolume +
      sum(solutes) * a.gumVolume,
    emulsifiedFat: sauceFat > 0 ? Math.min(total('emulsifiedFat') / sauceFat, 1) : 0,
    browning: browningIndex(process, reactants),
    isoelectricPh:
      coagulatingProtein > 0 ? total('coagulatingAtIsoelectric') / coagulatingProtein : ANY_ISOELECTRIC_PH,
    guessedShare: weighedMass > 0 ? total('guessed') / weighedMass : 0,
    absorption: absorptionOf(colour, mass),
    curdledBefore: 0,
  };
  return {
    mix: withMadeBefore(mix, recipe.lines, potMadeBefore),
    lines,
    courses: cookedLines.courses,
    gelatinized: cookedLines.gelatinized,
  };
}
