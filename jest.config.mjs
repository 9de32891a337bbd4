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

const project = (name, dir, { metadata = false, environment = 'node' } = {}) => ({
  displayName: name,
  rootDir: `<rootDir>/${dir}`,
  roots: ['<rootDir>/src'],
  testEnvironment: environment,
  // Workspace packages resolve to their TypeScript sources: nothing has to be built first.
  testEnvironmentOptions: {
    customExportConditions: [
      '@alterum/source',
      ...(environment === 'jsdom' ? ['browser'] : ['node', 'node-addons']),
    ],
  },
  testMatch: ['**/*.spec.{ts,tsx}'],
  moduleNameMapper: { '^(\\.{1,2}/.*)\\.js$': '$1' },
  transform: { '\\.[cm]?[jt]sx?$': swc({ decoratorMetadata: metadata }) },
  // d3 7 ships only ES modules.
  transformIgnorePatterns: ['/node_modules/(?!(d3|d3-[a-z-]+|internmap|delaunator|robust-predicates)/)'],
});

export default {
  projects: [
    project('core', 'packages/core'),
    project('contract', 'packages/contract'),
    { ...project('server', 'apps/server', { metadata: true }), setupFiles: ['reflect-metadata'] },
    {
      ...project('web', 'apps/web', { environment: 'jsdom' }),
      setupFiles: ['<rootDir>/test-browser.cjs'],
    },
  ],
};
