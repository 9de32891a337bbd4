import { larderTable, searchIngredients } from '@alterum/core';
import { searches } from '../packages/core/science/larder/search.table';
import { percentile, type Result } from './result';

const ROUNDS = 20;
/** Household rows beside the table's, to see how the cost grows. */
const COPIES = 40;

const typed = Object.values(searches).flat();

/** ms of one search, every text of the table typed letter by letter at its last three letters; the slowest twentieth is told. */
function timesOf(larder: typeof larderTable): readonly number[] {
  const times: number[] = [];
  for (let round = 0; round < ROUNDS; round++)
    for (const text of typed) {
      const start = performance.now();
      searchIngredients(larder, text.slice(0, text.length - (round % 3)));
      times.push(performance.now() - start);
    }
  return times;
}

export function benchSearch(): readonly Result[] {
  timesOf(larderTable);
  const once = timesOf(larderTable);
  const many = Array.from({ length: COPIES }, (_, copy) =>
    larderTable.map((row) => ({ ...row, id: `${row.id}-${copy}`, name: `${row.name} ${copy}` })),
  ).flat();
  searchIngredients(many, 'warm');
  const large = timesOf(many);
  return [
    {
      name: 'a search through the larder, median',
      value: percentile(once, 0.5),
      unit: 'ms',
      goal: 1,
      sense: 'most',
    },
    {
      name: 'the same, slowest twentieth',
      value: percentile(once, 0.95),
      unit: 'ms',
      goal: 1,
      sense: 'most',
    },
    {
      name: `${COPIES} times the rows against once, median`,
      value: percentile(large, 0.5) / percentile(once, 0.5),
      unit: 'times',
      goal: COPIES,
      sense: 'most',
    },
  ];
}
