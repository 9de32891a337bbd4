import { type BufferAmounts, noBuffers, pHOfMixture } from '../acidity/charge-balance.js';
import { fatTypes } from '../fat/solid-fat.params.js';
import { bakeLoss, browningIndex, heatWithBaking, keepWarmLoss, noodleUptake } from '../heat/bake.js';
import { logistic } from '../numeric/smooth-step.js';
import { boiledSoft, grainFelt, grind } from '../particle/comminute.js';
import { comminution } from '../particle/comminution.params.js';
import { proteinVolume, suspension } from '../particle/suspension.params.js';
import { eatenRaw, gelatinization } from '../starch/gelatinization.params.js';
import {
  breakdownProgress,
  gelatinizedShares,
  type HeatHistory,
  hydrolysisFactor,
} from '../starch/gelatinize.js';
import { starchIds } from '../starch/starch.params.js';
import { bitingStrength } from '../taste/pungency.js';
import { soluteIds } from '../thickener/gum.params.js';
import { assembly as a } from './assemble.params.js';
import {
  additiveNames,
  type AdditiveName,
  additivePlace,
  type CompiledIngredient,
  compiledIngredient,
} from './compiled-ingredient.js';
import type { Mixture } from './mixture.js';
import type { Process, Recipe, RecipeLine } from './recipe.js';

const isEatenRaw = starchIds.map((id) => eatenRaw.includes(id));
const SUGARS = soluteIds.indexOf('sugars');
/** Isoelectric point assumed where nothing coagulates; never used in a result. */
const ANY_ISOELECTRIC_PH = 4.6;

interface Weighed {
  readonly line: RecipeLine;
  readonly c: CompiledIngredient;
  readonly g: number;
}

/** What simply adds up over the lines, all of it in one pass. */
function addUp(lines: readonly Weighed[]): (name: AdditiveName) => number {
  const sums = new Float64Array(additiveNames.length);
  for (const { c, g } of lines) for (let k = 0; k < sums.length; k++) sums[k]! += c.additives[k]! * g;
  return (name) => sums[additivePlace[name]]!;
}

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
function amylaseLoss({ line }: Weighed, heat: HeatHistory): number {
  const most = line.ingredient.behaviour.amylaseLoss;
  if (most === 0 || line.stage === 'end') return line.preparation === 'boiled' ? most : 0;
  if (line.preparation === 'boiled') return most;
  return (
    most *
    logistic((heat.maxTemperature - a.amylaseMidpoint) / a.amylaseWidth) *
    (1 - Math.exp(-heat.hold / a.amylaseTime))
  );
}

interface StarchState {
  readonly dispersed: Float64Array;
  inCells: number;
  raw: number;
  floury: number;
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
    if (!isEatenRaw[i]) into.floury += mass * (1 - cooked);
  }
}

/** Water that leaves after cooking: in the oven, on the warm stove, into noodles; g. @param dryAndFat mL of all that is not water */
function laterWater(
  process: Process,
  servedAt: number,
  water: number,
  dryAndFat: number,
): { readonly evaporated: number; readonly absorbed: number } {
  if (!(process.bakeMin > 0 || process.keepWarmMin > 0)) return { evaporated: 0, absorbed: 0 };
  const volume = water + dryAndFat;
  const baked = bakeLoss(process, water, volume);
  const warm = keepWarmLoss(process, servedAt, water - baked, volume);
  return { evaporated: baked + warm, absorbed: noodleUptake(process, water - baked - warm) };
}

interface ParticleState {
  volume: number;
  curd: number;
  cellWall: number;
  nut: number;
  pieces: number;
  dry: number;
  grains: number;
  weight: number;
  weightedLog: number;
  largest: number;
}

/** mL that heat-unfolded pulse protein holds beyond what its particles held raw. */
function heatedSwelling(c: CompiledIngredient, unfolded: number): number {
  const { heatSetProtein, particles } = c.ingredient.behaviour;
  if (heatSetProtein === 0 || particles !== 'legume') return 0;
  const dissolved = (c.protein - c.insolubleProtein) * heatSetProtein * suspension.heatedProtein;
  return (
    unfolded * (dissolved + (suspension.heatedInsoluble - 1) * c.insolubleProtein * proteinVolume.legume)
  );
}

/** Pieces of curd that never met a blade keep the water they came with. */
const isPiece = (c: CompiledIngredient, diameter: number): boolean =>
  diameter >= suspension.pieceFrom && c.ingredient.behaviour.particles === 'curd';

