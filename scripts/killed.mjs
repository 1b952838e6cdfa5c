/**
 * `npm run killed [times]`: kills the whole browser at a random moment while it writes, again and again: while pots are counted at the
 * wheel, a file is merged in, something is undone, a picture is added. Each time it looks row by row at whether what was said to be saved
 * is still there as it was. What it prints ends with how many rows were lost. It ends only the browser that it started.
 */
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { HOST, built, chromium, freePort, packagesInstalled, serving } from './lib/machine.mjs';

packagesInstalled();
const executablePath = chromium();
built();
const { chromium: browserType } = await import('@playwright/test');

const TIMES = Number(process.argv[2] ?? 100);
/** The longest a kill waits once the work has begun, ms. */
const WITHIN = 120;
const port = await freePort(4397);
const server = await serving(port);
const profile = mkdtempSync(join(tmpdir(), 'rimbet-killed-'));
const address = `http://${HOST}:${port}`;

/** A picture of one pixel, and a workspace file with a clay of its own. */
const PICTURE = Buffer.from(
  '/9j/4AAQSkZJRgABAQEASABIAAD/2wBDAP//////////////////////////////////////////////////////////////////////////////////////wAALCAABAAEBAREA/8QAFAABAAAAAAAAAAAAAAAAAAAACf/EABQQAQAAAAAAAAAAAAAAAAAAAAD/2gAIAQEAAD8AVN//2Q==',
  'base64',
);

/** The browser with a process group of its own, so that all of it can be ended and nothing else. */
async function open() {
  const args = [
    '--no-sandbox',
    '--headless',
    '--disable-gpu',
    '--no-first-run',
    '--disable-background-networking',
    `--user-data-dir=${profile}`,
  ];
  const own = spawn(executablePath, [...args, '--remote-debugging-port=0', 'about:blank'], {
    detached: true,
    stdio: ['ignore', 'ignore', 'pipe'],
  });
  const endpoint = await new Promise((resolve, reject) => {
    let said = '';
    own.stderr.on('data', (data) => {
      said += data;
      const found = /ws:\/\/\S+/.exec(said);
      if (found) resolve(found[0]);
    });
    own.on('exit', () => reject(new Error(`The browser ended: ${said.slice(-300)}`)));
  });
  const browser = await browserType.connectOverCDP(endpoint);
  const page = browser.contexts()[0].pages()[0] ?? (await browser.contexts()[0].newPage());
  const ended = new Promise((resolve) => own.on('exit', resolve));
  return {
    page,
    kill: async () => {
      process.kill(-own.pid, 'SIGKILL');
      await ended;
      await browser.close().catch(() => undefined);
    },
  };
}

const ready = (page) => page.locator('[data-status="ready"]').waitFor({ state: 'attached' });
const saved = (page) => page.locator('[data-saving="saved"]').waitFor({ state: 'attached' });

/** Every row on disk, by table and id, as text. */
const rowsOf = (page) =>
  page.evaluate(
    () =>
      new Promise((resolve, reject) => {
        const request = indexedDB.open('rimbet');
        request.onerror = () => reject(request.error);
        request.onsuccess = async () => {
          const db = request.result;
          const rows = {};
          for (const table of [...db.objectStoreNames].filter((name) => !['stamps', 'history', 'settings'].includes(name)))
            await new Promise((done) => {
              db.transaction(table).objectStore(table).getAll().onsuccess = async ({ target }) => {
                for (const row of target.result)
                  rows[`${table}/${row.id}`] = JSON.stringify(row.picture ? { id: row.id, size: row.picture.size } : row);
                done();
              };
            });
          db.close();
          resolve(rows);
        };
      }),
  );

