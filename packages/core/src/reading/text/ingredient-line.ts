import type { Ingredient } from '../../ingredient/ingredient.js';
import type { Amount } from '../../quantity/amount.js';
import type { Kitchen } from '../../quantity/kitchen.js';
import { type UnitId, unitOf } from '../../quantity/unit.js';
import type { Method } from '../../recipe/method/operation.js';
import type { Preparation } from '../../recipe/preparation.js';
import { gramsSpoken } from '../amount/grams-spoken.js';
import {
  type SaidQuantity,
  spokenAmount,
  type SpokenAmount,
  toldInBrackets,
  unitCalled,
} from '../amount/spoken-amount.js';
import { plainSpelling, spokenNumber } from '../amount/spoken-number.js';
import { findName, type FoundName } from '../name/find-name.js';
import {
  fruitRows,
  JUICE_SPREAD,
  TO_TASTE_SPREAD,
  toTasteG,
  toTasteOfShelf,
} from '../name/usual-amount.params.js';
import type { Habits } from '../habits.js';
import { makeReadyIn } from './make-ready.js';

/** From the least to the most that may be meant. */
export interface Range {
  readonly low: number;
  readonly mid: number;
  readonly high: number;
}

/** Something that may stand in its place. */
export interface Alternative {
  readonly text: string;
  readonly ingredient: Ingredient | undefined;
}

/** One line of a recipe, as far as it was understood. */
export interface ReadLine {
  /** As it was written. */
  readonly text: string;
  /** Heading it stands under: "topping". */
  readonly section?: string;
  /** The name that was looked for. */
  readonly name: string;
  readonly ingredient: Ingredient | undefined;
  /** 0..1. */
  readonly confidence: number;
  /** What else the name may mean, likeliest first. */
  readonly others: readonly Ingredient[];
  readonly amount: Range | undefined;
  /** The unit as it was said; undefined where pieces are counted or none is. */
  readonly unit: string | undefined;
  readonly grams: Range | undefined;
  /** The amount as a formula keeps it; undefined where nobody can weigh it. */
  readonly written: Amount | undefined;
  /** The amount as it was said, for whoever says that it is another thing. */
  readonly spoken: SpokenAmount | undefined;
  readonly preparation: Preparation;
  readonly ready: Method | undefined;
  /** What is said of how it is made ready, in the words of the line. */
  readonly made: string;
  readonly alternatives: readonly Alternative[];
  readonly optional: boolean;
  readonly toTaste: boolean;
}

const OPTIONAL =
  /\(?\b(?:optional(?:ly)?|if (?:you )?(?:like|desired|wanted|using|needed|available)|if you have it)\b\)?/gi;
const TO_COVER = /\b(?:enough )?to (?:just )?cover\b/i;
const TO_TASTE =
  /,?\s*\(?\b(?:or )?(?:(?:according )?to (?:your )?taste|to season|for seasoning|as needed|as required|as desired|q\.?s\.)(?=$|[\s,.;)])\)?/gi;
const SERVED =
  /,?\s*\(?\b(?:(?:plus|and) (?:a (?:little|bit|few) )?(?:extra|more|some)\b[^,;)]*|(?:to|for) (?:serve|serving|garnish|garnishing|decorate|dusting|sprinkling|greasing|frying|the tin|the pan|drizzling|brushing)\b[^,;)]*|divided)\)?/gi;
const BULLET = /^(?:[-*•·▢□☐◦–]+|\d{1,2}[.)](?=\s+\D))\s*/;
/** "juice of 1 lemon", "zest and juice of half a lime". */
const OF_FRUIT =
  /^(?:(?:the|finely grated|grated|freshly squeezed|fresh)\s+)*((?:juice|zest|rind)(?:\s*(?:and|&|\+)\s*(?:juice|zest|rind))?)\s+(?:(?:of|from)\s+|(?=[\d½¼]))(.*)$/i;
const FRUIT = /\b(lemon|lime|orange)s?\b/i;

