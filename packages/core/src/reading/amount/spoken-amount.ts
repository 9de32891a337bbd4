import { type Kitchen, unitIn, usualKitchen } from '../../quantity/kitchen.js';
import { unitOf } from '../../quantity/unit.js';
import { spokenNumber, type SpokenNumber } from './spoken-number.js';
import { amountQualifiers, QUALIFIED_SPREAD, type SpokenUnitRow, spokenUnits } from './spoken-unit.params.js';

/** Sizes of pieces that the larder knows weights of. */
export type PieceSize = 'small' | 'medium' | 'large';

/** One amount in one unit, from the least to the most that may be meant. */
export interface SaidQuantity {
  readonly low: number;
  readonly mid: number;
  readonly high: number;
  /** Absent where pieces are counted. */
  readonly unit: SpokenUnitRow | undefined;
  /** Of one of the unit: how much more is in it than usual (heaped), and how far off it may be, as a factor. */
  readonly by: number;
  readonly spread: number;
}

/** The amount that a line begins with. */
export interface SpokenAmount extends SaidQuantity {
  /** How large its pieces are, where that is said. */
  readonly size: PieceSize | undefined;
  /** The same in another unit, as it is told beside: a weight is trusted before a volume. */
  readonly also: SaidQuantity | undefined;
  readonly rest: string;
}

const readings = new Map(spokenUnits.flatMap((row) => row.read.map((word) => [word, row] as const)));
const ofId = (id: string): SpokenUnitRow | undefined => spokenUnits.find((row) => row.id === id);
const escaped = (word: string): string => word.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
const UNIT = new RegExp(
  `^(${[...readings.keys()]
    .sort((a, b) => b.length - a.length)
    .map(escaped)
    .join('|')})(?![a-z])\\.?`,
  'i',
);
const QUALIFIER = new RegExp(
  `^(?:an?\\s+)?(${Object.keys(amountQualifiers)
    .sort((a, b) => b.length - a.length)
    .map(escaped)
    .join('|')})\\b[,]?\\s+`,
  'i',
);
/** Letters that are units only behind a number written in digits: "c", "t". */
const CAPITAL_T = /^T(?![a-z])\.?/;

interface UnitFound {
  readonly row: SpokenUnitRow;
  readonly rest: string;
}

function unitAt(text: string): UnitFound | undefined {
  if (CAPITAL_T.test(text)) {
    const row = ofId('tbsp');
    return row && { row, rest: text.replace(CAPITAL_T, '').trimStart() };
  }
  const match = UNIT.exec(text);
  const row = match && readings.get(match[1]!.toLowerCase());
  return row ? { row, rest: text.slice(match[0].length).trimStart() } : undefined;
}

interface Qualified {
  readonly by: number;
  readonly size: PieceSize | undefined;
  readonly said: boolean;
  readonly rest: string;
}

function qualifiersAt(text: string): Qualified {
  let rest = text,
    by = 1,
    size: PieceSize | undefined,
    said = false;
  for (let match = QUALIFIER.exec(rest); match; match = QUALIFIER.exec(rest)) {
    const word = match[1]!.toLowerCase();
    by *= amountQualifiers[word]!;
    said ||= amountQualifiers[word] !== 1;
    if (/^(?:small|tiny|little)$/.test(word)) size = 'small';
    if (/^medium/.test(word)) size = 'medium';
    if (/^(?:large|big|huge|fat)$/.test(word)) size = 'large';
    rest = rest.slice(match[0].length);
  }
  return { by, size, said, rest };
}

const quantity = (
  { low, mid, high }: SpokenNumber,
  unit: SpokenUnitRow | undefined,
  by = 1,
  spread = unit?.spread ?? 1,
): SaidQuantity => ({ low, mid, high, unit, by, spread });

const isWeight = (unit: SpokenUnitRow | undefined): boolean =>
  unit?.unit !== undefined && unitOf(unit.unit).kind === 'mass';
const isMeasured = (unit: SpokenUnitRow | undefined): boolean =>
  isWeight(unit) ||
  unit?.ml !== undefined ||
  (unit?.unit !== undefined && unitOf(unit.unit).kind === 'volume');

/** mL or g of one unit, whichever it is. */
function sizeOf({ unit, ml, g }: SpokenUnitRow, kitchen: Kitchen = usualKitchen): number | undefined {
  const meant = unit && unitIn(kitchen, unit);
  return ml ?? (meant && unitOf(meant).kind !== 'count' ? unitOf(meant).size : g);
}

/** A number with a measured unit at the start: "400 g", "14-ounce", "1/2 cup". */
function measuredAt(text: string): { readonly quantity: SaidQuantity; readonly rest: string } | undefined {
  const number = spokenNumber(text);
  if (!number) return undefined;
  const unit = unitAt(number.rest.replace(/^-\s*/, ''));
  if (!unit || !isMeasured(unit.row)) return undefined;
  return { quantity: quantity(number, unit.row), rest: unit.rest };
}

/** A weight or a volume that stands in brackets behind a name: "(about 200 g)". */
export const toldInBrackets = (inside: string): SaidQuantity | undefined => toldAgain(`(${inside})`)?.also;

