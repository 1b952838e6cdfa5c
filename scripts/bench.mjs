/** `npm run bench`: how fast it computes, how soon a keystroke is painted, how much is loaded first. Ratios of one run. */
import { spawn, spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { HOST, built, chromium, freePort, packagesInstalled, quietly, serving, tool } from './lib/machine.mjs';

packagesInstalled();
const executablePath = chromium();
built();

const {
  core,
  verb,
  keystrokes: byForm,
  pdf,
  fit,
} = JSON.parse(spawnSync(tool('tsx'), ['scripts/bench-core.ts'], { encoding: 'utf8' }).stdout);
console.log('Sizes computed per second');
console.log(
  `  core ${core.toLocaleString('en')}, headless verb with its checks ${verb.toLocaleString('en')} (core / verb = ${(core / verb).toFixed(1)})`,
);
const worst = Object.entries(byForm).sort((a, b) => b[1] - a[1])[0];
console.log('Everything of the Piece screen worked out anew, ms a keystroke, by form');
console.log(
  `  ${Object.entries(byForm)
    .map(([form, ms]) => `${form} ${ms}`)
    .join(', ')}`,
);
console.log(`  worst: ${worst[0]}, ${(worst[1] / byForm.cylinder).toFixed(1)} times the cup`);

console.log(`A PDF of ${pdf.pages} pages: ${pdf.ms} ms (${(pdf.ms / byForm.cylinder).toFixed(0)} times a cup worked out)`);

console.log('A fit, ms');
console.log(`  its odds ${fit.odds}, the best width ${fit.best}, what would help ${fit.helps}; 60 mouths and 60 lids paired ${fit.paired}`);
console.log(
  `  200,000 pairs drawn and classified ${fit.drawn}; with a general statistics library ${fit.byLibrary} (${(fit.byLibrary / fit.drawn).toFixed(1)} times)`,
);

const sets = JSON.parse(spawnSync(tool('tsx'), ['scripts/bench-sets.ts'], { encoding: 'utf8' }).stdout);
const { sorted, program, stl } = sets;
console.log('Sets and models, ms');
console.log(
  `  60 pieces sorted into ${sorted.sets} sets of 6 ${sorted.ms}; as an integer program of ${program.all} sets ${program.ms} (${(program.ms / sorted.ms).toFixed(0)} times), ${program.sets === sorted.sets && Math.abs(program.sum - sorted.sum) < 1e-6 ? 'the same' : 'NOT THE SAME'}`,
);
console.log(`  a nest of 8 with level rims ${sets.nest}; a year of 100 orders worked out with their days ${sets.orders}`);
console.log(
  `  a model of ${stl.triangles.toLocaleString('en')} triangles read ${stl.read}, measured ${stl.measured}, scaled and written ${stl.written}`,
);

/** The same framework and kit with one field and nothing else, built and served: what the rest is measured beside. */
async function servingBare(port) {
  quietly(tool('next'), ['build', 'bench/bare'], { NODE_ENV: 'production' });
  const server = spawn(tool('next'), ['start', 'bench/bare', '-H', HOST, '-p', String(port)], { stdio: ['ignore', 'pipe', 'inherit'] });
  await new Promise((resolve) => server.stdout.on('data', (data) => String(data).includes('Ready') && resolve()));
  return server;
}

async function launched() {
  const { chromium: browserType } = await import('@playwright/test');
  return browserType.launch({ executablePath, args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'] });
}

/** From opening the address to the ball on the screen, ms: the first visit, a second, and with the network gone. */
async function opening() {
  const browser = await launched();
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  const open = async () => {
    const start = performance.now();
    await page.goto(`http://${HOST}:${port}/`);
    await page.locator('[data-answer="ball"]').waitFor();
    return performance.now() - start;
  };
  const first = await open();
  await page.locator('[data-offline="ready"]').waitFor({ state: 'attached' });
  const second = await open();
  await context.setOffline(true);
  const offline = await open();
  await browser.close();
  return { first, second, offline };
}

/** Processor time of the main thread so far, ms: what the page's own counters say of script, style and layout. */
async function worked(session) {
  const { metrics } = await session.send('Performance.getMetrics');
  const of = (name) => metrics.find((metric) => metric.name === name).value * 1000;
  return of('ScriptDuration') + of('RecalcStyleDuration') + of('LayoutDuration');
}

const painted = (page) => page.evaluate(() => new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve))));

