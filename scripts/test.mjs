/**
 * `npm test`: everything, from a fresh machine. Types, lint, rooms, unit tests, build, browser tests;
 * closes with a line `N passed, N failed`. Parts: npm run test:types, test:lint, test:unit, test:browser.
 */
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { built, chromium, packagesInstalled, succeeds, tool } from './lib/machine.mjs';

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

function check(name, command, args) {
  console.log(`\n── ${name}`);
  total[succeeds(command, args) ? 'passed' : 'failed'] += 1;
}

check('route types', tool('next'), ['typegen']);
check('types', tool('tsc'), ['--noEmit']);
check('lint', tool('eslint'), ['.']);
check('format', tool('prettier'), ['--check', '--log-level=warn', '.']);
check('rooms', process.execPath, ['scripts/rooms.mjs']);
check('dead code', tool('knip'), []);

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
