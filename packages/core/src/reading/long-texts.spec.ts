import { readLabel } from '../label/read-label.js';
import { larderTable } from '../larder/catalog/larder-table.js';
import { readRecipe } from './read-recipe.js';

/** Long texts that no cook writes and somebody may send: runs of one thing. */
const runs: Readonly<Record<string, string>> = {
  'wide blanks': '\u3000',
  blanks: ' ',
  'hard blanks': '\u00a0',
  tabs: '\t',
  'zero-width blanks': '\u200b',
  'soft hyphens': '\u00ad',
  guillemets: '‹',
  quotes: '"',
  dashes: '–',
  hyphens: '-',
  dots: '.',
  commas: ',',
  'opened brackets': '(',
  'closed brackets': ')',
  'square brackets': '[',
  'opened tags': '<',
  entities: '&',
  digits: '1',
  halves: '½',
  slashes: '1/',
  letters: 'a ',
  ors: 'or ',
  tos: '1 to ',
  minutes: '1 min ',
  cups: '1 cup ',
  warnings: 'may contain ',
  claims: 'free from ',
  additives: 'e471 ',
  marks: '\u0301',
  lines: '\n',
};
const bare = (run: string) => run.replace(/["\\\n\t]/g, 'x');
const places: Readonly<Record<string, (run: string) => unknown>> = {
  'a recipe of it': (run) => readRecipe({ text: run }, larderTable),
  'in a line': (run) => readRecipe({ text: `2 cups${run}water\n1 tsp salt` }, larderTable),
  'in a step': (run) => readRecipe({ text: `2 cups water\nMethod\nBlend${run}the water.` }, larderTable),
  'in a page': (run) => readRecipe({ html: `<html><body><h1>x</h1>${run}</body></html>` }, larderTable),
  'in data of a page': (run) =>
    readRecipe(
      {
        html: `<script type="application/ld+json">{"@type":"Recipe","name":"x","recipeIngredient":["2 cups${bare(run)}"],"recipeInstructions":"${bare(run)}"}</script>`,
      },
      larderTable,
    ),
  'in a label': (run) => readLabel(`Ingredients: water, ${run} salt.`),
};

/** Characters of each, and ms in which it must be read: where time grew with the square, it took minutes. */
const LONG = 60_000,
  WITHIN_MS = 2500;

const all = Object.keys(places).flatMap((place) => Object.keys(runs).map((run) => [run, place] as const));

test.each(all)('%s, %s: read as fast as it is long', (run, place) => {
  const unit = runs[run] ?? '';
  const text = unit.repeat(Math.ceil(LONG / unit.length)),
    start = performance.now();
  places[place]?.(text);
  expect(performance.now() - start).toBeLessThan(WITHIN_MS);
});
