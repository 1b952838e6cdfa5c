import { type BrowserContext, type Page, chromium, expect, test } from '@playwright/test';
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** A browser of its own, on a disk of its own: what is stored is lost as it is in life, and nothing of the browser is replaced. */

const height = (page: Page) => page.getByLabel('Finished height', { exact: true });
const saved = (page: Page) => expect(page.locator('[data-saving="saved"]')).toHaveCount(1);

async function opened(profile: string, url: string): Promise<{ context: BrowserContext; page: Page }> {
  const { executablePath, args } = test.info().project.use.launchOptions!;
  const context = await chromium.launchPersistentContext(profile, {
    executablePath: executablePath!,
    args: args!,
    serviceWorkers: 'block',
    viewport: { width: 1280, height: 800 },
  });
  const page = context.pages()[0]!;
  await page.goto(url);
  await expect(page.locator('[data-status="ready"]').or(page.getByRole('alertdialog'))).not.toHaveCount(0);
  return { context, page };
}

/** Types a height and waits until it is on disk and in the second copy. */
async function work(page: Page, mm: string): Promise<void> {
  await height(page).fill(mm);
  await saved(page);
  await expect
    .poll(() =>
      page
        .evaluate(async (wanted) => {
          const root = await navigator.storage.getDirectory();
          const folder = await root.getDirectoryHandle('second-copy', { create: true });
          const texts: string[] = [];
          for await (const handle of (folder as unknown as { values(): AsyncIterable<FileSystemFileHandle> }).values())
            if (handle.kind === 'file') texts.push(await (await handle.getFile()).text());
          return texts.some((text) => text.includes(`"mm":${wanted}`));
        }, mm)
        // a file that is just being written is looked at again
        .catch(() => false),
    )
    .toBe(true);
}

/** Writes over every file of the second copy. */
const damageCopy = (page: Page) =>
  page.evaluate(async () => {
    const root = await navigator.storage.getDirectory();
    const folder = await root.getDirectoryHandle('second-copy');
    for await (const handle of (folder as unknown as { values(): AsyncIterable<FileSystemFileHandle> }).values()) {
      if (handle.kind !== 'file') continue;
      const out = await handle.createWritable();
      await out.write('not what was written');
      await out.close();
    }
  });

const databaseFolder = (profile: string) => {
  const all = join(profile, 'Default', 'IndexedDB');
  return join(
    all,
    readdirSync(all).find((name) => name.endsWith('.leveldb'))!,
  );
};

/** What a disk does to a database: its files are not what was written. */
function damageDatabase(profile: string): void {
  const folder = databaseFolder(profile);
  for (const name of readdirSync(folder)) if (/^MANIFEST|^CURRENT|\.(log|ldb)$/.test(name)) writeFileSync(join(folder, name), 'damaged');
}

let profile = '';
test.beforeEach(() => {
  profile = mkdtempSync(join(tmpdir(), 'rimbet-lost-'));
});
test.afterEach(() => {
  spawnSync('umount', ['-l', profile]);
  rmSync(profile, { recursive: true, force: true });
});

test('a disk that is full to the last block loses nothing: told, written again when there is room, and offered from the copy', async ({
  baseURL,
}) => {
  const mounted = spawnSync('mount', ['-t', 'tmpfs', '-o', 'size=80m', 'tmpfs', profile]);
  test.skip(mounted.status !== 0, `A small file system cannot be mounted here: ${String(mounted.stderr)}`);
  let { context, page } = await opened(profile, baseURL!);
  await work(page, '131');
  spawnSync('dd', ['if=/dev/zero', `of=${join(profile, 'fill')}`, 'bs=4k']);
  await height(page).fill('142');
  const alert = page.getByRole('alert').filter({ hasText: 'Not saved' });
  await expect(alert).toContainText('not saved yet');
  await expect(alert.getByRole('button', { name: 'Save a file now' })).toBeVisible();
  await height(page).fill('143');
  await expect(height(page)).toHaveValue('143');
  await expect(page.locator('[data-saving="failed"]')).toHaveCount(1);
  rmSync(join(profile, 'fill'));
  // it tries by itself too, and the button may be gone already
  await alert
    .getByRole('button', { name: 'Try again now' })
    .click({ noWaitAfter: true, timeout: 3000 })
    .catch(() => undefined);
  await saved(page);
  await expect(height(page)).toHaveValue('143');
  await work(page, '144');
  await context.close();
  // the browser may find its own files torn now; either way all is there
  ({ context, page } = await opened(profile, baseURL!));
  const offer = page.getByRole('alertdialog');
  if ((await offer.count()) > 0) await offer.getByRole('button', { name: 'Restore the copy' }).click();
  await expect(height(page)).toHaveValue('144');
  await saved(page);
  await context.close();
});

test('storage that is cleared under an open tab is filled again from it, and the page never shows an empty workshop', async ({
  baseURL,
}) => {
  const { context, page } = await opened(profile, baseURL!);
  await work(page, '131');
  const session = await context.newCDPSession(page);
  for (const storageTypes of ['indexeddb', 'all']) {
    await session.send('Storage.clearDataForOrigin', { origin: new URL(baseURL!).origin, storageTypes });
    await expect(page.getByText('had lost what it stored').first()).toBeVisible();
    await saved(page);
    await expect(height(page)).toHaveValue('131');
    await page.reload();
    await expect(height(page)).toHaveValue('131');
  }
  await context.close();
});

