import { addBuffers, noBuffers, pHOfMixture } from '../acidity/charge-balance.js';
import type { Course } from '../course/course.js';
import { course as p } from '../course/course.params.js';
import { AT_START } from '../course/entry.js';
import { heatSince } from '../course/heat-course.js';
import type { AcidMoment } from '../mixture/acid-moment.js';
import { type HeatHistory, hydrolysisFactor } from '../starch/gelatinize.js';
import type { LineCourse } from './line-course.js';
import type { Weighed } from './weighed.js';

interface Pot {
  readonly lines: readonly Weighed[];
  readonly courses: readonly LineCourse[];
  readonly course: Course;
  /** Heat of what was in from the start, baking included. */
  readonly pot: HeatHistory;
  /** pH and g of water of the finished pot. */
  readonly pH: number;
  readonly water: number;
}

/** pH of what is in by an operation. */
function pHBy(at: number, { lines, courses, water, pH }: Pot): number {
  if (courses.every(({ entered }) => entered < at)) return pH;
  const buffers = noBuffers();
  let ions = 0,
    there = 0;
  lines.forEach(({ c, g, broughtWater }, i) => {
    const { entered, pieces } = courses[i]!;
    if (entered >= at) return;
    const paste = g * (1 - pieces);
    addBuffers(buffers, c.buffers, paste);
    ions += c.strongIons * paste;
    there += c.water * g + broughtWater;
  });
  return there > 0 ? pHOfMixture(ions, buffers, Math.min(there, water)) : pH;
}

/** Whole contact: acid was there all the while it was hot. */
const ALL_ALONG = 1;

/**
 * The moments at which acid can meet heat: each heating with what is in by then, and the finished pot with what came in late.
 */
export function acidMoments(pot: Pot): readonly AcidMoment[] {
  const { course, pH, courses, pot: heat } = pot,
    { process } = course;
  const moments = course.heat.steps.map(({ at, temperatureC, minutes, rateCPerMin }): AcidMoment => ({
    pH: pHBy(at, pot),
    temperatureC,
    minutes,
    rateCPerMin,
    contact: ALL_ALONG,
  }));
  if (process.bakeMin > 0)
    moments.push({
      pH,
      temperatureC: heat.maxTemperature,
      minutes: Math.max(heat.hold - heatSince(course.heat, AT_START).hold, 0),
      rateCPerMin: process.heatingRateCPerMin,
      contact: ALL_ALONG,
    });
  const latest = courses.reduce<LineCourse | undefined>(
    (last, one) => (last && last.entered >= one.entered ? last : one),
    undefined,
  );
  const met = latest?.heatHere ?? heat;
  return [
    ...moments,
    {
      pH,
      temperatureC: met.maxTemperature,
      minutes: met.hold,
      rateCPerMin: 0,
      contact: 1 - Math.exp(-met.hold / p.acidContact),
    },
  ];
}

/** What acid leaves of the strength of starch, 0..1: each heating with the acid that was in by then. */
export function hydrolysisOver(moments: readonly AcidMoment[]): number {
  const heated = moments.slice(0, -1);
  return heated.reduce(
    (left, { pH, temperatureC, minutes }) =>
      left * hydrolysisFactor({ maxTemperature: temperatureC, hold: minutes }, pH),
    1,
  );
}
