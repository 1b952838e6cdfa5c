import { answer, expect, saved, test, visit } from './app';

test('a clay’s new figure moves every piece made of it, and says so', async ({ page }) => {
  await visit(page, '/clay?body=body-heron-buff');
  await page.getByLabel('Supplier’s shrinkage, %', { exact: true }).fill('13');
  await expect(page.getByTestId('shrinkage')).toHaveText('13 %');
  const pieces = page.getByRole('region', { name: 'Pieces in this clay' });
  await expect(pieces).toContainText('2 of 2 pieces moved with it');
  await expect(pieces.getByRole('row', { name: /Honey jar/ })).toContainText('was 104 mm 105.7 mm');
  await pieces.getByRole('link', { name: 'Honey jar, wide' }).click();
  await expect(page.getByLabel('Mouth, outside, wet', { exact: true })).toHaveValue('105.7');
  await page.keyboard.press('ControlOrMeta+z');
  await expect(page.getByLabel('Mouth, outside, wet', { exact: true })).toHaveValue('104');
});

test('a range is taken, what is no percentage is refused and kept', async ({ page }) => {
  await visit(page, '/clay?body=body-heron-buff');
  const field = page.getByLabel('Supplier’s shrinkage, %', { exact: true });
  await field.fill('10-12');
  await expect(page.getByTestId('shrinkage')).toHaveText('11 %');
  await field.fill('45');
  await expect(page.locator('main [role=alert]')).toContainText('outside 0.1 to 30 %');
  await expect(field).toHaveValue('45');
  await expect(page.getByTestId('shrinkage')).toHaveText('11 %');
  await field.fill('');
  await expect(page.getByTestId('shrinkage')).toHaveText('12 %');
  await expect(page.getByText('this is what stoneware typically does')).toBeVisible();
});

test('clays and batches are made, and a deleted clay comes back with its batches', async ({ page }) => {
  await visit(page, '/clay');
  await page.getByRole('button', { name: 'New clay' }).click();
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
  await expect(page.getByText('the middle of the supplier’s range')).toBeVisible();
  await expect(page.getByLabel('Mouth, outside, wet', { exact: true })).toHaveValue('108.2');
  await page.getByLabel('Clay', { exact: true }).selectOption('no clay chosen');
  await expect(page.getByText('nothing measured, nothing said')).toBeVisible();
  await expect(answer(page, 'rimDiameter@wet')).toHaveText('105 mm');
});
