import type { EaterView, FormulaView } from '@alterum/contract';
import { api } from '../app/api';
import { loadHouseLarder } from '../app/house-larder';

export interface TableData {
  readonly eaters: readonly EaterView[];
  readonly views: readonly FormulaView[];
}

/** Everybody, and every formula with its lines. */
export async function loadTable(): Promise<TableData> {
  const [eaters, summaries] = await Promise.all([api.eaters(), api.formulas(), loadHouseLarder()]);
  return { eaters, views: await Promise.all(summaries.map(({ id }) => api.formula(id))) };
}
