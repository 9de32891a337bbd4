import type { Shift } from '@alterum/core';
import { ArrowDown, ArrowUp, ArrowUpDown } from 'lucide-react';
import { shiftWords } from '../words/shift-words';

const signs = { won: ArrowUp, lost: ArrowDown, moved: ArrowUpDown } as const;
const inks = { won: 'text-yes', lost: 'text-no', moved: 'text-soft' } as const;
const signWords = { won: 'won:', lost: 'lost:', moved: 'changed:' } as const;

/** What becomes of one property. */
export function ShiftLine({ shift }: { readonly shift: Shift }) {
  const Sign = signs[shift.as];
  return (
    <li className={`flex items-center gap-1 ${inks[shift.as]}`}>
      <Sign size={14} strokeWidth={2.6} aria-label={signWords[shift.as]} className="shrink-0" />
      {shiftWords(shift)}
    </li>
  );
}