test('a database that is damaged on disk is offered from the copy, with its day, and restored whole', async ({ baseURL }) => {
  let { context, page } = await opened(profile, baseURL!);
  await work(page, '131');
  await context.close();
  damageDatabase(profile);
  ({ context, page } = await opened(profile, baseURL!));
  const offer = page.getByRole('alertdialog', { name: 'This browser has lost what Rimbet stored' });
  await expect(offer).toContainText(new Date().toLocaleDateString('en-GB', { dateStyle: 'long' }));
  await expect(offer.getByRole('button', { name: 'Save the copy as a file' })).toBeVisible();
  await offer.getByRole('button', { name: 'Restore the copy' }).click();
  await expect(height(page)).toHaveValue('131');
  await expect(page.getByText('Restored as it was on').first()).toBeVisible();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(height(page)).toHaveValue('120');
  await context.close();
});

test('a copy that is not wanted is set aside, and can be saved under Files', async ({ baseURL }) => {
  let { context, page } = await opened(profile, baseURL!);
  await work(page, '131');
  await context.close();
  damageDatabase(profile);
  ({ context, page } = await opened(profile, baseURL!));
  await page.getByRole('button', { name: 'Start fresh' }).click();
  await expect(height(page)).toHaveValue('120');
  await page.getByRole('link', { name: 'Files', exact: true }).click();
  const download = page.waitForEvent('download');
  await page.getByTestId('second-copy').getByRole('button', { name: 'Save that copy as a file' }).click();
  expect(readFileSync(await (await download).path(), 'utf8')).toContain('"mm": 131');
  await context.close();
});

test('a damaged copy is told under Files, and both damaged at the next visit', async ({ baseURL }) => {
  let { context, page } = await opened(profile, baseURL!);
  await work(page, '131');
  await damageCopy(page);
  await page.getByRole('link', { name: 'Files', exact: true }).click();
  await expect(page.getByTestId('second-copy')).toContainText('damaged');
  await context.close();
  damageDatabase(profile);
  ({ context, page } = await opened(profile, baseURL!));
  const offer = page.getByRole('alertdialog');
  await expect(offer).toContainText('is damaged and cannot be read either');
  await expect(offer.getByRole('button')).toHaveText(['Start fresh']);
  await offer.getByRole('button', { name: 'Start fresh' }).click();
  await expect(height(page)).toHaveValue('120');
  await context.close();
});

test('a database that a newer Rimbet has changed is not written: it is told, and what was typed stays', async ({ baseURL }) => {
  const { context, page } = await opened(profile, baseURL!);
  await work(page, '131');
  const other = await context.newPage();
  await other.goto(`${baseURL}/icon.svg`);
  // what a newer release does: it lifts the database and writes a field that this one does not know
  await other.evaluate(
    () =>
      new Promise<void>((resolve, reject) => {
        const request = indexedDB.open('rimbet', 90);
        request.onerror = () => reject(request.error!);
        request.onsuccess = () => {
          const plans = request.result.transaction('plans', 'readwrite').objectStore('plans');
          plans.get('plan-honey-jar').onsuccess = ({ target }) => {
            const put = plans.put({ ...(target as IDBRequest<object>).result, newField: 'kept' });
            put.onsuccess = () => {
              request.result.close();
              resolve();
            };
          };
        };
      }),
  );
  await height(page).fill('150');
  const alert = page.getByRole('alert').filter({ hasText: 'newer version of Rimbet' });
  await expect(alert).toContainText('can no longer save');
  await expect(alert.getByRole('button', { name: 'Load again' })).toBeVisible();
  await expect(height(page)).toHaveValue('150');
  const plan = await other.evaluate(
    () =>
      new Promise<unknown>((resolve) => {
        const request = indexedDB.open('rimbet');
        request.onsuccess = () => {
          const get = request.result.transaction('plans').objectStore('plans').get('plan-honey-jar');
          get.onsuccess = () => resolve(get.result);
        };
      }),
  );
  expect(plan).toMatchObject({ newField: 'kept', parts: [{ sizes: { height: [{ mm: 131 }] } }] });
  await context.close();
});

test('a tab of an older Rimbet that keeps the database open is told in words, and closing it lets this one go on', async ({ baseURL }) => {
  const { executablePath, args } = test.info().project.use.launchOptions!;
  const context = await chromium.launchPersistentContext(profile, {
    executablePath: executablePath!,
    args: args!,
    serviceWorkers: 'block',
  });
  const old = context.pages()[0]!;
  await old.goto(`${baseURL}/icon.svg`);
  await old.evaluate(
    () =>
      new Promise<void>((resolve) => {
        const request = indexedDB.open('rimbet', 70);
        // held open, whatever a newer one wants
        request.onsuccess = () => resolve(void Object.assign(window, { held: request.result }));
      }),
  );
  const page = await context.newPage();
  await page.goto(baseURL!);
  await expect(page.getByRole('alert').filter({ hasText: 'older version of Rimbet' })).toContainText('Close that tab');
  await old.close();
  await expect(page.locator('[data-status="ready"]')).toHaveCount(1);
  await expect(page.getByRole('alert').filter({ hasText: 'older version of Rimbet' })).toHaveCount(0);
  await context.close();
});
