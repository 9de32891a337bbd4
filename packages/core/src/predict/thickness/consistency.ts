import { fat } from '../fat/solid-fat.params.js';
import { solidFatOfMix } from '../fat/solid-fat.js';
import type { Mixture } from '../mixture/mixture.js';
import type { Storage } from '../mixture/recipe.js';
import { arrhenius, GAS_CONSTANT, waterViscosity } from '../numeric/arrhenius.js';
import { logistic, softplus } from '../numeric/smooth-step.js';
import { suspension as s } from '../particle/suspension.params.js';
import { starches, starchIds } from '../starch/starch.params.js';
import {
  characteristicConcentration,
  CROSSOVER_VISCOSITY,
  type ThickenerState,
  viscosityIncrement,
} from '../thickener/additivity.js';
import { soluteIds, solutes } from '../thickener/gum.params.js';
import { type KitchenOffsets, noOffsets } from '../uncertainty/kitchen-offsets.params.js';
import { consistency as p } from './consistency.params.js';

/** When and how warm somebody looks at the pot. */
export interface Moment {
  /** °C. */
  readonly temperature: number;
  readonly storage: Storage;
  readonly days: number;
}

/** The flow of the pot at one moment. */
export interface Consistency {
  /** Apparent viscosity at 50 s⁻¹ with the stirred share of the yield stress, mPa·s. */
  readonly viscosity: number;
  /** Pa. */
  readonly yieldStress: number;
  /** Parts of the yield stress that come from set gels and from fat crystals, Pa. */
  readonly gelStress: number;
  readonly fatStress: number;
  /** Viscosity of the liquid between the particles, mPa·s. */
  readonly continuous: number;
  /** Dispersed volume over what can be packed; above about 1 the pot is a paste. */
  readonly packing: number;
  readonly dispersedVolume: number;
  /** Share of the dispersed volume that is fat. */
  readonly dropletShare: number;
  /** g of water left to the thickeners. */
  readonly freeWater: number;
  /** % of the fat. */
  readonly solidFat: number;
  /** 0 water-continuous .. 1 oil-continuous. */
  readonly oilContinuous: number;
  /** Flow index of the power law near 50 s⁻¹. */
  readonly flowIndex: number;
}

const starchRows = starchIds.map((id) => starches[id]);
const starchConcentration = starchRows.map((t) => characteristicConcentration(t.cRef, t.etaRef, t.n1, t.n2));
const SUGARS = soluteIds.indexOf('sugars'),
  PROTEIN = soluteIds.indexOf('protein');
const soluteRows = soluteIds.map((id) => solutes[id]);
const soluteConcentration = soluteRows.map((t) => characteristicConcentration(t.cRef, t.etaRef, t.n1, t.n2));

/** How far the fridge has worked on the starch after some days, 0..1. */
export const retrogradationProgress = (days: number): number => 1 - Math.exp(-days / p.retrogradationDays);

interface Water {
  readonly all: number;
  readonly free: number;
  readonly solids: number;
}

function shareWater(mix: Mixture, z: KitchenOffsets): Water {
  const all = mix.water * Math.exp(z.water);
  const seed = Math.exp(z.seed);
  const solids =
    mix.particleVolume * seed +
    mix.cellWallVolume * Math.exp(z.cellWall) +
    s.cellStarchVolume * mix.cellStarch * seed +
    s.rawStarchVolume * mix.rawStarch;
  const demand = Math.max(
    solids - mix.dryParticleVolume - s.starchSorption * (mix.rawStarch + mix.cellStarch),
    0,
  );
  const ratio = demand / (s.boundWaterLimit * all);
  const bound = demand / Math.cbrt(1 + ratio * ratio * ratio);
  return { all, free: Math.max(all - bound, 1e-6), solids };
}

interface ContinuousPhase {
  readonly viscosity: number;
  readonly increment: number;
  readonly gelStress: number;
}

function addStarches(
  mix: Mixture,
  at: Moment,
  free: number,
  z: KitchenOffsets,
  parts: ThickenerState[],
): number {
  const tz = Math.exp(z.temperature),
    ret = retrogradationProgress(at.days);
  const cooled = logistic((p.setBackMidpoint - at.temperature) / p.setBackWidth);
  const set =
    logistic((p.starchGelMidpoint - at.temperature) / p.starchGelWidth) *
    (at.storage === 'cool' ? p.freshGelShare : p.storedGelShare + (1 - p.storedGelShare) * ret);
  let gel = 0;
  for (let i = 0; i < starchRows.length; i++) {
    const mass = mix.dispersedStarch[i] ?? 0,
      t = starchRows[i];
    if (mass <= 1e-9 || !t) continue;
    const c = (100 * mass) / free;
    const lasting = mix.hydrolysis * (1 - t.breakdown * mix.breakdown);
    let setBack = t.setBack * cooled;
    if (at.storage !== 'cool')
      setBack = (setBack + t.irreversible * ret) * (1 + p.storedSetBack * t.retrogradation * ret * cooled);
    parts.push({
      reduced: c / (starchConcentration[i] ?? 1),
      scale:
        CROSSOVER_VISCOSITY *
        arrhenius(t.Ea * tz, at.temperature) *
        Math.exp(z[t.group]) *
        lasting *
        (1 + setBack),
      n1: t.n1,
      n2: t.n2,
    });
    gel += lasting * t.gelK * softplus(c - t.gelC0, p.starchGelCorner) ** p.starchGelPower * set;
  }
  return gel;
}