/** Where the name ends: a comma, a dash, or words that say what is done with it or what it lies in. */
const SAID_OF_IT =
  /\s*(?:,|;|\s-\s|:\s)\s*|\s+(?=(?:(?:dis)?solved|mixed|whisked|blended|stirred|soaked|cut|broken|torn|made|crumbled|drained|rinsed|chopped|sliced|diced|grated|minced|melted|softened|peeled|cooked|boiled|roasted|toasted|thawed|juiced|zested|packed)\s+(?:in|with|into|from|up|to|until|and|for|overnight)\b|(?:at|to) (?:room temperature|cover)\b|in (?:oil|brine|water|juice|their|its|vinegar|tomato juice)\b|from (?:a|the|one)\b|with (?:its|their|the)\b|such as\b|like\b|of choice\b|per\b|plus\b)/i;

/** A container behind a weight: "400 g tin tomatoes". */
const CONTAINER =
  /^(?:cans?|tins?|jars?|packs?|packets?|bottles?|cartons?|tubs?|bags?|blocks?|pots?)\s+(?:of\s+)?(?=\p{L}{3})/iu;
/** What one of a thing is called behind its name: "garlic cloves", "basil leaves". */
const PART_OF_NAME = /\s(leaves|leaf|cloves?|sprigs?|stalks?|sticks?)$/i;

/** Brackets that belong to no amount, and what stands behind a comma or a dash: what is said of the thing. */
function partsOf(text: string): {
  readonly name: string;
  readonly said: string;
  readonly also: SaidQuantity | undefined;
} {
  const said: string[] = [];
  let also: SaidQuantity | undefined;
  let name = text.replace(/[([]([^)\]]*)[)\]]/g, (_, inside: string) => {
    const told = toldInBrackets(inside);
    if (told && !/\bdrained\b/i.test(inside)) also ??= told;
    else said.push(inside);
    return ' ';
  });
  const cut = SAID_OF_IT.exec(name);
  if (cut) {
    said.unshift(name.slice(cut.index + cut[0].length));
    name = name.slice(0, cut.index);
  }
  const measured = said.flatMap((one) => one.split(/\s*,\s*/)).find((one) => toldInBrackets(one));
  also ??= measured === undefined ? undefined : toldInBrackets(measured);
  return { name: name.replace(/\s+/g, ' ').trim(), said: said.join(', ').replace(/\s+/g, ' ').trim(), also };
}

/** "or": what may stand in its place. "oat or soya milk" lends the milk to both. */
function alternativesIn(name: string): { readonly first: string; readonly others: readonly string[] } {
  const parts = name.split(/\s+(?:or|\/)\s+(?!so\b|more\b|less\b|two\b)/i).map((part) => part.trim());
  const [first = name, ...others] = parts;
  const last = others.at(-1)?.split(' ').at(-1);
  const lends =
    last !== undefined &&
    !/\s/.test(first) &&
    others.some((part) => part.includes(' ') && !spokenNumber(part));
  return { first: lends ? `${first} ${last}` : first, others };
}

const PLACE = { small: 0, medium: 1, large: 2 } as const;

const isZest = (what: string): boolean => /zest|rind|peel/i.test(what) && !/juice/i.test(what);

/** Of two readings the one out of a can, where the larder has that. */
const withCan = (plain: FoundName, canned: FoundName | undefined): FoundName =>
  canned?.ingredient &&
  canned.confidence >= plain.confidence - 0.25 &&
  /canned$|^coconut-milk$|^tomato/.test(canned.ingredient.id)
    ? canned
    : plain;

