import { fatTypes } from '../../ingredient/substance.js';
import { logistic } from '../../numeric/smooth-step.js';
import {
  type CrystalFamily,
  crystalFamily,
  eutectics,
  fat as p,
  meltedAgainstOil,
  SFC_TEMPERATURES,
  solidFatContent,
} from './solid-fat.params.js';

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

const families: readonly CrystalFamily[] = [...new Set(fatTypes.map((type) => crystalFamily[type]))];
const familyPlace = fatTypes.map((type) => families.indexOf(crystalFamily[type]));
const pairs = eutectics.map(([a, b, loss]) => [families.indexOf(a), families.indexOf(b), loss] as const);

/**
 * Share of the solids that is left where fats that do not fit into each other's crystals are together: equal parts lose most,
 * the warmer the more, and a trace of either loses nothing.
 * @param shares of all fat, by family
 */
function eutecticLeft(shares: readonly number[], tC: number): number {
  const warm = logistic((tC - p.eutecticMidpoint) / p.eutecticWidth);
  let left = 1;
  for (const [a, b, loss] of pairs) {
    const both = shares[a]! + shares[b]!;
    // Four times the product of the shares within the pair, and as much of it as the pair is of all fat.
    if (both > 0) left *= 1 - loss * warm * ((4 * shares[a]! * shares[b]!) / (both * both)) * both;
  }
  return left;
}

/** Shares of the fat by family; zeros without any. */
function sharesOf(fatByType: Float64Array): readonly number[] {
  const all = fatByType.reduce((sum, mass) => sum + mass, 0),
    shares = families.map(() => 0);
  if (all > 0) fatByType.forEach((mass, i) => (shares[familyPlace[i]!]! += mass / all));
  return shares;
}

/**
 * Solid fat content of a mix, % of its fat: linear in its parts, less what fats that do not crystallise together lose.
 * @param fatByType g of each fat in the order of `fatTypes`   @param tC °C
 * @source S-04 (isosolid diagrams), as recalled
 */
export function solidFatOfMix(fatByType: Float64Array, tC: number): number {
  let solid = 0,
    all = 0;
  fatByType.forEach((mass, i) => {
    if (mass === 0) return;
    solid += mass * interpolate(tables[i] ?? [], tC);
    all += mass;
  });
  return solid > 0 ? (solid / all) * eutecticLeft(sharesOf(fatByType), tC) : 0;
}

/**
 * Log standard deviation of the solid fat of a mix: lots of a fat differ, most where little of it is solid, and what two fats lose
 * together is known less well than what each is.
 * @param solid % of the fat
 */
export function solidFatSd(fatByType: Float64Array, solid: number): number {
  const shares = sharesOf(fatByType);
  const meeting = pairs.reduce((all, [a, b, loss]) => all + 4 * loss * shares[a]! * shares[b]!, 0);
  const little = p.solidDoubt * Math.sqrt(1 + p.littleSolid / Math.max(solid, 1e-3));
  return Math.hypot(Math.min(little, p.solidDoubtMost), p.eutecticDoubt * Math.min(meeting, 1));
}

const melted = fatTypes.map((type) => Math.log(meltedAgainstOil[type]));
/** Viscosity of the melted fat of a pot against the reference oil: the logarithms mix by mass. */
export function meltedFactor(fatByType: Float64Array): number {
  let sum = 0,
    all = 0;
  fatByType.forEach((mass, i) => {
    sum += mass * melted[i]!;
    all += mass;
  });
  return all > 0 ? Math.exp(sum / all) : 1;
}
