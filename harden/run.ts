import { tryBusy } from './busy';
import { tryDev } from './dev';
import { tryDisks } from './disks';
import { tryFiles } from './files';
import type { Finding } from './finding';
import { tryFuzz } from './fuzz';
import { tryKills } from './kills';
import { tryLabels } from './labels';
import { tryLoad } from './load';
import { tryStrangers } from './strangers';

const short = process.argv.includes('--short');
const only = process.argv
  .find((arg) => arg.startsWith('--only='))
  ?.slice('--only='.length)
  .split(',');

const parts: Readonly<Record<string, () => Promise<readonly Finding[]> | readonly Finding[]>> = {
  kills: () => tryKills(short ? 5 : 100),
  busy: tryBusy,
  disks: tryDisks,
  files: tryFiles,
  dev: tryDev,
  strangers: tryStrangers,
  labels: tryLabels,
  fuzz: () => tryFuzz(short ? 1500 : 20_000),
  load: () =>
    short
      ? tryLoad([5, 1000], { pages: 500, withPage: false })
      : tryLoad([5, 1000, 10_000], { pages: 1500, withPage: true }),
};

process.setMaxListeners(0);

async function main(): Promise<void> {
  let missed = 0;
  for (const [name, part] of Object.entries(parts)) {
    if (only !== undefined && !only.includes(name)) continue;
    for (const { area, what, value, goal, holds } of await part()) {
      if (!holds) missed += 1;
      console.log(`${holds ? 'holds' : 'MISS '}  ${area.padEnd(12)} ${what}: ${value} (goal ${goal})`);
    }
  }
  console.log(missed === 0 ? 'Everything held.' : `${missed} did not hold.`);
  process.exitCode = missed === 0 ? 0 : 1;
}

main().catch((error: unknown) => {
  console.error(error);
  process.exit(1);
});
