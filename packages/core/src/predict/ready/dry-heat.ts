import type { Drying } from '../../ingredient/handling.js';
import type { ChoiceOf } from '../../recipe/method/operation-field.js';
import { ready as p } from './ready.params.js';

/** What a pan or an oven did to a thing. */
export interface Dried {
  /** g of water that left, per g. */
  readonly lost: number;
  /** 0..1: how far it is soft. */
  readonly softened: number;
}

const flux: Readonly<Record<ChoiceOf<'flame'>, number>> = {
  low: p.fryLow,
  gentle: p.fryGentle,
  medium: p.fryMedium,
  high: p.fryHigh,
};

export interface Frying {
  readonly minutes: number;
  readonly sizeMm: number;
  readonly panCm: number;
  readonly flame: ChoiceOf<'flame'>;
  readonly lidOn: boolean;
}

/** dm² of a round pan. */
export const areaOfPan = (panCm: number): number => (Math.PI * panCm * panCm) / 400;

/** Halvings that find the water left in a pan. */
const HALVINGS = 30;

/**
 * Frying gently: water leaves by its own rate until the heat of the pan limits it (a crowded pan steams).
 * @param massG of the thing in the pan, g   @source kitchen physics 5
 */
export function fried(row: Drying, { minutes, sizeMm, panCm, flame, lidOn }: Frying, massG: number): Dried {
  const loose = row.loose;
  const k = row.rate * (sizeMm / p.fryPiece) ** p.frySizeExponent;
  const r = flux[flame] * areaOfPan(panCm);
  const warmUp = (p.fryWarmUp * massG) / r;
  // The first water leaves as the pan heats through: no corner in time.
  const time = minutes - warmUp * (1 - Math.exp(-minutes / Math.max(warmUp, 1e-9)));
  const y0 = loose * massG;
  if (!(y0 > 0) || !(time > 0)) return { lost: 0, softened: 0 };
  let low = 0,
    high = 1;
  for (let i = 0; i < HALVINGS; i++) {
    const left = (low + high) / 2;
    const needed = -Math.log(Math.max(left, 1e-12)) / k + (y0 * (1 - left)) / r;
    if (needed > time) low = left;
    else high = left;
  }
  const lost = loose * (1 - high);
  const softened = 1 - Math.exp(-time / p.frySoftens);
  // Under a lid the water leaves the food but hardly the pan.
  return { lost: lidOn ? lost * p.fryLidLeaves : lost, softened };
}

export interface Roasting {
  readonly minutes: number;
  readonly ovenC: number;
  readonly sizeMm: number;
}

/** Roasting in the oven. @source kitchen physics 6 */
export function roasted(row: Drying, { minutes, ovenC, sizeMm }: Roasting): Dried {
  const time = minutes - p.roastLag * (1 - Math.exp(-minutes / p.roastLag));
  const k = ((row.rate * Math.max(ovenC - p.roastSurface, 0)) / p.roastReference) * (p.roastPiece / sizeMm);
  const lost = row.loose * (1 - Math.exp(-k * time));
  return { lost, softened: 1 - Math.exp(-time / p.roastSoftens) };
}