/** All of a piece's screen shows what was done, painted. */
const followed = async (page) => {
  await page.locator('[data-behind]').waitFor({ state: 'detached' });
  await painted(page);
};

/** Script, style and layout of one press each until it is there, ms: the median. */
async function perKey(page, session, keys, there = painted) {
  const times = [];
  for (const key of keys) {
    const before = await worked(session);
    await page.keyboard.press(key);
    await there(page);
    times.push((await worked(session)) - before);
  }
  return times.sort((a, b) => a - b)[Math.floor(times.length / 2)];
}

/** Memory that the page's process has for itself alone, MB: scripts, styles and pictures, without the browser's own code. */
async function ownMemory(browser) {
  const session = await browser.newBrowserCDPSession();
  const { processInfo } = await session.send('SystemInfo.getProcessInfo');
  const { id } = processInfo.find(({ type }) => type === 'renderer');
  return Number(/^Anonymous:\s+(\d+)/m.exec(readFileSync(`/proc/${id}/smaps_rollup`, 'utf8'))[1]) / 1024;
}

/** A keystroke in the field of the bare page, script, style and layout, ms. */
async function bareKey() {
  const browser = await launched();
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const session = await page.context().newCDPSession(page);
  await session.send('Performance.enable');
  await page.goto(`http://${HOST}:${barePort}/`);
  await page.getByLabel('Finished height', { exact: true }).focus();
  const ms = await perKey(page, session, Array(KEYSTROKES).fill('ArrowUp'));
  await browser.close();
  return ms;
}

/** A keystroke on a piece, the list opened and a letter of its search, with the example workshop and with that of a working life. */
async function workshops() {
  const browser = await launched();
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' });
  const session = await page.context().newCDPSession(page);
  await session.send('Performance.enable');
  const at = (path) => `http://${HOST}:${port}${path}`;
  const ready = () => page.locator('[data-status="ready"]').waitFor({ state: 'attached' });
  const measure = async () => {
    await page.goto(at('/?plan=plan-honey-jar'));
    await page.getByLabel('Finished height', { exact: true }).focus();
    const keystroke = await perKey(page, session, Array(KEYSTROKES).fill('ArrowUp'));
    const alone = await perKey(page, session, Array(KEYSTROKES).fill('ArrowDown'), followed);
    await page.goto(at('/files'));
    await ready();
    const start = performance.now();
    await page.getByRole('link', { name: 'Pieces', exact: true }).click();
    await page.locator('table.pieces tbody tr').first().waitFor();
    await painted(page);
    const opened = performance.now() - start;
    await page.getByLabel('Find a piece').focus();
    const letter = await perKey(page, session, ['e', 'g', 'g', 'Backspace', 'Backspace', 'Backspace']);
    await page.goto(at('/?plan=plan-honey-jar'));
    await page.locator('[data-answer="ball"]').waitFor();
    await session.send('HeapProfiler.collectGarbage');
    const { metrics } = await session.send('Performance.getMetrics');
    const heap = metrics.find(({ name }) => name === 'JSHeapUsedSize').value / 2 ** 20;
    return { keystroke, alone, opened, letter, heap, own: await ownMemory(browser) };
  };
  const demo = await measure();
  const file = join(mkdtempSync(join(tmpdir(), 'rimbet-')), 'large.json');
  writeFileSync(file, spawnSync(tool('tsx'), ['scripts/write-large-workshop.ts'], { encoding: 'utf8', maxBuffer: 2 ** 26 }).stdout);
  await page.goto(at('/files'));
  await ready();
  await page.getByLabel('Workspace file', { exact: true }).setInputFiles(file);
  await page.getByRole('button', { name: 'Replace everything' }).click();
  await page.getByText('2000 pieces').waitFor();
  await page.locator('[data-saving="saved"]').waitFor({ state: 'attached', timeout: 120_000 });
  const large = await measure();
  await browser.close();
  return { demo, large };
}

