/**
 * `npm test`: everything, from a fresh machine. Types, lint, rooms, unit tests, build, browser tests;
 * closes with a line `N passed, N failed`. Parts: npm run test:types, test:lint, test:unit, test:browser.
 */
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { built, chromium, heard, packagesInstalled, succeeds, tool } from './lib/machine.mjs';

const started = Date.now();
packagesInstalled();
const CHROMIUM = chromium();
const RESULTS = 'test-results';
rmSync(RESULTS, { recursive: true, force: true });
mkdirSync(RESULTS, { recursive: true });

const total = { passed: 0, failed: 0 };

/** Counts a run's report; a run that left none or failed without a failed test counts as one failure. */
function count(ok, file, read) {
  const found = existsSync(file) ? read(JSON.parse(readFileSync(file, 'utf8'))) : { passed: 0, failed: 0 };
  total.passed += found.passed;
  total.failed += ok ? found.failed : Math.max(1, found.failed);
}

/** One check after another; each tells what it said once it is done. */
async function checks(all) {
  for (const [name, command, args] of all) {
    const { ok, said } = await heard(command, args);
    console.log(`\n── ${name}${said.trim() === '' ? '' : `\n${said.trimEnd()}`}`);
    total[ok ? 'passed' : 'failed'] += 1;
  }
}

await checks([['route types', tool('next'), ['typegen']]]);
// the slowest beside the others
await Promise.all([
  checks([['lint', tool('eslint'), ['.']]]),
  checks([
    ['types', tool('tsc'), ['--noEmit']],
    ['format', tool('prettier'), ['--check', '--log-level=warn', '.']],
    ['rooms', process.execPath, ['scripts/rooms.mjs']],
    ['dead code', tool('knip'), []],
  ]),
]);

console.log('\n── unit tests');
const unitReport = `${RESULTS}/unit.json`;
const unit = succeeds(tool('vitest'), ['run', '--reporter=default', '--reporter=json', `--outputFile.json=${unitReport}`]);
count(unit, unitReport, ({ numPassedTests, numFailedTests }) => ({ passed: numPassedTests, failed: numFailedTests }));

console.log('\n── browser tests');
built();
const browserReport = `${RESULTS}/browser.json`;
const browser = succeeds(tool('playwright'), ['test', '--reporter=line,json'], { CHROMIUM, PLAYWRIGHT_JSON_OUTPUT_NAME: browserReport });
count(browser, browserReport, ({ stats }) => ({ passed: stats.expected + stats.flaky, failed: stats.unexpected }));

const seconds = Math.round((Date.now() - started) / 1000);
console.log(`\nin ${Math.floor(seconds / 60)} min ${seconds % 60} s`);
console.log(`${total.passed} passed, ${total.failed} failed`);
process.exit(total.failed > 0 ? 1 : 0);
