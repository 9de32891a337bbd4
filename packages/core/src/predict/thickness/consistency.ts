import { fat } from '../fat/solid-fat.params.js';
import { solidFatOfMix } from '../fat/solid-fat.js';
import type { Mixture } from '../mixture/mixture.js';
import type { Storage } from '../mixture/recipe.js';
import { bakedSet } from '../heat/bake.js';
import { arrhenius, inverseKelvin, waterViscosity } from '../numeric/arrhenius.js';
import { logistic, softplus } from '../numeric/smooth-step.js';
import { suspension as s } from '../particle/suspension.params.js';
import { starches, starchIds } from '../starch/starch.params.js';
import { pull } from '../stretch/pull-length.params.js';
import { characteristicConcentration, CROSSOVER_VISCOSITY, ThickenerSum } from '../thickener/additivity.js';
import { soluteIds, solutes } from '../thickener/gum.params.js';
import { type KitchenOffsets, noOffsets, type OffsetName } from '../uncertainty/kitchen-offsets.params.js';
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
  /** g of water inside swollen particles, which the strands of root starch cannot enter. */
  readonly excludedWater: number;
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
  PROTEIN = soluteIds.indexOf('protein'),
  PSYLLIUM = soluteIds.indexOf('psyllium'),
  KONJAC = soluteIds.indexOf('konjac'),
  MUCILAGE = soluteIds.indexOf('mucilage');
const soluteRows = soluteIds.map((id) => solutes[id]);
const soluteConcentration = soluteRows.map((t) => characteristicConcentration(t.cRef, t.etaRef, t.n1, t.n2));

/** How far the fridge has worked on the starch after some days, 0..1. */
export const retrogradationProgress = (days: number): number => 1 - Math.exp(-days / p.retrogradationDays);

interface Water {
  readonly all: number;
  readonly free: number;
  /** mL of all hydrated solids. */
  readonly solids: number;
  /** g that dissolved starch cannot enter. */
  readonly excluded: number;
}

/** Nut and seed particles go on drinking in the fridge. */
const fridgeSwelling = (storage: Storage, days: number): number =>
  storage === 'cool' ? 0 : s.fridgeSwelling * (1 - Math.exp(-days / s.fridgeSwellingDays));

/** Factor on the volume of curd flocs: open when dilute, pressed together when packed. */
const curdOpening = (share: number): number =>
  1 + s.curdOpens / (1 + (share / s.curdPacked) ** s.curdExponent);

/** Factor on the volume of soft cell walls: crowding presses water out of them. */
const crowding = (packing: number): number =>
  (1 + (packing / s.cellWallYields) ** s.cellWallExponent) ** (-1 / s.cellWallExponent);

function shareWater(mix: Mixture, storage: Storage, days: number, volume: number, z: KitchenOffsets): Water {
  const all = mix.water * Math.exp(z.water);
  const seed = Math.exp(z.seed);
  const curd = mix.curdVolume > 0 ? mix.curdVolume * curdOpening(mix.curdVolume / volume) : 0;
  const firm =
    (mix.particleVolume +
      mix.nutVolume * fridgeSwelling(storage, days) +
      curd +
      s.cellStarchVolume * mix.cellStarch) *
      seed +
    s.rawStarchVolume * mix.rawStarch;
  const loose = mix.cellWallVolume * Math.exp(z.cellWall);
  const solids = firm + (loose > 0 ? loose * crowding((firm + loose) / (s.particlePacking * volume)) : 0);
  const demand = Math.max(
    solids - mix.dryParticleVolume - s.starchSorption * (mix.rawStarch + mix.cellStarch),
    0,
  );
  const ratio = demand / (s.boundWaterLimit * all);
  const bound = demand / Math.cbrt(1 + ratio * ratio * ratio);
  return {
    all,
    free: Math.max(all - bound, 1e-6),
    solids,
    excluded: Math.min(pull.excluded * demand, pull.excludedMost * all),
  };
}

/** Refilled for every moment; nothing outlives a call of `flowAt`. */
const thickeners = new ThickenerSum();
const placesOf = (rows: readonly { readonly n1: number; readonly n2: number }[]) =>
  rows.map((row) => [thickeners.placeOf(row.n1), thickeners.placeOf(row.n2)] as const);