/** The log with so many pieces made: opened, found, edited, undone, changed from another tab, written out. */
async function log(pieces) {
  const browser = await launched();
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' });
  const page = await context.newPage();
  const session = await context.newCDPSession(page);
  await session.send('Performance.enable');
  const at = (path) => `http://${HOST}:${port}${path}`;
  const file = join(mkdtempSync(join(tmpdir(), 'rimbet-')), 'log.json');
  const written = spawnSync(tool('tsx'), ['scripts/write-large-workshop.ts', '300', '500', String(pieces)], {
    encoding: 'utf8',
    maxBuffer: 2 ** 26,
  });
  writeFileSync(file, written.stdout);
  await page.goto(at('/files'));
  await page.locator('[data-status="ready"]').waitFor({ state: 'attached' });
  await page.getByLabel('Workspace file', { exact: true }).setInputFiles(file);
  await page.getByRole('button', { name: 'Replace everything' }).click();
  await page.getByText('300 pieces').waitFor();
  await page.locator('[data-saving="saved"]').waitFor({ state: 'attached', timeout: 120_000 });
  const start = performance.now();
  // nobody is there to choose where a file goes
  await context.addInitScript(() => {
    window.showSaveFilePicker = async () => (await navigator.storage.getDirectory()).getFileHandle('bench', { create: true });
  });
  await page.goto(at('/shelves?view=log'));
  await page.getByRole('table', { name: 'Log' }).waitFor();
  await painted(page);
  const opened = performance.now() - start;
  const took = async (act) => {
    const before = await worked(session);
    await act();
    await painted(page);
    return (await worked(session)) - before;
  };
  await page.getByLabel('Find among what was made', { exact: true }).focus();
  const found = await perKey(page, session, ['c', 'r', 'o', 'Backspace', 'Backspace', 'Backspace']);
  await page.getByRole('table', { name: 'Log' }).getByRole('button', { expanded: false }).first().click();
  const edited = await took(async () => {
    await page.getByRole('button', { name: 'chipped', exact: true }).click();
    await page.locator('[data-saving="saved"]').waitFor({ state: 'attached' });
  });
  const undone = await took(() => page.keyboard.press('ControlOrMeta+z'));
  const other = await context.newPage();
  await other.goto(at('/shelves?view=log'));
  await other.getByRole('table', { name: 'Log' }).getByRole('button', { expanded: false }).first().click();
  const heard = await took(async () => {
    await other.getByRole('button', { name: 'chipped', exact: true }).click();
    await other.locator('[data-saving="saved"]').waitFor({ state: 'attached' });
  });
  await page.bringToFront();
  const exported = await took(async () => {
    await page.getByRole('button', { name: 'Save CSV' }).click();
    await page.locator('[data-saves="saved"]').waitFor({ state: 'attached' });
  });
  await browser.close();
  return { opened, found, edited, undone, heard, exported };
}

const KEYSTROKES = 60;

/** Milliseconds from each keystroke to the frame after its answer, with the processor slowed down. */
async function keystrokes(slowdown, address) {
  const browser = await launched();
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(address);
  const field = page.getByLabel('Finished height', { exact: true });
  await field.focus();
  const session = await page.context().newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate: slowdown });
  await page.evaluate(() => {
    window.painted = [];
    document.addEventListener(
      'keydown',
      () => {
        const start = performance.now();
        requestAnimationFrame(() => {
          const { port1, port2 } = new MessageChannel();
          port1.onmessage = () => window.painted.push(performance.now() - start);
          port2.postMessage(0);
        });
      },
      true,
    );
  });
  const ball = () => page.locator('[data-number="gauge"]').textContent();
  const before = await ball();
  for (let i = 0; i < KEYSTROKES; i += 1) {
    await page.keyboard.press('ArrowUp');
    await page.waitForFunction((count) => window.painted.length > count, i);
  }
  await followed(page);
  if ((await ball()) === before) throw new Error('The keystrokes changed nothing.');
  const times = (await page.evaluate(() => window.painted)).sort((a, b) => a - b);
  await browser.close();
  return { median: times[Math.floor(times.length / 2)], p95: times[Math.floor(times.length * 0.95)] };
}

