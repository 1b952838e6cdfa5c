/** `npm run mutants`: single changes to the core, one at a time, and whether a test notices. No part of `npm test`: all of it takes an hour. */
export default {
  // the vitest runner starts anew for each change: it tells the same, twenty times as slowly
  testRunner: process.env.MUTANT_RUNNER ?? 'core',
  plugins: ['./scripts/lib/mutant-runner.mjs', '@stryker-mutator/vitest-runner'],
  vitest: { configFile: 'vitest.mutants.config.mts' },
  mutate: ['src/core/**/*.ts', '!src/core/**/*.test.ts', '!src/core/**/index.ts', '!src/core/example/**'],
  coverageAnalysis: 'perTest',
  // words are gone through by eye, and a change to a text or to how it is listed is not what this is for
  mutator: { excludedMutations: ['StringLiteral', 'ObjectLiteral', 'ArrayDeclaration', 'Regex'] },
  reporters: ['progress-append-only', 'json'],
  jsonReporter: { fileName: 'test-results/mutants.json' },
  tempDirName: 'test-results/stryker',
  // docs and tests hold files that tests of the core read: the published schema, older workspace files, the font
  ignorePatterns: ['/.next', '/.next-bench', '/bench', '/docs/screenshots', '/test-results', '/generated'],
  concurrency: 2,
  dryRunTimeoutMinutes: 30,
  // a change gets six seconds and the test it is in; what takes longer goes round for ever
  timeoutMS: 20_000,
  timeoutFactor: process.env.MUTANT_RUNNER ? 1.5 : 0,
  thresholds: { high: 85, low: 75, break: null },
};
