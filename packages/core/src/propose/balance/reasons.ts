import { assess, type Assessed } from '../../property/assess.js';
import { railOf } from '../../property/rail.js';
import { type RailId } from '../../property/properties.js';
import { type Aim, penaltiesOf } from './aim.js';
import { edges } from './balance.params.js';
import type { SearchSpace } from './search-space.js';
import { portionOf } from './limits-of-people.js';
import { withMasses } from '../../recipe/with-masses.js';

/** Why a line changes. */
export type ChangeReason =
  /** A property was off by so much, in its own unit; negative was short of the stretch. */
  | { readonly kind: 'was-off'; readonly rail: RailId; readonly by: number }
  /** It was inside, and stays so only with this change. */
  | { readonly kind: 'keeps'; readonly rail: RailId }
  | { readonly kind: 'limit'; readonly eater: string; readonly what: string }
  | { readonly kind: 'forbidden'; readonly eater: string; readonly why: string }
  /** It makes room or fills up, so that the batch weighs the same. */
  | { readonly kind: 'fills' };

export interface LineChange {
  /** Place of the line in the recipe. */
  readonly line: number;
  readonly fromG: number;
  readonly toG: number;
  readonly reason: ChangeReason;
}

/** Changes below this share of the line are not worth a spoon. @source assumed */
const NOT_WORTH = 0.01;
/** Squared steps below which a property does not care about a change. */
const HARDLY = 1e-3;

/** How far a property lay outside its stretch, in its own unit. */
function offBy({ rail, wish }: Aim, assessed: Assessed): number {
  const { mid } = railOf(rail).value(assessed);
  return mid < wish.low ? mid - wish.low : mid > wish.high ? mid - wish.high : 0;
}

/** The property that this change serves most: the one that would be hurt most if this line alone went back. */
function servedBy(
  space: SearchSpace,
  aims: readonly Aim[],
  masses: Float64Array,
  line: number,
  after: readonly number[],
): number | undefined {
  const back = Float64Array.from(masses);
  back[line] = space.present[line] ?? 0;
  const penalties = penaltiesOf(
    aims,
    assess(withMasses(space.request.recipe, back), space.request.portions),
    edges.inside,
  );
  let most = HARDLY,
    served: number | undefined;
  penalties.forEach((penalty, i) => {
    const hurt = penalty - (after[i] ?? 0);
    if (hurt > most) [most, served] = [hurt, i];
  });
  return served;
}

/** What changes from the present amounts to these, largest share of the line first, each with its reason. */
export function changesOf(
  space: SearchSpace,
  aims: readonly Aim[],
  masses: Float64Array,
): readonly LineChange[] {
  const { recipe, portions } = space.request;
  const before = assess(recipe, portions),
    after = penaltiesOf(aims, assess(withMasses(recipe, masses), portions), edges.inside);
  const changed = recipe.lines.flatMap((_line, line) => {
    const fromG = space.present[line] ?? 0,
      toG = masses[line] ?? 0;
    return Math.abs(toG - fromG) > NOT_WORTH * Math.max(fromG, 1e-9) ? [{ line, fromG, toG }] : [];
  });
  const reasonOf = (line: number, grows: boolean): ChangeReason => {
    const out = space.people.forbidden.find((forbidden) => forbidden.line === line);
    if (out && masses[line] === 0) return { kind: 'forbidden', eater: out.eater, why: out.reason };
    const over = space.people.portions.find(
      (limit) => (limit.perGram[line] ?? 0) > 0 && portionOf(limit, space.present) > limit.doubtful,
    );
    if (over && !grows) return { kind: 'limit', eater: over.eater, what: over.what };
    const served = servedBy(space, aims, masses, line, after);
    const aim = served === undefined ? undefined : aims[served];
    if (!aim) return { kind: 'fills' };
    const by = offBy(aim, before);
    return by === 0 ? { kind: 'keeps', rail: aim.rail } : { kind: 'was-off', rail: aim.rail, by };
  };
  return changed
    .map((change) => ({ ...change, reason: reasonOf(change.line, change.toG > change.fromG) }))
    .sort(
      (a, b) =>
        Math.abs(Math.log((b.toG + 0.1) / (b.fromG + 0.1))) -
        Math.abs(Math.log((a.toG + 0.1) / (a.fromG + 0.1))),
    );
}
