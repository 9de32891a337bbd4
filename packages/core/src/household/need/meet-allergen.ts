import { type AllergenId, allergenOf, covers, isGroupOf } from '../../allergen/allergen.js';
import { sharedLinesOf } from '../../larder/facts/shared-lines.params.js';
import type { Ingredient } from '../../ingredient/ingredient.js';
import { partHolding } from '../../larder/parts.params.js';
import type { Need } from './need.js';
import { type PackLabel, saysAll } from '../portion/pack-label.js';
import type { PortionLine } from '../portion/portion.js';
import type { Finding } from '../verdict.js';

type AllergenNeed = Extract<Need, { kind: 'allergen' }>;

/** The name without what follows its comma: "light miso, barley" is light miso. */
const plainName = (lower: string): string => lower.split(',')[0] ?? lower;

const touches = (wanted: AllergenId, held: AllergenId): boolean =>
  covers(wanted, held) !== 'unrelated' || isGroupOf(held, wanted);

/** Something that was found, before it is told of a line. */
interface Met {
  readonly verdict: Finding['verdict'];
  readonly reason: string;
  readonly source: string;
  readonly wouldChange: string;
  readonly part?: string | undefined;
}

const ANOTHER_PACK = 'another pack whose label says otherwise';
const READ_IT = 'the label of the very pack, read and typed in, or another ingredient';

const saidBy = ({ readOn }: PackLabel): string => `its label, read on ${readOn}`;
const saidByTable = (ingredient: Ingredient): string =>
  ingredient.guessed !== undefined
    ? 'what was written down for it'
    : `the generic table of ${ingredient.shelf} (${ingredient.source})`;

/** What is held for certain, against one need. */
function meetCertain(
  need: AllergenNeed,
  held: AllergenId,
  ingredient: Ingredient,
): Pick<Met, 'verdict' | 'reason' | 'part'> | undefined {
  const lower = ingredient.name.toLowerCase(),
    name = allergenOf(held).name;
  const part = partHolding(ingredient.id, held)?.name;
  const relation = covers(need.allergen, held);
  if (relation === 'covers') {
    // A dislike is for the cook to weigh, so it is a question.
    if (need.strictness === 'dislike')
      return { verdict: 'ask', reason: `dislikes ${allergenOf(need.allergen).name}: ${lower}`, part };
    return {
      verdict: 'does-not',
      reason: lower.startsWith(name) ? lower : `${name} in ${plainName(lower)}`,
      part,
    };
  }
  if (relation === 'ask')
    return {
      verdict: 'ask',
      reason: `${name} in ${lower}: ${allergenOf(held).note ?? 'read the label'}`,
      part,
    };
  if (isGroupOf(held, need.allergen))
    return { verdict: 'ask', reason: `${name} in ${lower}, kind not named: read the label`, part };
  return undefined;
}

/** Of several things that are held, the one that weighs most: their order says nothing. */
function worstOf(need: AllergenNeed, all: readonly AllergenId[], ingredient: Ingredient) {
  const met = all.flatMap((held) => meetCertain(need, held, ingredient) ?? []);
  return met.find(({ verdict }) => verdict === 'does-not') ?? met[0];
}

/** A label that does not name what the table is sure of is likely another pack’s, or no list of what is in it. */
const unnamed = ({ contains, askFor }: PackLabel, ingredient: Ingredient): AllergenId | undefined =>
  ingredient.contains.find((held) =>
    allergenOf(held).eu || allergenOf(held).us
      ? ![...contains, ...askFor].some((said) => touches(held, said) || touches(said, held))
      : false,
  );

/** A label clears what the table says is often there only if it is this pack’s list, and every word of it was understood. */
const clears = (label: PackLabel, ingredient: Ingredient): boolean =>
  saysAll(label) && unnamed(label, ingredient) === undefined;

/** What the label of the pack says of it. */
function meetLabel(label: PackLabel, ingredient: Ingredient, need: AllergenNeed): Met | undefined {
  const by = { source: saidBy(label), wouldChange: ANOTHER_PACK };
  const certain = worstOf(need, label.contains, ingredient);
  if (certain) return { ...certain, ...by };
  if (need.strictness === 'dislike') return undefined;
  const doubtful = label.askFor.find((held) => touches(need.allergen, held));
  if (!doubtful) return undefined;
  const reason = `${ingredient.name.toLowerCase()} may hold ${need.traces ? 'traces of ' : ''}${allergenOf(doubtful).name}: read the label`;
  return { verdict: 'ask', reason, part: partHolding(ingredient.id, doubtful)?.name, ...by };
}