const port = await freePort(4395);
const server = await serving(port);
const barePort = await freePort(port + 1);
const bareServer = await servingBare(barePort);
const piece = (plan) => `http://${HOST}:${port}/?plan=${plan}`;
const opened = await opening();
console.log('Opened until the ball is there');
console.log(
  `  first visit ${opened.first.toFixed(0)} ms, second ${opened.second.toFixed(0)} ms, network gone ${opened.offline.toFixed(0)} ms (${(opened.offline / opened.second).toFixed(2)} times the second); must be 1000 and 400 or less`,
);
const plain = await keystrokes(1, piece('plan-honey-jar'));
const bareField = await bareKey();
const { demo, large } = await workshops();
const few = await log(100);
const many = await log(10_000);
const slow = await keystrokes(4, piece('plan-honey-jar'));
const bareSlow = await keystrokes(4, `http://${HOST}:${barePort}/`);
const bottle = await keystrokes(1, piece('plan-collared-bottle'));
server.kill();
bareServer.kill();
console.log('Script, style and layout; the example workshop beside 2,000 pieces and 10,000 bars (what it must be)');
for (const [what, of, bound] of [
  ['a keystroke on a piece, ms', 'keystroke', 20],
  ['the list opened, ms of the clock', 'opened', 1000],
  ['a letter of its search, ms', 'letter', 50],
])
  console.log(
    `  ${what}: ${demo[of].toFixed(1)}, ${large[of].toFixed(1)} (${(large[of] / demo[of]).toFixed(1)} times); must be ${bound} or less`,
  );
console.log(
  `  a keystroke by itself, with all of the page that follows once the keys pause, ms: ${demo.alone.toFixed(1)}, ${large.alone.toFixed(1)}`,
);
console.log(
  `  the same field on the bare page: ${bareField.toFixed(1)} ms (${(demo.keystroke / bareField).toFixed(1)} times; must be 5 or less)`,
);
console.log(`  memory of the page's process, its own, MB: ${demo.own.toFixed(0)}, ${large.own.toFixed(0)}; must be 86, 136 or less`);
console.log(`  memory of the scripts once a piece stands there, MB: ${demo.heap.toFixed(0)}, ${large.heap.toFixed(0)}`);
console.log('The log with 100 pieces made beside 10,000: script, style and layout, ms');
for (const [what, of] of [
  ['opened, by the clock', 'opened'],
  ['a letter of its search', 'found'],
  ['a piece edited and saved', 'edited'],
  ['undone', 'undone'],
  ['a change from another tab', 'heard'],
  ['written out as CSV', 'exported'],
])
  console.log(`  ${what}: ${few[of].toFixed(0)}, ${many[of].toFixed(0)} (${(many[of] / few[of]).toFixed(1)} times)`);
console.log('Keystroke to painted answer');
console.log(`  as it is: median ${plain.median.toFixed(0)} ms, p95 ${plain.p95.toFixed(0)} ms`);
console.log(
  `  processor slowed 4x: median ${slow.median.toFixed(0)} ms, p95 ${slow.p95.toFixed(0)} ms (${(slow.median / plain.median).toFixed(1)} times); p95 must be 100 or less`,
);
console.log(`  the bare page slowed 4x: median ${bareSlow.median.toFixed(0)} ms, p95 ${bareSlow.p95.toFixed(0)} ms`);

console.log(
  `  a bottle, the form with the most to work out and draw: median ${bottle.median.toFixed(0)} ms (${(bottle.median / plain.median).toFixed(1)} times the cup)`,
);
console.log('First load, JavaScript gzipped (building with source maps…)');
quietly(tool('next'), ['build'], { RIMBET_SOURCE_MAPS: '1', RIMBET_DIST: '.next-bench' });
const { byPackage, firstLoad } = await import('./lib/bundle.mjs');
const total = (scripts) => scripts.reduce((sum, { gzipped }) => sum + gzipped, 0);
const bare = total(firstLoad('bench/bare/.next', 'index.html'));
const own = firstLoad('.next-bench', 'index.html');
console.log(
  `  the Piece screen ${total(own).toFixed(0)} KB; the same framework and kit with nothing else ${bare.toFixed(0)} KB; ratio ${(total(own) / bare).toFixed(2)}; must be 1.25 or less`,
);
for (const [name, kb] of byPackage(own)) if (kb >= 1) console.log(`  ${kb.toFixed(1).padStart(7)} KB  ${name}`);
