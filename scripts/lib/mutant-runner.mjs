/**
 * How `npm run mutants` runs the unit tests of the core. A change is tried in a fraction of a second, since nothing is started anew for
 * it: all test files and the core are put together once, and that is evaluated afresh for each change, so that nothing a change made
 * is kept for the next. The test that noticed the last change runs first, then those of the change's own folder, then all others, the
 * quickest first, until one fails.
 */
import { ASYMMETRIC_MATCHERS_OBJECT, GLOBAL_EXPECT, JestAsymmetricMatchers, JestChaiExpect, JestExtend, setState } from '@vitest/expect';
import { PluginKind, declareClassPlugin } from '@stryker-mutator/api/plugin';
import { DryRunStatus, TestStatus, determineHitLimitReached, toMutantRunResult } from '@stryker-mutator/api/test-runner';
import * as chai from 'chai';
import { build } from 'esbuild';
import { readdirSync } from 'node:fs';
import { createRequire } from 'node:module';
import { Script } from 'node:vm';
import fewRuns, * as fastCheck from './few-runs.mjs';

const require = createRequire(import.meta.url);

const CORE = 'src/core/';
/** The folders whose tests are run, by commas; all where none is named. */
const FOLDERS = process.env.MUTANT_TESTS?.split(',');
/** A change that no test notices in so many seconds counts as not noticed: only the slowest tests are left then. */
const SECONDS = 6;
const NAMES = /^(?!default$)[A-Za-z_$][\w$]*$/;

for (const plugin of [JestExtend, JestChaiExpect, JestAsymmetricMatchers]) chai.use(plugin);
const expect = Object.assign((value, message) => chai.expect(value, message), chai.expect, globalThis[ASYMMETRIC_MATCHERS_OBJECT]);
globalThis[GLOBAL_EXPECT] = expect;
setState({ assertionCalls: 0 }, expect);

/** Types are checked elsewhere: whatever is said of them here holds. */
const anything = new Proxy(() => anything, { get: () => anything });

/** The tests of one evaluation, as the test files name them. */
function suite() {
  const tests = [];
  const within = [];
  const each = (one) => (rows) => (name, run) =>
    rows.forEach((row, i) => one(`${name} [${i}]`, () => (Array.isArray(row) ? run(...row) : run(row))));
  const it = (name, run) => tests.push({ id: [...within, name].join(' '), file: within[0], run });
  const describe = (name, run) => {
    within.push(name);
    run();
    within.pop();
  };
  return {
    tests,
    /** Loads a test file; what it describes comes under its name. */
    async load(file, from) {
      within.push(file);
      await from();
      within.length = 0;
    },
    vitest: {
      describe: Object.assign(describe, { each: each(describe) }),
      it: Object.assign(it, { each: each(it) }),
      expect,
      expectTypeOf: anything,
    },
  };
}

/** Test files and core as one script; what comes from packages stays outside and is loaded once. */
async function together(files, outside) {
  const packages = {
    name: 'packages',
    setup({ onResolve, onLoad }) {
      onResolve({ filter: /^[^.@/]|^@[^/]/ }, ({ path, kind }) => (kind === 'entry-point' ? undefined : { path, namespace: 'package' }));
      onLoad({ filter: /.*/, namespace: 'package' }, async ({ path }) => {
        // a package that names no file for a folder is found the older way
        outside.set(path, outside.get(path) ?? (await import(path).catch(() => import(require.resolve(path)))));
        const names = Object.keys(outside.get(path)).filter((name) => NAMES.test(name));
        const from = `outside.get(${JSON.stringify(path)})`;
        return { contents: `export default ${from}.default; export const { ${names.join(', ')} } = ${from};` };
      });
    },
  };
  const contents = `export const files = { ${files.map((file) => `${JSON.stringify(file)}: () => import('./${file}')`).join(', ')} };`;
  const { outputFiles } = await build({
    stdin: { contents, resolveDir: process.cwd() },
    alias: { '@': `${process.cwd()}/src` },
    bundle: true,
    format: 'cjs',
    platform: 'node',
    target: 'node20',
    write: false,
    plugins: [packages],
  });
  return outputFiles[0].text;
}

const CALLED = /stryMutAct_9fa48\d*\("(\d+)"\)/g;
const COUNTED = /stryCov_9fa48\d*\(("\d+"(?:, "\d+")*)\)/g;

