import { noBuffers, pHOfMixture } from '../acidity/charge-balance.js';
import { fatTypes } from '../fat/solid-fat.params.js';
import { logistic } from '../numeric/smooth-step.js';
import { boiledSoft, grainFelt, grind } from '../particle/comminute.js';
import { comminution } from '../particle/comminution.params.js';
import { suspension } from '../particle/suspension.params.js';
import { gelatinization } from '../starch/gelatinization.params.js';
import { breakdownProgress, gelatinizedShares, hydrolysisFactor } from '../starch/gelatinize.js';
import { starchIds } from '../starch/starch.params.js';
import { soluteIds } from '../thickener/gum.params.js';
import { assembly as a } from './assemble.params.js';
import { type CompiledIngredient, compiledIngredient } from './compiled-ingredient.js';
import type { Mixture } from './mixture.js';
import type { Process, Recipe, RecipeLine } from './recipe.js';

const SUGARS = soluteIds.indexOf('sugars');
/** Isoelectric point assumed where nothing coagulates; never used in a result. */
const ANY_ISOELECTRIC_PH = 4.6;

interface Weighed {
  readonly line: RecipeLine;
  readonly c: CompiledIngredient;
  readonly g: number;
}

/** Sum of a per-gram property over the lines. */
const sumOf = (lines: readonly Weighed[], per: (c: CompiledIngredient, line: RecipeLine) => number): number =>
  lines.reduce((sum, { c, g, line }) => sum + per(c, line) * g, 0);

function weigh(lines: readonly RecipeLine[]): readonly Weighed[] {
  for (const line of lines) {
    if (!(line.mass >= 0) || !Number.isFinite(line.mass))
      throw new RangeError(
        `mass of ${line.ingredient.id} must be a finite number of grams, 0 or more; it is ${line.mass}`,
      );
  }
  return lines
    .filter((line) => line.mass > 0)
    .map((line) => ({ line, c: compiledIngredient(line.ingredient), g: line.mass }));
}

/** Share of a line's starch that its own amylase turns to sugar. */
function amylaseLoss({ line }: Weighed, process: Process): number {
  const most = line.ingredient.behaviour.amylaseLoss;
  if (most === 0 || line.stage === 'end') return line.preparation === 'boiled' ? most : 0;
  if (line.preparation === 'boiled') return most;
  return (
    most *
    logistic((process.maxTemperatureC - a.amylaseMidpoint) / a.amylaseWidth) *
    (1 - Math.exp(-process.holdMin / a.amylaseTime))
  );
}

interface StarchState {
  readonly dispersed: Float64Array;
  inCells: number;
  raw: number;
}

function addStarch(
  into: StarchState,
  { line, c, g }: Weighed,
  kept: number,
  gelatinized: Float64Array,
  fineness: number,
  energy: number,
): void {
  const b = c.ingredient.behaviour;
  const enclosed = b.cellEnclosed * (1 - gelatinization.blendedCellLoss * fineness * (energy > 0 ? 1 : 0));
  for (let i = 0; i < starchIds.length; i++) {
    const mass = (c.starch[i] ?? 0) * g * kept;
    if (mass === 0) continue;
    const own =
      line.stage === 'end'
        ? b.pregelatinized
        : b.pregelatinized + (1 - b.pregelatinized) * (gelatinized[i] ?? 0);
    const cooked = line.preparation === 'boiled' ? Math.max(own, gelatinization.preboiled) : own;
    into.dispersed[i] = (into.dispersed[i] ?? 0) + mass * cooked * (1 - enclosed);
    into.inCells += mass * cooked * enclosed;
    into.raw += mass * (1 - cooked);
  }
}

interface ParticleState {
  volume: number;
  cellWall: number;
  dry: number;
  grains: number;
  weight: number;
  weightedLog: number;
  largest: number;
}

