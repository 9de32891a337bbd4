import type { Ingredient } from '../../ingredient/ingredient.js';
import { equivalentRows } from '../../larder/preparation/equivalent.params.js';
import { yieldRows } from '../../larder/preparation/yield.params.js';
import { weighedOut } from '../../recipe/made-before.js';
import type { RecipeLine } from '../../recipe/recipe.js';
import { grams } from '../../quantity/quantity.js';
import { sharesWork } from '../../larder/facts/culinary-kind.js';
import { stageOf } from '../arrival/stage.js';
import { type HouseSauce, type SwapRequest } from './swap-request.js';
import { preparationsOf, schoolAllows } from './school.js';

/** What could stand where a line stood: one or more lines, their amounts still to be matched unless a table gives them. */
export interface Substitute {
  readonly lines: readonly RecipeLine[];
  /** g of the first line for each g that it replaces, where the equivalents know it. */
  readonly factor?: number;
  /** Name of the household’s sauce that these lines are. */
  readonly sauce?: string;
}

export function lineFor(
  ingredient: Ingredient,
  like: Pick<RecipeLine, 'preparation' | 'stage' | 'mass'>,
  request: Pick<SwapRequest, 'schools'>,
  mass: number = like.mass,
): RecipeLine {
  const [preparation = 'as-is'] = preparationsOf(ingredient, like.preparation, request.schools);
  return { ingredient, mass: grams(mass), preparation, stage: stageOf(ingredient, like.stage) };
}

const isShreds = ({ shelf, role }: Ingredient): boolean => shelf === 'bought' && role === 'body';

/** A sauce of the house, g of it for as much dry matter as what it replaces. */
function sauceFor({ ingredient }: HouseSauce, replaced: RecipeLine): Substitute | undefined {
  const dry = (of: Ingredient) => 1 - (of.per100.water ?? 0) / 100;
  const solids = dry(ingredient);
  if (!(solids > 0)) return undefined;
  const mass = grams((replaced.mass * dry(replaced.ingredient)) / solids);
  return {
    sauce: ingredient.name,
    lines: [{ ingredient, mass, preparation: 'as-is', stage: replaced.stage === 'end' ? 'end' : 'start' }],
  };
}

/** What is in the larder for who eats it, and is no proposal here. */
const neverProposed: ReadonlySet<Ingredient['shelf']> = new Set([
  'dairy to compare',
  'meat and eggs',
  'own sauces',
]);

/** g of fat in 100 g from which a nut or seed stands in for oil. @source assumed */
const RICH = 40;

/** What a cook would take for it; or, where no oil may be added, what brings fat of its own. */
function doesTheWorkOf(replaced: Ingredient, other: Ingredient, { schools }: SwapRequest): boolean {
  if (sharesWork(replaced, other)) return true;
  const { shelf, per100 } = other;
  return (
    replaced.role === 'fat' &&
    schools.addedOil === 'without' &&
    (shelf === 'nuts' || shelf === 'seeds') &&
    (per100.fat ?? 0) > RICH
  );
}

/** Whether one is the other boiled soft: that is another way to make it ready, and no other thing. What is bought dry is one. */
const isTheSameBoiled = (one: Ingredient, other: Ingredient): boolean =>
  one.shelf === 'vegetables' &&
  yieldRows.some(
    ({ from, to, how }) =>
      how === 'boiled' && ((from === one.id && to === other.id) || (from === other.id && to === one.id)),
  );

/** Everything of the larder, and of the household’s sauces, that may stand where this line stands. */
export function substitutesFor(
  request: SwapRequest,
  line: number,
  allowed: (ingredient: Ingredient) => boolean,
): readonly Substitute[] {
  const replaced = request.recipe.lines[line];
  if (!replaced) throw new RangeError(`the recipe has no line ${line}`);
  const known = new Map(
    equivalentRows
      .filter(({ from }) => from === replaced.ingredient.id)
      .map(({ to, factor }) => [to, factor]),
  );
  const taken = new Set(request.recipe.lines.map(({ ingredient }) => ingredient.id));
  const single = request.larder
    // What comes in kinds is no proposal: one could not buy it without saying which.
    .filter(
      (ingredient) =>
        !neverProposed.has(ingredient.shelf) &&
        !ingredient.kinds &&
        !taken.has(ingredient.id) &&
        !isTheSameBoiled(replaced.ingredient, ingredient),
    )
    .filter(
      (ingredient) => known.has(ingredient.id) || doesTheWorkOf(replaced.ingredient, ingredient, request),
    )
    .filter((ingredient) => schoolAllows(request.schools, ingredient) && allowed(ingredient))
    .map((ingredient): Substitute => {
      const factor = known.get(ingredient.id);
      return { lines: [lineFor(ingredient, replaced, request)], ...(factor === undefined ? {} : { factor }) };
    });
  const sauces = isShreds(replaced.ingredient)
    ? (request.sauces ?? [])
        .filter(({ ingredient: { made } }) =>
          [
            ...weighedOut(made.recipe.lines).map(({ ingredient }) => ingredient),
            ...made.leftOut.flatMap(({ ingredient }) => ingredient ?? []),
          ].every((ingredient) => schoolAllows(request.schools, ingredient) && allowed(ingredient)),
        )
        .flatMap((sauce) => sauceFor(sauce, replaced) ?? [])
    : [];
  return [...single, ...sauces];
}
