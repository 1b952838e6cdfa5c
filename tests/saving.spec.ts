import { expect, room, test as withoutPicker, type, visit } from './app';
import type { Page } from '@playwright/test';

/**
 * A browser with a save dialog. The dialog itself cannot be driven headless: the stand-in chooses for the person, by name, and
 * refuses what the specification (File System Access, showSaveFilePicker) refuses. The file it hands out is the platform's own.
 */
const test = withoutPicker.extend<{ refusing: string | undefined }>({
  refusing: [undefined, { option: true }],
  page: async ({ page, refusing }, use) => {
    await page.addInitScript((refuses: string | undefined) => {
      interface Options {
        suggestedName?: string;
        types?: { accept: Record<string, string | string[]> }[];
      }
      const check = (types: Options['types'] = []) => {
        for (const { accept } of types) {
          for (const [type, endings] of Object.entries(accept)) {
            // a MIME type with parameters, or none at all, is refused
            if (!/^[a-z0-9!#$&^_.+-]+\/[a-z0-9!#$&^_.+-]+$/i.test(type)) throw new TypeError(`Invalid type: ${type}`);
            for (const ending of [endings].flat())
              if (!/^\.[a-z0-9+.]{1,15}$/i.test(ending) || ending.endsWith('.')) throw new TypeError(`Invalid extension: ${ending}`);
          }
        }
      };
      const showSaveFilePicker = async (options: Options = {}) => {
        check(options.types);
        if (!navigator.userActivation.isActive) throw new DOMException('Must be handling a user gesture', 'SecurityError');
        if (refuses) throw new DOMException('Refused', refuses);
        const folder = await navigator.storage.getDirectory();
        return folder.getFileHandle(options.suggestedName ?? 'untitled', { create: true });
      };
      Object.defineProperty(window, 'showSaveFilePicker', { value: showSaveFilePicker });
      Object.defineProperty(window, 'showOpenFilePicker', { value: () => Promise.reject(new DOMException('Closed', 'AbortError')) });
    }, refusing);
    await use(page);
  },
});

/** What lies in the chosen place under a name. */
const saved = (page: Page, name: string) =>
  page.evaluate(async (wanted) => {
    const folder = await navigator.storage.getDirectory();
    const file = await (await folder.getFileHandle(wanted)).getFile();
    return file.text();
  }, name);

const said = (page: Page, name: string) => page.getByText(`Saved as ${name} in the folder you chose.`);

test('with a save dialog every kind of file is saved, and where is said', async ({ page }) => {
  await visit(page, '/files');
  await page.getByRole('button', { name: 'Save workspace file' }).click();
  const workspace = `rimbet-${new Date().toISOString().slice(0, 10)}.json`;
  await expect(said(page, workspace)).toBeVisible();
  expect(JSON.parse(await saved(page, workspace))).toMatchObject({ format: 'rimbet-workspace' });

  await page.getByRole('link', { name: 'Pieces' }).click();
  await page.getByRole('button', { name: 'Save CSV' }).click();
  await expect(said(page, 'rimbet-pieces.csv')).toBeVisible();
  expect(await saved(page, 'rimbet-pieces.csv')).toContain('Honey jar, wide');
  await page.getByRole('button', { name: 'Print the list' }).click();
  await expect(said(page, 'rimbet-pieces.pdf')).toBeVisible();
  expect(await saved(page, 'rimbet-pieces.pdf')).toMatch(/^%PDF/);

  await page.getByRole('banner').getByRole('link', { name: 'Honey jar, wide' }).click();
  await room(page, 'Tools', 'Shrink rule');
  for (const [kind, starts] of [
    ['SVG', '<svg'],
    ['DXF', '0'],
    ['PDF', '%PDF'],
  ] as const) {
    const name = `rimbet-shrink-rule-heron-buff.${kind.toLowerCase()}`;
    await page.getByRole('button', { name: `Shrink rule as ${kind}`, exact: true }).click();
    await expect(said(page, name)).toBeVisible();
    expect((await saved(page, name)).trimStart().startsWith(starts)).toBe(true);
  }
});

test.describe('a dialog that fails', () => {
  test.use({ refusing: 'NotAllowedError' });

  test('is told beside the button, with a download instead', async ({ page }) => {
    await visit(page, '/pieces');
    await page.getByRole('button', { name: 'Save CSV' }).click();
    const alert = page.locator('[data-saves="failed"] [role="alert"]');
    await expect(alert).toContainText('Not saved: Refused');
    const download = page.waitForEvent('download');
    await alert.getByRole('button', { name: 'download it instead' }).click();
    expect((await download).suggestedFilename()).toBe('rimbet-pieces.csv');
    await expect(page.getByText('Saved as rimbet-pieces.csv in your downloads.')).toBeVisible();
  });
});

test.describe('a dialog that is closed', () => {
  test.use({ refusing: 'AbortError' });

  test('saves nothing and says nothing', async ({ page }) => {
    await visit(page, '/files');
    await page.getByRole('button', { name: 'Save workspace file' }).click();
    await expect(page.locator('[data-saves="ready"]')).toHaveCount(1);
    await expect(page.getByText('Saved as')).toHaveCount(0);
  });
});

withoutPicker('without one a file is a download, and that is said', async ({ page }) => {
  await visit(page, '/pieces');
  expect(await page.evaluate(() => 'showSaveFilePicker' in window)).toBe(false);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save CSV' }).click();
  expect((await download).suggestedFilename()).toBe('rimbet-pieces.csv');
  await expect(page.getByText('Saved as rimbet-pieces.csv in your downloads.')).toBeVisible();
});

withoutPicker('what cannot be written is told with the ways out until it is written, and leaving asks meanwhile', async ({ page }) => {
  await visit(page);
  // a disk that runs full: the database's own puts are refused as a browser refuses them
  await page.evaluate(() => {
    const put = IDBObjectStore.prototype.put;
    const own = window as unknown as { mend: () => void };
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('The disk is full', 'QuotaExceededError');
    };
    own.mend = () => {
      IDBObjectStore.prototype.put = put;
    };
  });
  await type(page, 'Finished height', '150');
  const alert = page.getByRole('alert').filter({ hasText: 'Not saved' });
  await expect(alert).toContainText('no storage space left');
  await expect(alert).toContainText('1 change is not saved yet');
  await type(page, 'Finished wall', '5');
  await expect(alert).toContainText('2 changes are not saved yet');
  await expect(page.getByLabel('Finished height', { exact: true })).toHaveValue('150');

  const download = page.waitForEvent('download');
  await alert.getByRole('button', { name: 'Save a file now' }).click();
  expect((await download).suggestedFilename()).toMatch(/^rimbet-.*\.json$/);

  const asked = new Promise<string>((resolve) =>
    page.once('dialog', (dialog) => {
      resolve(dialog.type());
      void dialog.dismiss();
    }),
  );
  await page.evaluate(() => location.reload());
  expect(await asked).toBe('beforeunload');

  // by key: it tries again by itself too, and a press waits for no button that has done its work meanwhile
  await alert.getByRole('button', { name: 'Try again now' }).focus();
  await page.evaluate(() => (window as unknown as { mend: () => void }).mend());
  await page.keyboard.press('Enter');
  await expect(page.locator('[data-saving="saved"]')).toHaveCount(1);
  await expect(alert).toHaveCount(0);
  await page.reload();
  await expect(page.getByLabel('Finished height', { exact: true })).toHaveValue('150');
  await expect(page.getByLabel('Finished wall', { exact: true })).toHaveValue('5');
});
