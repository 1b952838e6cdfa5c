import { defineConfig } from 'vitest/config';

const alias = { '@': new URL('./src', import.meta.url).pathname };

/** The unit tests of the core, for `npm run mutants`. */
export default defineConfig({ resolve: { alias }, test: { include: ['src/core/**/*.test.ts'], testTimeout: 60_000 } });