function addParticles(
  into: ParticleState,
  { c, g }: Weighed,
  ground: ReturnType<typeof grind>,
  unfolded: number,
): void {
  const kind = c.ingredient.behaviour.particles;
  const wet =
    (c.particleVolume *
      (suspension.coarseVolumeShare + (1 - suspension.coarseVolumeShare) * ground.fineness) +
      heatedSwelling(c, unfolded)) *
    g;
  if (kind === 'vegetable') into.cellWall += wet;
  else if (kind !== 'curd') into.volume += wet;
  else if (isPiece(c, ground.diameter)) {
    const own = (c.water + c.protein * a.proteinVolume) * g;
    into.volume += Math.max(own, wet);
    into.pieces += own;
  } else into.curd += wet;
  if (kind === 'nut') into.nut += wet;
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

const bufferKeys = Object.keys(noBuffers()) as (keyof BufferAmounts)[];

const sum = (values: Float64Array): number => values.reduce((all, value) => all + value, 0);

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
  const waterBefore = total('water'),
    salt = total('salt'),
    fat = total('fat'),
    protein = total('protein'),
    fibre = total('fibre'),
    unnamed = total('unnamed'),
    allStarch = total('starchTotal'),
    tableSugars = total('sugars'),
    coagulatingProtein = total('coagulatingProtein');
  const leastWater = a.leastWater * waterBefore + 1e-9;
  const potWater = Math.max(waterBefore - process.evaporatedG, leastWater);
  const away = laterWater(
    process,
    recipe.serving?.temperatureC ?? heat.maxTemperature,
    potWater,
    fat * suspension.fatVolume + (protein + fibre + allStarch) * a.proteinVolume,
  );
  const water = Math.max(potWater - away.evaporated - away.absorbed, leastWater);
  const absorbed = Math.min(away.absorbed, potWater - water);
  // The trace of water that keeps the laws defined in a dry pot was never lost from it.
  const lost = waterBefore - water - absorbed,
    evaporated = Math.max(lost, 0);
  const cookingWater = {
    water: Math.max((waterBefore + potWater) / 2, 1e-6),
    sugars: tableSugars,
    salt,
    starch: allStarch,
  };
  const gelatinized = gelatinizedShares(heat, cookingWater);
  const softened = process.blendedAfterCooking ? boiledSoft(process.maxTemperatureC, process.holdMin) : 0;
  const unfolded =
    logistic((heat.maxTemperature - suspension.heatGelMidpoint) / suspension.heatGelWidth) *
    (1 - Math.exp(-heat.hold / suspension.heatedTime));

  const starch: StarchState = {
    dispersed: new Float64Array(starchIds.length),
    inCells: 0,
    raw: 0,
    floury: 0,
  };
  const particles: ParticleState = {
    volume: 0,
    curd: 0,
    cellWall: 0,
    nut: 0,
    pieces: 0,
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
    heatSetProtein = 0,
    pungent = 0,
    dryHotStarch = 0;

  const biteLeft =
    heat.maxTemperature > a.pungencyCookedAbove
      ? a.pungencyFast * Math.exp(-heat.hold / a.pungencyTime) + a.pungencyLeft
      : 1;
  for (const weighed of lines) {
    const { line, c, g } = weighed;
    const b = c.ingredient.behaviour;
    const meetsBlade = line.blended ?? process.blendSeconds > 0;
    const energy = meetsBlade ? process.blenderPower * process.blendSeconds : 0;
    const boiled = line.preparation === 'boiled' ? 1 : line.stage === 'end' ? 0 : softened;
    const ground = grind(b, { soaked: line.preparation === 'soaked', boiled, energy });
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

  const boilsOff = heat.maxTemperature > a.alcoholBoilAbove ? heat.hold / a.alcoholBoilTime : 0;
  const alcoholLeft = 1 - Math.min(1, boilsOff),
    alcohol = total('alcohol') * alcoholLeft;
  const pH = pHOfMixture(strongIons, buffers, water);
  const withoutThickeners =
    water +
    fat * suspension.fatVolume +
    (protein + fibre + starch.raw + starch.inCells) * a.proteinVolume +
    salt * a.saltVolume +
    Math.max(unnamed, 0) * a.unnamedVolume +
    alcohol * a.alcoholVolume;
  const scattering = Math.max(colour.scattering, 1e-9);
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
    absorption: [
      colour.absorbed[0] / scattering,
      colour.absorbed[1] / scattering,
      colour.absorbed[2] / scattering,
    ],
  };
}
