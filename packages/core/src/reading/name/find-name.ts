import type { Ingredient } from '../../ingredient/ingredient.js';
import { searchIngredients } from '../../larder/search.js';
import { wordsOf } from '../../larder/search-words.js';
import { habitOf, type UsedIngredients } from '../../larder/used.js';
import { doneWords, namesNothing, sameThing, saysNothing } from './name-words.params.js';

/** What a name was found to be. */
export interface FoundName {
  readonly ingredient: Ingredient | undefined;
  /** 0..1: how sure it is that this is meant. */
  readonly confidence: number;
  /** What else it may be, likeliest first. */
  readonly others: readonly Ingredient[];
  /** Words of it that say what was or is to be done. */
  readonly done: readonly string[];
}

const nothing: FoundName = { ingredient: undefined, confidence: 0, others: [], done: [] };

/** How sure a name is by how it was found. @source assessed on recipes as they are written */
const sureness = {
  same: 0.98,
  alias: 0.95,
  /** All words of the name are there, and it has others. */
  within: 0.85,
  /** A word that says something had to be left out. */
  left: 0.45,
  /** Nothing but a form is shared: “zorblax powder”. */
  form: 0.1,
  least: 0.3,
} as const;
const OTHERS = 4;

const same = (a: readonly string[], b: readonly string[]): boolean => a.join('') === b.join('');

/** The word of a name that says what it is: the last before a comma that is no mere form. A banana shallot is a shallot. */
function headOf(text: string): string | undefined {
  const words = wordsOf(text.replace(/,.*$/, ''));
  return [...words].reverse().find((word) => !namesNothing.has(word)) ?? words.at(-1);
}

/** How well one ingredient is called that, 0..1: the words asked for that its name has, and how much of the name they are. */
function called({ name, otherNames, id }: Ingredient, words: readonly string[]): number {
  let best = 0;
  for (const text of [name, ...otherNames, id.replaceAll('-', ' ')]) {
    const own = wordsOf(text);
    if (same(own, words) || same([...own].sort(), [...words].sort())) return sureness.same;
    const there = words.filter((word) => own.includes(word)).length;
    if (there < words.length) continue;
    // Only what kind of it is said: "plum" is no plum tomato.
    const head = text === name || text === id.replaceAll('-', ' ') ? undefined : headOf(text);
    const kindOnly = head !== undefined && !words.includes(head);
    best = Math.max(
      best,
      sureness.within * (0.75 + (0.25 * there) / own.length) * (kindOnly ? sureness.left : 1),
    );
  }
  return best;
}

interface Candidate {
  readonly ingredient: Ingredient;
  readonly sure: number;
}

/** Whether a thing is called after what it is free of: gluten-free crumbs are no gluten, mayonnaise without egg is no egg. */
function isWithoutIt({ name, otherNames, id }: Ingredient, words: readonly string[]): boolean {
  if (words.includes('free') || words.includes('without')) return false;
  const lacking = /(?:without|free of) (.+)$|\b([\p{L}]+)[- ]free\b/iu;
  const lacked = [name, ...otherNames, id.replaceAll('-', ' ')].flatMap((text) => {
    const found = lacking.exec(text);
    return found ? wordsOf(found[1] ?? found[2] ?? '') : [];
  });
  return words.some((word) => lacked.includes(word));
}

/** How far apart two names may be for the one that is used here to be meant. */
const USED = 0.08;

function candidatesFor(
  larder: readonly Ingredient[],
  text: string,
  used: UsedIngredients | undefined,
): readonly Candidate[] {
  const words = wordsOf(text);
  if (words.length === 0) return [];
  const is = (ingredient: Ingredient) => !isWithoutIt(ingredient, words);
  const asMeant = ({ ingredient, sure }: Candidate) => sure + USED * habitOf(used, ingredient);
  return searchIngredients(larder, text, used)
    .filter(is)
    .slice(0, OTHERS + 1)
    .map((ingredient, i) => ({ ingredient, sure: called(ingredient, words) - i * 1e-3 }))
    .sort((a, b) => asMeant(b) - asMeant(a));
}

/** Words of a name that are looked at: no thing is called by more. */
const MOST_WORDS = 12;

const tokensOf = (text: string): readonly string[] =>
  text
    .toLowerCase()
    .replace(/[^\p{L}\p{N}%'\- ]+/gu, ' ')
    // Parmesan-style is like that.
    .replace(/(?<=\p{L})-(?:style|type)\b/gu, ' ')
    .split(/\s+/)
    .filter(Boolean)
    .slice(0, MOST_WORDS);

/** The words of a name without those that say nothing. */
const meaningful = (tokens: readonly string[]): readonly string[] =>
  tokens.filter((token) => !saysNothing.has(token));

interface Reading {
  readonly phrase: string;
  readonly factor: number;
}

/** Names that may be meant, the fullest first; a factor on how sure each is. */
function* readingsOf(text: string): Generator<Reading> {
  const tokens = tokensOf(text),
    kept = meaningful(tokens),
    bare = kept.filter((token) => !doneWords.has(token));
  const seen = new Set<string>();
  for (const words of [tokens, kept, bare]) {
    const phrase = words.join(' ');
    if (phrase === '' || seen.has(phrase)) continue;
    seen.add(phrase);
    const alias = sameThing[phrase] ?? sameThing[phrase.replace(/s$/, '')];
    if (alias !== undefined) yield { phrase: alias, factor: sureness.alias / sureness.same };
    yield { phrase, factor: 1 };
  }
  // Something that is said is left out: a guess at best.
  for (let from = 1; from < bare.length; from++) yield guess(bare.slice(from));
  for (let to = bare.length - 1; to > 0; to--) yield guess(bare.slice(0, to));
}

/** A part of a name; one that names only a form is no guess, but says what else to offer. */
function guess(words: readonly string[]): Reading {
  const phrase = words.join(' ');
  const formOnly = words.every((word) => namesNothing.has(wordsOf(word)[0] ?? word));
  return { phrase: sameThing[phrase] ?? phrase, factor: formOnly ? sureness.form : sureness.left };
}

/** What of the larder a cook means by a name as it is written in a recipe. */
export function findName(larder: readonly Ingredient[], text: string, used?: UsedIngredients): FoundName {
  let best: { readonly list: readonly Candidate[]; readonly sure: number } | undefined;
  for (const { phrase, factor } of readingsOf(text)) {
    const list = candidatesFor(larder, phrase, used),
      sure = (list[0]?.sure ?? 0) * factor;
    if (sure > (best?.sure ?? 0)) best = { list, sure };
    if (sure > sureness.within) break;
  }
  const done = tokensOf(text).filter((token) => doneWords.has(token));
  const [first, ...others] = best?.list ?? [];
  if (!best || !first) return { ...nothing, done };
  if (best.sure < sureness.least * sureness.left)
    return { ...nothing, others: best.list.map(({ ingredient }) => ingredient), done };
  return {
    ingredient: first.ingredient,
    confidence: best.sure,
    others: others.map(({ ingredient }) => ingredient),
    done,
  };
}
