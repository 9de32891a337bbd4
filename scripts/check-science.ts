import { labelTotals } from '../packages/core/science/labels/label-totals';
import { larderTable } from '../packages/core/src/larder/catalog/larder-table';
import { anchors } from '../packages/core/science/anchor-table';
import committed from '../packages/core/science/committed.json';
import {
  type AnchorResult,
  resultOf,
  standingOf,
  type Total,
  totalsOf,
} from '../packages/core/science/evidence';
import { movedFigures } from '../packages/core/science/pinned-figures';
import heldBack from '../packages/core/science/held-back.json';
import { brokenInvariants } from '../packages/core/science/invariants';
import { larderChecks } from '../packages/core/science/larder-checks';

/** Prints every anchor (predicted, reference, in or out), then the totals; fails when fewer are inside than committed or an invariant breaks. */
const json = process.argv.includes('--json');
const text = (x: number) =>
  Math.abs(x) >= 100 ? x.toFixed(0) : Math.abs(x) >= 10 ? x.toFixed(1) : x.toFixed(2);

const results = anchors.map(resultOf);
const fitted = results.filter((r) => !r.heldBack),
  held = results.filter((r) => r.heldBack);
const families = [...new Set(anchors.map((anchor) => anchor.family))].sort();
const labels = labelTotals();
const totals: readonly Total[] = [
  ...labels,
  ...totalsOf('used in fitting', fitted),
  ...totalsOf('held back', held),
  ...families.map((family) => {
    const of = results.filter((r) => r.anchor.family === family);
    return { name: String(family), value: of.filter((r) => r.inside).length, of: of.length };
  }),
];
const checks = larderChecks(larderTable),
  invariants = brokenInvariants();
const inside = (list: readonly AnchorResult[]) => list.filter((r) => r.inside).length;
const fails = [
  ...labels
    .filter(({ name, value, of }) => name.startsWith('recall') && value < of)
    .map(({ name }) => `labels: ${name} is not whole`),
  ...(inside(fitted) < committed.fittedInside
    ? [`fewer fitted anchors inside than ${committed.fittedInside}`]
    : []),
  ...(inside(held) < committed.heldBackInside
    ? [`fewer held-back anchors inside than ${committed.heldBackInside}`]
    : []),
  ...movedFigures(results).map(
    ({ id, from, to, by }) =>
      `${id} moved from ${from ?? 'nothing'} to ${to ?? 'nothing'}${by === undefined ? '' : ` (${(by * 100).toFixed(2)} %)`}: npm run pin:science, if it was meant`,
  ),
  ...checks
    .filter((check) => check.failing.length > 0)
    .map((check) => `${check.name}: not ${check.failing.join(', ')}`),
  ...invariants
    .filter((entry) => entry.broken > 0)
    .map((entry) => `${entry.name}: broken ${entry.broken} times`),
];

const basisOf = ({ anchor }: AnchorResult): string => anchor.basis ?? 'recalled';

if (json) {
  for (const { anchor, predicted, inside: pass, heldBack: kept, bandHolds } of results)
    console.log(
      JSON.stringify({
        id: anchor.id,
        name: anchor.name,
        family: anchor.family,
        quantity: anchor.quantity,
        unit: anchor.unit,
        predicted,
        low: anchor.reference[0],
        high: anchor.reference[1],
        pass,
        heldBack: kept,
        bandHolds,
        provenance: anchor.provenance,
        confidence: anchor.confidence,
        basis: anchor.basis ?? 'recalled',
      }),
    );
  for (const total of totals) console.log(JSON.stringify(total));
  for (const check of checks)
    console.log(
      JSON.stringify({
        name: `larder: ${check.name}`,
        failing: check.failing.length,
        of: larderTable.length,
        pass: check.failing.length === 0,
      }),
    );
  for (const entry of invariants) console.log(JSON.stringify({ ...entry, pass: entry.broken === 0 }));
} else {
  for (const result of results) {
    const { anchor, predicted } = result;
    console.log(
      `${result.heldBack ? 'held ' : '     '}${anchor.id.padEnd(7)}${anchor.name.slice(0, 62).padEnd(64)}${text(predicted).padStart(8)} ${anchor.unit.padEnd(12)}${`${text(anchor.reference[0])}–${text(anchor.reference[1])}`.padStart(16)}  ${result.inside ? 'in ' : 'OUT'}  ${anchor.provenance.padEnd(23)}${anchor.confidence.padEnd(9)}${basisOf(result)}`,
    );
  }
  console.log('');
  const folds = (x: number | undefined) => (x === undefined ? '' : x.toFixed(2));
  console.log(
    'family                             inside      certain     fold   80 % band holds   width (folds)\n' +
      [
        ...families.map((family) => [family, results.filter((r) => r.anchor.family === family)] as const),
        ['all used in fitting', fitted] as const,
        ['all held back', held] as const,
      ]
        .map(([name, of]) => {
          const s = standingOf(of);
          return `${String(name).padEnd(32)}${`${s.inside} of ${s.of}`.padStart(11)}${`${s.certainInside} of ${s.certainOf}`.padStart(13)}${folds(s.fold).padStart(9)}${`${s.holds} of ${s.banded}`.padStart(18)}${folds(s.width).padStart(16)}`;
        })
        .join('\n') +
      '\n',
  );
  for (const total of totals) console.log(`${total.name.padEnd(64)} ${total.value} of ${total.of}`);
  const guessed = results.filter((r) => basisOf(r) === 'guessed').length;
  console.log(
    `\nNone of the ${results.length} references was measured for this work: ${guessed} are guesses, the rest recalled from the literature or sums. ${held.length} were drawn with seed ${heldBack.seed} and kept out of fitting.`,
  );
  console.log(`\n${larderTable.length} ingredients`);
  for (const check of checks)
    console.log(
      `${check.name.padEnd(64)} ${check.failing.length === 0 ? 'holds' : `FAILS: ${check.failing.join(', ')}`}`,
    );
  for (const entry of invariants)
    console.log(
      `${entry.name.padEnd(64)} ${entry.broken === 0 ? `holds in ${entry.tried}` : `BROKEN in ${entry.broken} of ${entry.tried}`}`,
    );
}
for (const fail of fails) console.error(`FAIL ${fail}`);
process.exit(fails.length === 0 ? 0 : 1);
