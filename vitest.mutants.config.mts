import { defineConfig } from 'vitest/config';

const alias = { '@': new URL('./src', import.meta.url).pathname };

/**
 * The unit tests of the core, for `npm run mutants`; MUTANT_TESTS names fewer, by commas, so that a few files are done in minutes:
 * what they notice is then the least of what all would.
 */
const include = process.env.MUTANT_TESTS?.split(',') ?? ['src/core/**/*.test.ts'];

export default defineConfig({ resolve: { alias }, test: { include, setupFiles: ['scripts/lib/no-shrinking.mjs'], testTimeout: 60_000 } });
