import { answer, expect, test, type, visit } from './app';

test('? lists the keys of the place, and the finder does things too', async ({ page }) => {
  await visit(page);
  await page.keyboard.press('?');
  const keys = page.getByRole('dialog', { name: 'Keyboard shortcuts' });
  await expect(keys).toContainText('Open Sizes, Make, Tools, Fit or Results');
  await keys.getByRole('button', { name: 'Close' }).click();
  await expect(keys).toBeHidden();
  const does = async (typed: string) => {
    await page.keyboard.press('Control+k');
    await expect(page.locator('.finder-panel')).toBeVisible();
    await page.keyboard.type(typed);
    await page.getByRole('option').filter({ hasText: typed }).first().click();
  };
  await does('Use inches and pounds');
  await expect(answer(page, 'gauge')).toHaveText('5 9/16 in');
  await does('Use millimetres and grams');
  await expect(answer(page, 'gauge')).toHaveText('141 mm');
  await does('Switch light and dark');
  await expect(page.locator('html')).toHaveClass(/dark/);
  await type(page, 'Height, finished', '130');
  await does('Undo');
  await expect(page.getByLabel('Height, finished', { exact: true })).toHaveValue('120');
  // in a field it is a letter like any other
  await page.getByLabel('Name of the piece', { exact: true }).focus();
  await page.keyboard.press('?');
  await expect(keys).toBeHidden();
});
