import { applyStep, type Formula, type FormulaStep } from '@alterum/core';
import { useEffect } from 'react';
import { outcomeOf } from '../household/outcome';
import { showProposed } from './work-store';

/** Shows on the rails where some edits of the formula would lead, for as long as they are looked at. */
export function useProposed(formula: Formula, steps: readonly FormulaStep[]): void {
  useEffect(() => {
    const taken = steps.length > 0 ? applyStep(formula, { step: 'several', steps }) : undefined;
    showProposed(taken?.kind === 'applied' ? outcomeOf(taken.formula) : undefined);
    return () => showProposed(undefined);
  }, [formula, steps]);
}
