import type { Recipe } from '../../recipe/recipe.js';
import { pHOfMixture } from '../acidity/charge-balance.js';
import { browningIndex, heatWithBaking } from '../heat/bake.js';
import type { Mixture } from '../mixture/mixture.js';
import { suspension } from '../particle/suspension.params.js';
import {
  breakdownProgress,
  gelatinizedShares,
  type HeatHistory,
  hydrolysisFactor,
} from '../starch/gelatinize.js';
import { assembly as a } from './assemble.params.js';
import { absorptionOf } from './colour-state.js';
import { throughHeatAndBlade } from './cooked-lines.js';
import { potWater } from './pot-water.js';
import { addUp, weigh } from './weighed.js';

/** Isoelectric point assumed where nothing coagulates; never used in a result. */
const ANY_ISOELECTRIC_PH = 4.6;

const sum = (values: Float64Array): number => values.reduce((all, value) => all + value, 0);

/** Share of the alcohol that cooking leaves. */
const alcoholAfter = ({ maxTemperature, hold }: HeatHistory): number =>
  1 - Math.min(1, maxTemperature > a.alcoholBoilAbove ? hold / a.alcoholBoilTime : 0);

/**
 * Adds up the lines and works out what heat, blade and time did to them.
 * @throws RangeError when a mass is negative or not a number (a caller's bug)
 * @source engine notes E-2, E-3, E-8, E-9
 */
export function assemble(
  recipe: Pick<Recipe, 'lines' | 'process'> & Partial<Pick<Recipe, 'serving'>>,
): Mixture {
  const { process } = recipe;
  const lines = weigh(recipe.lines);
  const heat = heatWithBaking(process);

  const total = addUp(lines);
  const salt = total('salt'),
    fat = total('fat'),
    protein = total('protein'),
    fibre = total('fibre'),
    unnamed = total('unnamed'),
    allStarch = total('starchTotal'),
    tableSugars = total('sugars'),
    coagulatingProtein = total('coagulatingProtein');
  const { before, cooked, left, evaporated, absorbed, lost } = potWater(
    process,
    recipe.serving?.temperatureC ?? heat.maxTemperature,
    total('water'),
    fat * suspension.fatVolume + (protein + fibre + allStarch) * a.proteinVolume,
  );
  const water = left;
  const cookingWater = {
    water: Math.max((before + cooked) / 2, 1e-6),
    sugars: tableSugars,
    salt,
    starch: allStarch,
  };
  const gelatinized = gelatinizedShares(heat, cookingWater);
  const cookedLines = throughHeatAndBlade(lines, process, heat, gelatinized);
  const { starch, particles, colour, solutes, fatByType, buffers } = cookedLines,
    { strongIons, amylaseSugar, heatSetProtein, pungent, dryHotStarch } = cookedLines;

  const alcoholLeft = alcoholAfter(heat),
    alcohol = total('alcohol') * alcoholLeft;
  const pH = pHOfMixture(strongIons, buffers, water);
  const withoutThickeners =
    water +
    fat * suspension.fatVolume +
    (protein + fibre + starch.raw + starch.inCells) * a.proteinVolume +
    salt * a.saltVolume +
    Math.max(unnamed, 0) * a.unnamedVolume +
    alcohol * a.alcoholVolume;
  const weighedMass = lines.reduce((all, { g }) => all + g, 0);
  const mass = weighedMass - lost - absorbed;
  const reactants = mass > 0 ? (100 * (tableSugars + amylaseSugar + protein)) / mass : 0;

  return {
    process,
    water,
    evaporated,
    fat,
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
    maxTemperature: heat.maxTemperature,
    hold: heat.hold,
    gums: total('gums'),
    emulsifyingProtein: total('emulsifyingProtein'),
    stableEmulsionFat: total('stableEmulsionFat'),
    bakedProtein: total('bakedProtein'),
    calciumMg: total('calciumMg'),
    oligo: total('oligo'),
    glutamate: total('glutamate'),
    aspartate: total('aspartate'),
    imp: total('imp'),
    gmp: total('gmp'),
    amp: total('amp'),
    bitter: total('bitter'),
    heatSetProtein,
    pungent,
    sugars: tableSugars + amylaseSugar,
    dispersedStarch: starch.dispersed,
    cellStarch: starch.inCells,
    rawStarch: starch.raw,
    flouryStarch: starch.floury,
    gelatinizedShares: gelatinized,
    hydrolysis: hydrolysisFactor(heat, pH),
    breakdown: breakdownProgress(heat),
    particleVolume: particles.volume,
    curdVolume: particles.curd,
    nutVolume: particles.nut,
    pieceVolume: particles.pieces,
    cellWallVolume: particles.cellWall,
    dryParticleVolume: particles.dry,
    suspensionVolume: withoutThickeners,
    volume: withoutThickeners + sum(starch.dispersed) * a.starchVolume + sum(solutes) * a.gumVolume,
    emulsifiedFat: fat > 0 ? total('emulsifiedFat') / fat : 0,
    browning: browningIndex(process, reactants),
    isoelectricPh:
      coagulatingProtein > 0 ? total('coagulatingAtIsoelectric') / coagulatingProtein : ANY_ISOELECTRIC_PH,
    grains: particles.grains,
    meanDiameter: particles.weight > 0 ? Math.exp(particles.weightedLog / particles.weight) : 0,
    largestDiameter: particles.largest,
    guessedShare: weighedMass > 0 ? total('guessed') / weighedMass : 0,
    absorption: absorptionOf(colour),
  };
}
