import { defineConfig } from 'vitest/config';

const at = (path: string) => new URL(path, import.meta.url).pathname;

/** The unit tests of the core for `MUTANT_RUNNER=vitest npm run mutants`, those of some folders where MUTANT_TESTS names them. */
const folders = process.env.MUTANT_TESTS?.split(',') ?? ['**'];

export default defineConfig({
  resolve: { alias: { '@': at('./src'), 'fast-check': at('./scripts/lib/few-runs.mjs') } },
  test: { include: folders.map((folder) => `src/core/${folder}/**/*.test.ts`), testTimeout: 60_000 },
});
