import type { EaterView } from '@alterum/contract';
import { loadHouseLarder } from '../household/house-larder';
import { knowPartsTonight } from '../household/known-to-dish';
import { loadHousehold } from '../household/household-store';
import { queries, read, readList } from '../server/queries';

export interface TableData {
  readonly eaters: readonly EaterView[];
}

/** Everybody, what the house knows and chose, and the formulas changed last. */
export async function loadTable(): Promise<TableData> {
  const [eaters] = await Promise.all([
    read(queries.people),
    readList(queries.wholeFormulas('')),
    loadHouseLarder(),
    loadHousehold(),
  ]);
  await knowPartsTonight();
  return { eaters };
}