/** Juice or peel of so many fruits. */
function ofFruit(
  what: string,
  amount: SpokenAmount | undefined,
  fruit: string,
  larder: readonly Ingredient[],
) {
  const row = fruitRows[fruit.toLowerCase()];
  if (!row) return undefined;
  const zest = isZest(what);
  const ingredient = larder.find(({ id }) => id === (zest ? row.zest : row.juice));
  const count = amount && !amount.unit ? amount : { low: 1, mid: 1, high: 1, size: undefined };
  const one = zest ? row.zestG : row.juiceG[PLACE[count.size ?? 'medium']];
  const grams = {
    low: (count.low * one) / JUICE_SPREAD,
    mid: count.mid * one,
    high: count.high * one * JUICE_SPREAD,
  };
  return { ingredient, grams, count };
}

/** The amount at the start of a line, or behind its name: "Cashews: 150 g", "salt 1 tsp". */
function amountOf(
  text: string,
  kitchen: Kitchen | undefined,
): { readonly amount: SpokenAmount | undefined; readonly rest: string } {
  const first = spokenAmount(text, kitchen);
  if (first) return { amount: first, rest: first.rest };
  const behind = /^(.{2,60}?)\s*(?:[:,]|\s-|\s|\.{2,})\s*((?:about |approx\.? )?(?:\d|[½¼¾⅓⅔]).*)$/.exec(
    text,
  );
  const last = behind && spokenAmount(behind[2]!, kitchen);
  if (behind && last?.unit && last.rest.replace(/^[,.]/, '').trim().length < 40)
    return { amount: { ...last, rest: '' }, rest: `${behind[1]!}${last.rest ? `, ${last.rest}` : ''}` };
  return { amount: undefined, rest: text };
}

/** g of water that cover what lies in a pot for four. @source assumed: kitchen habit */
const coveringWater: Range = { low: 300, mid: 600, high: 1200 };

/** Lines in which one says two things: "salt and pepper", "zest and juice of 1 lemon". */
function splitPair(text: string, larder: readonly Ingredient[]): readonly string[] {
  const both =
    /^(.*?)\b(?:zest|rind)\s*(?:and|&|\+)\s*juice\b(.*)$/i.exec(text) ??
    /^(.*?)\bjuice\s*(?:and|&|\+)\s*(?:zest|rind)\b(.*)$/i.exec(text);
  if (both) return [`${both[1]!}juice${both[2]!}`, `${both[1]!}zest${both[2]!}`];
  const done =
    /^(.*),\s*(?:finely )?(?:zested\s*(?:and|&)\s*juiced|juiced\s*(?:and|&)\s*zested)\b(.*)$/i.exec(text);
  if (done) return [`${done[1]!}, juiced${done[2]!}`, `${done[1]!}, zested${done[2]!}`];
  const stirred = STIRRED_INTO.exec(text);
  if (stirred && isLiquid(stirred[2]!, larder)) return [stirred[1]!, stirred[2]!];
  return spokenAmount(text) ? [text] : seasoningsIn(text, larder);
}

/** A thing and the liquid that goes in with it: "1 stock cube dissolved in 300 ml boiling water". A soak's water is poured off. */
const STIRRED_INTO =
  /^(.+?)\s*[,(]?\s*\b(?:dissolved|mixed|whisked|stirred|slaked|loosened|blended|made up)(?: together)? (?:in|into|with) ((?:about |approx\.? )?[\d½¼¾⅓⅔][^,;()]*)\)?$/i;

/** Whether these words are an amount of something that is poured. */
function isLiquid(text: string, larder: readonly Ingredient[]): boolean {
  const amount = spokenAmount(text);
  if (!amount?.unit) return false;
  const { ingredient, confidence } = findName(larder, amount.rest);
  return ingredient?.role === 'liquid' && confidence > SEASONING_SURE;
}

/** Seasonings without an amount that stand in one line: "salt, pepper and nutmeg to taste". */
function seasoningsIn(text: string, larder: readonly Ingredient[]): readonly string[] {
  const tail = TO_TASTE.exec(text)?.[0] ?? '';
  TO_TASTE.lastIndex = 0;
  const names = text.replace(tail, '').split(/\s*,\s*(?:and\s+)?|\s+(?:and|&|\+)\s+/);
  if (names.length < 2 || names.length > 5) return [text];
  const isSeasoning = (name: string): boolean => {
    const { ingredient, confidence } = findName(larder, name);
    return (
      ingredient !== undefined && confidence > SEASONING_SURE && toTasteOf(ingredient, false) !== undefined
    );
  };
  return names.every(isSeasoning) ? names.map((name) => `${name}${tail}`) : [text];
}
const SEASONING_SURE = 0.8;

