import { fatTypes, soluteIds } from '../../ingredient/substance.js';
import { preparationOf } from '../../recipe/preparation.js';
import type { Process } from '../../recipe/recipe.js';
import { type BufferAmounts, noBuffers } from '../acidity/charge-balance.js';
import { boiledSoft, grind } from '../particle/comminute.js';
import { comminution } from '../particle/comminution.params.js';
import type { HeatHistory } from '../starch/gelatinize.js';
import { bitingStrength } from '../taste/pungency.js';
import { assembly as a } from './assemble.params.js';
import { addColour, type ColourState, noColour } from './colour-state.js';
import { addParticles, noParticles, type ParticleState, unfoldedBy } from './particle-state.js';
import { addStarch, amylaseLoss, noStarch, type StarchState } from './starch-state.js';
import type { Weighed } from './weighed.js';

/** What the lines come to whose share depends on heat, blade and when they went in; g, mmol for ions and buffers. */
export interface CookedLines {
  readonly starch: StarchState;
  readonly particles: ParticleState;
  readonly colour: ColourState;
  /** In the order of `soluteIds` and `fatTypes`. */
  readonly solutes: Float64Array;
  readonly fatByType: Float64Array;
  readonly buffers: BufferAmounts;
  strongIons: number;
  amylaseSugar: number;
  heatSetProtein: number;
  /** Sum of g times strength. */
  pungent: number;
  dryHotStarch: number;
}

const SUGARS = soluteIds.indexOf('sugars');
const bufferKeys = Object.keys(noBuffers()) as (keyof BufferAmounts)[];

/** Share of the raw bite that heat leaves to what is not hot by nature. */
const biteAfter = ({ maxTemperature, hold }: HeatHistory): number =>
  maxTemperature > a.pungencyCookedAbove
    ? a.pungencyFast * Math.exp(-hold / a.pungencyTime) + a.pungencyLeft
    : 1;

/** Each line through soaking, heat and the blade, added up. @param gelatinized share of each starch that the heat gelatinizes */
export function throughHeatAndBlade(
  lines: readonly Weighed[],
  process: Process,
  heat: HeatHistory,
  gelatinized: Float64Array,
): CookedLines {
  const softened = process.blendedAfterCooking ? boiledSoft(process.maxTemperatureC, process.holdMin) : 0;
  const unfolded = unfoldedBy(heat),
    biteLeft = biteAfter(heat);
  const sums: CookedLines = {
    starch: noStarch(),
    particles: noParticles(),
    colour: noColour(),
    solutes: new Float64Array(soluteIds.length),
    fatByType: new Float64Array(fatTypes.length),
    buffers: noBuffers(),
    strongIons: 0,
    amylaseSugar: 0,
    heatSetProtein: 0,
    pungent: 0,
    dryHotStarch: 0,
  };
  const { solutes, fatByType, buffers } = sums;
  for (const weighed of lines) {
    const { line, c, g } = weighed;
    const b = c.ingredient.behaviour,
      made = preparationOf(line.preparation),
      atTheEnd = line.stage === 'end';
    const meetsBlade = line.blended ?? process.blendSeconds > 0;
    const energy = meetsBlade ? process.blenderPower * process.blendSeconds : 0;
    const boiled = made.boiledSoft ? 1 : atTheEnd ? 0 : softened;
    const ground = grind(b, { soaked: made.soaked, boiled, energy });
    const loss = amylaseLoss(weighed, heat);
    sums.amylaseSugar += loss * c.starchTotal * g;
    addStarch(sums.starch, weighed, 1 - loss, gelatinized, ground.fineness, energy);
    addParticles(sums.particles, weighed, ground, atTheEnd ? 0 : unfolded);
    addColour(sums.colour, weighed, ground.diameter);
    for (let i = 0; i < solutes.length; i++) solutes[i] = (solutes[i] ?? 0) + (c.solutes[i] ?? 0) * g;
    fatByType[c.fatTypeIndex] = (fatByType[c.fatTypeIndex] ?? 0) + c.fat * g;
    sums.strongIons += c.strongIons * g;
    sums.heatSetProtein += atTheEnd ? 0 : b.heatSetProtein * c.protein * g;
    sums.pungent += bitingStrength(b.pungent) * (b.lastingBite || atTheEnd ? 1 : biteLeft) * g;
    for (const key of bufferKeys) buffers[key] += c.buffers[key] * g;
    if (line.stage === 'dry-hot' && c.starchTotal > comminution.lumpStarchShare)
      sums.dryHotStarch += c.starchTotal * g;
  }
  solutes[SUGARS] = (solutes[SUGARS] ?? 0) + sums.amylaseSugar;
  return sums;
}
