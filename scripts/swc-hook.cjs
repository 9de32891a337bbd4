// Lets `node` run the TypeScript sources without a build (types are not checked). Used by development and scripts only.
const { readFileSync, existsSync } = require('node:fs');
const Module = require('node:module');
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

require.extensions['.ts'] = (module, filename) => {
  const { code } = transformSync(readFileSync(filename, 'utf8'), {
    filename,
    swcrc: false,
    sourceMaps: 'inline',
    module: { type: 'commonjs' },
    jsc: {
      target: 'es2022',
      parser: { syntax: 'typescript', decorators: true },
      transform: { legacyDecorator: true, decoratorMetadata: true },
      keepClassNames: true,
    },
  });
  module._compile(code, filename);
};