function addSolutes(
  mix: Mixture,
  at: Moment,
  water: Water,
  z: KitchenOffsets,
  parts: ThickenerState[],
): number {
  const tz = Math.exp(z.temperature);
  let gel = 0;
  for (let i = 0; i < soluteRows.length; i++) {
    const mass = mix.solutes[i] ?? 0,
      t = soluteRows[i];
    if (mass <= 1e-9 || !t) continue;
    const solvent = i === SUGARS ? water.all : i === PROTEIN ? (water.all + water.free) / 2 : water.free;
    const c = (100 * mass) / solvent;
    parts.push({
      reduced: c / (soluteConcentration[i] ?? 1),
      scale:
        CROSSOVER_VISCOSITY * arrhenius(t.Ea * tz, at.temperature) * (t.group ? Math.exp(z[t.group]) : 1),
      n1: t.n1,
      n2: t.n2,
    });
    if (!t.gel) continue;
    const turns = at.storage === 'cool' ? t.gel.Tset : t.gel.Tmelt;
    gel +=
      t.gel.k *
      softplus(c - t.gel.c0, p.gumGelCorner * t.cRef) ** t.gel.power *
      logistic((turns - at.temperature) / t.gel.width) *
      (c / (c + p.gumGelTrace));
  }
  return gel;
}

function continuousPhase(mix: Mixture, at: Moment, water: Water, z: KitchenOffsets): ContinuousPhase {
  const parts: ThickenerState[] = [];
  let gel = addStarches(mix, at, water.free, z, parts) + addSolutes(mix, at, water, z, parts);
  if (mix.heatSetProtein > 0) {
    const heated =
      logistic((mix.process.maxTemperatureC - s.heatGelMidpoint) / s.heatGelWidth) *
      (1 - Math.exp(-mix.process.holdMin / s.heatGelTime));
    gel +=
      s.heatGelK *
      softplus((100 * mix.heatSetProtein) / water.free - s.heatGelC0, p.heatGelCorner) ** 2 *
      heated;
  }
  const increment = viscosityIncrement(parts);
  return {
    viscosity: waterViscosity(at.temperature) + increment,
    increment,
    gelStress: gel * Math.exp(z.gel),
  };
}

const roundedPositive = (x: number): number =>
  (x + Math.sqrt(x * x + 4 * s.packingSoftness * s.packingSoftness)) / 2;

/** Krieger–Dougherty below packing, bounded above it. */
function hydrodynamicFactor(packing: number): number {
  const k = (roundedPositive(1 - packing) / roundedPositive(1)) ** -s.hydrodynamicExponent;
  return k / (1 + (k - 1) / s.hydrodynamicCap);
}

/** Yield stress of chilled high-fat emulsions whose droplets hold hard fat, Pa. */
function chilledEmulsionStress(mix: Mixture, solidFat: number): number {
  const fatShare = mix.fat / Math.max(mix.fat + mix.water * p.waterAgainstFat, 1e-9);
  return (
    fat.chilledEmulsion *
    softplus(fatShare - fat.chilledOnset, fat.chilledWidth) ** fat.chilledExponent *
    (solidFat / 100) ** fat.chilledCrystalExponent *
    (1 - Math.min(mix.emulsifiedFat, 1)) ** fat.chilledEmulsifierExponent
  );
}

/** Weight of the oil-continuous branch, 0..1, from water over the fat that can invert. */
function oilContinuity(mix: Mixture): number {
  if (!(mix.fat > 0)) return 0;
  const ratio = mix.water / Math.max(mix.fat - mix.stableEmulsionFat, 1e-9);
  return logistic((Math.log(fat.inversionRatio) - Math.log(Math.max(ratio, 1e-4))) / fat.inversionWidth);
}

interface Branch {
  readonly viscosity: number;
  readonly yieldStress: number;
  readonly fatStress: number;
}