const KINDS = {
  wheel: async (page) => {
    await page.goto(`${address}/wheel?plan=plan-serving-bowl`);
    await ready(page);
    await page.keyboard.press('Enter');
    await saved(page);
    return async () => {
      for (let i = 0; i < 6; i += 1) await page.keyboard.press('Enter');
    };
  },
  undo: async (page) => {
    await page.goto(`${address}/wheel?plan=plan-serving-bowl`);
    await ready(page);
    await page.keyboard.press('Enter');
    await saved(page);
    await page.keyboard.press('Control+z');
    await saved(page);
    return async () => {
      for (let i = 0; i < 3; i += 1) await page.keyboard.press('Enter');
    };
  },
  import: async (page, i) => {
    await page.goto(`${address}/files`);
    await ready(page);
    const file = join(profile, `one-${i}.json`);
    const at = new Date().toISOString();
    const body = { id: `killed-${i}`, name: `Clay ${i}`, kind: 'stoneware', note: '', createdAt: at };
    const tables = ['batches', 'bars', 'plans', 'formers', 'cutters', 'shop', 'runs', 'pieces', 'sets', 'orders'];
    const settings = { units: { length: 'mm', mass: 'g', volume: 'ml', flOz: 'us', denominator: 16 } };
    writeFileSync(
      file,
      JSON.stringify({
        format: 'rimbet-workspace',
        version: 7,
        exportedAt: at,
        bodies: [body],
        ...Object.fromEntries(tables.map((table) => [table, []])),
        settings,
      }),
    );
    await page.getByLabel('Workspace file', { exact: true }).setInputFiles(file);
    await page.getByRole('button', { name: 'Merge' }).click();
    await saved(page);
    await page.locator('[role=status]', { hasText: 'merged in' }).first().waitFor();
    return async () => {
      await page.getByRole('button', { name: /^Undo/ }).first().click();
      await page.getByRole('button', { name: /^Redo/ }).first().click();
    };
  },
  photo: async (page, i) => {
    await page.goto(`${address}/shelves?view=log`);
    await ready(page);
    const file = join(profile, `one-${i}.jpg`);
    writeFileSync(file, PICTURE);
    await page.getByLabel('Find among what was made', { exact: true }).fill('honey jar');
    await page.getByRole('button', { name: 'Honey jar, wide 2', exact: true }).click();
    const input = page.getByLabel(/^Pictures of/).first();
    await input.setInputFiles(file);
    await page
      .getByRole('img', { name: /^Picture of/ })
      .first()
      .waitFor();
    await saved(page);
    return async () => {
      await input.setInputFiles(file);
    };
  },
};

let lost = 0;
let confirmed = {};
let looked = 0;
/** What may have changed again once it was confirmed: the rows that the work behind it touches. */
let mayDiffer = () => false;
async function look(page) {
  await page.goto(`${address}/files`);
  await ready(page);
  const found = await rowsOf(page);
  for (const [name, row] of Object.entries(confirmed)) {
    looked += 1;
    if (found[name] !== row && !mayDiffer(name)) {
      lost += 1;
      console.log(`lost: ${name}`);
    }
  }
}

const names = Object.keys(KINDS);
for (let i = 0; i < TIMES; i += 1) {
  const { page, kill } = await open();
  await look(page);
  const kind = names[i % names.length];
  try {
    const more = await KINDS[kind](page, i);
    confirmed = await rowsOf(page);
    // the work goes on, and the browser is killed in its midst
    mayDiffer = (name) => (kind === 'import' ? name === `bodies/killed-${i}` : kind === 'photo' ? name.startsWith('pieces/') : false);
    void more().catch(() => undefined);
    await new Promise((resolve) => setTimeout(resolve, Math.random() * WITHIN));
  } catch (error) {
    console.log(`${kind}: ${String(error).split('\n')[0]}`);
  }
  await kill();
}
const { page, kill } = await open();
await look(page);
await kill();
server.kill();
rmSync(profile, { recursive: true, force: true });
console.log(`${TIMES} times killed while writing; ${looked} confirmed rows looked at, ${lost} lost`);
process.exitCode = lost > 0 ? 1 : 0;
