import { softenLaw as p, type Softening } from './soften.params.js';

/** In what pieces lie: °C, and how sour it is. */
export interface SofteningWater {
  readonly temperatureC: number;
  readonly pH: number;
}

export const boilingWater: SofteningWater = { temperatureC: 100, pH: 7 };

/** How many times as long acid makes pectin hold: 1 above where it does nothing, straight on below. */
const acidHolds = (pH: number): number =>
  1 + (Math.max(0, p.neutralPh - pH) * (p.sourTimes - 1)) / (p.neutralPh - p.sourPh);

/** min that pectin takes whatever the size. */
const pectinMinutes = ({ pectinMin }: Softening, { temperatureC, pH }: SofteningWater): number =>
  pectinMin * 2 ** ((100 - temperatureC) / p.doublingC) * acidHolds(pH);

/** min until a piece of so many mm is fork-tender. @source kitchen physics 13: pectin chemistry, then the way of heat */
export const minutesTender = (row: Softening, sizeMm: number, water: SofteningWater = boilingWater): number =>
  pectinMinutes(row, water) + row.heatMin * (sizeMm / p.sizeMm) ** p.sizePower;

/** mm of pieces that are tender after so many min, as a cook can cut them; undefined where none are. */
export function sizeTenderAfter(
  row: Softening,
  minutes: number,
  water: SofteningWater = boilingWater,
): number | undefined {
  const left = minutes - pectinMinutes(row, water);
  if (!(left > 0)) return undefined;
  const size = p.sizeMm * (left / row.heatMin) ** (1 / p.sizePower);
  return size < p.leastMm ? undefined : Math.min(size, p.mostMm);
}
