import { madeBefore, type MadeBefore } from '../../recipe/made-before.js';
import type { Process, RecipeLine } from '../../recipe/recipe.js';
import type { Mixture } from '../mixture/mixture.js';
import { splittingProbability } from '../stability/curdling.js';
import { eitherOf } from '../../numeric/either-of.js';
import type { LineCourse } from './line-course.js';
import type { Weighed } from './weighed.js';

/** A pot put together: what it is, and what it is made of with the way of each. */
export interface Assembled {
  readonly mix: Mixture;
  readonly lines: readonly Weighed[];
  readonly courses: readonly LineCourse[];
  readonly gelatinized: readonly Float64Array[];
}

/** A pot that is to go into another one. */
export interface PotMadeBefore {
  readonly mix: Mixture;
  /** What it is made of as it left its own pot: what boiled or baked off, and what noodles drank, is gone from all but its pieces. */
  readonly parts: readonly Weighed[];
}

export function asMadeBefore({ mix, lines, courses, gelatinized }: Assembled): PotMadeBefore {
  const waters = lines.map(
    ({ c, g, broughtWater }, i) => (c.water * g + broughtWater) * (1 - courses[i]!.pieces),
  );
  const water = waters.reduce((all, g) => all + g, 0);
  const gone = water > 0 ? (mix.evaporated + mix.absorbed) / water : 0;
  return {
    mix,
    parts: lines.map((line, i) => ({
      ...line,
      broughtWater: line.broughtWater - gone * waters[i]!,
      earlier: courses[i]!,
      gelatinizedBefore: gelatinized[i]!,
    })),
  };
}

/** One that went into the pot, and how much of the pot made before that is. */
interface Went {
  readonly mix: Mixture;
  readonly share: number;
}

/** The blades of both, so far as each had fat to break up: what the droplets come from. */
function processOfBoth(process: Process, fat: number, went: readonly Went[]): Process {
  if (!(fat > 0)) return process;
  let seconds = process.blendSeconds,
    work = process.blenderPower * process.blendSeconds;
  for (const { mix, share } of went) {
    const part = Math.min((mix.fat * share) / fat, 1);
    seconds += part * mix.process.blendSeconds;
    work += part * mix.process.blenderPower * mix.process.blendSeconds;
  }
  return { ...process, blendSeconds: seconds, blenderPower: seconds > 0 ? work / seconds : 0 };
}

/** What belongs to a pot as a whole and not to its lines, with what was made before in it: each by its share. */
export function withMadeBefore(
  mix: Mixture,
  recipe: readonly RecipeLine[],
  potOf: (made: MadeBefore) => PotMadeBefore,
): Mixture {
  const went = recipe.flatMap(({ ingredient, mass }): Went[] => {
    const made = madeBefore(ingredient);
    return made && mass > 0 ? [{ mix: potOf(made).mix, share: mass / made.massG }] : [];
  });
  if (went.length === 0) return mix;
  const sharedOut = (of: (inner: Mixture) => number, whole: number, value: (inner: Mixture) => number) =>
    whole > 0
      ? went.reduce((all, { mix: inner, share }) => all + (of(inner) * share * value(inner)) / whole, 0)
      : 0;
  const ofStarch = (value: (inner: Mixture) => number) =>
    sharedOut(({ allStarch }) => allStarch, mix.allStarch, value);
  const browned = sharedOut(
    ({ mass }) => mass,
    mix.mass,
    ({ browning }) => browning,
  );
  return {
    ...mix,
    process: processOfBoth(mix.process, mix.fat, went),
    breakdown: eitherOf(
      mix.breakdown,
      ofStarch(({ breakdown }) => breakdown),
    ),
    hydrolysis: mix.hydrolysis * (1 - ofStarch(({ hydrolysis }) => 1 - hydrolysis)),
    browning: mix.browning + browned,
    flocsShrunk: eitherOf(
      mix.flocsShrunk,
      sharedOut(
        ({ coagulatingProtein }) => coagulatingProtein,
        mix.coagulatingProtein,
        ({ flocsShrunk }) => flocsShrunk,
      ),
    ),
    curdledBefore: sharedOut(
      ({ coagulatingProtein }) => coagulatingProtein,
      mix.coagulatingProtein,
      splittingProbability,
    ),
  };
}
