import { isWorseRegard, regards } from '../arrival/regard.js';
import { askedMark, byKind, kindsIn } from './replaced-pots.js';
import { outclassed, swapSearch } from './swap.params.js';
import type { SwapOption } from './swap-option.js';

/** A question about an allergy, or worse: such an option stands behind all others. */
export const isQuestionable = ({ regard }: Pick<SwapOption, 'regard'>): boolean =>
  isWorseRegard(regard, 'asks');

/** Those without a question about an allergy first, then the smaller questions, each by rank. */
export const bestFirst = (options: readonly SwapOption[]): readonly SwapOption[] =>
  [...options].sort((a, b) => weightOf(a) - weightOf(b) || a.rank - b.rank);
const weightOf = (option: SwapOption): number =>
  isQuestionable(option) ? regards.indexOf(option.regard) : 0;

/** One option for each kind, with and without a question about an allergy, its near-twins as a choice inside it. */
const withTwinsInside = (options: readonly SwapOption[]): readonly SwapOption[] =>
  byKind(options, (option) => kindsIn(option) + askedMark(option.regard)).flatMap(([first, ...rest]) => {
    if (!first) return [];
    const said = new Set([placed(first)]);
    const others = rest.filter((option) => !said.has(placed(option)) && said.add(placed(option)));
    return [{ ...first, alike: others.slice(0, swapSearch.alike) }];
  });

/** What took a place, whatever helps beside it. */
const placed = ({ lines }: SwapOption): string =>
  lines.flatMap(({ replaces, ingredient: { id } }) => (replaces === undefined ? [] : [id])).join(' ');

/** Of one school only, where another is at hand: the last gives up its place. */
function twoSchools(chosen: readonly SwapOption[], others: readonly SwapOption[]): readonly SwapOption[] {
  const schools = new Set(chosen.map(({ school }) => school));
  const other = others.find(({ school }) => !schools.has(school));
  if (schools.size > 1 || !other) return chosen;
  return [...chosen.slice(0, Math.max(1, Math.min(chosen.length, swapSearch.shown - 1))), other];
}

/** A handful that differ in kind; those with a question about an allergy last, and only a place or two of them. */
export function handfulOf(options: readonly SwapOption[]): readonly SwapOption[] {
  const kinds = withTwinsInside(bestFirst(options));
  const best = Math.min(...kinds.map(({ rank }) => rank));
  const worthwhile = kinds.filter(
    ({ rank }) => rank <= Math.max(best + outclassed.by, outclassed.stillGood) || rank === best,
  );
  const clear = worthwhile.filter((option) => !isQuestionable(option)),
    asked = worthwhile.filter(
      // What is kin to an allergen (a peanut for a nut) is a last resort.
      (option) =>
        isQuestionable(option) &&
        (clear.length < swapSearch.clearEnough || !isWorseRegard(option.regard, 'asks-allergy')),
    );
  const room = Math.min(asked.length, Math.max(swapSearch.asked, swapSearch.shown - clear.length));
  const shown = [...clear.slice(0, swapSearch.shown - room), ...asked.slice(0, room)];
  const others = kinds.filter(
    (option) => !shown.includes(option) && option.rank <= best + outclassed.byInAnotherSchool,
  );
  return bestFirst(twoSchools(shown, others));
}
