import { heatOf, worthAtHottest } from '../../recipe/method/flat-process.js';
import { amountOf, type Method } from '../../recipe/method/operation.js';
import type { HeatHistory } from '../starch/gelatinize.js';
import { course as p } from './course.params.js';

/** Heat at one operation. */
export interface HeatStep {
  readonly at: number;
  /** °C, min there, °C/min on the way. */
  readonly temperatureC: number;
  readonly minutes: number;
  readonly rateCPerMin: number;
}

/** How warm the pot is before each operation, and the heat it meets. */
export interface HeatCourse {
  readonly steps: readonly HeatStep[];
  /** °C before each operation, and after the last one. */
  readonly before: readonly number[];
}

export function heatCourse(method: Method): HeatCourse {
  const steps: HeatStep[] = [],
    before: number[] = [];
  let now: number = p.coldC;
  method.forEach((operation, at) => {
    before.push(now);
    const heat = heatOf(operation);
    if (heat) {
      const rateCPerMin = operation.kind === 'heat' ? amountOf(operation, 'rateCPerMin') : p.boilRate;
      steps.push({ at, ...heat, rateCPerMin });
      now = Math.max(heat.temperatureC, operation.kind === 'heat' ? -Infinity : now);
      return;
    }
    const minutes = amountOf(operation, 'minutes');
    if (operation.kind === 'cool' || operation.kind === 'chill') {
      if (minutes > 0) now = Math.min(now, amountOf(operation, 'temperatureC'));
    } else if (operation.kind === 'stand' || operation.kind === 'rest')
      now = p.coldC + (now - p.coldC) * Math.exp(-minutes / p.standCools);
    else if (operation.kind === 'bake' && minutes > 0) now = Math.max(now, p.bakedC);
  });
  before.push(now);
  return { steps, before };
}

/**
 * Heat that something has met since it went in, up to an operation: hottest, and the min all of it is worth there. What is
 * stirred in off the heat meets what the pot still holds.
 */
export function heatSince({ steps, before }: HeatCourse, entry: number, until = Infinity): HeatHistory {
  const met = steps.filter((step) => step.at > entry && step.at < until);
  const worth = worthAtHottest(met);
  if (worth) return { maxTemperature: worth.temperatureC, hold: worth.minutes };
  const pot = before[Math.max(0, Math.min(Math.ceil(entry), before.length - 1))] ?? p.coldC;
  if (pot <= p.coldC) return { maxTemperature: pot, hold: 0 };
  return { maxTemperature: Math.max(pot - p.offHeatDrop, p.coldC), hold: p.offHeatMinutes };
}

/** min at the reference temperature that the heat since then is worth to an aroma. */
export function aromaMinutes({ steps, before }: HeatCourse, entry: number): number {
  const pace = (tC: number) => p.aromaQ10 ** ((tC - p.aromaReference) / 10);
  const perDegree = 10 / Math.log(p.aromaQ10);
  let minutes = 0,
    any = false;
  for (const { at, temperatureC, minutes: there, rateCPerMin } of steps) {
    if (at <= entry) continue;
    any = true;
    const from = Math.min(before[at] ?? p.coldC, temperatureC);
    const rising = (perDegree * (pace(temperatureC) - pace(from))) / Math.max(rateCPerMin, 0.1);
    minutes += there * pace(temperatureC) + rising;
  }
  if (any) return minutes;
  const { maxTemperature, hold } = heatSince({ steps, before }, entry);
  return hold * pace(maxTemperature);
}
