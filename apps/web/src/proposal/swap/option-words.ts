import { kitchenMeasureOf, preparationOf, type SwapOption } from '@alterum/core';
import { kitchenNow } from '../../household/habits';
import type { Outcome } from '../../household/outcome';
import { reasonWords } from '../../words/change-words';
import { preparationNames } from '../../words/line-words';
import { figure, gramsText } from '../../words/number-text';

/** "Light miso, barley" within a list is "light miso (barley)". */
const inList = (name: string): string => name.toLowerCase().replace(/, (.*)$/, ' ($1)');
const listed = (names: readonly string[]): string => names.map(inList).join(', ');

/** What comes, as a short name: what the option is taken and kept by. */
export const nameOfOption = ({ in: comes, out }: SwapOption): string =>
  comes.length > 0 ? listed(comes) : `without ${listed(out)}`;

/** "Out: oat drink. In: rice drink." */
export const outAndIn = ({ in: comes, out }: SwapOption): string =>
  `Out: ${listed(out) || 'nothing'}. In: ${listed(comes) || 'nothing, it is left out'}.`;

/** What of a day’s cooking it changes: the brief, coins, minutes, what is to be done and bought. */
export function extrasOf(option: SwapOption): string {
  const { coinsMore, minutes, notInHouse, outside, effort } = option;
  return [
    outside.length === 0 ? 'about as it was' : `noticeably different: ${outside.join(', ')}`,
    Math.abs(coinsMore) >= 0.05
      ? `${figure(Math.abs(coinsMore), 2)} coins ${coinsMore > 0 ? 'more' : 'less'}`
      : 'costs about the same',
    ...effort.flatMap(({ name, preparation }) => {
      const ahead = preparationOf(preparation).ahead;
      return ahead ? [`${ahead} the ${name.toLowerCase()}`] : [];
    }),
    minutes >= 5 ? `${figure(minutes, 0)} min to make ready` : '',
    notInHouse.length > 0 ? `to buy: ${listed(notInHouse)}` : '',
  ]
    .filter(Boolean)
    .join(' · ');
}

/** What each person has to say; whoever has nothing to say is not named, and what was asked before is one line. */
export function sayingsOf({ regarded, asks }: SwapOption): readonly string[] {
  const before = asks.filter((name) => !regarded.some(({ eater }) => eater === name));
  return [
    ...new Map(regarded.map(({ eater, why }) => [eater, `${eater} asks: ${why}`])).values(),
    ...(before.length > 0
      ? [`${before.join(', ')} still ask${before.length === 1 ? 's' : ''} about what was in the pot before`]
      : []),
  ];
}

interface MovedLine {
  readonly id: string;
  readonly text: string;
  /** Why, for what was in the pot before. */
  readonly why?: string;
}

/** What comes in with its amount, and what else moves with its reason. */
export function movedLines(option: SwapOption, recipe: Outcome['recipe']): readonly MovedLine[] {
  const arrived = option.lines.flatMap((line, i): MovedLine[] => {
    const measured = option.amounts[i];
    if (line.origin !== undefined || !measured || !(measured.grams > 0)) return [];
    const measure = kitchenMeasureOf(measured.amount, line.ingredient.measures, kitchenNow());
    const made = line.preparation === 'as-is' ? '' : `, ${preparationNames[line.preparation]}`;
    return [
      {
        id: `${line.ingredient.id}${i}`,
        text: `${line.ingredient.name}${made} ${gramsText(measured.grams)} g${measure ? ` (${measure})` : ''}`,
      },
    ];
  });
  const moved = option.moves.flatMap(({ line, toG, reason }): MovedLine[] => {
    const origin = option.lines[line]?.origin;
    const was = origin === undefined ? undefined : recipe.lines[origin];
    if (!was) return [];
    return [
      {
        id: `move${line}`,
        text: `${was.ingredient.name} ${gramsText(was.mass)} → ${gramsText(toG)} g`,
        why: reasonWords(reason, 'would be'),
      },
    ];
  });
  return [...arrived, ...moved];
}
