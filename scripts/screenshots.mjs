/** `npm run screenshots`: one current picture of each main view into docs/screenshots/, from the example workshop. */
import { mkdirSync } from 'node:fs';
import { HOST, built, chromium, freePort, packagesInstalled, serving } from './lib/machine.mjs';

packagesInstalled();
const executablePath = chromium();
built();
const OUT = 'docs/screenshots';
mkdirSync(OUT, { recursive: true });

const WIDE = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

/** Opens a room on one of its sections. */
const opened = (room, section) => async (page) => {
  const rooms = page.getByRole('navigation', { name: 'Rooms of the piece' });
  await rooms.getByRole('button', { name: new RegExp(`^${room}`) }).click();
  const within = room === 'Tools' ? page.getByRole('list', { name: 'Tools' }) : page.getByRole('navigation', { name: `In ${room}` });
  await within.getByRole('button', { name: section, exact: true }).click();
  await page.locator('[data-room] *').first().waitFor();
  await page.evaluate(() => window.scrollTo(0, 0));
};

/** Each view: its picture's name, its address, how it is looked at, and what is done before. */
const VIEWS = [
  { name: 'piece', path: '/', size: WIDE },
  { name: 'piece-dark', path: '/?plan=plan-lidded-jar', size: WIDE, colorScheme: 'dark' },
  { name: 'piece-phone', path: '/', size: PHONE, fullPage: true },
  { name: 'bottle', path: '/?plan=plan-collared-bottle', size: WIDE },
  { name: 'slab', path: '/?plan=plan-planter-box', size: WIDE, before: opened('Make', 'Slabs') },
  {
    name: 'fit',
    path: '/?plan=plan-lidded-jar',
    size: WIDE,
    before: opened('Fit', 'Lid or stopper'),
  },
  {
    name: 'steps',
    path: '/?plan=plan-serving-bowl',
    size: WIDE,
    before: async (page) => {
      await opened('Make', 'Steps')(page);
      await page.locator('[data-step="shape"] button').click();
    },
  },
  { name: 'tools', path: '/?plan=plan-collared-bottle', size: WIDE, before: opened('Tools', 'Gauges') },
  {
    name: 'start',
    path: '/new?from=ball',
    size: WIDE,
    before: async (page) => {
      await page.getByLabel('Form', { exact: true }).selectOption('a plate');
      await page.getByLabel('Ball', { exact: true }).fill('1.9 kg');
    },
  },
  {
    name: 'wheel',
    path: '/wheel?plan=plan-serving-bowl',
    size: WIDE,
    before: async (page) => {
      for (let i = 0; i < 4; i += 1) await page.keyboard.press('PageDown');
      await page.getByRole('button', { name: 'Count one' }).click();
    },
  },
  {
    name: 'cast',
    path: '/?plan=plan-egg-cup',
    size: WIDE,
    before: opened('Make', 'Slip casting'),
  },
  { name: 'orders', path: '/orders', size: WIDE },
  {
    name: 'sets',
    path: '/shelves?view=sets&set=set-seed-five',
    size: { width: 1280, height: 720 },
    before: (page) => page.locator('[data-sorted]').waitFor(),
  },
  { name: 'kit', path: '/kit', size: WIDE },
  { name: 'pieces', path: '/pieces', size: WIDE },
  { name: 'clay', path: '/clay?body=body-heron-buff', size: WIDE },
  { name: 'shelves', path: '/shelves', size: WIDE },
  { name: 'learned', path: '/shelves?view=learned', size: { width: 1280, height: 1000 } },
  { name: 'results', path: '/?plan=plan-seed-bowl', size: WIDE, before: opened('Results', 'Runs') },
];

const port = await freePort(4396);
const server = await serving(port);
const { chromium: browserType } = await import('@playwright/test');
const browser = await browserType.launch({ executablePath, args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'] });
const only = process.argv.slice(2);
for (const { name, path, size, colorScheme = 'light', fullPage = false, before } of VIEWS) {
  if (only.length > 0 && !only.includes(name)) continue;
  const context = await browser.newContext({ viewport: size, colorScheme, reducedMotion: 'reduce' });
  const page = await context.newPage();
  await page.goto(`http://${HOST}:${port}${path}`);
  await page.locator('main h1').first().waitFor({ state: 'attached' });
  await page.evaluate(() => document.fonts.ready);
  await before?.(page);
  // parts of a page that are fetched after its first sight
  await page.waitForLoadState('networkidle');
  await page.screenshot({ path: `${OUT}/${name}.png`, fullPage });
  console.log(`${OUT}/${name}.png`);
  await context.close();
}
await browser.close();
server.kill();
