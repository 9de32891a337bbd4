import type { EaterView, FormulaView } from '@alterum/contract';
import { api, type Page } from '../server/api';
import { loadHouseLarder } from '../household/house-larder';
import { loadHousehold } from '../household/household-store';

export interface TableData {
  readonly eaters: readonly EaterView[];
  /** The formulas changed last, with their lines. */
  readonly formulas: Page<FormulaView>;
}

/** Everybody, and the first page of formulas. */
export async function loadTable(): Promise<TableData> {
  const [eaters, formulas] = await Promise.all([
    api.eaters(),
    api.wholeFormulas(),
    loadHouseLarder(),
    loadHousehold(),
  ]);
  return { eaters, formulas };
}