/** The code with Stryker's calls written out, which takes a tenth of the time: whether a change is the one tried, and what is counted. */
function script(code, count) {
  const plain = code
    .replace(CALLED, '(tried$.id === $1 && tried$.hit())')
    .replace(COUNTED, (_, ids) => (count ? `(${ids.replace(/"(\d+)"/g, 'counts$[$1]++')})` : '0'));
  return new Script(`(outside, tried$, counts$, module) => { ${plain}\n return module.exports.files; }`, { filename: 'core-and-tests.js' });
}

/** The change that is tried, by its number; one that is come by far more often than without it goes round for ever. */
const change = {
  id: -1,
  hits: 0,
  limit: Infinity,
  hit() {
    this.hits += 1;
    if (this.hits > this.limit) throw new Error('goes round for ever');
    return true;
  },
};

class MutantRunner {
  static inject = [];
  outside = new Map();
  cost = new Map();
  noticedLast = undefined;

  capabilities() {
    return { reloadEnvironment: true };
  }

  async init() {
    this.outside.set('fast-check', { ...fastCheck, default: fewRuns });
    this.outside.set('vitest', suite().vitest);
    const files = readdirSync(CORE, { recursive: true })
      .filter((file) => file.endsWith('.test.ts') && (!FOLDERS || FOLDERS.includes(file.split('/')[0])))
      .map((file) => CORE + file)
      .toSorted();
    const code = await together(files, this.outside);
    const ids = Array.from(code.matchAll(CALLED), ([, id]) => Number(id));
    this.counts = new Uint32Array(1 + Math.max(0, ...ids));
    [this.counted, this.plain] = [script(code, true), script(code, false)];
  }

  /** How often each change was come by since this was last asked. */
  taken() {
    const found = {};
    this.counts.forEach((hits, id) => {
      if (hits > 0) found[id] = hits;
    });
    this.counts.fill(0);
    return found;
  }

  /** The tests of a fresh evaluation, those of some files or of all. A file that cannot be loaded is a test that fails. */
  async load(code, wanted) {
    const found = suite();
    const outside = new Map([...this.outside, ['vitest', found.vitest]]);
    const files = code.runInThisContext()(outside, change, this.counts, { exports: {} });
    for (const [file, from] of Object.entries(files)) {
      if (wanted && !wanted.has(file)) continue;
      await found.load(file, from).catch((error) => {
        found.tests.push({ id: file, file, run: () => Promise.reject(error) });
      });
    }
    return found.tests;
  }

  async runTest({ id, file, run }) {
    const began = performance.now();
    const failed = await Promise.resolve()
      .then(run)
      .then(
        () => undefined,
        (error) => String(error?.message ?? error) || 'failed',
      );
    const timeSpentMs = performance.now() - began;
    this.cost.set(id, timeSpentMs);
    const told = { id, name: id, fileName: file, timeSpentMs };
    return failed === undefined
      ? { ...told, status: TestStatus.Success }
      : { ...told, status: TestStatus.Failed, failureMessage: failed.slice(0, 400) };
  }

  async dryRun() {
    change.id = -1;
    const counted = await this.load(this.counted);
    const mutantCoverage = { static: this.taken(), perTest: {} };
    const tests = [];
    for (const test of counted) {
      tests.push(await this.runTest(test));
      mutantCoverage.perTest[test.id] = this.taken();
    }
    return { status: DryRunStatus.Complete, tests, mutantCoverage };
  }

  async mutantRun({ activeMutant, testFilter, hitLimit }) {
    Object.assign(change, { id: Number(activeMutant.id), hits: 0, limit: hitLimit ?? Infinity });
    const wanted = testFilter && new Set(testFilter);
    const all = await this.load(this.plain, wanted && new Set(testFilter.map((id) => id.split(' ')[0])));
    const own = /src\/core\/[^/]+\//.exec(activeMutant.fileName)?.[0];
    const cost = ({ id, file }) => (id === this.noticedLast ? -1 : (this.cost.get(id) ?? 0) + (file.startsWith(own) ? 0 : 1e6));
    const results = [];
    const until = performance.now() + 1000 * SECONDS;
    for (const test of all.filter(({ id, file }) => !wanted || wanted.has(id) || id === file).toSorted((a, b) => cost(a) - cost(b))) {
      results.push(await this.runTest(test));
      if (results.at(-1).status === TestStatus.Failed) this.noticedLast = test.id;
      if (results.at(-1).status === TestStatus.Failed || performance.now() > until) break;
    }
    return toMutantRunResult(determineHitLimitReached(change.hits, hitLimit) ?? { status: DryRunStatus.Complete, tests: results });
  }
}

export const strykerPlugins = [declareClassPlugin(PluginKind.TestRunner, 'core', MutantRunner)];
