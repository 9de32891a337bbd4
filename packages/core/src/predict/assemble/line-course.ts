import type { Ingredient } from '../../ingredient/ingredient.js';
import { eitherOf } from '../../numeric/either-of.js';
import { logistic } from '../../numeric/smooth-step.js';
import { alcoholLeft } from '../course/aroma.js';
import { course as p } from '../course/course.params.js';
import type { Course, Met } from '../course/course.js';
import { aromaMinutes, heatSince } from '../course/heat-course.js';
import { heatWithBaking } from '../heat/bake.js';
import type { LineFate } from '../mixture/mixture.js';
import { boiledSoft, type Cut, grind, type Ground, hardnessOf } from '../particle/comminute.js';
import type { HeatHistory } from '../starch/gelatinize.js';
import type { Weighed } from './weighed.js';

/** What one line meets on its way through the pot. */
export interface LineCourse extends LineFate {
  readonly ingredient: Ingredient;
  readonly ground: Ground;
}

/** Share of a thing that no blade touched which stays pieces in a sauce that one has gone through. */
function piecesOf(size: number, own: number, all: number): number {
  if (!(size > 0) || own > 0) return 0;
  return logistic(Math.log(size / p.pieceFrom) / p.pieceWidth) * (1 - Math.exp(-all / p.pieceGate));
}

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

/** @param pot heat of what was in from the start   @param keptLiquid share of the liquid that did not boil off */
export function lineCourse(
  { line, c, g, made, place, lostSugars }: Weighed,
  course: Course,
  pot: HeatHistory,
  keptLiquid: number,
): LineCourse {
  const { at, inPieces } = course.entries[place]!;
  const b = c.ingredient.behaviour;
  const cuts: Cut[] = [];
  let work = 0,
    all = 0,
    boiled = made.softened;
  for (const blade of course.blades) {
    all += blade.tool.rate * blade.seconds;
    if (blade.at < at || inPieces || line.blended === false) continue;
    const met = heatSince(course.heat, at, blade.at);
    boiled = eitherOf(made.softened, boiledSoft(met.maxTemperature, met.hold));
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
    entered: at,
    heat,
    arrived: g / line.mass,
    sugarsLeft: lostSugars / line.mass,
    alcoholLeft: c.alcohol > 0 ? alcoholLeft(heat, keptLiquid) : 1,
    ground: grind(b, start, cuts, hardnessOf(b, made.soakedShare, boiled)),
    work,
    pieces: inPieces ? 1 : line.blended === false ? 0 : piecesOf(start, work, all),
    aromaMinutes: made.heatMinutes + met.aromaMinutes,
  };
}
