import { readFileSync, writeFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { expect, saved, test, visit } from './app';

interface SavedFile {
  version: number;
  plans: { id: string; name: string; parts: { sizes: { height: { mm: unknown }[] } }[] }[];
}

/** The workspace file as the application saves it. */
async function savedFile(page: Page): Promise<SavedFile> {
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save workspace file' }).click();
  return JSON.parse(readFileSync(await (await download).path(), 'utf8')) as SavedFile;
}

const choose = (page: Page, name: string, content: string) =>
  page.getByLabel('Workspace file', { exact: true }).setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(content) });

test.beforeEach(async ({ page }) => {
  await visit(page, '/files');
});

test('a saved file opens again: merged with a preview, or in place of everything, and either is undone', async ({ page }) => {
  const file = await savedFile(page);
  const [first] = file.plans;
  const changed = {
    ...file,
    plans: [
      { ...first!, name: 'Jar from the file' },
      { ...first!, id: 'plan-from-file', name: 'Another jar' },
    ],
  };
  await choose(page, 'workshop.json', JSON.stringify(changed));
  const preview = page.getByRole('region', { name: 'What the file would change' });
  await expect(preview).toContainText('1 new: Another jar');
  await expect(preview).toContainText('1 changed (the file’s version is used): Jar from the file');
  await expect(preview).toContainText('4 the same');
  await preview.getByRole('button', { name: 'Merge' }).click();
  await expect(page.getByText('20 pieces, 4 clays')).toBeVisible();
  await page.keyboard.press('ControlOrMeta+z');
  await expect(page.getByText('19 pieces, 4 clays')).toBeVisible();

  await choose(page, 'workshop.json', JSON.stringify(changed));
  await preview.getByRole('button', { name: 'Replace everything' }).click();
  await expect(page.getByText(/\b2\spieces,\s4\sclays/)).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(page.getByText(/\b2\spieces,\s4\sclays/)).toBeVisible();
  await page.keyboard.press('ControlOrMeta+z');
  await expect(page.getByText('19 pieces, 4 clays')).toBeVisible();
});

test('what is damaged, foreign, newer or hostile is refused whole, with the place named', async ({ page }) => {
  const file = await savedFile(page);
  const broken = structuredClone(file);
  broken.plans[2]!.parts[0]!.sizes.height[0]!.mm = 'tall';
  const cases: [string, string, RegExp][] = [
    ['cut.json', JSON.stringify(file).slice(0, 900), /not valid JSON/],
    ['notes.json', '{"notes":[]}', /not a Rimbet workspace file/],
    ['newer.json', JSON.stringify({ ...file, version: 9 }), /newer Rimbet \(version 9\)/],
    ['broken.json', JSON.stringify(broken), /plans\.2\.parts\.0\.sizes\.height\.0\.mm must be a number.*not “tall”/],
    ['<b>.json', JSON.stringify({ ...file, '<img src=x onerror=alert(1)>': 1 }), /·img src=x onerror=alert\(1\)·/],
  ];
  const refused = async (name: string, reason: RegExp) => {
    const alert = page.locator('main [role=alert]');
    await expect(alert).toContainText(name);
    await expect(alert).toContainText('Nothing was changed');
    await expect(alert).toContainText(reason);
  };
  for (const [name, content, reason] of cases) {
    await choose(page, name, content);
    await refused(name, reason);
  }
  // from disk: handed over as text it takes a busy machine minutes
  const large = test.info().outputPath('large.json');
  writeFileSync(large, ' '.repeat(21 * 1024 * 1024));
  await page.getByLabel('Workspace file', { exact: true }).setInputFiles(large);
  await refused('large.json', /larger than 20 MB/);
  await expect(page.locator('main img')).toHaveCount(0);
  await expect(page.getByText('19 pieces, 4 clays and 3 batches')).toBeVisible();
});

test('a file of version 1 opens, with nothing lost and the bars left as they are', async ({ page }) => {
  await choose(page, 'old.json', readFileSync('tests/fixtures/workspace-v1.json', 'utf8'));
  const preview = page.getByRole('region', { name: 'What the file would change' });
  await expect(preview).toContainText('5 the same');
  await expect(preview).toContainText('13 only here (kept if you merge, deleted if you replace)');
  await preview.getByRole('button', { name: 'Replace everything' }).click();
  await expect(page.getByText('6 pieces, 4 clays and 3 batches')).toBeVisible();
  const file = (await savedFile(page)) as SavedFile & { bars: unknown[] };
  expect([file.version, file.bars.length]).toEqual([7, 0]);
  await page.getByRole('button', { name: 'Load the example workshop' }).click();
  await page.getByRole('status').getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'Undone: the example workshop' })).toBeVisible();
});
