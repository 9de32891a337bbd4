import { readLabel } from '@alterum/core';
import { labelCases } from '../packages/core/science/labels/labels.table';
import { percentile, type Result } from './result';

const ROUNDS = 40,
  LABELS_A_ROUND = 60;

/** Labels of a pack's usual length, made of several of the table's. */
function packs(count: number): readonly string[] {
  return Array.from({ length: count }, (_, i) =>
    Array.from({ length: 8 }, (_, k) => labelCases[(i * 7 + k * 13) % labelCases.length]?.[0] ?? '').join(
      '\n',
    ),
  );
}

/** MB of text read in a second, in the better tenth of the rounds: what else the machine does comes and goes. */
function speedOf(texts: readonly string[]): number {
  const size = texts.reduce((all, text) => all + text.length, 0) / 1e6;
  const speeds: number[] = [];
  for (let round = 0; round < ROUNDS; round++) {
    const start = performance.now();
    for (const text of texts) readLabel(text);
    speeds.push(size / ((performance.now() - start) / 1000));
  }
  return percentile(speeds, 0.9);
}

/** Texts that nobody prints: what makes a reader try most at every word. */
const adversarial = [
  'kann ',
  'may ',
  'free from milk, ',
  '((milk ',
  'contains no milk, egg, ',
  'm1lk0 a1m0nd ',
  'zorblaxfronda ',
  'a',
  'cream of cream of ',
  'in facility ',
  'not guaranteed ',
  'żółć ',
  'milk-',
  'milk,',
];
const SHORT = 25_000,
  TIMES = 4,
  TRIES = 5;

/** How much more a character of a text four times as long costs, in the worst of these; the fastest of some tries of each. */
function growthOfAdversarial(): number {
  const fastest = (text: string): number => {
    const tries = Array.from({ length: TRIES }, () => {
      const start = performance.now();
      readLabel(text);
      return performance.now() - start;
    });
    return Math.min(...tries);
  };
  return Math.max(
    ...adversarial.map((part) => {
      const text = (length: number) => part.repeat(Math.ceil(length / part.length)).slice(0, length);
      return fastest(text(SHORT * TIMES)) / fastest(text(SHORT)) / TIMES;
    }),
  );
}

export function benchLabels(): readonly Result[] {
  const texts = packs(LABELS_A_ROUND);
  speedOf(texts);
  const once = speedOf(texts),
    joined = speedOf([texts.join('\n\n')]);
  return [
    { name: 'label text read', value: once, unit: 'MB/s', goal: 4, sense: 'least' },
    {
      name: 'one text sixty times as long, against sixty texts',
      value: once / joined,
      unit: 'times',
      goal: 1.8,
      sense: 'most',
    },
    {
      name: 'texts made to be slow, four times as long: cost of a character',
      value: growthOfAdversarial(),
      unit: 'times',
      goal: 1.8,
      sense: 'most',
    },
  ];
}
