/**
 * `npm run mutants`: single changes to the core, one at a time, and whether a test notices; all of them take days. `npm run mutants 45`
 * tries those of 45 lines drawn by lot, the same each time unless a second number seeds another draw, each with the tests of its own
 * folder alone: the share of all that is noticed is at least about what it prints.
 */
import { randomLcg } from 'd3-random';
import { readFileSync, readdirSync } from 'node:fs';
import { must, quietly, tool } from './lib/machine.mjs';

const CORE = 'src/core/';
const REPORT = 'test-results/mutants.json';
const [count, seed = '1'] = process.argv.slice(2);

const isTried = (file) => file.endsWith('.ts') && !/(\.test|^index|\/index)\.ts$|^example\//.test(file);

const hasTests = (folder) => readdirSync(CORE + folder, { recursive: true }).some((file) => file.endsWith('.test.ts'));

/** Lines that something is worked out on: the others have nothing to change. */
const isWork = (text) =>
  /[-+*/%<>=!&|?]|\breturn\b|\.\w+\(/.test(text) && !/^\s*(\*|\/\/|\/\*|import\b|export (type|interface)\b)/.test(text);

function drawn() {
  const lines = readdirSync(CORE, { recursive: true })
    .filter(isTried)
    .sort()
    .flatMap((file) => {
      const texts = readFileSync(CORE + file, 'utf8').split('\n');
      return texts.flatMap((text, i) => (isWork(text) ? [{ folder: file.split('/')[0], line: `${CORE}${file}:${i + 1}-${i + 2}` }] : []));
    });
  const chance = randomLcg(Number(seed) / 2 ** 16);
  return Array.from({ length: Math.min(Number(count), lines.length) }, () => lines.splice(Math.floor(chance() * lines.length), 1)[0]);
}

/** A run's changes by what became of them, those that cannot be built left out. */
function outcomes() {
  const { files } = JSON.parse(readFileSync(REPORT, 'utf8'));
  return Object.entries(files).flatMap(([file, { mutants }]) =>
    mutants.flatMap(({ status, mutatorName, replacement, location }) =>
      /Error|Ignored/.test(status)
        ? []
        : [{ noticed: /Killed|Timeout/.test(status), told: `${file}:${location.start.line} ${mutatorName}: ${replacement}` }],
    ),
  );
}

if (!count) must(tool('stryker'), ['run']);
else {
  const lots = new Map();
  for (const { folder, line } of drawn()) lots.set(folder, [...(lots.get(folder) ?? []), line]);
  const all = [];
  for (const [folder, lines] of lots) {
    // what has none of its own is tried by those of all
    const tests = hasTests(folder) ? `${CORE}${folder}/**/*.test.ts` : `${CORE}**/*.test.ts`;
    console.log(`${folder}, ${lines.length} lines`);
    quietly(tool('stryker'), ['run', '--mutate', lines.join(',')], { MUTANT_TESTS: tests });
    const found = outcomes();
    all.push(...found);
    console.log(`  ${found.filter(({ noticed }) => noticed).length} of ${found.length}`);
    for (const { noticed, told } of found) if (!noticed) console.log(`  not noticed: ${told.split('\n')[0]}`);
  }
  const noticed = all.filter((each) => each.noticed).length;
  console.log(`${noticed} of ${all.length} noticed: ${((100 * noticed) / all.length).toFixed(1)} %`);
}
