/** A dish that goes into the oven or onto the table; cm inside. */
export type DishVessel =
  | {
      readonly shape: 'rectangular';
      readonly lengthCm: number;
      readonly widthCm: number;
      readonly depthCm: number;
    }
  | { readonly shape: 'round'; readonly diameterCm: number; readonly depthCm: number };

const CM2_PER_DM2 = 100;

/** Area of its floor, dm². */
export const areaOf = (vessel: DishVessel): number =>
  (vessel.shape === 'round' ? (Math.PI * vessel.diameterCm ** 2) / 4 : vessel.lengthCm * vessel.widthCm) /
  CM2_PER_DM2;

/** mL that lie one mm high on a dm². */
const ML_PER_MM = 10;

/** How high so many mL lie on an area of so many dm², mm. */
export const heightOf = (volumeMl: number, areaDm2: number): number => volumeMl / (areaDm2 * ML_PER_MM);
/** mL of a layer of so many mm. */
export const volumeOf = (mm: number, areaDm2: number): number => mm * areaDm2 * ML_PER_MM;