function oilContinuousBranch(mix: Mixture, tC: number, solidFat: number, z: KitchenOffsets): Branch {
  const oil = fat.oilViscosity * arrhenius(fat.oilEa, tC, p.roomTemperatureK);
  const solids = mix.protein + mix.fibre > 0.02 * mix.mass ? fat.innerPhaseSolids : 1;
  const inner =
    mix.water + ((mix.mass - mix.water - mix.fat) / p.drySolidsDensity) * fat.innerPhaseSwelling * solids;
  const liquid = Math.max(1 - solidFat / 100, 0.03);
  const oilVolume = mix.fat * s.fatVolume,
    volume = inner + oilVolume;
  const packing = (inner / fat.innerPacking + (oilVolume * (1 - liquid)) / fat.crystalPacking) / volume;
  const jam = softplus(packing - s.jamming0, s.jammingWidth);
  const network =
    1000 *
    fat.networkK *
    softplus(solidFat - 1, fat.networkOnset) ** fat.networkExponent *
    (oilVolume / volume) ** fat.volumeExponent *
    Math.exp(z.fat);
  return {
    viscosity: oil * hydrodynamicFactor(Math.min(packing, 3)),
    yieldStress: network + Math.exp(z.jamming) * fat.pasteYield * jam ** s.jammingExponent,
    fatStress: network,
  };
}

const logBlend = (a: number, b: number, weightOfB: number, floor = 0): number =>
  Math.exp((1 - weightOfB) * Math.log(a + floor) + weightOfB * Math.log(b + floor));

/** Share of the yield stress that is still felt while stirring at 50 s⁻¹, as viscosity, mPa·s. */
function stirredYield(yieldStress: number, gelStress: number): number {
  const gel = Math.min(yieldStress, gelStress),
    rest = yieldStress - gel;
  return (
    p.shearTerm *
    ((s.stirredYieldShare * rest) / (1 + rest / s.yieldSaturation) +
      (s.stirredGelShare * gel) / (1 + gel / s.gelSaturation))
  );
}

function flowIndexOf(increment: number, factor: number, yieldStress: number): number {
  const thinning = Math.min(
    1,
    p.flowFloor + (1 - p.flowFloor) / (1 + ((increment * factor) / p.flowScale) ** p.flowExponent),
  );
  const y2 = yieldStress * yieldStress;
  return thinning - ((thinning - Math.min(thinning, p.flowPaste)) * y2) / (y2 + p.flowYield * p.flowYield);
}

/**
 * The flow of a mixture at one moment.
 * @param offsets log-offsets of this kitchen; zero for the model as it stands
 * @source engine notes E-4 to E-6: Loewe additivity, Krieger–Dougherty with a soft-glassy network, oil-continuous blend
 */
export function consistencyAt(mix: Mixture, at: Moment, offsets: KitchenOffsets = noOffsets): Consistency {
  const z = offsets,
    tC = at.temperature,
    tz = Math.exp(z.temperature);
  const water = shareWater(mix, z);
  const phase = continuousPhase(mix, at, water, z);
  const volume =
    mix.suspensionVolume * Math.exp((z.water * mix.water) / Math.max(mix.suspensionVolume, 1e-6));
  const droplets = s.fatVolume * mix.fat;
  const packing = (water.solids / s.particlePacking + droplets / s.dropletPacking) / volume;
  const dropletShare = droplets / Math.max(droplets + water.solids, 1e-9);
  const softening = Math.exp(
    ((s.suspensionEa * tz) / GAS_CONSTANT) *
      (1 / (tC + 273.15) - 1 / 333.15) *
      Math.min(packing, p.packingCap),
  );
  const factor = hydrodynamicFactor(packing) * softening;
  const jam = softplus(packing - s.jamming0, s.jammingWidth),
    jamOffset = Math.exp(z.jamming);
  const particleStress =
    jamOffset *
    (s.dropletYield * dropletShare + s.particleYield * (1 - dropletShare)) *
    jam ** s.jammingExponent *
    arrhenius(s.jammingEa, tC, p.jamReferenceK);
  const solidFat = solidFatOfMix(mix.fatByType, tC);
  const chilled = chilledEmulsionStress(mix, solidFat) * Math.exp(z.fat);

  let flow: Branch = {
    viscosity:
      phase.viscosity * factor + s.networkK * jamOffset * jam * jam * phase.viscosity ** s.networkEta,
    yieldStress: phase.gelStress + particleStress + chilled,
    fatStress: chilled,
  };
  const oilContinuous = oilContinuity(mix);
  if (oilContinuous > 1e-4) {
    const oil = oilContinuousBranch(mix, tC, solidFat, z);
    flow = {
      viscosity: logBlend(flow.viscosity, oil.viscosity, oilContinuous),
      yieldStress: logBlend(flow.yieldStress, oil.yieldStress, oilContinuous, 1e-3),
      fatStress: (1 - oilContinuous) * chilled + oilContinuous * oil.fatStress,
    };
  }
  const stirred = flow.viscosity + stirredYield(flow.yieldStress, phase.gelStress);
  return {
    viscosity: stirred / (1 + stirred / s.viscosityCap),
    yieldStress: flow.yieldStress / (1 + flow.yieldStress / s.yieldCap),
    gelStress: phase.gelStress,
    fatStress: flow.fatStress,
    continuous: phase.viscosity,
    packing,
    dispersedVolume: (water.solids + droplets) / volume,
    dropletShare,
    freeWater: water.free,
    solidFat,
    oilContinuous,
    flowIndex: flowIndexOf(phase.increment, factor, flow.yieldStress),
  };
}
