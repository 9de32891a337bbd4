import type { FormulaView } from '@alterum/contract';
import { type FormulaContent, formulaBodyOf, formulaOfContent } from '@alterum/contract/convert';
import type { Formula } from '@alterum/core';
import { knowInside } from '../household/sauces-inside';
import { openOnBench, rebase, useBench } from '../open-formula/bench-store';
import { api } from '../server/api';
import { autosaveOf } from './autosave';

/** Saves the formula on the Bench by itself. */
export const formulaSaving = autosaveOf<FormulaView, FormulaContent, Formula>({
  open: () => {
    const { bench } = useBench.getState();
    return bench && { id: bench.id, version: bench.version, work: bench.history.formula };
  },
  watch: (changed) => useBench.subscribe(changed),
  put: openOnBench,
  rebase,
  contentOf: formulaBodyOf,
  workOf: formulaOfContent,
  know: (content) => knowInside([content]),
  update: (id, body) => api.updateFormula(id, body),
  restore: (id) => api.restoreFormula(id),
  create: (content) => api.createFormula(content),
});
