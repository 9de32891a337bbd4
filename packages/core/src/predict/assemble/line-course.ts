import type { Ingredient } from '../../ingredient/ingredient.js';
import { eitherOf } from '../../numeric/either-of.js';
import { logistic } from '../../numeric/smooth-step.js';
import { alcoholLeft } from '../course/aroma.js';
import { course as p } from '../course/course.params.js';
import type { Course, Met } from '../course/course.js';
import { aromaMinutes, heatSince } from '../course/heat-course.js';
import { heatWithBaking } from '../heat/bake.js';
import { worthAtHottest } from '../../recipe/method/flat-process.js';
import type { LineFate } from '../mixture/mixture.js';
import { boiledSoft, type Cut, grind, type Ground, hardnessOf } from '../particle/comminute.js';
import type { HeatHistory } from '../starch/gelatinize.js';
import type { Weighed } from './weighed.js';

/** What one line meets on its way through the pot. */
export interface LineCourse extends LineFate {
  readonly ingredient: Ingredient;
  readonly ground: Ground;
  /** Blades it met, first to last, and how far heat had softened it at the last of them, 0..1. */
  readonly cuts: readonly Cut[];
  /** µm as it went in. */
  readonly start: number;
  readonly boiled: number;
  /** Heat of this pot alone, without what it met when it was made before. */
  readonly heatHere: HeatHistory;
}

/** Share of a thing that no blade touched which stays pieces in a sauce that one has gone through. */
function piecesOf(size: number, own: number, all: number): number {
  if (!(size > 0) || own > 0) return 0;
  return logistic(Math.log(size / p.pieceFrom) / p.pieceWidth) * (1 - Math.exp(-all / p.pieceGate));
}

/** Share of a thing that stays pieces where it is stirred in after the blade: a leaf is one, a juice or a powder is not. */
const stirredPieces = (size: number): number =>
  size > 0 ? logistic(Math.log(size / p.pieceStirred) / p.pieceStirredWidth) : 0;

/** What a line meets that goes in at a place: the same for all that go in there, whatever they weigh. */
function metFrom(course: Course, at: number): Met {
  let met = course.met.get(at);
  if (!met)
    course.met.set(
      at,
      (met = {
        heat: heatWithBaking(course.process, heatSince(course.heat, at)),
        aromaMinutes: aromaMinutes(course.heat, at),
      }),
    );
  return met;
}

/** Share of its pieces that a blade leaves in what was made before. */
const piecesLeft = (work: number): number => Math.exp(-work / p.pieceGate);

/** All the heat of two courses, as min at the hotter of them. */
function heatOfBoth(earlier: HeatHistory, now: HeatHistory): HeatHistory {
  if (!(now.hold > 0) && now.maxTemperature <= earlier.maxTemperature) return earlier;
  const both = worthAtHottest(
    [earlier, now].map(({ maxTemperature, hold }) => ({ temperatureC: maxTemperature, minutes: hold })),
  );
  return both ? { maxTemperature: both.temperatureC, hold: both.minutes } : earlier;
}

/** A course that goes on from what a part met when it was made before. */
function goingOn(now: LineCourse, earlier: LineCourse, { c, made }: Weighed): LineCourse {
  const b = c.ingredient.behaviour,
    cuts = [...earlier.cuts, ...now.cuts];
  const boiled = now.cuts.length > 0 ? now.boiled : earlier.boiled;
  return {
    ...now,
    heat: heatOfBoth(earlier.heat, now.heat),
    alcoholLeft: earlier.alcoholLeft * now.alcoholLeft,
    cuts,
    boiled,
    ground:
      now.cuts.length > 0
        ? grind(b, now.start, cuts, hardnessOf(b, made.soakedShare, boiled))
        : earlier.ground,
    work: earlier.work + now.work,
    pieces: earlier.pieces * piecesLeft(now.work),
    aromaMinutes: earlier.aromaMinutes + now.aromaMinutes,
  };
}

/** @param pot heat of what was in from the start   @param keptLiquid share of the liquid that did not boil off */
export function lineCourse(
  weighed: Weighed,
  course: Course,
  pot: HeatHistory,
  keptLiquid: number,
): LineCourse {
  const now = courseHere(weighed, course, pot, keptLiquid);
  return weighed.earlier ? goingOn(now, weighed.earlier, weighed) : now;
}

/** What it meets in this pot. */
function courseHere(
  { line, c, g, made, place, broughtWater, lostSugars, earlier }: Weighed,
  course: Course,
  pot: HeatHistory,
  keptLiquid: number,
): LineCourse {
  const { at, inPieces } = course.entries[place]!;
  const b = c.ingredient.behaviour;
  const cuts: Cut[] = [];
  let work = 0,
    all = 0,
    boiled = earlier
      ? eitherOf(made.softened, boiledSoft(earlier.heat.maxTemperature, earlier.heat.hold))
      : made.softened;
  const softBefore = boiled;
  for (const blade of course.blades) {
    all += blade.tool.rate * blade.seconds;
    if (blade.at < at || inPieces || line.blended === false) continue;
    const met = heatSince(course.heat, at, blade.at);
    boiled = eitherOf(softBefore, boiledSoft(met.maxTemperature, met.hold));
    cuts.push({
      tool: blade.tool,
      seconds: blade.seconds,
      hardness: hardnessOf(b, made.soakedShare, boiled),
    });
    work += blade.tool.rate * blade.seconds;
  }
  const start =
    made.sizeUm === undefined ? b.particleSizeUm : Math.min(made.sizeUm, b.particleSizeUm || made.sizeUm);
  const met = metFrom(course, at),
    heat = at < 0 ? pot : met.heat;
  return {
    ingredient: c.ingredient,
    weighedG: line.mass,
    arrivedG: g + broughtWater - lostSugars,
    start,
    cuts,
    boiled,
    entered: at,
    heat,
    heatHere: heat,
    arrived: g / line.mass,
    sugarsLeft: lostSugars / line.mass,
    alcoholLeft: c.alcohol > 0 ? alcoholLeft(heat, keptLiquid) : 1,
    ground: grind(b, start, cuts, hardnessOf(b, made.soakedShare, boiled)),
    work,
    pieces: inPieces ? stirredPieces(start) : line.blended === false ? 0 : piecesOf(start, work, all),
    aromaMinutes: (earlier ? 0 : made.heatMinutes) + met.aromaMinutes,
  };
}
