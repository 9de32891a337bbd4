import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** Imports run one way: core <- contract <- server and web. */
const forbid = (...patterns) => ({ 'no-restricted-imports': ['error', { patterns }] });
const nothingAbove = (names, why) => ({ group: names, message: why });
const throughTheDoor = nothingAbove(
  ['@alterum/*/src/*', '@alterum/*/dist/*'],
  'Import a package through its door, not its inside.',
);

/** Names of the browser and of Node that would tie the core to a place. */
const placeGlobals = [
  'window',
  'document',
  'navigator',
  'localStorage',
  'sessionStorage',
  'fetch',
  'process',
  'Buffer',
  'require',
  '__dirname',
  'console',
  'setTimeout',
  'setInterval',
  'performance',
  'crypto',
];

export default tseslint.config(
  {
    ignores: [
      '**/dist/**',
      '**/node_modules/**',
      'data/**',
      '.stryker/**',
      'reports/**',
      'test-results/**',
      'playwright-report/**',
      'apps/server/src/storage/migrations/Migration*.ts',
    ],
  },
  js.configs.recommended,
  ...tseslint.configs.recommendedTypeChecked,
  {
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/switch-exhaustiveness-check': [
        'error',
        { considerDefaultExhaustiveForUnions: true },
      ],
      '@typescript-eslint/only-throw-error': ['error', { allow: [{ from: 'lib', name: 'Response' }] }],
      '@typescript-eslint/consistent-type-imports': 'off',
    },
  },
  {
    files: ['packages/core/src/**/*.ts'],
    ignores: ['**/*.spec.ts'],
    rules: {
      ...forbid(
        throughTheDoor,
        nothingAbove(
          ['@alterum/*', '@nestjs/*', '@mikro-orm/*', 'react*', 'd3*', 'node:*', 'class-*'],
          'The core knows nothing of contract, server or web.',
        ),
      ),
      'no-restricted-globals': [
        'error',
        ...placeGlobals.map((name) => ({ name, message: 'The core takes effects as arguments.' })),
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Chance is an argument.' },
        { object: 'Date', property: 'now', message: 'The clock is an argument.' },
      ],
    },
  },
  {
    files: ['packages/contract/src/**/*.ts'],
    rules: forbid(
      throughTheDoor,
      nothingAbove(
        ['@alterum/server', '@alterum/web', '@nestjs/*', '@mikro-orm/*', 'react*', 'node:*'],
        'The contract knows only the core.',
      ),
    ),
  },
  {
    files: ['apps/server/src/**/*.ts'],
    rules: forbid(
      throughTheDoor,
      nothingAbove(['@alterum/web', 'react*'], 'The server knows nothing of the web app.'),
    ),
  },
  {
    files: ['apps/web/src/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': reactHooks },
    rules: {
      ...reactHooks.configs.recommended.rules,
      ...forbid(
        throughTheDoor,
        nothingAbove(
          ['@alterum/server', '@nestjs/*', '@mikro-orm/*', 'node:*'],
          'The web app speaks to the server through the API.',
        ),
      ),
    },
  },
  {
    files: ['**/*.spec.{ts,tsx}', 'e2e/**/*.ts'],
    rules: {
      '@typescript-eslint/unbound-method': 'off',
      '@typescript-eslint/no-unsafe-assignment': 'off',
      '@typescript-eslint/no-unsafe-member-access': 'off',
    },
  },
  {
    files: ['**/*.{mjs,cjs,mts,js}'],
    extends: [tseslint.configs.disableTypeChecked],
    languageOptions: {
      globals: {
        process: 'readonly',
        console: 'readonly',
        require: 'readonly',
        module: 'readonly',
        __dirname: 'readonly',
        URL: 'readonly',
        setTimeout: 'readonly',
        performance: 'readonly',
        fetch: 'readonly',
        Buffer: 'readonly',
        document: 'readonly',
        window: 'readonly',
        MutationObserver: 'readonly',
        KeyboardEvent: 'readonly',
        requestAnimationFrame: 'readonly',
      },
    },
    rules: { '@typescript-eslint/no-require-imports': 'off' },
  },
  {
    files: ['scripts/*.ts', 'bench/**/*.ts', 'harden/**/*.ts'],
    extends: [tseslint.configs.disableTypeChecked],
  },
  prettier,
);