/** What the table says of it, or what was written down for an own one. */
function meetTable(
  label: PackLabel | undefined,
  ingredient: Ingredient,
  need: AllergenNeed,
): Met | undefined {
  const by = { source: saidByTable(ingredient), wouldChange: READ_IT };
  const lower = ingredient.name.toLowerCase();
  const certain = worstOf(need, ingredient.contains, ingredient);
  if (certain && (!label || label.stale)) return { ...certain, ...by };
  if (certain && label)
    return {
      ...certain,
      ...by,
      verdict: 'ask',
      reason: `the table says ${certain.reason}, this label does not: is it the label of the right pack?`,
    };
  if (need.strictness === 'dislike' || (label && clears(label, ingredient))) return undefined;
  const doubtful = ingredient.askFor.find((held) => touches(need.allergen, held));
  if (!doubtful) return undefined;
  if (ingredient.kinds)
    return {
      verdict: 'ask',
      reason: `${allergenOf(doubtful).name} in some kinds of ${plainName(lower)}: which kind is it?`,
      source: by.source,
      wouldChange: 'saying which kind it is, in the menu of the line',
    };
  return {
    verdict: 'ask',
    reason: `${lower} may hold ${need.traces ? 'traces of ' : ''}${allergenOf(doubtful).name}: read the label`,
    part: partHolding(ingredient.id, doubtful)?.name,
    ...by,
  };
}

/** What shares its lines: a label that says what there may be traces of has answered it; one that is silent has not. */
function meetSharedLines(
  label: PackLabel | undefined,
  ingredient: Ingredient,
  need: AllergenNeed,
): Met | undefined {
  if (!need.traces || need.strictness === 'dislike') return undefined;
  // What was written down of an own ingredient says what it may hold.
  if (ingredient.guessed !== undefined && ingredient.askFor.length > 0) return undefined;
  if (label && !label.stale && label.warns) return undefined;
  const shared = sharedLinesOf(ingredient).find((held) => touches(need.allergen, held));
  if (!shared) return undefined;
  const reason = `${ingredient.name.toLowerCase()} is often packed on lines with ${allergenOf(shared).name}: ${label ? 'its label says nothing of traces, ask the maker' : 'read the label for traces'}`;
  return {
    verdict: 'ask',
    reason,
    source: saidByTable(ingredient),
    wouldChange: label ? 'a word of the maker, or another pack' : READ_IT,
  };
}

/** How many words that were not understood are told. */
const TOLD = 3;

/** What is not known: an old label, words that were not understood, an own ingredient of which nothing was said. */
function meetIgnorance(
  label: PackLabel | undefined,
  ingredient: Ingredient,
  need: AllergenNeed,
): Met | undefined {
  if (need.strictness === 'dislike') return undefined;
  const lower = ingredient.name.toLowerCase();
  if (label?.stale)
    return {
      verdict: 'ask',
      reason: `the label of ${lower} was read on ${label.readOn}: read it again`,
      source: saidBy(label),
      wouldChange: 'the label, read again',
    };
  if (label && label.unknown.length > 0) {
    const words = label.unknown
      .slice(0, TOLD)
      .map((word) => `“${word}”`)
      .join(', ');
    return {
      verdict: 'ask',
      reason: `on the label of ${lower} ${words} ${label.unknown.length === 1 ? 'was' : 'were'} not understood: what is it?`,
      source: saidBy(label),
      wouldChange: 'knowing what the word means, from the maker',
    };
  }
  const nothingSaid =
    ingredient.guessed !== undefined && ingredient.contains.length === 0 && ingredient.askFor.length === 0;
  if (nothingSaid && !label)
    return {
      verdict: 'ask',
      reason: `no allergens were written down for ${lower}: read its label`,
      source: saidByTable(ingredient),
      wouldChange: READ_IT,
    };
  if (label && !label.isList && (nothingSaid || unnamed(label, ingredient) !== undefined))
    return {
      verdict: 'ask',
      reason: `the label kept for ${lower} is no list of what is in it: read it again`,
      source: saidBy(label),
      wouldChange: 'the whole list of ingredients, typed in',
    };
  return undefined;
}

/**
 * One ingredient against one allergen. A label adds to what the table says, and clears little of it: what the table is sure of and the label
 * does not name is asked about, and what is not known is a question. Of all that is found, the most severe is told.
 */
export function meetAllergen(
  { id, label }: Pick<PortionLine, 'id' | 'label'>,
  ingredient: Ingredient,
  need: AllergenNeed,
): Finding | undefined {
  const met = [
    label && meetLabel(label, ingredient, need),
    meetTable(label, ingredient, need),
    meetSharedLines(label, ingredient, need),
    meetIgnorance(label, ingredient, need),
  ].filter((one) => one !== undefined);
  const worst = met.find(({ verdict }) => verdict === 'does-not') ?? met[0];
  if (!worst) return undefined;
  const { verdict, reason, part, source, wouldChange } = worst;
  return {
    verdict,
    reason,
    line: id,
    ingredient: ingredient.id,
    need,
    chain: [ingredient.name, ...(part ? [part] : []), source],
    wouldChange,
  };
}
