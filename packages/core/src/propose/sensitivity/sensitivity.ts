import { judge, withMasses } from '../balance/objective.js';
import { balanceWeights } from '../balance/balance.params.js';
import type { Judged } from '../../property/assessed.js';
import { coordinateOn, type RailId, railOf } from '../../property/rail.js';

/** How one line moves one property. */
export interface Pull {
  /** Place of the line in the recipe. */
  readonly line: number;
  /** In the property’s own unit, for each gram more. */
  readonly perGram: number;
  /** The same, for each coin’s worth more; undefined where the price is not known. */
  readonly perCoin: number | undefined;
  /** Steps of the rail for each gram, which is what the lines are ranked by. */
  readonly stepsPerGram: number;
  readonly stepsPerCoin: number | undefined;
}

/** Share of a line tried in each direction, and the least that is tried, g. */
const TRIED = 0.01,
  LEAST_TRIED = 0.002;

/**
 * Which line moves a property most, by central differences; nothing else is changed, so the batch grows with the line.
 * @returns one entry for each line, in the order of the recipe
 */
export function pullsOn(rail: RailId, { recipe, portions, prediction }: Judged): readonly Pull[] {
  const { scale, value } = railOf(rail);
  const masses = Float64Array.from(recipe.lines, ({ mass }) => mass);
  const spread = { viscosity: 0, yieldStress: 0, pull: 0 };
  const at = (): number => value(judge(withMasses(recipe, masses), portions, spread)).mid;
  return recipe.lines.map(({ ingredient, mass }, line) => {
    const h = Math.max(TRIED * mass, LEAST_TRIED),
      down = Math.min(h, mass);
    masses[line] = mass + h;
    const more = at();
    masses[line] = mass - down;
    const less = at();
    masses[line] = mass;
    const perGram = prediction.massG > 0 ? (more - less) / (h + down) : 0;
    const stepsPerGram =
      prediction.massG > 0
        ? (coordinateOn(scale, more) - coordinateOn(scale, less)) / (h + down) / balanceWeights.step
        : 0;
    const coinsPerGram =
      ingredient.facts.pricePerKg === undefined ? undefined : ingredient.facts.pricePerKg / 1000;
    const perCoin = (per: number) =>
      coinsPerGram === undefined || coinsPerGram === 0 ? undefined : per / coinsPerGram;
    return { line, perGram, perCoin: perCoin(perGram), stepsPerGram, stepsPerCoin: perCoin(stepsPerGram) };
  });
}

export const pullBys = ['gram', 'coin'] as const;
export type PullBy = (typeof pullBys)[number];

/** The lines that move a property most, strongest first; what hardly moves it is left out. */
export function strongestPulls(pulls: readonly Pull[], by: PullBy, count: number): readonly Pull[] {
  const strength = (pull: Pull) => Math.abs((by === 'gram' ? pull.stepsPerGram : pull.stepsPerCoin) ?? 0);
  const sorted = [...pulls].sort((a, b) => strength(b) - strength(a));
  const most = sorted[0] ? strength(sorted[0]) : 0;
  return sorted.filter((pull) => strength(pull) > most * HARDLY).slice(0, count);
}

/** Share of the strongest pull below which a line does not count. @source assumed */
const HARDLY = 0.01;
