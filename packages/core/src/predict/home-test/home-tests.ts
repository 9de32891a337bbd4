import type { Consistency } from '../thickness/flow.js';
import { ringSpread } from './ring-spread.js';
import { ribbonSeconds, spoonFilm, trailHolds } from './spoon-and-ribbon.js';
import { syringeLeft } from './syringe.js';

/** What the kitchen tests should show for a predicted sauce. */
export interface HomeTests {
  /** cm after 30 s. */
  readonly ringRadiusCm: number;
  /** mL of 10 left after 10 s. */
  readonly syringeLeftMl: number;
  /** mm on the back of a spoon, and how likely a finger's trail stays open, 0..1. */
  readonly spoonFilmMm: number;
  readonly trailHolds: number;
  /** s; 60 means it stays. */
  readonly ribbonSeconds: number;
}

export const homeTestsOf = (flow: Consistency): HomeTests => ({
  ringRadiusCm: ringSpread(flow),
  syringeLeftMl: syringeLeft(flow),
  spoonFilmMm: spoonFilm(flow),
  trailHolds: trailHolds(flow),
  ribbonSeconds: ribbonSeconds(flow),
});
