import { logistic } from '../../numeric/smooth-step.js';
import { mouth as p } from './keeping.params.js';

/** How long a film of it stays in the mouth, 0 (gone at once) .. 10. @param viscosity mPa·s   @param fat g per 100 g   @source S-06, E */
export function mouthCoating(viscosity: number, fat: number): number {
  const x = (viscosity / p.coatViscosity) ** p.coatExponent * (p.coatDry + fat / p.coatFat);
  return (10 * x) / (1 + x);
}

/**
 * Salt as it tastes, % NaCl in water: fat and thickness keep a part of it from the tongue.
 * @param salt g per 100 g   @param fat g per 100 g   @param viscosity mPa·s
 * @source S-06, estimated
 */
export function saltAsTasted(salt: number, fat: number, viscosity: number): number {
  const thick = logistic((Math.log10(Math.max(viscosity, 1e-3)) - p.saltThickFrom) / p.saltThickWidth);
  return salt * Math.max(1 - p.saltFat * fat, p.saltFatLeast) * (1 - p.saltThick * thick);
}
