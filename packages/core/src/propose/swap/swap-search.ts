import { withWish } from '../../brief/brief.js';
import { portionOfRecipe } from '../../household/portion/portion-of-recipe.js';
import type { EaterVerdict } from '../../household/verdict.js';
import { whoCanEat } from '../../household/who-can-eat.js';
import type { Ingredient } from '../../ingredient/ingredient.js';
import { potAt } from '../../predict/pot-at.js';
import { spreadOfPot } from '../../predict/spread.js';
import { assess, type Assessed } from '../../property/assess.js';
import { mayBeInHouse } from '../arrival/in-house.js';
import { isWorseRegard, type Regarded, regardsOf, worstOf } from '../arrival/regard.js';
import { type Aim, aimsOf, missesOf } from '../balance/aim.js';
import { isDoneWithout, schoolsOf } from './lines-to-replace.js';
import type { PotLine } from './replace-line.js';
import { schoolAllows } from './school.js';
import type { SwapRequest } from './swap-request.js';

/** Steps outside beyond which a first look does not tell worse from bad: balancing will change it anyway. */
const BAD_ENOUGH = 4;

export interface Looked {
  readonly lines: readonly PotLine[];
  readonly badness: number;
}

/** Everything one search needs at hand. */
export interface SwapSearch {
  readonly request: SwapRequest;
  readonly aims: readonly Aim[];
  readonly original: Assessed;
  readonly look: (lines: readonly PotLine[]) => Looked;
  readonly regard: (ingredient: Ingredient) => readonly Regarded[];
  /** Whether it may be offered to these people and this school. */
  readonly allowed: (ingredient: Ingredient) => boolean;
  readonly held: (line: PotLine) => boolean;
  /** By eater, what they have to say to a pot. */
  readonly verdictsOn: (pot: Assessed) => readonly EaterVerdict[];
  /** By eater, whether the whole of the original is too much already. */
  readonly tooMuchBefore: readonly boolean[];
  tried: number;
}

/** The brief as the school has it: a soft melt is not asked to pull, a stretchy one is. @source stretch of the family’s melt */
function briefForSchool({ brief, schools: { melt } }: SwapRequest): SwapRequest['brief'] {
  if (melt === 'soft-melt') return withWish(brief, 'stretch', undefined);
  const asked = brief.stretch && !brief.stretch.kept;
  return melt === 'starch-stretch' && !asked ? withWish(brief, 'stretch', STRETCHY) : brief;
}
const STRETCHY = { low: 7, high: 22 } as const;

/** @param lastResort members of a group that somebody is allergic to another member of are looked at too, since there is nothing else */
export function searchFor(given: SwapRequest, lastResort: boolean): SwapSearch {
  const schooled = { ...given, schools: schoolsOf(given) },
    request = { ...schooled, brief: briefForSchool(schooled) };
  const { recipe, portions, ask, inHouse } = request,
    aims = aimsOf(request.brief),
    spread = spreadOfPot(potAt(recipe)),
    known = new Map<string, readonly Regarded[]>();
  const regard = (ingredient: Ingredient): readonly Regarded[] => {
    const before = known.get(ingredient.id);
    if (before) return before;
    const found = regardsOf(ingredient, request);
    known.set(ingredient.id, found);
    return found;
  };
  const original = assess(recipe, portions);
  const verdictsOn = (pot: Assessed): readonly EaterVerdict[] => {
    const lines = pot.recipe.lines.filter(({ mass }) => mass > 0);
    const portion = portionOfRecipe({ ...pot, recipe: { ...pot.recipe, lines } }, portions, request.labels);
    return (request.eaters ?? []).map((eater) => whoCanEat(eater, portion));
  };
  const search: SwapSearch = {
    request,
    aims,
    tried: 0,
    original,
    verdictsOn,
    tooMuchBefore: verdictsOn(original).map(({ findings }) =>
      findings.some(({ verdict, line }) => verdict === 'does-not' && line === undefined),
    ),
    look: (lines) => {
      search.tried++;
      const assessed = assess({ ...recipe, lines }, portions, spread);
      const badness = missesOf(aims, assessed).reduce(
        (all, { middle }, i) => all + (aims[i]?.weight ?? 1) * Math.min(Math.abs(middle), BAD_ENOUGH) ** 2,
        0,
      );
      return { lines, badness };
    },
    regard,
    allowed: (ingredient) =>
      schoolAllows(request.schools, ingredient) &&
      !(ask.kind === 'without' && isDoneWithout(ask.what, ingredient)) &&
      (ask.kind !== 'in-house' || mayBeInHouse(inHouse, ingredient.id)) &&
      !isWorseRegard(worstOf(regard(ingredient)), lastResort ? 'same-group' : 'related'),
    held: ({ origin }) => origin !== undefined && request.holds?.[origin]?.kind === 'pinned',
  };
  return search;
}
