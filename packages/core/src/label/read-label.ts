import type { NutritionLabel } from '../larder/own/label-composition.js';
import type { AllergenId } from '../allergen/allergen.js';
import { ingredientList, type ListedIngredient } from './ingredient-list.js';
import {
  dictionary,
  type Meaning,
  NAMES_FOOD,
  NAMES_NOTHING,
  OPENS_STATEMENT,
  OPENS_WARNING,
  plainStems,
  starts,
  statements,
} from './label-dictionary.js';
import { readNutrition } from './nutrition-table.js';
import { claimFrom, freesFrom, type Trace, traceAt } from './label-grammar.js';
import { additiveClasses, joins } from './label-grammar.params.js';
import type { StatementKind } from './statements.params.js';
import type { PhraseTree } from './phrase-tree.js';
import { means, type TaughtMeaning, type TaughtWord, taughtTree } from './taught-word.js';
import { Typesetting } from './typesetting.js';
import { unknownWord } from './unknown-word.js';
import { type Word, wordsOf } from './words.js';

export type FindingKind = 'contains' | 'derived' | 'may-contain';

/** A stretch of the text that speaks of an allergen. */
export interface LabelFinding {
  readonly allergen: AllergenId;
  readonly kind: FindingKind;
  /** Place in the text, end not included. */
  readonly start: number;
  readonly end: number;
  readonly because: string;
  /** Set in capitals or bold, as packs emphasise allergens. */
  readonly emphasised: boolean;
}

/** A stretch that is explained without being a finding: a claim, or a name that misleads. */
export interface LabelNote {
  readonly start: number;
  readonly end: number;
  readonly kind: 'claim' | 'misleading' | 'taught';
  readonly text: string;
}

export interface Unrecognised {
  readonly start: number;
  readonly end: number;
  readonly text: string;
  readonly emphasised: boolean;
}

export interface ReadLabel {
  readonly findings: readonly LabelFinding[];
  readonly notes: readonly LabelNote[];
  readonly unrecognised: readonly Unrecognised[];
  /** It warns of traces, of whatever. */
  readonly warns: boolean;
  /** It reads like a list of what is in the food: under a heading, or of several things that are known. */
  readonly isList: boolean;
  readonly nutrition: NutritionLabel | undefined;
  /** The list with shares and nested brackets; empty where there is none. */
  readonly ingredients: readonly ListedIngredient[];
}

/** The number of an additive without its letter. */
const BARE_NUMBER = /^\d{3,4}[a-z]?$/;

/** Things named one after another that make a list without a heading. @source assumed: two words alone are as likely a note of one’s own */
const LEAST_LISTED = 3;

/** Reads one text; holds its place and the statement it is in. */
class Reading {
  readonly findings: LabelFinding[] = [];
  readonly notes: LabelNote[] = [];
  readonly unrecognised: Unrecognised[] = [];
  private readonly words: readonly Word[];
  private readonly set: Typesetting;
  warns = false;
  private hasHeading = false;
  /** Foods that were named, and things of a list that were understood. */
  private known = 0;
  private items = 0;
  private isNewItem = true;
  private mode: 'contains' | 'may-contain' = 'contains';
  private stated = false;
  /** The sentence speaks of a maker: its names are no food. */
  private ofMaker = false;
  /** Where a bare number would be that of an additive. */
  private additiveFrom = -1;
  /** Verb of an open "may": it says nothing outright. */
  private verbAt = -1;
  /** What claims of this sentence name: taken back when the sentence goes on to say that it is not certain. */
  private claimed: { readonly at: number; readonly length: number }[] = [];

  constructor(
    private readonly text: string,
    private readonly taught: PhraseTree<TaughtMeaning> | undefined,
  ) {
    this.words = wordsOf(text);
    this.set = new Typesetting(text);
  }

  run(): void {
    let at = 0;
    while (at < this.words.length) at += this.step(at);
  }

  get isList(): boolean {
    return this.hasHeading || (this.known > 0 && this.items >= LEAST_LISTED);
  }

  private countItem(): void {
    if (this.isNewItem) this.items += 1;
    this.isNewItem = false;
  }

  private startAnew(): void {
    this.mode = 'contains';
    this.stated = false;
    this.ofMaker = false;
    this.claimed = [];
    this.isNewItem = true;
  }

