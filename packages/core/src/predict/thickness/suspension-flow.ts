import { softplus } from '../../numeric/smooth-step.js';
import { suspension as s } from '../particle/suspension.params.js';

/** max(x, 0) with a rounded corner. */
const roundedPositive = (x: number): number =>
  (x + Math.sqrt(x * x + 4 * s.packingSoftness * s.packingSoftness)) / 2;

/**
 * How far a suspension is jammed: 0 without particles; particles that stick begin sooner than droplets.
 * @param nutShare of the particles that are not droplets
 */
export function jammed(packing: number, dropletShare: number, nutShare: number): number {
  const particles = s.jammingWidth + (s.nutJammingWidth - s.jammingWidth) * nutShare;
  const width = particles + (s.dropletJammingWidth - particles) * dropletShare;
  return softplus(packing - s.jamming0, width) - softplus(-s.jamming0, width);
}

/** Krieger–Dougherty below packing, bounded above it. */
export function hydrodynamicFactor(packing: number): number {
  const k = (roundedPositive(1 - packing) / roundedPositive(1)) ** -s.hydrodynamicExponent;
  return k / (1 + (k - 1) / s.hydrodynamicCap);
}

/**
 * Yield stress of a jammed suspension at the temperature of the paste anchors, Pa.
 * @param stiffness of its droplets against the finest, 0..1
 */
export const suspensionStress = (jam: number, dropletShare: number, stiffness: number): number =>
  (s.dropletYield * stiffness * dropletShare + s.particleYield * (1 - dropletShare)) *
  jam ** s.jammingExponent;

/**
 * The hydrodynamic factor where the liquid between the particles thins with shear: there it is sheared the faster, the more is
 * packed into it, so that it counts as thinner. A factor k on a Newtonian liquid is k^((1 + n)/2) on one of flow index n.
 * @source S-03 (suspensions in power-law liquids, homogenisation), as recalled
 */
export const inThinningLiquid = (factor: number, flowIndex: number): number =>
  factor ** ((1 + flowIndex) / 2);
