import { fatTypes } from '../../ingredient/substance.js';
import { SFC_TEMPERATURES, solidFatContent } from './solid-fat.params.js';

const tables: readonly (readonly number[])[] = fatTypes.map((type) => solidFatContent[type]);
const FIRST = SFC_TEMPERATURES[0],
  LAST = SFC_TEMPERATURES[SFC_TEMPERATURES.length - 1] ?? FIRST,
  STEP = SFC_TEMPERATURES[1] - FIRST;

function interpolate(table: readonly number[], tC: number): number {
  if (tC <= FIRST) return table[0] ?? 0;
  if (tC >= LAST) return table[table.length - 1] ?? 0;
  const i = Math.floor((tC - FIRST) / STEP);
  const low = table[i] ?? 0,
    high = table[i + 1] ?? 0;
  return low + ((high - low) * (tC - FIRST - i * STEP)) / STEP;
}

/**
 * Solid fat content of a mix, % of its fat, by linear mixing (no eutectic).
 * @param fatByType g of each fat in the order of `fatTypes`   @param tC °C
 */
export function solidFatOfMix(fatByType: Float64Array, tC: number): number {
  let solid = 0,
    all = 0;
  fatByType.forEach((mass, i) => {
    if (mass === 0) return;
    solid += mass * interpolate(tables[i] ?? [], tC);
    all += mass;
  });
  return all > 0 ? solid / all : 0;
}