function addParticles(into: ParticleState, { c, g }: Weighed, ground: ReturnType<typeof grind>): void {
  const wet =
    c.particleVolume *
    g *
    (suspension.coarseVolumeShare + (1 - suspension.coarseVolumeShare) * ground.fineness);
  if (c.ingredient.behaviour.particles === 'vegetable') into.cellWall += wet;
  else into.volume += wet;
  into.dry += ((c.insolubleProtein + c.fibre) * g) / a.dryParticleDensity;
  if (!(ground.diameter > 0)) return;
  const solids =
    (c.insolubleProtein * comminution.grainProteinSwelling + c.fibre * comminution.grainFibreSwelling) * g;
  into.grains += solids * grainFelt(ground);
  into.weight += solids;
  into.weightedLog += solids * Math.log(ground.diameter);
  into.largest = Math.max(into.largest, ground.diameter);
}

interface ColourState {
  scattering: number;
  readonly absorbed: [number, number, number];
}

function addColour(into: ColourState, { c, g }: Weighed, diameter: number): void {
  const { scattering, tint } = c.ingredient.behaviour;
  const weight = scattering * g * (diameter > comminution.pieceSize ? comminution.pieceColour : 1);
  into.scattering += weight;
  c.absorption.forEach((ratio, channel) => (into.absorbed[channel as 0 | 1 | 2] += weight * tint * ratio));
}

const sum = (values: Float64Array): number => values.reduce((all, value) => all + value, 0);

/**
 * Adds up the lines and works out what heat, blade and time did to them.
 * @throws RangeError when a mass is negative or not a number (a caller's bug)
 * @source engine notes E-2, E-3, E-8, E-9
 */