  private step(at: number): number {
    const word = this.words[at];
    if (!word) return 1;
    if (word.gap === 'phrase' || word.gap === 'bracket') this.isNewItem = true;
    else if (at > 0 && word.gap === 'sentence') this.startAnew();
    if (at === this.verbAt) return 1;
    const may = starts.get(word.stem);
    if (may === undefined) return this.meetUnknown(at, word);
    if (may === NAMES_NOTHING) return this.pass(at, word);
    const trace = may & OPENS_WARNING ? traceAt(this.words, at) : undefined;
    if (trace) return this.warn(trace);
    // "Allergens: milk" and "contains: milk" go on over their colon.
    const statement = may & OPENS_STATEMENT ? statements.longestAt(this.words, at, true) : undefined;
    const kind = statement?.values[0];
    const match = may & NAMES_FOOD ? dictionary.longestAt(this.words, at, false) : undefined;
    if (statement && kind && statement.length >= (match?.length ?? 0)) {
      const taken = this.open(kind, at, statement.length);
      if (taken > 0) return taken;
    }
    if (match) {
      if (this.mode === 'contains') {
        this.known += 1;
        this.countItem();
      }
      return this.take(at, match.length, match.values);
    }
    return this.meetUnknown(at, word);
  }

  private warn({ length, verbAt, doubts }: Trace): number {
    this.mode = 'may-contain';
    this.warns = true;
    this.stated = false;
    if (verbAt !== undefined) this.verbAt = verbAt;
    if (doubts) {
      for (const { at, length: words } of this.claimed)
        for (const meaning of dictionary.longestAt(this.words, at, false)?.values ?? [])
          this.find(at, words, meaning);
      this.claimed = [];
    }
    return length;
  }

  /** @returns how many words the statement takes; 0 where it is none here */
  private open(kind: StatementKind, at: number, length: number): number {
    switch (kind) {
      case 'heading':
        this.hasHeading = true;
        this.startAnew();
        return length;
      case 'maker':
        this.ofMaker = true;
        return length;
      case 'contains':
        this.mode = kind;
        this.stated = true;
        return length;
      case 'list-claim':
      case 'short-claim': {
        // Inside a warning nothing is free from anything.
        if (this.mode === 'may-contain') return kind === 'list-claim' ? length : 0;
        const { things, end } = claimFrom(
          this.text,
          this.words,
          at + length,
          kind === 'list-claim',
          (place) => this.thingAt(place),
        );
        if (things.length === 0) return kind === 'list-claim' ? length : 0;
        this.note(at, length, 'claim', 'a claim of the maker, not a finding');
        for (const thing of things) {
          this.note(thing.at, thing.length, 'claim', 'named in a claim of the maker, not a finding');
          this.claimed.push(thing);
        }
        return end - at;
      }
    }
  }

  private thingAt(at: number): number {
    const match = dictionary.longestAt(this.words, at, false);
    return match && match.values.some(({ allergens }) => allergens.length > 0) ? match.length : 0;
  }

  private take(at: number, length: number, meanings: readonly Meaning[]): number {
    const isClaim = freesFrom(this.text, this.words, at + length);
    if (isClaim && this.mode !== 'may-contain') {
      this.note(at, length, 'claim', 'a claim of the maker, not a finding');
      this.claimed.push({ at, length });
      return length + 1;
    }
    const misleading = meanings.find(({ kind }) => kind === 'misleading');
    if (misleading) this.note(at, length, 'misleading', misleading.because);
    for (const meaning of misleading ? [misleading] : meanings) this.find(at, length, meaning);
    return length;
  }

  private kindOf(kind: Meaning['kind']): FindingKind {
    if (this.mode === 'may-contain' || kind === 'ask') return 'may-contain';
    if (kind === 'derived') return this.stated ? 'contains' : 'derived';
    return 'contains';
  }

  private find(at: number, length: number, { allergens, kind, because }: Meaning, readAs?: string): void {
    const { start, end } = this.placeOf(at, length);
    const quoted = this.text.slice(start, end);
    const said = readAs ? `“${quoted}” reads like “${readAs}”: ${because}` : `“${quoted}”: ${because}`;
    const stated = this.mode === 'may-contain' ? `${said}; the maker says it may be there in traces` : said;
    for (const allergen of allergens)
      this.findings.push({
        allergen,
        kind: this.kindOf(kind),
        start,
        end,
        because: stated,
        emphasised: this.set.isEmphasised(start, end),
      });
  }