function toTasteOf({ id, shelf }: Ingredient, covers: boolean): Range | undefined {
  if (covers && id === 'water') return coveringWater;
  const g = toTasteG[id] ?? toTasteOfShelf[shelf];
  return g === undefined ? undefined : { low: g / TO_TASTE_SPREAD, mid: g, high: g * TO_TASTE_SPREAD };
}

const CANNED = /\b(?:cans?|tins?|canned|tinned)\b/i;
/** Cans are sold by what is in them with its liquid: a size that is told beside the can is that. */
const isNet = (text: string, amount: SpokenAmount | undefined): boolean =>
  CANNED.test(text) &&
  ((amount?.unit?.unit !== undefined && amount.unit.id !== 'can') ||
    (amount?.also !== undefined && !/\bdrained\)/i.test(text)));

const rangeOf = ({ low, mid, high }: Range): Range => ({ low, mid, high });
const rounded = (value: number): number => Number(value.toPrecision(4));

/** What a spoken amount of a thing weighs, and how a formula keeps it; undefined where nobody knows. */
export function weighedAs(
  told: SpokenAmount,
  ingredient: Ingredient,
  kitchen?: Kitchen,
): { readonly grams: Range; readonly written: Amount } | undefined {
  const spoken = gramsSpoken(told, ingredient, kitchen);
  if (!spoken) return undefined;
  const { unit, said: inUnit } = spoken;
  // How far one piece or spoon lies from another is known without being said.
  const spread = (unit && unitOf(unit).kind === 'count') || inUnit.spread ** 2 < EXACT ? 1 : inUnit.spread;
  const said = { low: inUnit.low / spread, mid: inUnit.mid, high: inUnit.high * spread };
  return { grams: rangeOf(spoken), written: unit ? loosely(said, unit) : loosely(spoken, 'g') };
}

/** Factor between the most and the least up to which an amount is as exact as a spoon or a scale. @source kitchen physics 10: spoons and cups ±5 % */
const EXACT = 1.12;

/** An amount as a formula keeps it: with its range where it was said loosely. */
const loosely = ({ low, mid, high }: Range, unit: UnitId): Amount => ({
  value: rounded(mid),
  unit,
  ...(high > low * EXACT ? { range: { low: rounded(low), high: rounded(high) } } : {}),
});

/** What the words of a line say, before anything is looked up. */
function phraseOf(text: string, kitchen: Habits['kitchen']) {
  const optional = OPTIONAL.test(text),
    seasons = TO_TASTE.test(text);
  OPTIONAL.lastIndex = TO_TASTE.lastIndex = 0;
  const bare = text
    .replace(OPTIONAL, ' ')
    .replace(TO_TASTE, ' ')
    .replace(SERVED, ' ')
    .replace(/\s+/g, ' ')
    .trim();
  const fruitOf = OF_FRUIT.exec(bare);
  const { amount, rest } = amountOf(fruitOf ? fruitOf[2]! : bare, kitchen);
  const { name, said, also } = partsOf(rest.replace(CONTAINER, ''));
  return {
    optional,
    seasons,
    covers: TO_COVER.test(text),
    // "(or 1 can)" is another way to have it.
    canned: CANNED.test(bare.replace(/\(\s*or\b[^)]*\)/gi, '')),
    amount,
    name,
    said,
    also,
    fruit: FRUIT.exec(name)?.[1],
    /** Juice or zest of it. */
    pressed: fruitOf ? fruitOf[1]! : /\bjuiced?\b|\bzest(?:ed)?\b/i.exec(said)?.[0],
  };
}
type Phrase = ReturnType<typeof phraseOf>;

