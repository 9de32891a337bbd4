import { inverseKelvin } from '../../numeric/arrhenius.js';
import { logistic } from '../../numeric/smooth-step.js';
import { suspension as s } from '../particle/suspension.params.js';
import { retrogradationProgress } from '../starch/retrogradation.js';
import { starchRows } from '../starch/starch.params.js';
import { characteristicConcentration, CROSSOVER_VISCOSITY, ThickenerSum } from '../thickener/additivity.js';
import { soluteRows } from '../thickener/gum.params.js';
import type { KitchenOffsets } from '../uncertainty/kitchen-offsets.params.js';
import { consistency as p } from './consistency.params.js';
import { lasting } from './set-gels.js';
import { gumGelStress } from './gum-gels.js';
import { solventAt } from '../thickener/solvent.js';
import type { Settled } from './settle.js';

const starchConcentration = starchRows.map((t) => characteristicConcentration(t.cRef, t.etaRef, t.n1, t.n2));
const soluteConcentration = soluteRows.map((t) => characteristicConcentration(t.cRef, t.etaRef, t.n1, t.n2));

/** Refilled for every moment; nothing outlives a call of `flowAt`. */
const thickeners = new ThickenerSum();
const placesOf = (rows: readonly { readonly n1: number; readonly n2: number }[]) =>
  rows.map((row) => [thickeners.placeOf(row.n1), thickeners.placeOf(row.n2)] as const);
const starchPlaces = placesOf(starchRows),
  solutePlaces = placesOf(soluteRows);
const LN_CROSSOVER = Math.log(CROSSOVER_VISCOSITY);

/** The liquid between the particles: mPa·s, and the yield stress of its gels in Pa. */
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

function addSolutes(on: Settled, perKelvin: number, offsets: KitchenOffsets): void {
  for (let i = 0; i < soluteRows.length; i++) {
    const c = on.solutes[i]!;
    if (c === 0) continue;
    const t = soluteRows[i]!;
    const lnScale = LN_CROSSOVER + t.Ea * perKelvin + (t.group ? offsets[t.group] : 0);
    thickeners.add(c / soluteConcentration[i]!, lnScale, solutePlaces[i]![0], solutePlaces[i]![1]);
  }
}

/** The liquid between the particles; its gels before the kitchen's own offset. */
export function continuousPhase(on: Settled, tC: number, offsets: KitchenOffsets): ContinuousPhase {
  const perKelvin = Math.exp(offsets.temperature) * inverseKelvin(tC);
  thickeners.clear();
  const cold =
    on.heatSet > 0 ? 1 + s.coldHeatGel * logistic((s.coldHeatGelMidpoint - tC) / s.coldHeatGelWidth) : 1;
  addSolutes(on, perKelvin, offsets);
  const gel =
    addStarches(on, tC, perKelvin, offsets) +
    gumGelStress(on.gumGels, tC, on.storage) +
    on.heatSet * cold +
    on.baked;
  const liquid = solventAt(on.solvent, tC);
  const increment = thickeners.increment() * liquid.onThickeners;
  return { viscosity: liquid.viscosity + increment, increment, gelStress: gel };
}
