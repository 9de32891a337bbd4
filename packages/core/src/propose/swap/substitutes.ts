import { whoCanEat } from '../../household/who-can-eat.js';
import type { Ingredient } from '../../ingredient/ingredient.js';
import { equivalentRows } from '../../larder/preparation/equivalent.params.js';
import type { RecipeLine, Stage } from '../../recipe/recipe.js';
import { grams } from '../../quantity/quantity.js';
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

/** Whether nobody at the table has to leave an ingredient; questions are for the cook. */
export function allowedFor({ eaters = [], labels }: SwapRequest, ingredient: Ingredient): boolean {
  const label = labels?.get(ingredient.id);
  const line = { id: 'substitute', ingredient, named: ingredient.name, ...(label ? { label } : {}) };
  return eaters.every((eater) =>
    whoCanEat(eater, {
      lines: [line],
      pungency: { bite: 0, burn: 0 },
      salt: { mid: 0, high: 0 },
    }).findings.every(({ verdict, line: at }) => verdict !== 'does-not' || at === undefined),
  );
}

/** A dry thickener goes into the pot as a slurry, whatever went in before it; everything else as what it replaces. */
const stageOf = (ingredient: Ingredient, like: Stage): Stage =>
  ingredient.role === 'thickener' && ingredient.shelf !== 'gums'
    ? like === 'roux' && ingredient.shelf === 'grains'
      ? 'roux'
      : 'slurry'
    : like === 'roux' || like === 'slurry'
      ? 'start'
      : like;

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

/** Lines of a sauce of the house, in g for as much dry matter as what it replaces. */
function sauceFor({ name, lines }: HouseSauce, replaced: RecipeLine): Substitute | undefined {
  const dry = ({ ingredient, mass }: RecipeLine) => mass * (1 - (ingredient.per100.water ?? 0) / 100);
  const solids = lines.reduce((all, line) => all + dry(line), 0);
  if (!(solids > 0)) return undefined;
  const by = dry(replaced) / solids;
  return { sauce: name, lines: lines.map((line) => ({ ...line, mass: grams(line.mass * by) })) };
}

/** g of fat in 100 g from which a nut or seed stands in for oil. @source assumed */
const RICH = 40;

/** Of the same role; or, where no oil may be added, what brings fat of its own. */
function doesTheWorkOf(
  replaced: Ingredient,
  { role, shelf, per100 }: Ingredient,
  { schools }: SwapRequest,
): boolean {
  if (role === replaced.role) return true;
  return (
    replaced.role === 'fat' &&
    schools.addedOil === 'without' &&
    (shelf === 'nuts' || shelf === 'seeds') &&
    (per100.fat ?? 0) > RICH
  );
}

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
        ingredient.shelf !== 'dairy to compare' && !ingredient.kinds && !taken.has(ingredient.id),
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
        .filter(({ lines }) =>
          lines.every(({ ingredient }) => schoolAllows(request.schools, ingredient) && allowed(ingredient)),
        )
        .flatMap((sauce) => sauceFor(sauce, replaced) ?? [])
    : [];
  return [...single, ...sauces];
}
