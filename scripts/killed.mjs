/**
 * `npm run killed [times]`: kills the whole browser while it writes, again and again, and looks each time at whether what was said to be
 * saved is still there. What it prints ends with how many confirmed things were lost.
 */
import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { HOST, built, chromium, freePort, packagesInstalled, serving } from './lib/machine.mjs';

packagesInstalled();
const executablePath = chromium();
built();
const { chromium: browserType } = await import('@playwright/test');

const TIMES = Number(process.argv[2] ?? 100);
const port = await freePort(4397);
const server = await serving(port);
const profile = mkdtempSync(join(tmpdir(), 'rimbet-killed-'));

async function open() {
  const context = await browserType.launchPersistentContext(profile, { executablePath, args: ['--no-sandbox'], serviceWorkers: 'block' });
  const page = context.pages()[0] ?? (await context.newPage());
  await page.goto(`http://${HOST}:${port}/wheel?plan=plan-serving-bowl`);
  await page.locator('[data-status="ready"]').waitFor({ state: 'attached' });
  return { context, page };
}

const counted = async (page) => Number(/\d+/.exec(await page.getByRole('status').first().textContent())?.[0] ?? 0);

let [lost, confirmed] = [0, 0];
/** How many are there, and how many of those confirmed are not. */
async function look(page) {
  const found = await counted(page);
  lost += Math.max(0, confirmed - found);
  confirmed = found;
}

for (let i = 0; i < TIMES; i += 1) {
  const { context, page } = await open();
  await look(page);
  // one is said to be saved; then more follow, and the process is killed in the midst of them, at another moment each time
  await page.keyboard.press('Enter');
  await page.locator('[data-saving="saved"]').waitFor({ state: 'attached' });
  confirmed = await counted(page);
  for (let more = 0; more < i % 7; more += 1) await page.keyboard.press('Enter');
  spawnSync('pkill', ['-KILL', '-f', profile]);
  await context.close().catch(() => undefined);
}
const { context, page } = await open();
await look(page);
await context.close();
server.kill();
rmSync(profile, { recursive: true, force: true });
console.log(`${TIMES} times killed while writing; ${confirmed} things there, ${lost} that were confirmed are lost`);
process.exitCode = lost > 0 ? 1 : 0;
