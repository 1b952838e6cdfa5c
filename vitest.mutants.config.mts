import { relative } from 'node:path';
import { defineConfig } from 'vitest/config';
import { BaseSequencer, type TestSpecification } from 'vitest/node';

const at = (path: string) => new URL(path, import.meta.url).pathname;

/** What noticed a change last, then the quickest: after one failed test nothing more is run. */
class LikeliestFirst extends BaseSequencer {
  override async sort(files: TestSpecification[]): Promise<TestSpecification[]> {
    const { cache, config } = this.ctx;
    const last = (file: TestSpecification) => cache.getFileTestResults(`${file.project.name}:${relative(config.root, file.moduleId)}`);
    const cost = (file: TestSpecification) => (last(file)?.failed ? -1 : (last(file)?.duration ?? 0));
    return [...files].sort((a, b) => cost(a) - cost(b));
  }
}

/**
 * The unit tests of the core, for `npm run mutants`; MUTANT_TESTS names fewer, by commas, so that a few files are done in minutes:
 * what they notice is then the least of what all would.
 */
const include = process.env.MUTANT_TESTS?.split(',') ?? ['src/core/**/*.test.ts'];

export default defineConfig({
  resolve: { alias: { '@': at('./src'), 'fast-check': at('./scripts/lib/few-runs.mjs') } },
  test: { include, testTimeout: 60_000, sequence: { sequencer: LikeliestFirst } },
});