  /** A word that names nothing. */
  private pass(at: number, { stem }: Word): number {
    if (additiveClasses.has(stem) || (this.additiveFrom === at && joins.has(stem)))
      this.additiveFrom = at + 1;
    if (stem.length > 1 && this.mode === 'contains') this.countItem();
    return 1;
  }

  private meetUnknown(at: number, word: Word): number {
    const { stem } = word;
    if (stem.length < 2 || plainStems.has(stem)) return this.pass(at, word);
    const isAdditive = this.additiveFrom === at && BARE_NUMBER.test(stem);
    if (isAdditive) this.additiveFrom = at + 1;
    const read = unknownWord(isAdditive ? `e${stem}` : stem);
    if (read.kind === 'nothing') return 1;
    if (read.kind === 'means') {
      for (const { meaning, readAs } of read.readings) this.find(at, 1, meaning, readAs);
      return 1;
    }
    const taken = this.readTaught(at);
    if (taken > 0) return taken;
    if (this.isName(word)) return 1;
    const { start, end } = this.placeOf(at, 1);
    const before = this.unrecognised[this.unrecognised.length - 1];
    if (before && /^[ \-'’]*$/.test(this.text.slice(before.end, start)))
      this.unrecognised[this.unrecognised.length - 1] = {
        ...before,
        end,
        text: this.text.slice(before.start, end),
      };
    else
      this.unrecognised.push({
        start,
        end,
        text: this.text.slice(start, end),
        emphasised: this.set.isEmphasised(start, end),
      });
    return 1;
  }

  /** A name: of a maker or a place, or of a brand in quotes; it begins with a capital or holds a figure. */
  private isName({ start, end }: Word): boolean {
    if (!this.ofMaker && !this.set.isQuoted(start, end)) return false;
    return /^\p{Lu}|\d/u.test(this.text.slice(start, end));
  }

  /** What the cook said a word means; it never speaks for a word that is known. @returns how many words it takes */
  private readTaught(at: number): number {
    const match = this.taught?.longestAt(this.words, at, false);
    const meaning = match?.values[0];
    if (!match || !meaning) return 0;
    // Neither a word of it nor two of them closed up may say something: what was taught only adds, and silences what says nothing.
    for (let i = at; i < at + match.length; i++) {
      const stem = this.words[i]?.stem ?? '',
        next = i + 1 < at + match.length ? (this.words[i + 1]?.stem ?? '') : '';
      if (means(stem) || means(stem + next)) return 0;
    }
    if (this.mode === 'contains') {
      this.known += 1;
      this.countItem();
    }
    if (meaning.allergen === undefined) this.note(at, match.length, 'taught', meaning.because);
    else
      this.find(at, match.length, {
        allergens: [meaning.allergen],
        kind: 'contains',
        because: meaning.because,
      });
    return match.length;
  }

  private placeOf(at: number, length: number): { readonly start: number; readonly end: number } {
    const start = this.words[at]?.start ?? 0,
      end = this.words[at + length - 1]?.end ?? 0;
    // "lecithin (soya)": a bracket opened inside is closed inside.
    const open = this.text[end] === ')' && this.text.slice(start, end).includes('(');
    return { start, end: open ? end + 1 : end };
  }

  private note(at: number, length: number, kind: LabelNote['kind'], text: string): void {
    const { start, end } = this.placeOf(at, length);
    this.notes.push({ start, end, kind, text });
  }
}

/**
 * Reads a label: what it says of allergens, what it may hold, claims, names that mislead, its nutrition table, and every word
 * it did not recognise. Linear in the text. Nothing is silently dropped: each word is a finding, explained, plain, or unrecognised.
 * @param taught what the cook said of words that the reader does not know
 * @source lexicon S-16
 */
export function readLabel(text: string, taught: readonly TaughtWord[] = []): ReadLabel {
  const reading = new Reading(text, taughtTree(taught));
  reading.run();
  const { findings, notes, unrecognised, warns, isList } = reading;
  return {
    findings,
    notes,
    unrecognised,
    warns,
    isList,
    nutrition: readNutrition(text),
    ingredients: ingredientList(text),
  };
}

/** Longest label that is read at once, characters; more is a book, not a pack. */
export const LONGEST_LABEL = 200_000;
