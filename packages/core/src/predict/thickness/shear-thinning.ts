import type { Consistency } from './flow.js';

/** What is needed to know a flow at another shear rate than the reported one. */
export type Flowing = Pick<Consistency, 'viscosity' | 'yieldStress' | 'flowIndex'>;

/** Shear rate at which viscosity is reported, 1/s. */
export const REPORTED_SHEAR = 50;

/** Apparent viscosity (Pa·s) at another shear rate (1/s) by the power law through the reported one. */
export const viscosityAtShear = ({ viscosity, flowIndex }: Flowing, shear: number): number =>
  viscosity * 1e-3 * (shear / REPORTED_SHEAR) ** (flowIndex - 1);