const starchPlaces = placesOf(starchRows),
  solutePlaces = placesOf(soluteRows);
const LN_CROSSOVER = Math.log(CROSSOVER_VISCOSITY);

/** g per 100 g of the liquid that each starch thickens; 0 where there is none. */
function starchConcentrations(mix: Mixture, water: Water): readonly number[] {
  const c: number[] = [];
  for (let i = 0; i < starchRows.length; i++) {
    const mass = mix.dispersedStarch[i]!;
    c.push(mass > TRACE_G ? (100 * mass) / water.free : 0);
  }
  return c;
}

function soluteConcentrations(mix: Mixture, water: Water): readonly number[] {
  const c: number[] = [];
  for (let i = 0; i < soluteRows.length; i++) {
    const solvent = i === SUGARS ? water.all : i === PROTEIN ? (water.all + water.free) / 2 : water.free;
    const mass = mix.solutes[i]!;
    c.push(mass > TRACE_G ? (100 * mass) / solvent : 0);
  }
  return c;
}

/** Mass (g) below which a thickener is left out. */
const TRACE_G = 1e-9;

/** Yield stress of each starch gel once fully set, Pa. */
const starchGels = (mix: Mixture, c: readonly number[]): readonly number[] =>
  c.map((conc, i) => {
    const t = starchRows[i]!;
    if (conc === 0) return 0;
    return lasting(mix, i) * t.gelK * softplus(conc - t.gelC0, p.starchGelCorner) ** p.starchGelPower;
  });

/** Share of a starch's strength that acid and long boiling have left. */
const lasting = (mix: Mixture, i: number): number =>
  mix.hydrolysis * (1 - starchRows[i]!.breakdown * mix.breakdown);

/** Yield stress of each gum gel once fully set, Pa. */
const gumGels = (c: readonly number[]): readonly number[] =>
  c.map((conc, i) => {
    const { gel, cRef } = soluteRows[i]!;
    if (conc === 0 || !gel) return 0;
    return (
      gel.k * softplus(conc - gel.c0, p.gumGelCorner * cRef) ** gel.power * (conc / (conc + p.gumGelTrace))
    );
  });

/** Yield stress of heat-set pulse protein while warm, Pa; a gum that does not mix with it concentrates it. */
function heatSetStress(mix: Mixture, free: number): number {
  if (!(mix.heatSetProtein > 0)) return 0;
  const heated =
    logistic((mix.maxTemperature - s.heatGelMidpoint) / s.heatGelWidth) *
    (1 - Math.exp(-mix.hold / s.heatGelTime));
  const swelling = ((mix.solutes[PSYLLIUM] ?? 0) + (mix.solutes[KONJAC] ?? 0)) / free;
  const c =
    ((100 * mix.heatSetProtein) / free) *
    (1 + s.gumConcentrates * Math.min(100 * swelling, s.gumConcentratesMost));
  return s.heatGelK * softplus(c - s.heatGelC0, p.heatGelCorner) ** 2 * heated;
}

function bakedStress(mix: Mixture, water: number): number {
  if (!(mix.process.bakeMin > 0) || !(mix.bakedProtein > 0)) return 0;
  const per100 = (g: number) => (100 * g) / Math.max(water, 1e-6);
  return bakedSet(mix.process, per100(mix.bakedProtein), per100(mix.solutes[MUCILAGE] ?? 0));
}

/** Everything about the flow that does not depend on the temperature: worked out once for a whole curve. */
export interface Settled {
  readonly mix: Mixture;
  readonly storage: Storage;
  readonly days: number;
  readonly water: Water;
  readonly starch: readonly number[];
  readonly solutes: readonly number[];
  readonly starchGel: readonly number[];
  readonly gumGel: readonly number[];
  readonly heatSet: number;
  readonly baked: number;
  readonly packing: number;
  readonly dispersedVolume: number;
  readonly dropletShare: number;
  readonly hydrodynamic: number;
  readonly jam: number;
  readonly particleStress: number;
  readonly oilContinuous: number;
}

/** What of the offsets changes the water and the particles; the others act on the flow alone. */
export const settlingOffsets: ReadonlySet<OffsetName> = new Set<OffsetName>(['seed', 'cellWall', 'water']);

