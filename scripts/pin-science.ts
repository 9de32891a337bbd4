import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { anchors } from '../packages/core/science/anchor-table';
import { resultOf } from '../packages/core/science/evidence';
import { figuresOf, movedFigures } from '../packages/core/science/pinned-figures';

/** Pins what every anchor predicts now, and prints what moved and by how much. For changes of the model that are meant. */
const results = anchors.map(resultOf);
const said = (figure: number | undefined) => (figure === undefined ? 'none' : figure.toPrecision(4));
const moved = movedFigures(results);
for (const { id, name, unit, from, to, by } of moved)
  console.log(
    `${id.padEnd(8)}${name.slice(0, 60).padEnd(62)}${said(from).padStart(10)} → ${said(to).padStart(10)} ${unit.padEnd(10)}${by === undefined ? '' : ` ${(by * 100).toFixed(2)} %`}`,
  );
writeFileSync(
  join(process.cwd(), 'packages/core/science/pinned.json'),
  `${JSON.stringify(figuresOf(results), null, 2)}\n`,
);
console.log(`${moved.length} of ${results.length} figures moved; all are pinned as they are now.`);
