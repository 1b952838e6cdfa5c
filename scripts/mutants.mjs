/**
 * `npm run mutants`: single changes to the core, one at a time, and whether a test notices; all of them take hours. `npm run mutants 400`
 * tries those of 400 lines drawn by lot, the same each time unless a second number seeds another draw.
 */
import { randomLcg } from 'd3-random';
import { readFileSync, readdirSync } from 'node:fs';
import { must, tool } from './lib/machine.mjs';

const CORE = 'src/core/';
const REPORT = 'test-results/mutants.json';
const [count, seed = '1'] = process.argv.slice(2);

const isTried = (file) => file.endsWith('.ts') && !/(\.test|^index|\/index)\.ts$|^example\//.test(file);

/** Lines that something is worked out on: the others have nothing to change. */
const isWork = (text) =>
  /[-+*/%<>=!&|?]|\breturn\b|\.\w+\(/.test(text) && !/^\s*(\*|\/\/|\/\*|import\b|export (type|interface)\b)/.test(text);

function drawn() {
  const lines = readdirSync(CORE, { recursive: true })
    .filter(isTried)
    .sort()
    .flatMap((file) => {
      const texts = readFileSync(CORE + file, 'utf8').split('\n');
      return texts.flatMap((text, i) => (isWork(text) ? [`${CORE}${file}:${i + 1}-${i + 2}`] : []));
    });
  const chance = randomLcg(Number(seed) / 2 ** 16);
  return Array.from({ length: Math.min(Number(count), lines.length) }, () => lines.splice(Math.floor(chance() * lines.length), 1)[0]);
}

/** The changes by what became of them, those that cannot be built left out. */
function outcomes() {
  const { files } = JSON.parse(readFileSync(REPORT, 'utf8'));
  return Object.entries(files).flatMap(([file, { mutants }]) =>
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

must(tool('stryker'), ['run', ...(count ? ['--mutate', drawn().join(',')] : [])]);
const all = outcomes();
for (const { noticed, told } of all) if (!noticed) console.log(`not noticed: ${told}`);
for (const folder of new Set(all.map((each) => each.folder)))
  console.log(`${folder}: ${share(all.filter((each) => each.folder === folder))}`);
console.log(`noticed ${share(all)}: ${((100 * all.filter(({ noticed }) => noticed).length) / all.length).toFixed(1)} %`);
