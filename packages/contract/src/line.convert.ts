import type { Amount, AmountRange, Hold, Line, UnitId } from '@alterum/core';
import type { HoldInput, LineInput } from './line.body.js';
import { inputOfMethod, methodOfInput } from './operation.convert.js';

const inputOfHold = (hold: Hold | undefined): HoldInput | null => (hold ? { ...hold } : null);

/** The core’s hold from what was sent; nothing for a free line. */
export function holdOfInput(input: HoldInput | null | undefined): { readonly hold?: Hold } {
  if (!input) return {};
  if (input.kind === 'pinned') return { hold: { kind: 'pinned' } };
  return { hold: { kind: 'bounded', leastG: input.leastG ?? 0, mostG: input.mostG ?? 0 } };
}

/** The core’s amount; absent where none was said. */
export const amountOfInput = (
  amount: number | null,
  unit: UnitId,
  range?: AmountRange | null,
): Amount | undefined =>
  amount === null
    ? undefined
    : { value: amount, unit, ...(range ? { range: { low: range.low, high: range.high } } : {}) };

/** What is done to a line, and how it was weighed; nothing where nothing was said. */
export const readyOfInput = ({
  ready,
  weighed,
}: Pick<LineInput, 'ready' | 'weighed'>): Pick<Line, 'ready' | 'weighed'> => ({
  ...(ready ? { ready: methodOfInput(ready) } : {}),
  ...(weighed === 'ready' ? { weighed } : {}),
});

/** A line as it is sent. */
export const inputOfLine = ({ amount, hold, ready, weighed, ...line }: Line): Required<LineInput> => ({
  ...line,
  ready: ready ? inputOfMethod(ready) : null,
  weighed: weighed ?? 'before',
  amount: amount?.value ?? null,
  unit: amount?.unit ?? 'g',
  amountRange: amount?.range ? { ...amount.range } : null,
  hold: inputOfHold(hold),
});