export function assemble(recipe: Pick<Recipe, 'lines' | 'process'>): Mixture {
  const { process } = recipe;
  const lines = weigh(recipe.lines);
  const heat = { maxTemperature: process.maxTemperatureC, hold: process.holdMin };

  const waterBefore = sumOf(lines, (c) => c.water);
  const water = Math.max(waterBefore - process.evaporatedG, a.leastWater * waterBefore + 1e-9);
  const evaporated = waterBefore - water;
  const salt = sumOf(lines, (c) => c.salt);
  const allStarch = sumOf(lines, (c) => c.starchTotal);
  const tableSugars = sumOf(lines, (c) => c.sugars);
  const cookingWater = {
    water: Math.max((waterBefore + water) / 2, 1e-6),
    sugars: tableSugars,
    salt,
    starch: allStarch,
  };
  const gelatinized = gelatinizedShares(heat, cookingWater);
  const softened = process.blendedAfterCooking ? boiledSoft(process.maxTemperatureC, process.holdMin) : 0;

  const starch: StarchState = { dispersed: new Float64Array(starchIds.length), inCells: 0, raw: 0 };
  const particles: ParticleState = {
    volume: 0,
    cellWall: 0,
    dry: 0,
    grains: 0,
    weight: 0,
    weightedLog: 0,
    largest: 0,
  };
  const colour: ColourState = { scattering: 0, absorbed: [0, 0, 0] };
  const solutes = new Float64Array(soluteIds.length),
    fatByType = new Float64Array(fatTypes.length);
  const buffers = noBuffers();
  let strongIons = 0,
    amylaseSugar = 0,
    dryHotStarch = 0;

  for (const weighed of lines) {
    const { line, c, g } = weighed;
    const b = c.ingredient.behaviour;
    const meetsBlade = line.blended ?? process.blendSeconds > 0;
    const energy = meetsBlade ? process.blenderPower * process.blendSeconds : 0;
    const boiled = line.preparation === 'boiled' ? 1 : line.stage === 'end' ? 0 : softened;
    const ground = grind(b, { soaked: line.preparation === 'soaked', boiled, energy });
    const loss = amylaseLoss(weighed, process);
    amylaseSugar += loss * c.starchTotal * g;
    addStarch(starch, weighed, 1 - loss, gelatinized, ground.fineness, energy);
    addParticles(particles, weighed, ground);
    addColour(colour, weighed, ground.diameter);
    for (let i = 0; i < solutes.length; i++) solutes[i] = (solutes[i] ?? 0) + (c.solutes[i] ?? 0) * g;
    fatByType[c.fatTypeIndex] = (fatByType[c.fatTypeIndex] ?? 0) + c.fat * g;
    strongIons += c.strongIons * g;
    for (const key of Object.keys(buffers) as (keyof typeof buffers)[]) buffers[key] += c.buffers[key] * g;
    if (line.stage === 'dry-hot' && c.starchTotal > comminution.lumpStarchShare)
      dryHotStarch += c.starchTotal * g;
  }
  solutes[SUGARS] = (solutes[SUGARS] ?? 0) + amylaseSugar;

  const fat = sumOf(lines, (c) => c.fat),
    protein = sumOf(lines, (c) => c.protein),
    fibre = sumOf(lines, (c) => c.fibre);
  const unnamed = sumOf(lines, (c) => c.unnamed);
  const boilsOff = process.maxTemperatureC > a.alcoholBoilAbove ? process.holdMin / a.alcoholBoilTime : 0;
  const alcohol = sumOf(lines, (c) => c.alcohol) * (1 - Math.min(1, boilsOff));
  const per = (of: (i: CompiledIngredient['ingredient']) => number | undefined) =>
    sumOf(lines, (c) => (of(c.ingredient) ?? 0) / 100);
  const biteLeft =
    process.maxTemperatureC > a.pungencyCookedAbove
      ? a.pungencyFast * Math.exp(-process.holdMin / a.pungencyTime) + a.pungencyLeft
      : 1;
  const coagulatingProtein = sumOf(lines, (c) => c.ingredient.behaviour.coagulation * c.protein);
  const pH = pHOfMixture(strongIons, buffers, water);
  const withoutThickeners =
    water +
    fat * suspension.fatVolume +
    (protein + fibre + starch.raw + starch.inCells) * a.proteinVolume +
    salt * a.saltVolume +
    Math.max(unnamed, 0) * a.unnamedVolume +
    alcohol * a.alcoholVolume;
  const scattering = Math.max(colour.scattering, 1e-9);

  return {
    process, water, evaporated, fat, protein, fibre, salt, alcohol, unnamed, allStarch, solutes, fatByType, buffers, strongIons, pH, coagulatingProtein, dryHotStarch,
    mass: lines.reduce((all, { g }) => all + g, 0) - evaporated,
    sugars: tableSugars + amylaseSugar,
    calciumMg: per((i) => i.per100.calciumMg),
    dispersedStarch: starch.dispersed,
    cellStarch: starch.inCells,
    rawStarch: starch.raw,
    gelatinizedShares: gelatinized,
    hydrolysis: hydrolysisFactor(heat, pH),
    breakdown: breakdownProgress(heat),
    particleVolume: particles.volume,
    cellWallVolume: particles.cellWall,
    dryParticleVolume: particles.dry,
    suspensionVolume: withoutThickeners,
    volume: withoutThickeners + sum(starch.dispersed) * a.starchVolume + sum(solutes) * a.gumVolume,
    emulsifyingProtein: sumOf(lines, (c) => c.ingredient.behaviour.emulsifying * c.protein),
    emulsifiedFat: fat > 0 ? sumOf(lines, (c) => c.ingredient.behaviour.emulsifying * c.fat) / fat : 0,
    stableEmulsionFat: sumOf(lines, (c) => (c.ingredient.behaviour.stableEmulsion ? c.fat : 0)),
    heatSetProtein: sumOf(lines, (c, line) => (line.stage === 'end' ? 0 : c.ingredient.behaviour.heatSetProtein * c.protein)),
    isoelectricPh: coagulatingProtein > 0 ? sumOf(lines, (c) => c.ingredient.behaviour.coagulation * c.protein * c.ingredient.behaviour.isoelectricPh) / coagulatingProtein : ANY_ISOELECTRIC_PH,
    grains: particles.grains,
    meanDiameter: particles.weight > 0 ? Math.exp(particles.weightedLog / particles.weight) : 0,
    largestDiameter: particles.largest,
    glutamate: per((i) => i.per100.glutamate),
    aspartate: per((i) => i.per100.aspartate),
    imp: per((i) => i.per100.imp),
    gmp: per((i) => i.per100.gmp),
    amp: per((i) => i.per100.amp),
    bitter: per((i) => i.behaviour.bitter),
    pungent: sumOf(lines, (c, line) => (c.ingredient.behaviour.pungent / 100) * (line.stage === 'end' ? 1 : biteLeft)),
    absorption: [colour.absorbed[0] / scattering, colour.absorbed[1] / scattering, colour.absorbed[2] / scattering],
  }; // prettier-ignore
}
