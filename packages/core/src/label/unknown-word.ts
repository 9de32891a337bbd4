import { allergenOf } from '../allergen/allergen.js';
import { dictionary, isInDictionary, type Meaning, near, parts, plainStems } from './label-dictionary.js';
import { halvesOf, withoutDigits } from './word-forms.js';

/** What a word means that stands in no list as it is written. */
export interface OtherReading {
  readonly meaning: Meaning;
  /** The word it was read as; absent where a part of it was enough. */
  readonly readAs?: string;
}

/** `nothing`: a figure, a unit or an additive's number. */
export type UnknownWord =
  | { readonly kind: 'nothing' | 'unknown' }
  | { readonly kind: 'means'; readonly readings: readonly OtherReading[] };

/** Digits among letters, as a scanner leaves them. */
const SCANNED = /^\d+\p{L}{2}|\p{L}\d+\p{L}/u;
/** Letters of a compound beside the part that names something. */
const BESIDE_PART = 2;
const UNIT = /^(?:\d+|[gk]|kg|mg|ml|l|kj|kcal|cl|oz|lb|µg|ug|iu|min|h|d|c|f|x)$/,
  NUMERIC = /^\d/,
  ADDITIVE = /^(e\d{3,4})[a-z]{0,4}$/;

/** Readings of words standing one after another; what a phrase leaves over counts too. Undefined where the first of them begins nothing. */
function readingsOf(stems: readonly string[]): readonly OtherReading[] | undefined {
  const match = dictionary.longestAt(
    stems.map((stem) => ({ stem, start: 0, end: 0, gap: 'none' as const })),
    0,
    false,
  );
  if (!match) return undefined;
  const rest = match.length < stems.length ? readingsOf(stems.slice(match.length)) : undefined;
  return [...match.values.map((meaning) => ({ meaning, readAs: stems.join(' ') })), ...(rest ?? [])];
}

/** Scanned with digits for letters, written closed, or a compound of another language. */
function readOtherwise(stem: string): readonly OtherReading[] | undefined {
  for (const meant of withoutDigits(stem)) {
    const readings = readingsOf([meant]);
    if (readings) return readings;
  }
  const halves = halvesOf(stem, (half) => plainStems.has(half) || isInDictionary(half));
  if (halves && halves.some(isInDictionary)) return readingsOf(halves) ?? readingsOf(halves.slice(1)) ?? [];
  const named = parts.filter(
    ({ part }) => stem.length >= part.length + BESIDE_PART && (stem.startsWith(part) || stem.endsWith(part)),
  );
  if (named.length === 0) return undefined;
  return named.map(({ allergen, part, language }) => ({
    meaning: {
      allergens: [allergen],
      kind: 'contains',
      because: `in ${language}, “${part}” names ${allergenOf(allergen).name}`,
    },
  }));
}

function look(stem: string): UnknownWord {
  const scanned = SCANNED.test(stem) ? readOtherwise(stem) : undefined;
  if (scanned) return { kind: 'means', readings: scanned };
  if (UNIT.test(stem) || NUMERIC.test(stem)) return { kind: 'nothing' };
  const number = ADDITIVE.exec(stem)?.[1];
  if (number !== undefined) {
    // "e322i" is a kind of e322.
    const readings = readingsOf([number]);
    return readings ? { kind: 'means', readings } : { kind: 'nothing' };
  }
  const other = readOtherwise(stem);
  if (other) return { kind: 'means', readings: other };
  const meant = near.nearest(stem);
  const meanings = meant === undefined ? undefined : readingsOf([meant]);
  if (!meanings) return { kind: 'unknown' };
  return { kind: 'means', readings: meanings.filter(({ meaning }) => meaning.kind !== 'misleading') };
}

/** Words whose reading is remembered: packs repeat theirs. */
const MOST_REMEMBERED = 5000,
  LONGEST_REMEMBERED = 40;
const remembered = new Map<string, UnknownWord>();

/** What a word may be that stands in no list; the same word always has the same reading. */
export function unknownWord(stem: string): UnknownWord {
  if (stem.length > LONGEST_REMEMBERED) return look(stem);
  const held = remembered.get(stem);
  if (held) return held;
  const word = look(stem);
  if (remembered.size < MOST_REMEMBERED) remembered.set(stem, word);
  return word;
}
