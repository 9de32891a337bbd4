import { assess, type Assessed } from '../../property/assess.js';
import { withMasses } from '../../recipe/with-masses.js';
import { noticed, railOf } from '../../property/rail.js';
import { type RailId } from '../../property/properties.js';

/** How one line moves one property. */
export interface Sensitivity {
  /** Place of the line in the recipe. */
  readonly line: number;
  /** In the property’s own unit, for each gram more. */
  readonly perGram: number;
  /** The same, for each coin’s worth more; undefined where the price is not known. */
  readonly perCoin: number | undefined;
  /** Just noticeable differences for each gram, which is what the lines are ranked by. */
  readonly noticedPerGram: number;
  readonly noticedPerCoin: number | undefined;
}

/** Share of a line tried in each direction, and the least that is tried, g. */
const TRIED = 0.01,
  LEAST_TRIED = 0.002;

/**
 * Which line moves a property most, by central differences; nothing else is changed, so the batch grows with the line.
 * @returns one entry for each line, in the order of the recipe
 */
export function sensitivitiesOf(
  rail: RailId,
  { recipe, portions, prediction }: Assessed,
): readonly Sensitivity[] {
  const { scale, value } = railOf(rail);
  const masses = Float64Array.from(recipe.lines, ({ mass }) => mass);
  const spread = { viscosity: 0, yieldStress: 0, stretch: 0 };
  const at = (): number => value(assess(withMasses(recipe, masses), portions, spread)).mid;
  return recipe.lines.map(({ ingredient, mass }, line) => {
    const h = Math.max(TRIED * mass, LEAST_TRIED),
      down = Math.min(h, mass);
    masses[line] = mass + h;
    const more = at();
    masses[line] = mass - down;
    const less = at();
    masses[line] = mass;
    const perGram = prediction.massG > 0 ? (more - less) / (h + down) : 0;
    const noticedPerGram = prediction.massG > 0 ? noticed(scale, less, more) / (h + down) : 0;
    const coinsPerGram =
      ingredient.facts.pricePerKg === undefined ? undefined : ingredient.facts.pricePerKg / 1000;
    const perCoin = (per: number) =>
      coinsPerGram === undefined || coinsPerGram === 0 ? undefined : per / coinsPerGram;
    return {
      line,
      perGram,
      perCoin: perCoin(perGram),
      noticedPerGram,
      noticedPerCoin: perCoin(noticedPerGram),
    };
  });
}

export const perWhats = ['gram', 'coin'] as const;
export type PerWhat = (typeof perWhats)[number];

/** The lines that move a property most, strongest first; what hardly moves it is left out. */
export function mostSensitive(
  sensitivities: readonly Sensitivity[],
  by: PerWhat,
  count: number,
): readonly Sensitivity[] {
  const strength = (one: Sensitivity) =>
    Math.abs((by === 'gram' ? one.noticedPerGram : one.noticedPerCoin) ?? 0);
  const sorted = [...sensitivities].sort((a, b) => strength(b) - strength(a));
  const most = sorted[0] ? strength(sorted[0]) : 0;
  return sorted.filter((one) => strength(one) > most * HARDLY).slice(0, count);
}

/** Share of the strongest below which a line does not count. @source assumed */
const HARDLY = 0.01;
