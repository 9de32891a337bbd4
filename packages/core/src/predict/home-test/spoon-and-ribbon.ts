import { logistic } from '../../numeric/smooth-step.js';
import { type Flowing, viscosityAtShear } from '../thickness/shear-thinning.js';
import { viscosityFromReading } from './viscosity-from-reading.js';
import { homeTest as p } from './home-test.params.js';

const STEPS = 12;

/** Film left on the back of a spoon after five seconds, mm. @source draining film, engine notes E-14 */
export function spoonFilm(flow: Flowing): number {
  const length = p.spoonLength / 100,
    weight = p.density * p.gravity;
  let film = 4e-4;
  for (let step = 0; step < STEPS; step++) {
    const shear = Math.min(200, Math.max(0.05, (weight * film) / viscosityAtShear(flow, 5)));
    const next = Math.sqrt((viscosityAtShear(flow, shear) * length) / (weight * p.spoonSeconds));
    film = Math.sqrt(film * next);
  }
  return Math.min(8, 1000 * (film + (p.yieldFelt * flow.yieldStress) / weight));
}

/** How likely a finger's trail on the spoon stays open, 0..1. */
export const trailHolds = (flow: Flowing): number =>
  logistic(Math.log(spoonFilm(flow) / p.trailFilm) / p.trailWidth);

/** Viscosity (mPa·s) that a film of that thickness (mm) speaks for. */
export const viscosityFromSpoon = (filmMm: number, like: Flowing): number =>
  viscosityFromReading(filmMm, like, spoonFilm, true);

/** Seconds for which a ribbon from the ladle stays visible on the surface; 60 means it stays. */
export function ribbonSeconds(flow: Flowing): number {
  const viscosity = viscosityAtShear(flow, p.ribbonShear);
  const sinks = (p.ribbonConstant * 4 * Math.PI * viscosity) / (p.density * p.gravity * p.ribbonWidth * 1e-3);
  return Math.min(p.ribbonMost, sinks / Math.max(0.02, 1 - (p.yieldFelt * flow.yieldStress) / p.ribbonYield));
}

/** Viscosity (mPa·s) that a ribbon of so many seconds speaks for. */
export const viscosityFromRibbon = (seconds: number, like: Flowing): number =>
  viscosityFromReading(seconds, like, ribbonSeconds, true);
