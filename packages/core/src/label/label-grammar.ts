import {
  denials,
  freeOtherwise,
  groupWords,
  joins,
  leadingWords,
  modals,
  MOST_BEFORE_PLACE,
  MOST_BEFORE_LAST_VERB,
  MOST_BETWEEN,
  promises,
  qualifiers,
  sharedPlaces,
  tracePhrases,
  traceVerbs,
  traceWords,
  verbFinal,
} from './label-grammar.params.js';
import { PhraseTree } from './phrase-tree.js';
import { stemsOf, type Word } from './words.js';

const traces = new PhraseTree<true>();
for (const phrase of tracePhrases) traces.add(phrase, true);

/** Every word with which a warning may open. */
export const openers: ReadonlySet<string> = new Set([
  ...traceWords,
  ...modals,
  ...promises,
  ...sharedPlaces,
  ...tracePhrases.flatMap((phrase) => stemsOf(phrase).slice(0, 1)),
]);

const isInSentence = (word: Word | undefined): word is Word => word !== undefined && word.gap !== 'sentence';

/** How many words back from a place, in the same sentence, one of a set stands; 0 for none. */
function foundBefore(words: readonly Word[], at: number, most: number, set: ReadonlySet<string>): number {
  for (let back = 1; back <= most; back++) {
    if (words[at - back + 1]?.gap === 'sentence') return 0;
    const word = words[at - back];
    if (!word) return 0;
    if (set.has(word.stem)) return back;
  }
  return 0;
}

/** A trace warning that opens. */
export interface Trace {
  /** Words it takes. */
  readonly length: number;
  /** Place of the verb that belongs to a "may". */
  readonly verbAt?: number;
  /** It takes back what the sentence claimed before: "free from nuts cannot be guaranteed". */
  readonly doubts?: boolean;
}

/** The trace warning that opens at a place; undefined where none does. */
export function traceAt(words: readonly Word[], at: number): Trace | undefined {
  const word = words[at];
  if (!word) return undefined;
  const phrase = traces.longestAt(words, at, false);
  if (phrase) return { length: phrase.length };
  if (traceWords.has(word.stem)) return { length: 1 };
  if (modals.has(word.stem)) {
    const most = verbFinal.has(word.stem) ? MOST_BEFORE_LAST_VERB : MOST_BETWEEN;
    for (let on = 1; on <= most; on++) {
      const next = words[at + on];
      if (!isInSentence(next)) return undefined;
      if (traceVerbs.has(next.stem)) return { length: 1, verbAt: at + on };
    }
    return undefined;
  }
  if (promises.has(word.stem) && foundBefore(words, at, MOST_BETWEEN, denials) > 0)
    return { length: 1, doubts: true };
  if (sharedPlaces.has(word.stem) && foundBefore(words, at, MOST_BEFORE_PLACE, leadingWords) > 0)
    return { length: 1 };
  return undefined;
}

/** A thing of a claim, as the dictionary finds it: how many words it takes, or 0. */
export type ThingAt = (at: number) => number;

/** What stands between two words, as far as a claim goes on over it. */
const between = (text: string, words: readonly Word[], at: number): string =>
  text.slice(words[at - 1]?.end ?? 0, words[at]?.start ?? 0);

const ENDS_CLAIM = /[(:;[\n)\]]/;

/** The things of a claim, each as the place of its first word and how many words it takes. */
export interface ClaimedThing {
  readonly at: number;
  readonly length: number;
}

/** Whether a comma at this place goes on in a claim: its list is closed by a joining word, or names groups of the law up to its end. */
function goesOnOverComma(text: string, words: readonly Word[], at: number, thingAt: ThingAt): boolean {
  let i = at,
    allGroups = true;
  for (;;) {
    const word = words[i];
    if (!isInSentence(word) || ENDS_CLAIM.test(between(text, words, i))) return allGroups;
    if (joins.has(word.stem)) return thingAt(skipQualifiers(words, i + 1)) > 0;
    const thing = thingAt(i);
    if (thing === 0) {
      if (!qualifiers.has(word.stem)) return false;
      i += 1;
      continue;
    }
    allGroups &&= words.slice(i, i + thing).every(({ stem }) => groupWords.has(stem));
    i += thing;
  }
}

const skipQualifiers = (words: readonly Word[], from: number): number => {
  let at = from;
  while (isInSentence(words[at]) && qualifiers.has(words[at]?.stem ?? '')) at += 1;
  return at;
};

/**
 * What a claim names that begins before a place, and where it ends.
 * @param takesList whether it may name several things
 */
export function claimFrom(
  text: string,
  words: readonly Word[],
  from: number,
  takesList: boolean,
  thingAt: ThingAt,
): { readonly things: readonly ClaimedThing[]; readonly end: number } {
  const things: ClaimedThing[] = [];
  let at = from,
    end = from;
  for (;;) {
    const word = words[at];
    if (!isInSentence(word)) break;
    const gap = between(text, words, at);
    if (ENDS_CLAIM.test(gap) && at > from) break;
    // "Free from: milk, egg" names its list after a colon.
    if (at === from && /[([\n]/.test(gap)) break;
    if (things.length > 0 && gap.includes(',') && !(takesList && goesOnOverComma(text, words, at, thingAt)))
      break;
    if (things.length > 0 && joins.has(word.stem)) {
      if (!takesList && gap.includes(',')) break;
      at += 1;
      continue;
    }
    const length = thingAt(at);
    if (length > 0) {
      things.push({ at, length });
      at += length;
      end = at;
      continue;
    }
    if (!qualifiers.has(word.stem)) break;
    at += 1;
    if (things.length > 0) end = at;
  }
  return { things, end };
}

/** Whether "free" after a thing frees from it: joined by one hyphen or space, and not "free range". */
export function freesFrom(text: string, words: readonly Word[], free: number): boolean {
  const word = words[free];
  if (word?.stem !== 'free' || !/^[ \-‐‑–]$/.test(between(text, words, free))) return false;
  const next = words[free + 1];
  return !(next && next.gap === 'none' && freeOtherwise.has(next.stem));
}
