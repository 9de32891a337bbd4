import { everyday } from '../packages/core/science/proposals/everyday.table';
import { holdProposal } from '../packages/core/science/proposals/hold-proposal';

/** Share of the everyday formulas with which a cook finds nothing wrong. */
const GOAL = 0.95;

const asked = (row: (typeof everyday)[number]): string => {
  const [[kind, what] = []] = Object.entries(row.asked);
  return `${kind} ${typeof what === 'string' ? what : kind === 'nothing' ? '' : JSON.stringify(what)}`;
};

let passed = 0;
const verbose = process.argv.includes('--all');
for (const [i, row] of everyday.entries()) {
  const started = performance.now();
  const { offered, faults } = holdProposal(row);
  const ms = Math.round(performance.now() - started);
  if (faults.length === 0) passed++;
  console.log(
    `${faults.length === 0 ? 'pass' : 'MISS'} ${String(i + 1).padStart(2)} ${row.name}, ${asked(row)} (${ms} ms)`,
  );
  if (verbose || faults.length > 0) console.log(`      ${offered}`);
  for (const fault of faults) console.log(`    - ${fault}`);
}
console.log(
  `${passed} of ${everyday.length} everyday proposals are what a cook would take (goal ${Math.ceil(GOAL * everyday.length)})`,
);
if (passed < GOAL * everyday.length) process.exitCode = 1;