/** The amount as it was said: a part that the name counts is its unit, and what stands in brackets goes with it. */
function toldOf({ amount, also }: Phrase, first: string): SpokenAmount | undefined {
  const piece = amount && !amount.unit ? PART_OF_NAME.exec(first)?.[1] : undefined;
  const counted: SpokenAmount | undefined =
    amount && piece ? { ...amount, unit: unitCalled(piece), spread: unitCalled(piece)?.spread ?? 1 } : amount;
  return counted && also && !counted.also ? { ...counted, also } : counted;
}

function readOne(
  text: string,
  asWritten: string,
  larder: readonly Ingredient[],
  section: string | undefined,
  { kitchen, used }: Habits,
): ReadLine {
  const phrase = phraseOf(text, kitchen),
    { amount, name, fruit, pressed, seasons, covers } = phrase;
  const ofIt =
    fruit && pressed && (!amount || !amount.unit) ? ofFruit(pressed, amount, fruit, larder) : undefined;
  const { first, others } = alternativesIn(name);
  const asked = ofIt ? `${fruit} ${isZest(pressed ?? '') ? 'zest' : 'juice'}` : first;
  const found = withCan(
    findName(larder, asked, used),
    phrase.canned && !ofIt ? findName(larder, `${asked} canned`, used) : undefined,
  );
  const ingredient = ofIt?.ingredient ?? found.ingredient;
  const made = [found.done.join(' '), phrase.said].filter(Boolean).join(', ');
  const told = toldOf(phrase, first);
  const usually = ingredient && toTasteOf(ingredient, covers),
    toTaste = seasons || (!amount && !ofIt && usually !== undefined);
  const weighed = told && !ofIt && ingredient ? weighedAs(told, ingredient, kitchen) : undefined;
  const grams = ofIt ? rangeOf(ofIt.grams) : (weighed?.grams ?? (!amount && toTaste ? usually : undefined));
  // What nobody can weigh, and what has no amount though it should, is looked at again.
  const sure = (ofIt ? 0.95 : found.confidence) * (grams === undefined ? 0.6 : 1);
  return {
    text: asWritten,
    ...(section === undefined ? {} : { section }),
    name: first,
    ingredient,
    confidence: ingredient ? sure : 0,
    others: found.others,
    amount: amount && rangeOf(amount),
    unit: amount?.unit?.id,
    grams,
    written: weighed?.written ?? (grams && loosely(grams, 'g')),
    spoken: ofIt ? undefined : told,
    ...makeReadyIn(made, ingredient, isNet(text, amount)),
    made,
    alternatives: others.map((other) => ({
      text: other,
      ingredient: findName(larder, spokenAmount(other)?.rest ?? other, used).ingredient,
    })),
    optional: phrase.optional,
    toTaste,
  };
}

/** "1 400g tin": so many packs of one size, and no thousand. */
const PACKS_OF =
  /^(\d{1,2})\s+(?=\d{2,4}[\s-]?(?:g|ml|oz|l)[\s-]+(?:cans?|tins?|jars?|packs?|packets?|bottles?|cartons?|tubs?|bags?|blocks?|pots?)\b)/i;

/** One line of a list of ingredients; a line that says two things is two. */
export function readIngredientLine(
  text: string,
  larder: readonly Ingredient[],
  section?: string,
  habits: Habits = {},
): readonly ReadLine[] {
  const asWritten = text.trim();
  const plain = plainSpelling(asWritten).replace(BULLET, '').replace(/\.$/, '').replace(PACKS_OF, '$1 x ');
  return splitPair(plain, larder).map((one) => readOne(one, asWritten, larder, section, habits));
}

/** Whether a line begins with an amount, or is one of those that need none. */
export const beginsLikeIngredient = (text: string): boolean =>
  spokenNumber(plainSpelling(text).replace(BULLET, '')) !== undefined ||
  spokenAmount(plainSpelling(text).replace(BULLET, '')) !== undefined;
