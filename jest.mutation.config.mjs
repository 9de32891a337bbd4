import config from './jest.config.mjs';

/** One package at a time, for the mutation tests: MUTATED names its jest project. */
const { displayName: _name, ...project } = config.projects.find(
  ({ displayName }) => displayName === process.env.MUTATED,
);
export default {
  ...project,
  ...(process.env.MUTATION_ONLY
    ? { testMatch: undefined, testRegex: `(${process.env.MUTATION_ONLY}).*\\.spec\\.tsx?$` }
    : {}),
  rootDir: project.rootDir.replace('<rootDir>', process.cwd()),
  testTimeout: 30_000,
  // Laws over hundreds of random pots find much and are slow; what they alone find is not counted here.
  testPathIgnorePatterns: [
    '/node_modules/',
    ...(process.env.MUTATION_LEAVES_OUT ?? '').split(',').filter(Boolean),
  ],
};