/** "(140 g)", "[about 5 oz]", "/ 14 oz", "or 240 ml": the same amount told again. */
function toldAgain(text: string): { readonly also: SaidQuantity; readonly rest: string } | undefined {
  const bracket = /^[([]\s*([^)\]]*)[)\]]\s*/.exec(text);
  if (bracket) {
    const inside = measuredAt(
      bracket[1]!.replace(/^(?:about|approx\.?|approximately|around|or|=|~|roughly)\s+/i, ''),
    );
    // What else stands in the brackets is said of the thing, not of how much.
    if (
      !inside ||
      /[a-z]{3}/i.test(inside.rest.replace(/^(?:\/|or|each|in total|total|drained|net|weight)\b.*/i, ''))
    )
      return undefined;
    if (/\beach\b/i.test(inside.rest)) return undefined;
    return { also: inside.quantity, rest: text.slice(bracket[0].length) };
  }
  const slash = /^(?:\/|=)\s*/.exec(text);
  const other = slash && measuredAt(text.slice(slash[0].length));
  return other ? { also: other.quantity, rest: other.rest } : undefined;
}

/** "2 x 400 g tins", "2 (400 g) tins", "one 14-ounce can": so many of a size. */
function manyOfASize(number: SpokenNumber): SpokenAmount | undefined {
  const bare = number.rest.replace(/^(?:x|\*|times)\s*(?=\d)/i, '');
  const bracket = /^[([]\s*([^)\]]*)[)\]]\s*/.exec(bare);
  const one = measuredAt(bracket ? bracket[1]!.replace(/^(?:about|approx\.?)\s+/i, '') : bare);
  if (!one) return undefined;
  const after = bracket
    ? bare.slice(bracket[0].length)
    : one.rest.replace(/^\/\s*[\d.]+\s*-?\s*(?:oz|ounces?|g|lb)\b\s*/i, '');
  const qualified = qualifiersAt(after),
    container = unitAt(qualified.rest);
  if (!container?.row.piece) return bare === number.rest ? undefined : of(number, one.quantity, after);
  return of(number, one.quantity, container.rest);
}

const of = (number: SpokenNumber, one: SaidQuantity, rest: string): SpokenAmount => ({
  low: number.low * one.low,
  mid: number.mid * one.mid,
  high: number.high * one.high,
  unit: one.unit,
  by: one.by,
  spread: one.spread,
  size: undefined,
  also: undefined,
  rest,
});

const MORE = /^\s*(?:\+|plus|and|&)\s+(?=[\d½¼¾a-z])/i;

/** Further parts of a sum: "1 cup plus 2 tbsp", "1 lb 4 oz". */
function withMore(first: SpokenAmount, kitchen?: Kitchen): SpokenAmount {
  const { unit } = first;
  const own = unit && sizeOf(unit, kitchen);
  if (!unit || own === undefined) return first;
  const link = MORE.exec(first.rest);
  const next = measuredAt(link ? first.rest.slice(link[0].length) : first.rest);
  // Without a word between, only smaller units follow: "1 lb 4 oz", "1 cup 2 tbsp".
  if (!next?.quantity.unit || isWeight(unit) !== isWeight(next.quantity.unit)) return first;
  const size = sizeOf(next.quantity.unit, kitchen) ?? 0;
  if (!link && size >= own) return first;
  const by = size / own;
  return {
    ...first,
    low: first.low + next.quantity.low * by,
    mid: first.mid + next.quantity.mid * by,
    high: first.high + next.quantity.high * by,
    rest: next.rest,
  };
}

const withoutOf = (text: string): string => text.replace(/^\s*(?:of\b\s*(?:the\s+)?|'s\b)/i, '').trimStart();

/** A unit by its word: "leaves", "cloves"; undefined for what is none. */
export const unitCalled = (word: string): SpokenUnitRow | undefined => readings.get(word.toLowerCase());

/**
 * The amount that starts a text; undefined where none does.
 * @param kitchen whose spoons and cups, where several are summed up
 */
export function spokenAmount(text: string, kitchen?: Kitchen): SpokenAmount | undefined {
  const number = spokenNumber(text);
  if (!number) return vagueAmount(text);
  const packs = manyOfASize(number);
  if (packs) return { ...packs, rest: withoutOf(packs.rest) };
  const { by, size, said, rest } = qualifiersAt(number.rest.replace(/^-\s*(?=[a-z])/i, ''));
  const unit = unitAt(rest);
  // "1 large onion": how large it is. "1 heaped tbsp": how full.
  if (!unit) {
    const again = toldAgain(rest);
    return {
      ...quantity(number, undefined),
      size,
      also: again?.also,
      rest: withoutOf(again?.rest ?? rest),
    };
  }
  // "2 leaves", but "2 leaf spinach bags" hardly; "1 clove" of garlic, but ground cloves are no unit.
  const spread = unit.row.spread * (said ? QUALIFIED_SPREAD : 1);
  const first = { ...quantity(number, unit.row, by, spread), size, also: undefined, rest: unit.rest };
  const sum = withMore(first, kitchen);
  const again = toldAgain(sum.rest);
  return { ...sum, also: again?.also, rest: withoutOf(again?.rest ?? sum.rest) };
}

/** "handful of parsley", "pinch salt", "good squeeze of lemon": one of a unit that nobody counts. */
function vagueAmount(text: string): SpokenAmount | undefined {
  const qualified = qualifiersAt(text.trimStart()),
    unit = unitAt(qualified.rest);
  if (
    !unit ||
    unit.row.unit === 'g' ||
    /^(?:c|t|l|g)$/i.test(qualified.rest.slice(0, qualified.rest.length - unit.rest.length).trim())
  )
    return undefined;
  if (!/^(?:of\b|[a-z])/i.test(unit.rest)) return undefined;
  const spread = unit.row.spread * (qualified.said ? QUALIFIED_SPREAD : 1);
  const one: SpokenNumber = { low: 1, mid: 1, high: 1, rest: '' };
  return {
    ...quantity(one, unit.row, qualified.by, spread),
    size: qualified.size,
    also: undefined,
    rest: withoutOf(unit.rest),
  };
}
