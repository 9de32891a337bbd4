import type { Amount, Hold, Line, UnitId } from '@alterum/core';
import type { HoldInput } from './line.body.js';

const inputOfHold = (hold: Hold | undefined): HoldInput | null => (hold ? { ...hold } : null);

/** The core’s hold from what was sent; nothing for a free line. */
export function holdOfInput(input: HoldInput | null | undefined): { readonly hold?: Hold } {
  if (!input) return {};
  if (input.kind === 'pinned') return { hold: { kind: 'pinned' } };
  return { hold: { kind: 'bounded', leastG: input.leastG ?? 0, mostG: input.mostG ?? 0 } };
}

/** The core’s amount; absent where none was said. */
export const amountOfInput = (amount: number | null, unit: UnitId): Amount | undefined =>
  amount === null ? undefined : { value: amount, unit };

/** A line as it is sent. */
export const inputOfLine = ({ amount, hold, ...line }: Line) => ({
  ...line,
  amount: amount?.value ?? null,
  unit: amount?.unit ?? 'g',
  hold: inputOfHold(hold),
});
