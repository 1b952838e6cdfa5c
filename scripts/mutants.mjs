/**
 * `npm run mutants`: single changes to the core, one at a time, and whether a test notices. All of them, each tried with the tests of its
 * own folder, take about an hour; `npm run mutants 400` tries those of 400 lines drawn by lot with all tests, the same each time unless a
 * second number seeds another draw, and `npm run mutants fit sets` those of some folders.
 */
import { randomLcg } from 'd3-random';
import { readFileSync, readdirSync } from 'node:fs';
import { must, tool } from './lib/machine.mjs';

const CORE = 'src/core/';
const REPORT = 'test-results/mutants.json';
const asked = process.argv.slice(2);
const [count, seed = '1'] = asked;
const isDrawn = /^\d+$/.test(count ?? '');

const isTried = (file) => file.endsWith('.ts') && !/(\.test|^index|\/index)\.ts$|^example\//.test(file);

/** Lines that something is worked out on: the others have nothing to change. */
const isWork = (text) =>
  /[-+*/%<>=!&|?]|\breturn\b|\.\w+\(/.test(text) && !/^\s*(\*|\/\/|\/\*|import\b|export (type|interface)\b)/.test(text);

const files = readdirSync(CORE, { recursive: true }).filter(isTried).sort();

function drawn() {
  const lines = files.flatMap((file) => {
    const texts = readFileSync(CORE + file, 'utf8').split('\n');
    return texts.flatMap((text, i) => (isWork(text) ? [`${CORE}${file}:${i + 1}-${i + 2}`] : []));
  });
  const chance = randomLcg(Number(seed) / 2 ** 16);
  return Array.from({ length: Math.min(Number(count), lines.length) }, () => lines.splice(Math.floor(chance() * lines.length), 1)[0]);
}

/** The changes tried by what became of them, those that cannot be built left out. */
function outcomes(mutate, env) {
  must(tool('stryker'), ['run', '--mutate', mutate.join(',')], env);
  const report = JSON.parse(readFileSync(REPORT, 'utf8'));
  return Object.entries(report.files).flatMap(([file, { mutants }]) =>
    mutants.flatMap(({ status, mutatorName, replacement, location: { start } }) =>
      /Error|Ignored/.test(status)
        ? []
        : [
            {
              folder: file.slice(CORE.length).split('/')[0],
              noticed: /Killed|Timeout/.test(status),
              told: `${file}:${start.line}:${start.column} ${mutatorName}: ${replacement.split('\n')[0]}`,
            },
          ],
    ),
  );
}

const share = (found) => `${found.filter(({ noticed }) => noticed).length} of ${found.length}`;

const known = [...new Set(files.map((file) => file.split('/')[0]))];
const folders = isDrawn ? [] : known.filter((each) => !count || asked.includes(each));
if (!isDrawn && folders.length === 0) {
  console.error(`${CORE} has no folder called ${asked.join(' or ')}. It has ${known.join(', ')}.`);
  process.exit(1);
}
const all = isDrawn
  ? outcomes(drawn())
  : folders.flatMap((folder) =>
      outcomes(
        files.filter((file) => file.startsWith(`${folder}/`)).map((file) => CORE + file),
        { MUTANT_TESTS: folder },
      ),
    );
for (const { noticed, told } of all) if (!noticed) console.log(`not noticed: ${told}`);
for (const folder of new Set(all.map((each) => each.folder)))
  console.log(`${folder}: ${share(all.filter((each) => each.folder === folder))}`);
console.log(`noticed ${share(all)}: ${((100 * all.filter(({ noticed }) => noticed).length) / all.length).toFixed(1)}%`);
