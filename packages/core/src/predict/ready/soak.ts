import type { Soaking } from '../../ingredient/handling.js';
import { logistic } from '../../numeric/smooth-step.js';
import { ready as p } from './ready.params.js';

/** °C at which the rates of a table row are given. */
const COLUMNS = [5, 20, 60, 75] as const;
const KELVIN = 273.15;

/** Rate of drinking at a temperature, 1/h: ln k is linear in 1/T between the columns and beyond them. */
export function soakingRate({ rates }: Soaking, tC: number): number {
  const T = Math.min(tC, p.hottestSoak);
  let k = 0;
  while (k < COLUMNS.length - 2 && T > COLUMNS[k + 1]!) k++;
  const inverse = (t: number): number => 1 / (t + KELVIN);
  const share = (inverse(T) - inverse(COLUMNS[k]!)) / (inverse(COLUMNS[k + 1]!) - inverse(COLUMNS[k]!));
  return rates[k]! * (rates[k + 1]! / rates[k]!) ** share;
}

export interface SoakBath {
  readonly hours: number;
  /** °C of the water where it stands; poured on boiling it cools towards the kitchen. */
  readonly temperatureC: number;
  readonly boiling: boolean;
}

/** Steps in which a cooling bath is added up. */
const STEPS = 24;

/** How far a soak has come: the rate added up over its time, and the warmth that lets more out. */
function exposure(
  row: Soaking,
  { hours, temperatureC, boiling }: SoakBath,
): { readonly K: number; readonly hot: number } {
  const drinks = Math.max(hours - row.lagHours, 0);
  if (!boiling) {
    const K = soakingRate(row, temperatureC) * drinks;
    return { K, hot: logistic((temperatureC - p.letOutHotFrom) / p.letOutHotWidth) };
  }
  let K = 0,
    warm = 0;
  const step = drinks / STEPS;
  for (let i = 0; i < STEPS; i++) {
    const minutes = (i + 0.5) * step * 60;
    const T = p.roomC + (p.boilingPoured - p.roomC) * Math.exp(-minutes / p.bowlCools);
    const rate = soakingRate(row, T) * step;
    K += rate;
    warm += rate * logistic((T - p.letOutHotFrom) / p.letOutHotWidth);
  }
  return { K, hot: K > 0 ? warm / K : 0 };
}

/** What a soak did to a thing; per g as weighed. */
export interface Soaked {
  /** g of water drunk, and g that only clings. */
  readonly drunk: number;
  readonly clinging: number;
  /** 0..1: how far it is soft right through. */
  readonly softened: number;
  /** g of its dry mass, and share of its sugars, that water poured off took. */
  readonly letOut: number;
  readonly sugarsLost: number;
}

/**
 * A soak of one thing; first-order uptake towards its end, never past it.
 * @param dryShare g of dry mass per g   @param drained the water is poured off, and what it took is lost
 * @throws RangeError for a negative time   @source kitchen physics 1
 */
export function soaked(row: Soaking, bath: SoakBath, dryShare: number, drained: boolean): Soaked {
  if (!(bath.hours >= 0)) throw new RangeError(`a soak lasts 0 hours or more, not ${bath.hours}`);
  const { K, hot } = exposure(row, bath);
  const softened = 1 - Math.exp(-K),
    u = row.most * softened;
  const clinging = p.clingSmall * (1 - Math.exp(-bath.hours / p.clingTime));
  const letOut = drained
    ? (row.letOut / 100) * dryShare * (1 + (p.letOutHot - 1) * hot) * (1 - Math.exp(-p.letOutRate * K))
    : 0;
  const sugarsLost = drained
    ? ((p.sugarMost * p.waterPerDry) / (p.waterPerDry + u + p.sugarHeld)) * (1 - Math.exp(-p.sugarRate * K))
    : 0;
  return { drunk: u, clinging, softened, letOut, sugarsLost };
}

/** h after which nine tenths of the water are in, in water of 5 °C or poured on boiling. */
export function hoursToSoak(row: Soaking, boiling: boolean): number {
  const wanted = -Math.log(0.1);
  if (!boiling) return row.lagHours + wanted / soakingRate(row, COLUMNS[0]);
  let low = 0,
    high = 96;
  for (let i = 0; i < 40; i++) {
    const hours = (low + high) / 2;
    if (exposure(row, { hours, temperatureC: p.roomC, boiling: true }).K < wanted) low = hours;
    else high = hours;
  }
  return high;
}

/** Growth and slime against 20 °C: a fridge triples the time, a warm kitchen shortens it. @source kitchen physics 1, P/E, CV 0.3 */
const KEEPS = { atFridge: 3, fridgeC: 5, referenceC: 20, warmC: 28, atWarm: 0.4 } as const;

/** h after which a cold soak has gone too far. */
export function soakKeeps({ slimyAfter }: Pick<Soaking, 'slimyAfter'>, tC: number): number {
  const { atFridge, fridgeC, referenceC, warmC, atWarm } = KEEPS;
  const colder = (referenceC - tC) / (referenceC - fridgeC);
  const warmer = (tC - referenceC) / (warmC - referenceC);
  return slimyAfter * (tC <= referenceC ? atFridge ** Math.min(colder, 1.2) : atWarm ** Math.min(warmer, 2));
}
