import type { Ingredient } from '../../ingredient/ingredient.js';
import type { Method, Operation } from '../../recipe/method/operation.js';
import type { Preparation } from '../../recipe/preparation.js';
import { durationIn } from './duration.js';

/** What is to be done to a thing before the pot, as the model knows it. */
export interface MadeReadyRead {
  readonly preparation: Preparation;
  /** Operations, where more is said than the preparation; undefined elsewhere. */
  readonly ready: Method | undefined;
}

/** mm that a cut comes to. @source kitchen habit, assumed */
const cuts: readonly (readonly [RegExp, number])[] = [
  [
    /\b(?:very finely|finely) (?:chopped|diced|minced|grated|snipped)|\bminced\b|\bcrushed\b|\bmicroplaned\b/i,
    2,
  ],
  [/\bgrated\b|\bshredded\b|\bshaved\b/i, 3],
  [/\bthinly sliced\b|\bshaved\b/i, 3],
  [/\bsliced\b/i, 5],
  [
    /\broughly chopped|\bcoarsely chopped|\bcubed\b|\bin(?:to)? (?:large )?(?:chunks|cubes|pieces|florets)\b|\bquartered\b|\bhalved\b/i,
    20,
  ],
  [/\bchopped\b|\bdiced\b|\btorn\b/i, 8],
];

const middle = (
  { low, high }: { readonly low: number; readonly high: number },
  usual: number,
): Pick<Operation, 'minutes' | 'mostMinutes'> => ({
  minutes: Math.round(low) || usual,
  ...(high > low ? { mostMinutes: Math.round(high) } : {}),
});

function soakOf(words: string): Operation | undefined {
  if (!/\bsoak(?:ed|ing)?\b/i.test(words)) return undefined;
  const time = durationIn(words),
    boiling = /\b(?:boiling|just[- ]boiled|hot)\b[^,;]*water|water[^,;]*\bboiling\b/i.test(words);
  return {
    kind: 'soak',
    ...(time ? middle(time, 240) : boiling ? { minutes: 30 } : {}),
    ...(boiling ? { pour: 'boiling' as const, temperatureC: 20 } : {}),
  };
}

/**
 * What words such as "soaked overnight and drained", "finely chopped", "boiled until soft" do to a thing. Words that change nothing the
 * model knows ("at room temperature") do nothing.
 * @param isNet its amount is that of the can with its liquid
 */
export function makeReadyIn(words: string, ingredient: Ingredient | undefined, isNet = false): MadeReadyRead {
  const soak = soakOf(words);
  const isDone = /\bboiled|\bcooked|\bdried|\broasted/.test(ingredient?.id ?? '');
  const boiled =
    !isDone &&
    /\b(?:boiled|cooked|steamed|simmered|parboiled)\b/i.test(words) &&
    !/\buncooked\b/i.test(words);
  const roasted = !isDone && /\broasted\b/i.test(words) && ingredient?.handling?.roasting !== undefined;
  const cut = cuts.find(([said]) => said.test(words));
  const plain: Preparation = soak ? 'soaked' : boiled ? 'boiled' : 'as-is';
  const ready: Operation[] = [
    ...(isNet && ingredient?.handling?.parts?.drain && /\bdrain|\brins/i.test(words)
      ? [
          {
            kind: 'drain' as const,
            rinse: /\brins/i.test(words) ? ('rinsed' as const) : ('drained' as const),
          },
        ]
      : []),
    ...(soak ? [soak] : []),
    ...(boiled ? [{ kind: 'boil-soft' as const }] : []),
    ...(roasted ? [{ kind: 'roast' as const }] : []),
    ...(cut && (ingredient?.behaviour.particleSizeUm ?? 0) > cut[1] * 1000
      ? [{ kind: 'cut' as const, sizeMm: cut[1] }]
      : []),
  ];
  const says =
    ready.length > 1 ||
    roasted ||
    isNet ||
    cut !== undefined ||
    soak?.minutes !== undefined ||
    soak?.pour !== undefined;
  return { preparation: plain, ready: says && ready.length > 0 ? ready : undefined };
}
