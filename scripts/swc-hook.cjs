// Lets `node` run the TypeScript sources without a build (types are not checked). Used by development and scripts only.
const { createHash } = require('node:crypto');
const { existsSync, mkdirSync, readFileSync, renameSync, writeFileSync } = require('node:fs');
const Module = require('node:module');
const { join } = require('node:path');
const { transformSync } = require('@swc/core');

const resolve = Module._resolveFilename;
Module._resolveFilename = function (request, parent, ...rest) {
  // Sources import "./x.js" and mean x.ts.
  if (request.startsWith('.') && request.endsWith('.js') && parent?.filename?.endsWith('.ts')) {
    const source = require('node:path').resolve(parent.path, request.replace(/\.js$/, '.ts'));
    if (existsSync(source)) return source;
  }
  return resolve.call(this, request, parent, ...rest);
};

const options = {
  swcrc: false,
  sourceMaps: 'inline',
  module: { type: 'commonjs' },
  jsc: {
    target: 'es2022',
    parser: { syntax: 'typescript', decorators: true },
    transform: { legacyDecorator: true, decoratorMetadata: true },
    keepClassNames: true,
  },
};

/** Compiled once for each source: commands that are started one after another read what the first one wrote. */
const cache = join(__dirname, '../node_modules/.cache/swc-hook');
mkdirSync(cache, { recursive: true });
const salt = JSON.stringify([options, require('@swc/core/package.json').version]);

function compiled(filename) {
  const source = readFileSync(filename, 'utf8');
  const kept = join(
    cache,
    `${createHash('sha256').update(salt).update(filename).update(source).digest('hex')}.js`,
  );
  if (existsSync(kept)) return readFileSync(kept, 'utf8');
  const { code } = transformSync(source, { filename, ...options });
  // Renamed into place, so that another command never reads half of it.
  const draft = `${kept}.${process.pid}`;
  writeFileSync(draft, code);
  renameSync(draft, kept);
  return code;
}

require.extensions['.ts'] = (module, filename) => module._compile(compiled(filename), filename);
