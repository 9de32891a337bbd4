import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { larderTable, readRecipe } from '@alterum/core';
import { percentile, type Result } from './result';

const ROUNDS = 40;
/** Lines of a long recipe. */
const LINES = 30;

/** ms to read thirty lines as they stand in written recipes, with their method. */
export function benchReading(): readonly Result[] {
  const written = readFileSync(
    join(process.cwd(), 'packages/core/science/recipes/recipes.txt'),
    'utf8',
  ).split('\n');
  const lines = written.filter((line) => /^(?:- )?[\d½¼¾a-z]/.test(line));
  const once: number[] = [],
    many: number[] = [];
  for (let round = 0; round < ROUNDS; round++) {
    const from = (round * LINES) % (lines.length - LINES);
    const text = `${lines.slice(from, from + LINES).join('\n')}\nMethod\nBlend for 60 seconds. Heat for 5 minutes.`;
    const longer = Array.from({ length: 8 }, () => lines.slice(from, from + LINES).join('\n')).join('\n');
    const start = performance.now();
    readRecipe({ text }, larderTable);
    const middle = performance.now();
    readRecipe({ text: longer }, larderTable);
    once.push(middle - start);
    many.push(performance.now() - middle);
  }
  return [
    {
      name: `reading a recipe of ${LINES} lines, median`,
      value: percentile(once, 0.5),
      unit: 'ms',
      goal: 20,
      sense: 'most',
    },
    {
      name: 'eight times the lines against once',
      value: percentile(many, 0.5) / percentile(once, 0.5),
      unit: 'times',
      goal: 16,
      sense: 'most',
    },
  ];
}