/** @param offsets log-offsets of this kitchen; zero for the model as it stands */
export function settle(
  mix: Mixture,
  storage: Storage,
  days: number,
  offsets: KitchenOffsets = noOffsets,
): Settled {
  const z = offsets;
  const volume =
    mix.suspensionVolume * Math.exp((z.water * mix.water) / Math.max(mix.suspensionVolume, 1e-6));
  const water = shareWater(mix, storage, days, volume, z);
  const droplets = s.fatVolume * mix.fat;
  const packing = (water.solids / s.particlePacking + droplets / s.dropletPacking) / volume;
  const dropletShare = droplets / Math.max(droplets + water.solids, 1e-9);
  const jam = jammed(packing, dropletShare);
  const starch = starchConcentrations(mix, water),
    dissolved = soluteConcentrations(mix, water);
  return {
    mix,
    storage,
    days,
    water,
    starch,
    solutes: dissolved,
    packing,
    dropletShare,
    jam,
    starchGel: starchGels(mix, starch),
    gumGel: gumGels(dissolved),
    heatSet: heatSetStress(mix, water.free),
    baked: bakedStress(mix, water.all),
    dispersedVolume: (water.solids + droplets) / volume,
    hydrodynamic: hydrodynamicFactor(packing),
    particleStress:
      (s.dropletYield * dropletShare + s.particleYield * (1 - dropletShare)) * jam ** s.jammingExponent,
    oilContinuous: oilContinuity(mix),
  };
}

export interface ContinuousPhase {
  readonly viscosity: number;
  readonly increment: number;
  readonly gelStress: number;
}

function addStarches(on: Settled, tC: number, perKelvin: number, offsets: KitchenOffsets): number {
  const { mix, storage } = on;
  const ret = storage === 'cool' ? 0 : retrogradationProgress(on.days);
  const cooled = logistic((p.setBackMidpoint - tC) / p.setBackWidth);
  const set =
    logistic((p.starchGelMidpoint - tC) / p.starchGelWidth) *
    (storage === 'cool' ? p.freshGelShare : p.storedGelShare + (1 - p.storedGelShare) * ret);
  let gel = 0;
  for (let i = 0; i < starchRows.length; i++) {
    const c = on.starch[i]!;
    if (c === 0) continue;
    const t = starchRows[i]!;
    let setBack = t.setBack * cooled;
    if (storage !== 'cool')
      setBack = (setBack + t.irreversible * ret) * (1 + p.storedSetBack * t.retrogradation * ret * cooled);
    const lnScale =
      LN_CROSSOVER + t.Ea * perKelvin + offsets[t.group] + Math.log(lasting(mix, i) * (1 + setBack));
    thickeners.add(c / starchConcentration[i]!, lnScale, starchPlaces[i]![0], starchPlaces[i]![1]);
    gel += on.starchGel[i]! * set;
  }
  return gel;
}

function addSolutes(on: Settled, tC: number, perKelvin: number, offsets: KitchenOffsets): number {
  let gel = 0;
  for (let i = 0; i < soluteRows.length; i++) {
    const c = on.solutes[i]!;
    if (c === 0) continue;
    const t = soluteRows[i]!;
    const lnScale = LN_CROSSOVER + t.Ea * perKelvin + (t.group ? offsets[t.group] : 0);
    thickeners.add(c / soluteConcentration[i]!, lnScale, solutePlaces[i]![0], solutePlaces[i]![1]);
    if (!t.gel) continue;
    const turns = on.storage === 'cool' ? t.gel.Tset : t.gel.Tmelt;
    gel += on.gumGel[i]! * logistic((turns - tC) / t.gel.width);
  }
  return gel;
}

/** The liquid between the particles; its gels before the kitchen's own offset. */
export function continuousPhase(on: Settled, tC: number, offsets: KitchenOffsets): ContinuousPhase {
  const perKelvin = Math.exp(offsets.temperature) * inverseKelvin(tC);
  thickeners.clear();
  const cold =
    on.heatSet > 0 ? 1 + s.coldHeatGel * logistic((s.coldHeatGelMidpoint - tC) / s.coldHeatGelWidth) : 1;
  const gel =
    addStarches(on, tC, perKelvin, offsets) +
    addSolutes(on, tC, perKelvin, offsets) +
    on.heatSet * cold +
    on.baked;
  const increment = thickeners.increment();
  return { viscosity: waterViscosity(tC) + increment, increment, gelStress: gel };
}

