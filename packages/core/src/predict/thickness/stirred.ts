import { suspension as s } from '../particle/suspension.params.js';
import { consistency as p } from './consistency.params.js';

/** Share of the yield stress that is still felt while stirring at 50 s⁻¹, as viscosity, mPa·s. */
export function stirredYield(yieldStress: number, gelStress: number): number {
  const gel = Math.min(yieldStress, gelStress),
    rest = yieldStress - gel;
  return (
    p.shearTerm *
    ((s.stirredYieldShare * rest) / (1 + rest / s.yieldSaturation) +
      (s.stirredGelShare * gel) / (1 + gel / s.gelSaturation))
  );
}

/** Flow index of the power law near 50 s⁻¹: strong thickeners thin with shear, a paste more so. */
export function flowIndexOf(increment: number, factor: number, yieldStress: number): number {
  const thinning = Math.min(
    1,
    p.flowFloor + (1 - p.flowFloor) / (1 + ((increment * factor) / p.flowScale) ** p.flowExponent),
  );
  const y2 = yieldStress * yieldStress;
  return thinning - ((thinning - Math.min(thinning, p.flowPaste)) * y2) / (y2 + p.flowYield * p.flowYield);
}
