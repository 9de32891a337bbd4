import { anchorPrediction, insideReference, type Anchor } from '../packages/core/src/science/anchor';
import anchorTable from '../packages/core/src/science/anchors.table.json';
import { larderTable } from '../packages/core/src/larder/catalog/larder-table';
import { unnamedRemainder } from '../packages/core/src/larder/composition';
import committed from '../packages/core/src/science/committed.json';

/** Prints every anchor (predicted, reference, in or out), then the totals; fails when fewer are inside than committed. */
const anchors = anchorTable as unknown as readonly Anchor[];
const json = process.argv.includes('--json');
const text = (x: number) =>
  Math.abs(x) >= 100 ? x.toFixed(0) : Math.abs(x) >= 10 ? x.toFixed(1) : x.toFixed(2);

const rows = anchors.map((anchor) => {
  const predicted = anchorPrediction(anchor);
  return { ...anchor, predicted, inside: insideReference(predicted, anchor.reference) };
});
const inside = rows.filter((row) => row.inside).length;
const uneven = larderTable
  .filter((ingredient) => unnamedRemainder(ingredient.per100) < -0.05)
  .map((ingredient) => ingredient.id);

if (json) {
  for (const { id, name, quantity, unit, predicted, reference, inside: pass, provenance, confidence } of rows)
    console.log(
      JSON.stringify({
        id,
        name,
        quantity,
        unit,
        predicted,
        low: reference[0],
        high: reference[1],
        pass,
        provenance,
        confidence,
      }),
    );
  console.log(
    JSON.stringify({
      name: 'anchors inside',
      value: inside,
      of: rows.length,
      committed: committed.anchorsInside,
      pass: inside >= committed.anchorsInside,
    }),
  );
  console.log(
    JSON.stringify({
      name: 'ingredients whose components exceed 100 g',
      value: uneven.length,
      pass: uneven.length === 0,
    }),
  );
} else {
  for (const row of rows)
    console.log(
      `${row.id.padEnd(7)}${row.name.padEnd(46)}${text(row.predicted).padStart(8)} ${row.unit.padEnd(12)}${`${text(row.reference[0])}–${text(row.reference[1])}`.padStart(16)}  ${row.inside ? 'pass' : 'MISS'}  ${row.provenance.padEnd(22)}${row.confidence}`,
    );
  console.log(
    `\n${inside} of ${rows.length} anchors inside their reference range (committed: ${committed.anchorsInside}). References are recalled ranges, none measured for this work; the parameters were fitted by hand on these rows.`,
  );
  console.log(
    `${larderTable.length} ingredients; ${uneven.length} whose components exceed 100 g ${uneven.join(', ')}`,
  );
}
process.exit(inside >= committed.anchorsInside && uneven.length === 0 ? 0 : 1);
