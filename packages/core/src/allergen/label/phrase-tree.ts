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

  /** @param joined whether the word at a place may continue a phrase begun before it */
  longestAt(
    words: readonly Word[],
    at: number,
    joined: (place: number) => boolean,
  ): PhraseMatch<T> | undefined {
    let node = this.root,
      found: PhraseMatch<T> | undefined;
    for (let i = at; i < words.length; i++) {
      if (i > at && !joined(i)) break;
      const word = words[i];
      const next = word && node.next.get(word.stem);
      if (!next) break;
      node = next;
      if (node.values.length > 0) found = { values: node.values, length: i - at + 1 };
    }
    return found;
  }

  /** Whether any phrase begins with this word. */
  begins(stem: string): boolean {
    return this.root.next.has(stem);
  }
}
