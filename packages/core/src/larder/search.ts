import { NearWords } from './near-word.js';
import type { Ingredient } from '../ingredient/ingredient.js';
import { isSoft, wordsOf } from './search-words.js';
import { habitOf, type UsedIngredients } from './used.js';

/** How well a word answers another one. @source assessed from what cooks type: `search.table.ts` */
const grades = { whole: 1, joined: 0.95, slip: 0.5, begins: 0.55, beginsMore: 0.2 } as const;
/** What a name adds: it is just what was typed, it begins with it, it holds all of it; the ingredient's own name counts a little more, and what the household uses. */
const bonus = { same: 8, begins: 1.5, cover: 5, own: 1.08, own3: 0.3, used: 3 } as const;
/** Words up to this long that are known words are meant whole: "egg" is not the beginning of "eggplant", "nut" not of "nutmeg". */
const WHOLE_UP_TO = 3;

interface Name {
  readonly ingredient: number;
  readonly own: boolean;
  readonly words: readonly string[];
  readonly joined: string;
}

/** One word of one name, or two neighbours written as one. */
interface Place {
  readonly name: number;
  readonly first: boolean;
  readonly joined: boolean;
}

interface SearchIndex {
  readonly names: readonly Name[];
  readonly places: ReadonlyMap<string, readonly Place[]>;
  readonly terms: readonly string[];
  readonly near: NearWords;
}

function indexOf(larder: readonly Ingredient[]): SearchIndex {
  const names: Name[] = [];
  const places = new Map<string, Place[]>();
  const put = (term: string, place: Place) => {
    const held = places.get(term);
    if (held) held.push(place);
    else places.set(term, [place]);
  };
  larder.forEach(({ name, otherNames, id }, ingredient) => {
    for (const [i, text] of [name, ...otherNames, id.replaceAll('-', ' ')].entries()) {
      const words = wordsOf(text);
      words.forEach((word, at) => {
        put(word, { name: names.length, first: at === 0, joined: false });
        const next = words[at + 1];
        if (next !== undefined) put(word + next, { name: names.length, first: at === 0, joined: true });
      });
      names.push({ ingredient, own: i === 0, words, joined: words.join('') });
    }
  });
  const terms = [...places.keys()].sort();
  return { names, places, terms, near: new NearWords(terms) };
}

const indexes = new WeakMap<readonly Ingredient[], SearchIndex>();

function searchIndex(larder: readonly Ingredient[]): SearchIndex {
  let index = indexes.get(larder);
  if (!index) indexes.set(larder, (index = indexOf(larder)));
  return index;
}

/** First of the sorted terms that is not before a word. */
function lowerBound(terms: readonly string[], word: string): number {
  let low = 0,
    high = terms.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((terms[middle] ?? '') < word) low = middle + 1;
    else high = middle;
  }
  return low;
}

/** How well each name answers one word looked for; a name that is not there does not. */
type Answers = ReadonlyMap<
  number,
  { readonly grade: number; readonly first: boolean; readonly terms: number }
>;

function answersTo(word: string, index: SearchIndex): Answers {
  const found = new Map<number, { grade: number; first: boolean; terms: number }>();
  const add = (term: string, grade: number) => {
    for (const { name, first, joined } of index.places.get(term) ?? []) {
      const held = found.get(name);
      const value = grade === grades.whole && joined ? grades.joined : grade;
      if (!held || held.grade < value) found.set(name, { grade: value, first, terms: joined ? 2 : 1 });
    }
  };
  const known = index.places.has(word);
  if (known) add(word, grades.whole);
  if (!known || word.length > WHOLE_UP_TO)
    for (let i = lowerBound(index.terms, word); index.terms[i]?.startsWith(word); i++) {
      const term = index.terms[i] ?? '';
      if (term !== word) add(term, grades.begins + (grades.beginsMore * word.length) / term.length);
    }
  if (found.size === 0) {
    const near = index.near.nearest(word);
    if (near !== undefined) add(near, grades.slip);
  }
  return found;
}

interface Asked {
  readonly answers: Answers;
  /** Words of the search that these answers stand for. */
  readonly words: number;
  readonly soft: boolean;
}

