import { fatTypes, soluteIds } from '../../ingredient/substance.js';
import { preparationOf } from '../../recipe/preparation.js';
import type { Recipe } from '../../recipe/recipe.js';
import { type BufferAmounts, noBuffers, pHOfMixture } from '../acidity/charge-balance.js';
import { browningIndex, heatWithBaking } from '../heat/bake.js';
import type { Mixture } from '../mixture/mixture.js';
import { boiledSoft, grind } from '../particle/comminute.js';
import { comminution } from '../particle/comminution.params.js';
import { suspension } from '../particle/suspension.params.js';
import {
  breakdownProgress,
  gelatinizedShares,
  type HeatHistory,
  hydrolysisFactor,
} from '../starch/gelatinize.js';
import { bitingStrength } from '../taste/pungency.js';
import { assembly as a } from './assemble.params.js';
import { absorptionOf, addColour, noColour } from './colour-state.js';
import { addParticles, noParticles, unfoldedBy } from './particle-state.js';
import { potWater } from './pot-water.js';
import { addStarch, amylaseLoss, noStarch } from './starch-state.js';
import { addUp, weigh } from './weighed.js';

const SUGARS = soluteIds.indexOf('sugars');
/** Isoelectric point assumed where nothing coagulates; never used in a result. */
const ANY_ISOELECTRIC_PH = 4.6;

const bufferKeys = Object.keys(noBuffers()) as (keyof BufferAmounts)[];

const sum = (values: Float64Array): number => values.reduce((all, value) => all + value, 0);

/** Share of the raw bite that heat leaves to what is not hot by nature. */
const biteAfter = ({ maxTemperature, hold }: HeatHistory): number =>
  maxTemperature > a.pungencyCookedAbove
    ? a.pungencyFast * Math.exp(-hold / a.pungencyTime) + a.pungencyLeft
    : 1;

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
  const softened = process.blendedAfterCooking ? boiledSoft(process.maxTemperatureC, process.holdMin) : 0;
  const unfolded = unfoldedBy(heat);

  const starch = noStarch(),
    particles = noParticles(),
    colour = noColour();
  const solutes = new Float64Array(soluteIds.length),
    fatByType = new Float64Array(fatTypes.length);
  const buffers = noBuffers();
  let strongIons = 0,
    amylaseSugar = 0,
    heatSetProtein = 0,
    pungent = 0,
    dryHotStarch = 0;

  const biteLeft = biteAfter(heat);
  for (const weighed of lines) {
    const { line, c, g } = weighed;
    const b = c.ingredient.behaviour,
      made = preparationOf(line.preparation);
    const meetsBlade = line.blended ?? process.blendSeconds > 0;
    const energy = meetsBlade ? process.blenderPower * process.blendSeconds : 0;
    const boiled = made.boiledSoft ? 1 : line.stage === 'end' ? 0 : softened;
    const ground = grind(b, { soaked: made.soaked, boiled, energy });
    const loss = amylaseLoss(weighed, heat);
    amylaseSugar += loss * c.starchTotal * g;
    addStarch(starch, weighed, 1 - loss, gelatinized, ground.fineness, energy);
    addParticles(particles, weighed, ground, line.stage === 'end' ? 0 : unfolded);
    addColour(colour, weighed, ground.diameter);
    for (let i = 0; i < solutes.length; i++) solutes[i] = (solutes[i] ?? 0) + (c.solutes[i] ?? 0) * g;
    fatByType[c.fatTypeIndex] = (fatByType[c.fatTypeIndex] ?? 0) + c.fat * g;
    strongIons += c.strongIons * g;
    heatSetProtein += line.stage === 'end' ? 0 : b.heatSetProtein * c.protein * g;
    pungent += bitingStrength(b.pungent) * (b.lastingBite || line.stage === 'end' ? 1 : biteLeft) * g;
    for (const key of bufferKeys) buffers[key] += c.buffers[key] * g;
    if (line.stage === 'dry-hot' && c.starchTotal > comminution.lumpStarchShare)
      dryHotStarch += c.starchTotal * g;
  }
  solutes[SUGARS] = (solutes[SUGARS] ?? 0) + amylaseSugar;

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
