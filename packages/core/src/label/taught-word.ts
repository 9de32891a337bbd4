import { type AllergenId, allergenOf } from '../allergen/allergen.js';
import { isInDictionary, parts, plainStems, speaks } from './label-dictionary.js';
import { PhraseTree } from './phrase-tree.js';
import { unknownWord } from './unknown-word.js';
import { stemsOf } from './words.js';

/** What the cook said of a word that the reader did not understand. */
export interface TaughtWord {
  readonly word: string;
  /** Nothing anybody at the table must look out for, or a kind of something. */
  readonly means: 'nothing' | AllergenId;
  /** ISO date or time. */
  readonly taughtOn: string;
}

/** A taught word as the reader tells it. */
export interface TaughtMeaning {
  /** Absent when it holds nothing. */
  readonly allergen: AllergenId | undefined;
  readonly because: string;
}

/** Longest phrase that is taught, characters. */
export const LONGEST_TAUGHT = 80;

/** The words by which a phrase is known, so that two spellings of one phrase are one; empty when there is no word in it. */
export const taughtKey = (word: string): string => stemsOf(word).join(' ');

/** Letters from which a part of a compound says something in the middle of a word too. @source assumed: shorter ones stand in too many words by chance */
const TELLING_PART = 4;

/** Whether the reader finds something in a word, whole or in any part: as a compound, closed up or misspelt. */
export const means = (stem: string): boolean =>
  speaks(stem) ||
  isInDictionary(stem) ||
  unknownWord(stem).kind === 'means' ||
  parts.some(({ part }) => part.length >= TELLING_PART && stem.includes(part));

/** The first word of a phrase that the reader knows already: such a phrase cannot be taught, for it would hide what is known. */
export function knownIn(word: string): string | undefined {
  const stems = stemsOf(word);
  const known = stems.find(means) ?? stems.find((stem, at) => means(stem + (stems[at + 1] ?? '')));
  return known ?? (stems.every((stem) => plainStems.has(stem)) ? stems[0] : undefined);
}

const meaningOf = ({ means, taughtOn }: TaughtWord): TaughtMeaning => {
  const said = `you said on ${taughtOn.slice(0, 10)} that it`;
  return means === 'nothing'
    ? { allergen: undefined, because: `${said} holds none of the allergens` }
    : { allergen: means, because: `${said} is a kind of ${allergenOf(means).name}` };
};

const trees = new WeakMap<readonly TaughtWord[], PhraseTree<TaughtMeaning>>();

/** Made once for each list. */
export function taughtTree(taught: readonly TaughtWord[]): PhraseTree<TaughtMeaning> | undefined {
  if (taught.length === 0) return undefined;
  const made = trees.get(taught);
  if (made) return made;
  const tree = new PhraseTree<TaughtMeaning>();
  for (const one of taught) tree.add(one.word, meaningOf(one));
  trees.set(taught, tree);
  return tree;
}