/** What was looked for, word by word; two neighbours that are known as one word are one: "corn starch" and "cornstarch". */
function askedOf(words: readonly string[], index: SearchIndex): readonly Asked[] {
  return words.map((word, i) => {
    const answers = new Map(answersTo(word, index));
    for (const pair of [word + (words[i + 1] ?? ''), (words[i - 1] ?? '') + word]) {
      if (pair === word) continue;
      for (const { name, first } of (index.places.get(pair) ?? []).filter(({ joined }) => !joined))
        if ((answers.get(name)?.grade ?? 0) < grades.joined)
          answers.set(name, { grade: grades.joined, first, terms: 0.5 });
    }
    return { answers, words: 1, soft: isSoft(word) };
  });
}

/** Ingredients that answer every word that says something, by how well on the average. */
function answering(asked: readonly Asked[], index: SearchIndex): ReadonlyMap<number, number> {
  const needed = asked.some(({ soft }) => !soft) ? asked.filter(({ soft }) => !soft) : asked;
  const bags = needed.map(({ answers }) => {
    const best = new Map<number, number>();
    for (const [name, { grade }] of answers) {
      const ingredient = index.names[name]?.ingredient ?? -1;
      best.set(ingredient, Math.max(best.get(ingredient) ?? 0, grade));
    }
    return best;
  });
  const [smallest, ...rest] = [...bags].sort((a, b) => a.size - b.size);
  const scores = new Map<number, number>();
  for (const ingredient of smallest?.keys() ?? [])
    if (rest.every((bag) => bag.has(ingredient)))
      scores.set(ingredient, bags.reduce((all, bag) => all + (bag.get(ingredient) ?? 0), 0) / bags.length);
  return scores;
}

/** How well a whole name is what was looked for. */
function matchOf(name: Name, place: number, asked: readonly Asked[], words: readonly string[]): number {
  const met = asked.map(({ answers }) => answers.get(place));
  const sum = met.reduce((all, answer) => all + (answer?.grade ?? 0) * Math.max(answer?.terms ?? 0, 1), 0);
  const cover = Math.min(1, sum / Math.max(words.length, name.words.length));
  const same = name.joined === words.join('') ? bonus.same : 0;
  const begins = met[0]?.first ? bonus.begins * met[0].grade : 0;
  return (same + bonus.cover * cover + begins) * (name.own ? bonus.own : 1) + (name.own ? bonus.own3 : 0);
}

/** The best match among the names of each ingredient. */
function bestNames(
  asked: readonly Asked[],
  words: readonly string[],
  index: SearchIndex,
): ReadonlyMap<number, number> {
  const best = new Map<number, number>();
  const touched = new Set(asked.flatMap(({ answers }) => [...answers.keys()]));
  for (const place of touched) {
    const name = index.names[place];
    if (!name) continue;
    const match = matchOf(name, place, asked, words);
    best.set(name.ingredient, Math.max(best.get(name.ingredient) ?? 0, match));
  }
  return best;
}

/**
 * Ingredients that answer every word looked for, in any of their names, best first; all of them for an empty search. Upper case, accents,
 * plurals, hyphens, closed or open spelling, British or American, and a slip in five letters do not matter. What is called just so comes first,
 * then what begins with it; a match inside another word does not count.
 * @param used what the household has cooked with: of what answers about as well, that comes first
 */
export function searchIngredients(
  larder: readonly Ingredient[],
  text: string,
  used?: UsedIngredients,
): readonly Ingredient[] {
  const words = wordsOf(text);
  if (words.length === 0) return larder;
  const index = searchIndex(larder),
    asked = askedOf(words, index),
    named = bestNames(asked, words, index);
  // Of two that answer alike, the one whose kind is left open comes first: the kind was not said.
  const unsaid = (ingredient: number) => Number(larder[ingredient]?.kinds !== undefined);
  return [...answering(asked, index)]
    .map(([ingredient, score]) => ({
      ingredient,
      score: score + (named.get(ingredient) ?? 0) + bonus.used * habitOf(used, larder[ingredient]),
    }))
    .sort(
      (a, b) =>
        b.score - a.score || unsaid(b.ingredient) - unsaid(a.ingredient) || a.ingredient - b.ingredient,
    )
    .flatMap(({ ingredient }) => larder[ingredient] ?? []);
}
