import type { AllergenId } from '../allergen/allergen.js';
import { plainWords } from './food-words.params.js';
import { openers } from './label-grammar.js';
import { moreEnglish } from './languages/english.params.js';
import { labelLanguages } from './languages/languages.js';
import { englishLexicon, misleadingNames, type WordKind } from './lexicon.params.js';
import { NearWords } from '../larder/near-word.js';
import { PhraseTree } from './phrase-tree.js';
import { type StatementKind, statementPhrases } from './statements.params.js';
import { stemsOf } from './words.js';

/** What a word or phrase of a label names. */
export interface Meaning {
  readonly allergens: readonly AllergenId[];
  readonly kind: WordKind | 'misleading';
  readonly because: string;
}

/** Every word and phrase that names something, in all languages. */
export const dictionary = new PhraseTree<Meaning>();
/** Phrases that say how what follows is meant. */
export const statements = new PhraseTree<StatementKind>();
/** Languages share words; what a word means is kept once. */
const said = new Set<string>();
function name(term: string, meaning: Meaning): void {
  const key = `${stemsOf(term).join(' ')}|${meaning.kind}|${meaning.allergens.join(' ')}`;
  if (!said.has(key)) dictionary.add(term, meaning);
  said.add(key);
}
for (const { allergens, kind, terms, because } of [
  ...englishLexicon,
  ...moreEnglish.rows,
  ...labelLanguages.flatMap(({ rows }) => rows),
])
  for (const term of terms) name(term, { allergens, kind, because });
for (const { terms, holds, because } of [
  ...labelLanguages.flatMap(({ misleading }) => misleading),
  ...misleadingNames,
  ...moreEnglish.misleading,
])
  for (const term of terms) name(term, { allergens: holds, kind: 'misleading', because });
for (const { kind, phrase } of statementPhrases) statements.add(phrase, kind);

/** Words of packs that name nothing anybody is allergic to. */
export const plainStems: ReadonlySet<string> = new Set(
  [...plainWords, ...moreEnglish.plain, ...labelLanguages.flatMap(({ plain }) => plain)].flatMap(stemsOf),
);
/** What a word may begin, so that one look tells of most words that they begin nothing. */
export const OPENS_WARNING = 1,
  OPENS_STATEMENT = 2,
  NAMES_FOOD = 4,
  NAMES_NOTHING = 8;
export const starts = new Map<string, number>();
for (const [words, what] of [
  [openers, OPENS_WARNING],
  [statements.firstWords(), OPENS_STATEMENT],
  [dictionary.firstWords(), NAMES_FOOD],
  [plainStems, NAMES_NOTHING],
] as const)
  for (const word of words) starts.set(word, (starts.get(word) ?? 0) | what);

/** Whether a word may begin something that the reader knows. */
export const speaks = (stem: string): boolean => ((starts.get(stem) ?? 0) & ~NAMES_NOTHING) !== 0;

/** Parts of compounds that name something in their language. */
export const parts = labelLanguages.flatMap((language) =>
  language.parts.map(({ part, allergen }) => ({
    part: stemsOf(part)[0] ?? part,
    allergen,
    language: language.name,
  })),
);
const singleWords = englishLexicon
  .filter(({ kind }) => kind !== 'ask')
  .flatMap(({ terms }) => terms.map(stemsOf))
  .filter((stems) => stems.length === 1)
  .map(([stem]) => stem ?? '');
/** Finds the word of the dictionary that a slip of the pen was meant for. */
export const near = new NearWords(new Set(singleWords));

export const isInDictionary = (stem: string): boolean =>
  dictionary.longestAt([{ stem, start: 0, end: 0, gap: 'none' }], 0, false) !== undefined;
