import { culinaryKindOf } from '../../larder/facts/culinary-kind.js';
import type { Recipe } from '../../recipe/recipe.js';
import type { SearchProgress } from '../balance/solve.js';
import { isWorseRegard, type Regard, worstOf } from '../arrival/regard.js';
import type { SwapSearch, Looked } from './swap-search.js';
import { unlikeness } from './kinship.js';
import { type PotLine, replaceLine } from './replace-line.js';
import { schoolAllows } from './school.js';
import { type Substitute, substitutesFor } from './substitutes.js';
import { swapSearch } from './swap.params.js';
import type { SwapRequest } from './swap-request.js';

export type Search<T> = Generator<SearchProgress, T>;

/** What is of one kind together, in the order in which the kinds and their members came. */
export function byKind<T>(list: readonly T[], kindOf: (item: T) => string): readonly (readonly T[])[] {
  const kinds = new Map<string, T[]>();
  for (const item of list) {
    const kind = kindOf(item),
      others = kinds.get(kind);
    if (others) others.push(item);
    else kinds.set(kind, [item]);
  }
  return [...kinds.values()];
}

/** Of each kind its best, then of each its second best, and so on. */
export function byTurns<T>(list: readonly T[], kindOf: (item: T) => string, count: number): readonly T[] {
  const kinds = byKind(list, kindOf);
  const out: T[] = [];
  for (let round = 0; out.length < Math.min(count, list.length); round++)
    for (const items of kinds) {
      const item = items[round];
      if (item && out.length < count) out.push(item);
    }
  return out;
}

const potOf = (
  { recipe }: SwapRequest,
  lines: readonly PotLine[],
): Recipe & { readonly lines: readonly PotLine[] } => ({ ...recipe, lines });

/** A line as a cook would name its kind. */
const kindOfLine = ({ ingredient, sauce }: Pick<PotLine, 'ingredient' | 'sauce'>): string =>
  sauce ?? culinaryKindOf(ingredient)?.kind ?? `${ingredient.role} ${ingredient.shelf}`;

/** What took the place of something in a pot, by kind: two pots of one kind are near-twins. */
export const kindsIn = ({ lines }: { readonly lines: readonly PotLine[] }): string =>
  [...new Set(lines.filter(({ replaces }) => replaces !== undefined).map(kindOfLine))].sort().join(' + ') ||
  'left out';

/** The same, apart by whether somebody has to ask about an allergy first: a way without a question is never crowded out by one with it. */
export const kindsAsked = (
  { regard }: Pick<SwapSearch, 'regard'>,
  pot: { readonly lines: readonly PotLine[] },
): string => {
  const arrived = pot.lines.filter(({ replaces }) => replaces !== undefined);
  return kindsIn(pot) + askedMark(worstOf(arrived.flatMap(({ ingredient }) => regard(ingredient))));
};
/** Tells a kind with a question about an allergy from the same without one. */
export const askedMark = (regard: Regard): string => (isWorseRegard(regard, 'asks') ? ' ?' : '');

/** Roles whose work the rest of the pot can often take over. */
const spare: readonly string[] = ['savory', 'seasoning', 'sour'];
/** Of a substitute wholly unlike what it replaces, in a first look; squared steps. @source assumed */
const UNLIKE = 4;

/** Whether a dish may do without a line: a flavour, or what the school has no room for. */
function canGo({ request }: SwapSearch, line: number): boolean {
  const ingredient = request.recipe.lines[line]?.ingredient;
  if (!ingredient || request.recipe.lines.length < 2) return false;
  if (!schoolAllows(request.schools, ingredient)) return true;
  return spare.includes(ingredient.role);
}

/** Substitutes for one line, the most promising of every kind first. */
function* promising(
  search: SwapSearch,
  line: number,
  lines: readonly PotLine[],
  count: number,
): Search<readonly Substitute[]> {
  const { request, original, held } = search;
  const at = lines.findIndex(({ origin }) => origin === line);
  const replaced = request.recipe.lines[line]?.ingredient;
  const substitutes: readonly Substitute[] = [
    ...substitutesFor(request, line, search.allowed),
    ...(canGo(search, line) ? [{ lines: [] }] : []),
  ];
  const looked: { readonly substitute: Substitute; readonly badness: number }[] = [];
  for (const substitute of substitutes) {
    const { badness } = search.look(replaceLine(original, potOf(request, lines), at, substitute, held));
    const [first] = substitute.lines;
    const unlike =
      first && replaced && substitute.sauce === undefined ? unlikeness(replaced, first.ingredient) : 0;
    looked.push({ substitute, badness: badness + UNLIKE * unlike });
    if (looked.length % 8 === 0)
      yield { done: looked.length / substitutes.length / 3, objective: 0, evaluations: search.tried };
  }
  looked.sort((a, b) => a.badness - b.badness);
  const kind = ({
    substitute: {
      lines: [first],
      sauce,
    },
  }: (typeof looked)[number]) =>
    sauce ?? (first ? kindOfLine(first) + askedMark(worstOf(search.regard(first.ingredient))) : 'nothing');
  return byTurns(looked, kind, count).map(({ substitute }) => substitute);
}

/** Whole pots with all lines replaced: all of one line’s substitutes, or a beam over several lines. */
export function* replacedPots(
  search: SwapSearch,
  lines: readonly number[],
  stop: () => boolean,
): Search<readonly Looked[] | { readonly noneFor: number }> {
  const start: readonly PotLine[] = search.request.recipe.lines.map((line, origin) => ({ ...line, origin }));
  const count = lines.length === 1 ? swapSearch.closely : swapSearch.closelyOfSeveral;
  let pots: readonly Looked[] = [{ lines: start, badness: 0 }];
  for (const line of lines) {
    const substitutes = yield* promising(search, line, start, count);
    if (substitutes.length === 0) return { noneFor: line };
    const next: Looked[] = [];
    for (const pot of pots)
      for (const substitute of substitutes) {
        const at = pot.lines.findIndex(({ origin }) => origin === line);
        const twice = substitute.lines.some(
          ({ ingredient }) =>
            substitute.sauce === undefined &&
            pot.lines.some((other) => other.ingredient.id === ingredient.id),
        );
        if (!twice)
          next.push(
            search.look(
              replaceLine(search.original, potOf(search.request, pot.lines), at, substitute, search.held),
            ),
          );
      }
    next.sort((a, b) => a.badness - b.badness);
    pots = lines.length === 1 ? next : byTurns(next, (pot) => kindsAsked(search, pot), swapSearch.beam);
    yield { done: 1 / 3, objective: pots[0]?.badness ?? 0, evaluations: search.tried };
    if (stop()) break;
  }
  return pots;
}
