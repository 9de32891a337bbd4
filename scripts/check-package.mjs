import { spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { must, root } from './run.mjs';

/** Packs the core as it would be handed on, unpacks it far from this project, and runs there what its README shows. */
const core = join(root, 'packages/core');
const away = mkdtempSync(join(tmpdir(), 'alterum-core-'));
const run = (command, args, cwd) => {
  const { status, stdout, stderr } = spawnSync(command, args, { cwd, encoding: 'utf8' });
  if (status !== 0) throw new Error(`${[command, ...args].join(' ')} failed:\n${stderr || stdout}`);
  return stdout;
};
try {
  await must('npx', ['tsc', '-b', 'packages/core'], { quiet: true });
  const [{ filename, files }] = JSON.parse(run('npm', ['pack', '--json', '--pack-destination', away], core));
  const stray = files.map(({ path }) => path).filter((path) => /science|\.spec\.|\.fixture\./.test(path));
  if (stray.length > 0) throw new Error(`the package holds what is not for use: ${stray.join(', ')}`);
  const home = join(away, 'node_modules/@alterum/core');
  mkdirSync(home, { recursive: true });
  run('tar', ['-xzf', join(away, filename), '--strip-components=1', '-C', home]);
  const examples = [...readFileSync(join(core, 'README.md'), 'utf8').matchAll(/```js\n([\s\S]*?)```/g)];
  if (examples.length < 2) throw new Error('the README shows less than it should');
  for (const [i, [, code]] of examples.entries()) {
    writeFileSync(join(away, `example-${i}.mjs`), code);
    const said = run('node', [`example-${i}.mjs`], away).trim();
    if (!/mPa·s|^balanced/.test(said)) throw new Error(`example ${i} says “${said}”`);
    console.log(said);
  }
  console.log(`${filename}: ${files.length} files; ${examples.length} examples run.`);
} finally {
  rmSync(away, { recursive: true, force: true });
}
