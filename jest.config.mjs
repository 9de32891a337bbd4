const swc = (extra = {}) => [
  '@swc/jest',
  {
    swcrc: false,
    sourceMaps: 'inline',
    module: { type: 'commonjs' },
    jsc: {
      target: 'es2022',
      parser: { syntax: 'typescript', decorators: true, tsx: true },
      transform: { legacyDecorator: true, react: { runtime: 'automatic' }, ...extra },
      keepClassNames: true,
    },
  },
];

const project = (name, dir, { metadata = false, environment = 'node', roots = ['src'] } = {}) => ({
  displayName: name,
  rootDir: `<rootDir>/${dir}`,
  roots: roots.map((folder) => `<rootDir>/${folder}`),
  testEnvironment: environment,
  // Workspace packages resolve to their TypeScript sources: nothing has to be built first.
  testEnvironmentOptions: {
    customExportConditions: [
      '@alterum/source',
      ...(environment === 'jsdom' ? ['browser'] : ['node', 'node-addons']),
    ],
  },
  testMatch: ['**/*.spec.{ts,tsx}'],
  // Test files run in a context of their own, where every global is looked up anew: those that computing asks for all the time are given to it. An icon may be called Map.
  ...(environment === 'node'
    ? {
        sandboxInjectedGlobals: [
          'Math',
          'Number',
          'Float64Array',
          'Map',
          'Set',
          'Array',
          'Object',
          'Infinity',
        ],
      }
    : {}),
  moduleNameMapper: { '^(\\.{1,2}/.*)\\.js$': '$1' },
  transform: { '\\.[cm]?[jt]sx?$': swc({ decoratorMetadata: metadata }) },
  // d3 7 ships only ES modules.
  transformIgnorePatterns: [
    '/node_modules/(?!(nanoid|d3|d3-[a-z-]+|internmap|delaunator|robust-predicates)/)',
  ],
});

export default {
  // Two cores: one worker each, and patience for a machine that is busy with the other.
  maxWorkers: 2,
  testTimeout: 30_000,
  projects: [
    project('core', 'packages/core', { roots: ['src', 'science'] }),
    project('contract', 'packages/contract'),
    { ...project('server', 'apps/server', { metadata: true }), setupFiles: ['reflect-metadata'] },
    {
      ...project('web', 'apps/web', { environment: 'jsdom' }),
      setupFiles: ['<rootDir>/test-browser.cjs'],
    },
  ],
};
