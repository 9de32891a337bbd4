import { type Word, wordsOf } from './words.js';

/** A word as a step of a phrase: one behind a bracket is another step than one behind a space, "nuts (milk" is no nut milk. */
const keyOf = ({ stem, gap }: Word, isFirst: boolean): string =>
  !isFirst && gap === 'bracket' ? `(${stem}` : stem;

interface Node<T> {
  readonly next: Map<string, Node<T>>;
  values: T[];
}

export interface PhraseMatch<T> {
  readonly values: readonly T[];
  /** How many words it took. */
  readonly length: number;
}

/** Phrases by their words; finds the longest that begins at a place. Time per word does not grow with the number of phrases. */
export class PhraseTree<T> {
  private readonly root: Node<T> = { next: new Map(), values: [] };

  add(phrase: string, value: T): void {
    let node = this.root;
    wordsOf(phrase).forEach((word, i) => {
      const key = keyOf(word, i === 0);
      let next = node.next.get(key);
      if (!next) node.next.set(key, (next = { next: new Map(), values: [] }));
      node = next;
    });
    node.values.push(value);
  }

  /** Words with which a phrase may begin. */
  firstWords(): IterableIterator<string> {
    return this.root.next.keys();
  }

  /** @param over whether a phrase may go on over a comma or a colon */
  longestAt(words: readonly Word[], at: number, over: boolean): PhraseMatch<T> | undefined {
    let node = this.root,
      values: readonly T[] | undefined,
      length = 0;
    for (let i = at; i < words.length; i++) {
      const word = words[i];
      if (
        !word ||
        (i > at && word.gap !== 'none' && word.gap !== 'bracket' && !(over && word.gap === 'phrase'))
      )
        break;
      const next = node.next.get(keyOf(word, i === at));
      if (!next) break;
      node = next;
      if (node.values.length > 0) {
        values = node.values;
        length = i - at + 1;
      }
    }
    return values && { values, length };
  }
}
