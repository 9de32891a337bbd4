import type { FormulaStep } from '@alterum/core';
import { useNotices } from '../notices/notices';
import { take, undoOnBench } from './bench-store';

/** Takes an edit that changes a lot at once, and offers the way back beside what is said of it. */
export function takeWithWayBack(step: FormulaStep, said: string): void {
  take(step);
  useNotices.getState().show(said, { label: 'Take back', run: undoOnBench });
}
