import { stemsOf, type Word } from './words.js';

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
    for (const stem of stemsOf(phrase)) {
      let next = node.next.get(stem);
      if (!next) node.next.set(stem, (next = { next: new Map(), values: [] }));
      node = next;
    }
    node.values.push(value);
  }

  /** @param over whether a phrase may go on over a comma or a colon */
  longestAt(words: readonly Word[], at: number, over: boolean): PhraseMatch<T> | undefined {
    let node = this.root,
      values: readonly T[] | undefined,
      length = 0;
    for (let i = at; i < words.length; i++) {
      const word = words[i];
      if (!word || (i > at && word.gap !== 'none' && !(over && word.gap === 'phrase'))) break;
      const next = node.next.get(word.stem);
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