const roundedPositive = (x: number): number =>
  (x + Math.sqrt(x * x + 4 * s.packingSoftness * s.packingSoftness)) / 2;

/** How far a suspension is jammed: 0 without particles; particles that stick begin sooner than droplets. */
function jammed(packing: number, dropletShare: number): number {
  const width = s.jammingWidth + (s.dropletJammingWidth - s.jammingWidth) * dropletShare;
  return softplus(packing - s.jamming0, width) - softplus(-s.jamming0, width);
}

/** Krieger–Dougherty below packing, bounded above it. */
function hydrodynamicFactor(packing: number): number {
  const k = (roundedPositive(1 - packing) / roundedPositive(1)) ** -s.hydrodynamicExponent;
  return k / (1 + (k - 1) / s.hydrodynamicCap);
}

/** Yield stress of chilled high-fat emulsions whose droplets hold hard fat, Pa. */
function chilledEmulsionStress(mix: Mixture, solidFat: number): number {
  if (!(solidFat > 0)) return 0;
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
  const jam = jammed(packing, 1);
  const network =
    1000 *
    (solidFat / (solidFat + fat.networkTrace)) *
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
 * The flow at one temperature of what was settled before.
 * @param phase the liquid between the particles at that temperature, where it is known already
 */
export function flowAt(
  on: Settled,
  tC: number,
  z: KitchenOffsets,
  phase: ContinuousPhase = continuousPhase(on, tC, z),
): Consistency {
  const { mix, packing, jam, oilContinuous } = on;
  const stiffness = Math.exp(z.jamming),
    gelStress = phase.gelStress * Math.exp(z.gel);
  const softening = Math.exp(
    s.suspensionEa * Math.exp(z.temperature) * inverseKelvin(tC) * Math.min(packing, p.packingCap),
  );
  const factor = on.hydrodynamic * softening;
  const solidFat = solidFatOfMix(mix.fatByType, tC);
  const chilled = chilledEmulsionStress(mix, solidFat) * Math.exp(z.fat);
  let flow: Branch = {
    viscosity:
      phase.viscosity * factor + s.networkK * stiffness * jam * jam * phase.viscosity ** s.networkEta,
    yieldStress:
      gelStress + stiffness * on.particleStress * arrhenius(s.jammingEa, tC, p.jamReferenceK) + chilled,
    fatStress: chilled,
  };
  if (oilContinuous > 1e-4) {
    const oil = oilContinuousBranch(mix, tC, solidFat, z);
    flow = {
      viscosity: logBlend(flow.viscosity, oil.viscosity, oilContinuous),
      yieldStress: logBlend(flow.yieldStress, oil.yieldStress, oilContinuous, 1e-3),
      fatStress: (1 - oilContinuous) * chilled + oilContinuous * oil.fatStress,
    };
  }
  const stirred = flow.viscosity + stirredYield(flow.yieldStress, gelStress);
  return {
    viscosity: stirred / (1 + stirred / s.viscosityCap),
    yieldStress: flow.yieldStress / (1 + flow.yieldStress / s.yieldCap),
    gelStress,
    fatStress: flow.fatStress,
    continuous: phase.viscosity,
    packing,
    dispersedVolume: on.dispersedVolume,
    dropletShare: on.dropletShare,
    freeWater: on.water.free,
    excludedWater: on.water.excluded,
    solidFat,
    oilContinuous,
    flowIndex: flowIndexOf(phase.increment, factor, flow.yieldStress),
  };
}

/**
 * The flow of a mixture at one moment.
 * @param offsets log-offsets of this kitchen; zero for the model as it stands
 * @source engine notes E-4 to E-6: Loewe additivity, Krieger–Dougherty with a soft-glassy network, oil-continuous blend
 */
export const consistencyAt = (mix: Mixture, at: Moment, offsets: KitchenOffsets = noOffsets): Consistency =>
  flowAt(settle(mix, at.storage, at.days, offsets), at.temperature, offsets);
