import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { ensureBuilt } from './build.mjs';
import { ensureChromium } from './chromium.mjs';
import { ensureInstalled } from './install.mjs';
import { inLanes, runAside } from './lanes.mjs';
import { root } from './run.mjs';

/** Installs, then every check, unit and API tests, browser tests, two at a time; the last line counts them all. */
await ensureInstalled();
const browser = await ensureChromium();
const total = { passed: 0, failed: 0 };
/** Names of what failed, told once more at the end. */
const broken = [];

/** How Jest, Playwright and the accidents head what failed. */
const BROKEN_ROW = /^ {2}● (?!Console)|^ {2}\d+\) .+ › |^MISS /;
/** What of it failed, each once. */
const rowsOf = (text) =>
  [...new Set(text.split('\n').filter((row) => BROKEN_ROW.test(row)))].map((row) => `  ${row.trim()}`);

function show(name, { text, seconds }) {
  console.log(`\n== ${name} (${seconds} s)`);
  if (text.trim() !== '') console.log(text.trimEnd());
}

/** A check without tests of its own counts as one. */
const check =
  (name, command, ...args) =>
  async () => {
    const done = await runAside(command, args);
    show(name, done);
    total[done.code === 0 ? 'passed' : 'failed'] += 1;
    if (done.code !== 0) broken.push(name, ...rowsOf(done.text));
  };

/** A test runner whose closing lines hold "N passed" and "N failed". */
const suite =
  (name, line, command, ...args) =>
  async () => {
    const done = await runAside(command, args);
    show(name, done);
    const closing = done.text
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
    const counted = failed > 0 || done.code === 0 ? failed : 1;
    total.failed += counted;
    if (counted > 0) broken.push(name, ...rowsOf(done.text));
  };

const script = (name, run, ...args) => check(name, 'npm', 'run', '--silent', run, '--', ...args);

/** Parts of what is tried by accident: those with goals in ms run alone, the others beside something else. */
const untimed = 'kills,busy,disks,files,dev,strangers,fuzz',
  timed = 'labels,load';

rmSync(join(root, 'test-results'), { recursive: true, force: true });
// The long ones first, so that the lanes end together; types before the build, which takes them from there.
await inLanes(2, [
  async () => {
    await check('Type check', 'npx', 'tsc', '-b')();
    await ensureBuilt();
    if (browser) await script('Accidents, in short', 'harden', '--short', `--only=${untimed}`)();
  },
  check(
    'Lint',
    'npx',
    'eslint',
    '.',
    '--max-warnings',
    '0',
    '--cache',
    '--cache-location',
    'node_modules/.cache/eslint',
  ),
  check('Format', 'npx', 'prettier', '--check', '--log-level', 'warn', '.'),
  script('Proposals', 'check:proposals'),
  check('The core as a package', 'node', 'scripts/check-package.mjs'),
  script('Science', 'check:science'),
  script('The page of the model', 'model:page', '--check'),
  check('Floors', 'node', 'scripts/floors.mjs'),
  check('Words', 'node', 'scripts/check-words.mjs'),
]);
await suite('Unit and API tests', /^Tests:/, 'npx', 'jest')();
if (browser) {
  await script('Accidents with a clock, in short', 'harden', '--short', `--only=${timed}`)();
  await suite('Browser tests', /^\s+\d+ (passed|failed|flaky|interrupted)/, 'npx', 'playwright', 'test')();
} else {
  total.failed += 1;
  broken.push('Browser tests: no browser was found');
}

if (broken.length > 0) console.log(`\nFailed:\n${broken.join('\n')}`);
console.log(`\n${total.passed} passed, ${total.failed} failed`);
process.exit(total.failed === 0 ? 0 : 1);
