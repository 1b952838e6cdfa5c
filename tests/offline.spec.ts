import { answer, expect, saved, savesByDownload, test, type, visit } from './app';

test.use({ serviceWorkers: 'allow' });

test('after the first visit the whole application opens and works with the network gone', async ({ page, context }) => {
  await savesByDownload(page);
  await visit(page);
  await expect(page.locator('[data-offline="ready"]')).toHaveCount(1);
  await context.setOffline(true);
  await page.reload();
  await expect(answer(page, 'ball')).toHaveText('645 g');
  await type(page, 'Finished height', '140');
  await saved(page);
  for (const [path, there] of [
    ['/wheel?plan=plan-honey-jar', 'All at once'],
    ['/pieces', 'Breakfast platter'],
    ['/clay?body=body-heron-buff', 'Heron Buff'],
  ] as const) {
    await visit(page, path);
    if (path.startsWith('/wheel')) await expect(page.locator('[data-wheel="all"]')).toBeVisible();
    else if (path === '/pieces') await expect(page.getByRole('row', { name: there })).toBeVisible();
    else await expect(page.getByText(there).first()).toBeVisible();
  }
  await visit(page, '/?plan=plan-honey-jar');
  await expect(page.getByLabel('Finished height', { exact: true })).toHaveValue('140');
  await page.getByRole('tab', { name: 'Bench' }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Shrink rule as PDF', exact: true }).click();
  expect((await download).suggestedFilename()).toBe('rimbet-shrink-rule-heron-buff.pdf');
});
