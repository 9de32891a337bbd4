import type { Eater } from './eater.js';
import { type Contact, type EaterVerdict, type Served, type ServedLine, whoCanEat } from './who-can-eat.js';

/** Things that go from one pot to the next. */
export const tools = ['jar', 'pot', 'spoon', 'frying fat'] as const;
export type Tool = (typeof tools)[number];

/** One pot of the evening, in the order of work. */
export interface Pot {
  readonly id: string;
  readonly name: string;
  readonly lines: readonly ServedLine[];
  /** What was predicted of it, where it was. */
  readonly saltPerPortion?: Served['saltPerPortion'];
  readonly pungent?: number;
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
        contacts.push({ by: tool, from: earlier.name, lines: earlier.lines });
    }
    return contacts;
  });
}

const predictedOf = ({ lines, saltPerPortion, pungent }: Pot): Served => ({
  lines,
  ...(saltPerPortion ? { saltPerPortion } : {}),
  ...(pungent === undefined ? {} : { pungent }),
});

/** Who can eat which pot, given the order of work and what is shared. */
export const judgePots = (pots: readonly Pot[], eaters: readonly Eater[]): readonly PotVerdict[] =>
  pots.map((pot, at) => {
    const contacts = contactsOf(pots, at);
    return {
      pot: pot.id,
      contacts,
      people: eaters.map((eater) => whoCanEat(eater, { ...predictedOf(pot), contacts })),
    };
  });

/** How many certain conflicts a pot's own lines hold for these people. */
const conflictsIn = (pot: Pot, eaters: readonly Eater[]): number =>
  eaters.reduce(
    (all, eater) =>
      all +
      whoCanEat(eater, { lines: pot.lines }).findings.filter(({ verdict }) => verdict === 'does-not').length,
    0,
  );

/**
 * The order of work that carries least from pot to pot: what the strictest can eat first, and the tools washed before the
 * first pot that somebody cannot.
 */
export function strictestFirst(pots: readonly Pot[], eaters: readonly Eater[]): readonly Pot[] {
  const ranked = pots
    .map((pot, place) => ({ pot, place, conflicts: conflictsIn(pot, eaters) }))
    .sort((a, b) => a.conflicts - b.conflicts || a.place - b.place);
  return ranked.map(({ pot, conflicts }, i) => ({ ...pot, washedBefore: i > 0 && conflicts > (ranked[i - 1]?.conflicts ?? 0) }));
} // prettier-ignore
