import type { Eater } from '../eater.js';
import { asOneLine, mealOf } from '../portion/meal.js';
import type { Contact, Portion } from '../portion/portion.js';
import { type EaterVerdict, isWorse } from '../verdict.js';
import { whoCanEat } from '../who-can-eat.js';

/** Things that go from one pot to the next. */
export const tools = ['jar', 'pot', 'spoon', 'frying fat'] as const;
export type Tool = (typeof tools)[number];

/** One pot of the evening, in the order of work. */
export interface Pot {
  readonly id: string;
  readonly name: string;
  readonly portion: Portion;
  /** What one person gets of it, where not all get the same; absent is the portion. */
  readonly portionOf?: (eater: string) => Portion;
  readonly tools: readonly Tool[];
  /** The tools are washed before it; frying fat cannot be washed. */
  readonly washedBefore: boolean;
}

export interface PotVerdict {
  readonly pot: string;
  readonly contacts: readonly Contact[];
  readonly people: readonly EaterVerdict[];
}

/** What each pot meets from those cooked before it with the same tools. */
export function contactsOf(pots: readonly Pot[], at: number): readonly Contact[] {
  const pot = pots[at];
  if (!pot) return [];
  return pot.tools.flatMap((tool) => {
    const contacts: Contact[] = [];
    for (let i = at - 1; i >= 0; i--) {
      const later = pots[i + 1];
      // Washing in between ends what came before, but for fat.
      if (later?.washedBefore && later.tools.includes(tool) && tool !== 'frying fat') break;
      const earlier = pots[i];
      if (earlier?.tools.includes(tool))
        contacts.push({ by: tool, from: earlier.name, lines: earlier.portion.lines });
    }
    return contacts;
  });
}

/** What a person gets of a pot, with what it met on its way. @param eater absent where all get the same */
function touched(pots: readonly Pot[], at: number, eater?: Eater): Portion {
  const pot = pots[at];
  const portion = (eater && pot?.portionOf?.(eater.id)) ?? pot?.portion ?? { lines: [] };
  return { ...portion, contacts: [...(portion.contacts ?? []), ...contactsOf(pots, at)] };
}

/** Who can eat which pot, given the order of work and what is shared. */
export const judgePots = (pots: readonly Pot[], eaters: readonly Eater[]): readonly PotVerdict[] =>
  pots.map(({ id }, at) => ({
    pot: id,
    contacts: contactsOf(pots, at),
    people: eaters.map((eater) => whoCanEat(eater, touched(pots, at, eater))),
  }));

/** Who can eat all of it: a portion of every pot, so that salt and what burns add up over the evening. */
export function judgeEvening(pots: readonly Pot[], eaters: readonly Eater[]): readonly EaterVerdict[] {
  return eaters.map((eater) => {
    const parts = pots.map(({ id, name }, at) => asOneLine(id, name, touched(pots, at, eater)));
    return whoCanEat(eater, mealOf(parts, 'beside'));
  });
}

/** How many certain conflicts, and then how many questions, a pot's own lines hold for these people. */
function conflictsIn(
  { portion }: Pot,
  eaters: readonly Eater[],
): { readonly certain: number; readonly asked: number } {
  const findings = eaters.flatMap((eater) => whoCanEat(eater, portion).findings);
  const certain = findings.filter(({ verdict }) => verdict === 'does-not').length;
  return { certain, asked: findings.length - certain };
}

/** Whether somebody who could eat the pot at this place, or eat it with fewer questions, is the better for washing before it. */
function betterWashed(pots: readonly Pot[], at: number, eaters: readonly Eater[]): boolean {
  const pot = pots[at];
  if (!pot) return false;
  const unwashed = touched(pots, at),
    washed = touched(
      pots.map((one) => (one === pot ? { ...pot, washedBefore: true } : one)),
      at,
    );
  return eaters.some((eater) => {
    if (whoCanEat(eater, pot.portion).verdict === 'does-not') return false;
    const before = whoCanEat(eater, unwashed),
      after = whoCanEat(eater, washed);
    return isWorse(before.verdict, after.verdict) || before.findings.length > after.findings.length;
  });
}

/**
 * The order of work that carries least from pot to pot: what the strictest can eat first, and the tools washed wherever
 * the next pot would otherwise carry something to a person who could eat it.
 */
export function strictestFirst(pots: readonly Pot[], eaters: readonly Eater[]): readonly Pot[] {
  const ranked = pots
    .map((pot, place) => ({ pot, place, ...conflictsIn(pot, eaters) }))
    .sort((a, b) => a.certain - b.certain || a.asked - b.asked || a.place - b.place)
    .map(({ pot }) => ({ ...pot, washedBefore: false }));
  return ranked.reduce<readonly Pot[]>((ordered, pot, at) => {
    const unwashed = [...ordered, pot];
    return betterWashed(unwashed, at, eaters) ? [...ordered, { ...pot, washedBefore: true }] : unwashed;
  }, []);
}
