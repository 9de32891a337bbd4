import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { ensureBuilt } from './build.mjs';
import { ensureChromium } from './chromium.mjs';
import { ensureInstalled } from './install.mjs';
import { root, run, runAndRead } from './run.mjs';

/** Installs, then type check, lint, unit and API tests, browser tests; the last line counts them all. */
await ensureInstalled();
const browser = await ensureChromium();
const total = { passed: 0, failed: 0 };

/** A check without tests of its own counts as one. */
async function check(name, command, args) {
  console.log(`\n== ${name}`);
  const code = await run(command, args);
  total[code === 0 ? 'passed' : 'failed'] += 1;
}

/** A test runner whose closing lines hold "N passed" and "N failed". */
async function suite(name, command, args, line) {
  console.log(`\n== ${name}`);
  const { code, text } = await runAndRead(command, args, { env: { FORCE_COLOR: '0' } });
  const closing = text
    .split('\n')
    .filter((row) => line.test(row))
    .join('\n');
  const count = (word) =>
    [...closing.matchAll(new RegExp(`(\\d+) ${word}`, 'g'))].reduce(
      (sum, match) => sum + Number(match[1]),
      0,
    );
  total.passed += count('passed');
  const failed = count('failed') + count('flaky') + count('interrupted');
  total.failed += failed > 0 || code === 0 ? failed : 1;
}

rmSync(join(root, 'test-results'), { recursive: true, force: true });
await check('Type check', 'npx', ['tsc', '-b']);
await check('Lint', 'npx', ['eslint', '.', '--max-warnings', '0']);
await check('Science', 'npm', ['run', '--silent', 'check:science']);
await suite('Unit and API tests', 'npx', ['jest'], /^Tests:/);
if (browser) {
  await ensureBuilt();
  await check('Accidents, in short', 'npm', ['run', '--silent', 'harden', '--', '--short']);
  await suite('Browser tests', 'npx', ['playwright', 'test'], /^\s+\d+ (passed|failed|flaky|interrupted)/);
} else total.failed += 1;

console.log(`\n${total.passed} passed, ${total.failed} failed`);
process.exit(total.failed === 0 ? 0 : 1);
