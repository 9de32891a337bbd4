/** Shortest words in which one letter may be wrong, and in which two may be. */
const ONE_FROM = 5,
  TWO_FROM = 9;
/** Longer words are not looked up: no food has such a name, and what is looked up grows with the square of the length. */
const LONGEST = 40;

function shortened(word: string): readonly string[] {
  return Array.from({ length: word.length }, (_, i) => word.slice(0, i) + word.slice(i + 1));
}

/** Edits (a letter too many, too few, another one, or two swapped) between two words, counted up to `most` + 1. */
export function editsBetween(a: string, b: string, most: number): number {
  if (Math.abs(a.length - b.length) > most) return most + 1;
  let before: number[] = [],
    last = Array.from({ length: b.length + 1 }, (_, j) => j);
  for (let i = 1; i <= a.length; i++) {
    const row = [i];
    for (let j = 1; j <= b.length; j++) {
      const same = a[i - 1] === b[j - 1] ? 0 : 1;
      let least = Math.min((last[j] ?? 0) + 1, (row[j - 1] ?? 0) + 1, (last[j - 1] ?? 0) + same);
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1])
        least = Math.min(least, (before[j - 2] ?? 0) + 1);
      row.push(least);
    }
    before = last;
    last = row;
  }
  return last[b.length] ?? most + 1;
}

/** Finds the known word that a misspelt one was meant to be; looked up by deletions, so that its cost does not grow with the list. */
export class NearWords {
  private readonly byDeletion = new Map<string, Set<string>>();
  private readonly answers = new Map<string, string | undefined>();

  constructor(known: Iterable<string>) {
    for (const word of known) {
      if (word.length < ONE_FROM) continue;
      for (const key of this.keysOf(word)) {
        const held = this.byDeletion.get(key);
        if (held) held.add(word);
        else this.byDeletion.set(key, new Set([word]));
      }
    }
  }

  /** @returns the nearest known word, or undefined when none is near, or two are equally near */
  nearest(word: string): string | undefined {
    if (word.length < ONE_FROM || word.length > LONGEST || /\d/.test(word)) return undefined;
    if (this.answers.has(word)) return this.answers.get(word);
    const most = word.length >= TWO_FROM ? 2 : 1;
    let best: string | undefined,
      fewest = most + 1;
    for (const key of this.keysOf(word))
      for (const candidate of this.byDeletion.get(key) ?? []) {
        // The first letter is rarely wrong; a word that differs there is another word.
        if (candidate[0] !== word[0]) continue;
        const edits = editsBetween(word, candidate, most);
        if (edits < fewest || (edits === fewest && best !== undefined && candidate < best)) {
          best = candidate;
          fewest = edits;
        }
      }
    const answer = fewest <= most ? best : undefined;
    if (this.answers.size < 5000) this.answers.set(word, answer);
    return answer;
  }

  private keysOf(word: string): ReadonlySet<string> {
    const keys = new Set([word, ...shortened(word)]);
    if (word.length >= TWO_FROM)
      for (const once of shortened(word)) for (const twice of shortened(once)) keys.add(twice);
    return keys;
  }
}
