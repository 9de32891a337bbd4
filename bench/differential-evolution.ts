import { seededChance } from '../packages/core/src/numeric/chance';

/** Members for each variable, the fewest there are, crossover, and the range of the differential weight, drawn anew for each trial. */
const MEMBERS = 6,
  FEWEST = 24,
  CROSSOVER = 0.9,
  WEIGHT = [0.4, 0.95] as const;

/**
 * A global search between bounds, for comparison only.
 * @returns the lowest value found in so many evaluations
 * @source Storn & Price 1997, DE/rand-to-best/1/bin with a dithered weight
 */
export const differentialEvolution = (...search: Parameters<typeof bestFound>): number =>
  search[0](bestFound(...search));

/** The same search. @returns the point at which the lowest value was found */
export function bestFound(
  objective: (at: Float64Array) => number,
  low: Float64Array,
  high: Float64Array,
  evaluations: number,
  seed: number,
): Float64Array {
  const chance = seededChance(seed),
    n = low.length,
    size = Math.max(FEWEST, MEMBERS * n);
  const members = Array.from({ length: size }, () =>
    Float64Array.from(low, (from, i) => from + chance() * ((high[i] ?? 0) - from)),
  );
  const values = members.map(objective);
  let used = size,
    best = values.indexOf(Math.min(...values));
  const pick = () => members[Math.floor(chance() * size)]!;
  while (used < evaluations) {
    for (let m = 0; m < size && used < evaluations; m++) {
      const own = members[m]!,
        lead = members[best]!,
        [a, b, c] = [pick(), pick(), pick()];
      const weight = WEIGHT[0] + chance() * (WEIGHT[1] - WEIGHT[0]),
        sure = Math.floor(chance() * n),
        toBest = chance() < 0.5;
      const trial = own.map((value, i) => {
        if (i !== sure && chance() > CROSSOVER) return value;
        const next = toBest
          ? value + weight * (lead[i]! - value) + weight * (a[i]! - b[i]!)
          : c[i]! + weight * (a[i]! - b[i]!);
        const [from, to] = [low[i]!, high[i]!];
        return next < from
          ? from + chance() * (value - from)
          : next > to
            ? to - chance() * (to - value)
            : next;
      });
      const there = objective(trial);
      used++;
      if (there > values[m]!) continue;
      members[m] = trial;
      values[m] = there;
      if (there < values[best]!) best = m;
    }
  }
  return members[best]!;
}
