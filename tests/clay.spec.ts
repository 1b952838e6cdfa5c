import { readFile } from 'node:fs/promises';
import { expect, saved, test, visit } from './app';

test('a clay’s new figure moves every piece made of it, and says so', async ({ page }) => {
  await visit(page, '/clay?body=body-foxglove-red');
  await page.getByLabel('Supplier’s shrinkage, %', { exact: true }).fill('13');
  await expect(page.locator('[data-figure="shrinkage"]')).toHaveText('13%');
  const pieces = page.getByRole('region', { name: 'Pieces in this clay' });
  await expect(pieces).toContainText('2 of 2 pieces changed with it');
  await expect(pieces.getByRole('row', { name: /Butter crock/ })).toContainText('was 128.3 mm 135.6 mm');
  await pieces.getByRole('link', { name: 'Butter crock' }).click();
  await expect(page.getByLabel('Mouth, outside, wet', { exact: true })).toHaveValue('135.6');
  await page.keyboard.press('ControlOrMeta+z');
  await expect(page.getByLabel('Mouth, outside, wet', { exact: true })).toHaveValue('128.3');
});

test('a range is taken, what is no percentage is refused and kept', async ({ page }) => {
  await visit(page, '/clay?body=body-foxglove-red');
  const field = page.getByLabel('Supplier’s shrinkage, %', { exact: true });
  await field.fill('10-12');
  await expect(page.locator('[data-figure="shrinkage"]')).toHaveText('11%');
  await field.press('Enter');
  await field.fill('45');
  await expect(page.locator('main [role=alert]')).toContainText('outside 0.1 to 30%');
  await expect(field).toHaveValue('45');
  await expect(page.locator('[data-figure="shrinkage"]')).toHaveText('11%');
  await field.fill('');
  await expect(page.locator('[data-figure="shrinkage"]')).toHaveText('10%');
  await expect(page.getByTestId('belief')).toContainText('From the typical figure for earthenware only');
  await expect(page.getByTestId('belief')).toContainText(/That is 10\smm of every 100\smm wet\./);
  await expect(page.getByRole('region', { name: 'Answer' })).toContainText('× 1.111');
});

test('clays and batches are made, and a deleted clay comes back with its batches', async ({ page }) => {
  await visit(page, '/clay');
  await page.getByRole('button', { name: 'New clay' }).click();
  await expect(page.getByLabel('Name of the clay', { exact: true })).toHaveValue('New clay');
  await page.getByLabel('Name of the clay', { exact: true }).fill('Marsh White');
  await page.getByRole('button', { name: 'Add a batch' }).click();
  await page.getByLabel('Date', { exact: true }).fill('17/8/2026');
  await expect(page.locator('main [role=alert]')).toContainText('such as 2026-08-17');
  await page.getByLabel('Date', { exact: true }).fill('2026-08-17');
  await expect(page.locator('main [role=alert]')).toHaveCount(0);
  await saved(page);
  await page.reload();
  await expect(page.getByLabel('Name of the clay', { exact: true })).toHaveValue('Marsh White');
  await page.getByRole('button', { name: 'Delete clay' }).click();
  await expect(page.getByRole('navigation', { name: 'Clays' }).getByText('Marsh White')).toHaveCount(0);
  await page.getByRole('status').getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('navigation', { name: 'Clays' }).getByText('Marsh White').click();
  await expect(page.getByLabel('Date', { exact: true })).toHaveValue('2026-08-17');
});

test('a piece changes its clay', async ({ page }) => {
  await visit(page);
  await page.getByLabel('Clay', { exact: true }).selectOption('Chalk Down');
  await expect(page.getByRole('button', { name: 'shrinks about 15%' })).toBeVisible();
  await expect(page.getByLabel('Mouth, outside, wet', { exact: true })).toHaveValue('108.2');
  await page.getByLabel('Clay', { exact: true }).selectOption('no clay chosen');
  await expect(page.getByText('typical stoneware, shrinks about 12%')).toBeVisible();
  await expect(page.getByLabel('Mouth, outside, wet', { exact: true })).toHaveValue('104.5');
});

test('clays chosen stand beside each other by what they shrank, and a difference says whether it is more than the doubt', async ({
  page,
}) => {
  await visit(page, '/compare');
  const clays = page.getByRole('table', { name: 'What each clay shrank of 100 wet' });
  await expect(clays.getByRole('row', { name: /Heron Buff/ })).toContainText('11.5');
  // each against the clay in use, and against the first where that is not looked at
  await expect(clays.getByRole('row', { name: /Heron Buff/ })).toContainText('the clay in use');
  await expect(clays.getByRole('row', { name: /Chalk Down/ })).toContainText(/3\.5 more: a real difference/);
  await page.getByLabel('Chalk Down', { exact: true }).uncheck();
  await page.getByLabel('Heron Buff', { exact: true }).uncheck();
  await expect(clays.getByRole('row', { name: /Foxglove Red/ })).toContainText('compared with');
  await page.getByLabel('Heron Buff', { exact: true }).check();
  await page.getByLabel('Pieces to compare', { exact: true }).fill('honey jar');
  const compared = page.getByRole('table', { name: 'Clays compared' });
  await expect(compared.locator('tbody tr')).toHaveCount(1);
  await page.getByRole('button', { name: 'All sizes of Honey jar, wide', exact: true }).click();
  await expect(compared.getByRole('row', { name: /^Mouth, outside/ })).toContainText('104 mm');
  await expect(compared.getByRole('row', { name: /^Rim position on the grid/ })).toContainText('52 mm out, 141.1 mm up');
  await page.getByRole('button', { name: 'All sizes of Honey jar, wide', exact: true }).click();
  // as the list of pieces finds them, by clay or note too
  await page.getByLabel('Pieces to compare', { exact: true }).fill('quarry');
  await expect(compared.getByRole('row', { name: /Skep jar/ })).toBeVisible();
  await expect(compared.getByRole('row', { name: /Egg cup/ })).toHaveCount(0);
  await page.getByLabel('Pieces to compare', { exact: true }).fill('nothing of the kind');
  await expect(page.getByText('No piece matches “nothing of the kind”.')).toBeVisible();
  // several by name, or those ticked, whatever they are called
  await page.getByLabel('Pieces to compare', { exact: true }).fill('egg cup, planter');
  await expect(compared.locator('tbody tr')).toHaveCount(3);
  await page.getByLabel('Tick Egg cup', { exact: true }).check();
  await page.getByLabel('Pieces to compare', { exact: true }).fill('');
  await page.getByLabel('Tick Honey jar, wide', { exact: true }).check();
  await page.getByRole('button', { name: 'only the 2 ticked' }).click();
  await expect(compared.locator('tbody tr')).toHaveCount(2);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save CSV' }).click();
  const table = await readFile(await (await download).path(), 'utf8');
  expect(table.trim().split('\n')).toHaveLength(3);
  expect(table).not.toContain('Chalk Down');
  await page.getByRole('link', { name: 'Honey jar, wide' }).last().click();
  await expect(page.getByLabel('Name of the piece', { exact: true })).toHaveValue('Honey jar, wide');
});
