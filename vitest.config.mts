import { defineConfig } from 'vitest/config';

const alias = { '@': new URL('./src', import.meta.url).pathname };

/** Tests whose packages replace parts of the platform (the PDF reader, the database in memory): each file in a world of its own. */
const ALONE = ['src/core/{bench,paper,print}/**/*.test.ts', 'src/store/**/*.test.ts'];

/** Nothing here waits; a machine under load is only slower. Said to each project: they take nothing over. */
const testTimeout = 60_000;

export default defineConfig({
  test: {
    pool: 'threads',
    maxWorkers: '100%',
    projects: [
      { resolve: { alias }, test: { name: 'alone', include: ALONE, testTimeout } },
      // what is pure shares one world, loaded once
      {
        resolve: { alias },
        test: { name: 'pure', include: ['src/**/*.test.ts', 'scripts/**/*.test.ts'], exclude: ALONE, isolate: false, testTimeout },
      },
    ],
  },
});
