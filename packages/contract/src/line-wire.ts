import type { Hold, Line } from '@alterum/core';
import type { HoldInput } from './line.js';

const inputOfHold = (hold: Hold | undefined): HoldInput | null => (hold ? { ...hold } : null);

/** The core’s hold from what was sent; nothing for a free line. */
export function holdOfInput(input: HoldInput | null | undefined): { readonly hold?: Hold } {
  if (!input) return {};
  if (input.kind === 'pinned') return { hold: { kind: 'pinned' } };
  return { hold: { kind: 'bounded', leastG: input.leastG ?? 0, mostG: input.mostG ?? 0 } };
}

/** A line as it is sent. */
export const inputOfLine = ({ amount, hold, ...line }: Line) => ({
  ...line,
  amount: amount.value,
  unit: amount.unit,
  hold: inputOfHold(hold),
});
