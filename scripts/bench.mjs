/** `npm run bench`: how fast it computes, how soon a keystroke is painted, how much is loaded first. Ratios of one run. */
import { spawnSync } from 'node:child_process';
import { HOST, built, chromium, freePort, packagesInstalled, quietly, serving, tool } from './lib/machine.mjs';

packagesInstalled();
const executablePath = chromium();
built();

const { core, verb, keystrokes: byForm, pdf } = JSON.parse(spawnSync(tool('tsx'), ['scripts/bench-core.ts'], { encoding: 'utf8' }).stdout);
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

/** From opening the address to the ball on the screen, ms: the first visit, a second, and with the network gone. */
async function opening() {
  const { chromium: browserType } = await import('@playwright/test');
  const browser = await browserType.launch({ executablePath, args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'] });
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

const KEYSTROKES = 60;

/** Milliseconds from each keystroke to the frame after its answer, with the processor slowed down. */
async function keystrokes(slowdown, plan) {
  const { chromium: browserType } = await import('@playwright/test');
  const browser = await browserType.launch({ executablePath, args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'] });
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`http://${HOST}:${port}/?plan=${plan}`);
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
  if ((await ball()) === before) throw new Error('The keystrokes changed nothing.');
  const times = (await page.evaluate(() => window.painted)).sort((a, b) => a - b);
  await browser.close();
  return { median: times[Math.floor(times.length / 2)], p95: times[Math.floor(times.length * 0.95)] };
}

const port = await freePort(4395);
const server = await serving(port);
const opened = await opening();
console.log('Opened until the ball is there');
console.log(
  `  first visit ${opened.first.toFixed(0)} ms, second ${opened.second.toFixed(0)} ms, network gone ${opened.offline.toFixed(0)} ms (${(opened.offline / opened.second).toFixed(2)} times the second)`,
);
const plain = await keystrokes(1, 'plan-honey-jar');
const slow = await keystrokes(4, 'plan-honey-jar');
const bottle = await keystrokes(1, 'plan-collared-bottle');
server.kill();
console.log('Keystroke to painted answer');
console.log(`  as it is: median ${plain.median.toFixed(0)} ms, p95 ${plain.p95.toFixed(0)} ms`);
console.log(
  `  processor slowed 4x: median ${slow.median.toFixed(0)} ms, p95 ${slow.p95.toFixed(0)} ms (${(slow.median / plain.median).toFixed(1)} times)`,
);

console.log(
  `  a bottle, the form with the most to work out and draw: median ${bottle.median.toFixed(0)} ms (${(bottle.median / plain.median).toFixed(1)} times the cup)`,
);
console.log('First load, JavaScript gzipped (building both with source maps …)');
quietly(tool('next'), ['build', 'bench/bare'], { NODE_ENV: 'production' });
quietly(tool('next'), ['build'], { RIMBET_SOURCE_MAPS: '1', RIMBET_DIST: '.next-bench' });
const { byPackage, firstLoad } = await import('./lib/bundle.mjs');
const total = (scripts) => scripts.reduce((sum, { gzipped }) => sum + gzipped, 0);
const bare = total(firstLoad('bench/bare/.next', 'index.html'));
const own = firstLoad('.next-bench', 'index.html');
console.log(
  `  the Piece screen ${total(own).toFixed(0)} KB; the same framework and kit with nothing else ${bare.toFixed(0)} KB; ratio ${(total(own) / bare).toFixed(2)}`,
);
for (const [name, kb] of byPackage(own)) if (kb >= 1) console.log(`  ${kb.toFixed(1).padStart(7)} KB  ${name}`);
