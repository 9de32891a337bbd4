import { readLabel } from '../packages/core/src/label/read-label';
import { chanceOf } from './chance';
import { type Finding, most, none } from './finding';

const chance = chanceOf(5);
const pick = <T>(list: readonly T[]): T => list[Math.floor(chance() * list.length)] as T;
const letters = (n: number, of = 'abcdefghijklmnopqrstuvwxyz') =>
  Array.from({ length: n }, () => of[Math.floor(chance() * of.length)]).join('');

/** Pieces that a reader might stumble over; each is repeated to any length. */
const pieces: readonly string[] = [
  'a',
  'milk ',
  'mi',
  'may contain ',
  'contains ',
  'Ingredients: ',
  '(',
  ')',
  '((',
  '()',
  '[',
  '(milk ',
  'milk) ',
  ',',
  ', ',
  ';',
  ':',
  '.',
  '. ',
  ' ',
  '\n',
  '\t',
  '-',
  '- ',
  '–',
  '*',
  '**',
  '%',
  '1',
  '1%',
  '12.5% ',
  '0,',
  '9'.repeat(30) + ' ',
  'é',
  'e\u0301',
  '\u200b',
  '😀',
  'ß',
  'İ',
  'MILK ',
  'mIlK ',
  'milkmilk',
  'free from ',
  'no ',
  'not ',
  'and ',
  'and/or ',
  'trace',
  'nutritional values fat ',
  'fat 1 g ',
  'per 100 g ',
  'whey (milk), ',
  'milk-free ',
  'butter bean ',
  'x'.repeat(39) + ' ',
  'x'.repeat(41) + ' ',
  'hazelnu ',
  'almnod ',
  'contains: may contain: ',
  '<b>milk</b> ',
  '&amp;',
  '\\',
  '"',
  "'",
];
const shapes: readonly ((length: number) => string)[] = [
  ...pieces.map(
    (piece) => (length: number) => piece.repeat(Math.ceil(length / piece.length)).slice(0, length),
  ),
  (length) => letters(length),
  (length) => letters(length, 'ab'),
  (length) => '('.repeat(length / 2) + ')'.repeat(length / 2),
  (length) => Array.from({ length: length / 7 }, () => letters(6)).join(' '),
  (length) =>
    Array.from({ length: length / 8 }, () =>
      pick(['milk', 'almond', 'soya', 'may contain', '(', ')', ',', '12%']),
    ).join(' '),
  (length) => `may contain ${Array.from({ length: length / 8 }, () => letters(5)).join(', ')}`,
];

/** Characters of the shorter text, and how many times as long the longer one is. */
const SHORT = 12_000,
  TIMES = 8;
/** Times as much per character that the longer text may cost; quadratic work would cost eight times as much. */
const GROWTH = 4,
  LONGEST_MS = 1500;

/** Least of three runs, each on words of its own: what was looked up once is remembered. */
const cost = (make: () => string): number => {
  const runs = Array.from({ length: 3 }, () => {
    const text = make();
    const began = performance.now();
    readLabel(text);
    return performance.now() - began;
  });
  return Math.min(...runs);
};

/** Shapes made to cost more than they are long. */
export function tryLabels(): readonly Finding[] {
  let worst = 0,
    longest = 0,
    worstAt = 0,
    failed = 0;
  shapes.forEach((shape, at) => {
    try {
      const measured = () => {
        const short = cost(() => shape(SHORT)),
          long = cost(() => shape(SHORT * TIMES));
        // Below a millisecond the clock says nothing of growth.
        return { long, growth: long / Math.max(short, 1) / TIMES };
      };
      let { long, growth } = measured();
      // What really grows so does it twice; a neighbour who took the processor does not.
      if (growth > GROWTH) {
        const again = measured();
        [long, growth] = [Math.min(long, again.long), Math.min(growth, again.growth)];
      }
      if (growth > worst) [worst, worstAt] = [growth, at];
      longest = Math.max(longest, long);
    } catch {
      failed += 1;
    }
  });
  return [
    most(
      'labels',
      `cost a character when ${TIMES} times as long, worst of ${shapes.length} shapes (no. ${worstAt})`,
      worst,
      GROWTH,
      'times',
    ),
    most('labels', `longest of them, ${(SHORT * TIMES) / 1000} 000 characters`, longest, LONGEST_MS, 'ms'),
    none('labels', 'shapes that the reader fails at', failed),
  ];
}
