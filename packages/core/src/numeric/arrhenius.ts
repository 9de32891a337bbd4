/** Gas constant, kJ/(mol·K); @source CODATA. */
export const GAS_CONSTANT = 8.314e-3;
/** Temperature at which viscosity scales are tabulated, K (60 °C). */
const REFERENCE_K = 333.15;

/**
 * Arrhenius factor relative to a reference temperature.
 * @param Ea activation energy, kJ/mol   @param tC temperature, °C   @param referenceK K
 * @returns 1 at the reference, above 1 when colder
 */
export const arrhenius = (Ea: number, tC: number, referenceK: number = REFERENCE_K): number =>
  Math.exp((Ea / GAS_CONSTANT) * (1 / (tC + 273.15) - 1 / referenceK));

/** (1/T − 1/Tref)/R, mol/kJ: times an activation energy it is the logarithm of the Arrhenius factor. */
export const inverseKelvin = (tC: number): number => (1 / (tC + 273.15) - 1 / REFERENCE_K) / GAS_CONSTANT;

/** Viscosity of water, mPa·s, 0..100 °C; @source Vogel equation with the constants of engine note E-4, S-01. */
export const waterViscosity = (tC: number): number => Math.exp(-3.7188 + 578.919 / (tC + 273.15 - 137.546));
