import { writeFileSync } from 'node:fs';
import { largeWorkshop } from '../scripts/lib/large-workshop';
import { answer, expect, saved, test, visit } from './app';

test('of a workshop of a working life only what is looked at stands in the page; the rest is found, scrolled to and printed', async ({
  page,
}) => {
  const file = test.info().outputPath('large.json');
  writeFileSync(file, largeWorkshop(400, 1000));
  await visit(page, '/files');
  await page.getByLabel('Workspace file', { exact: true }).setInputFiles(file);
  await page.getByRole('button', { name: 'Replace everything' }).click();
  await expect(page.getByText('400 pieces, 4 clays')).toBeVisible();
  await saved(page);

  await page.getByRole('link', { name: 'Pieces', exact: true }).click();
  const rows = page.getByRole('table', { name: 'Pieces' }).getByRole('row', { name: /\w/ });
  await expect(page.getByTestId('count')).toHaveText('400 pieces');
  await page.getByLabel('Sort pieces by', { exact: true }).selectOption('by name');
  await expect(rows.first()).toBeVisible();
  expect(await page.locator('table.pieces tbody tr').count()).toBeLessThan(60);
  await page.mouse.move(600, 500);
  await page.evaluate(() => scrollTo(0, document.body.scrollHeight));
  await expect(page.getByRole('row', { name: /^Yard urn, own profile \d+$/ }).last()).toBeVisible();

  await page.emulateMedia({ media: 'print' });
  await expect(page.locator('table.pieces tbody tr')).toHaveCount(400);
  await page.emulateMedia({ media: 'screen' });
  await expect.poll(() => page.locator('table.pieces tbody tr').count()).toBeLessThan(60);

  await page.getByLabel('Find a piece', { exact: true }).fill('honey jar, wide 380');
  await expect(page.getByTestId('count')).toHaveText('1 of 400 pieces');
  await page.getByRole('row', { name: 'Honey jar, wide 380' }).getByRole('link').first().click();
  await expect(page.getByLabel('Name of the piece', { exact: true })).toHaveValue('Honey jar, wide 380');
  await expect(answer(page, 'ball')).toHaveText(/^6\d\d\sg$/);
});

test('of a clay with bars of a working life only those in sight stand in the page; one is added at the end and named', async ({ page }) => {
  const file = test.info().outputPath('bars.json');
  const workshop = JSON.parse(largeWorkshop(20, 3000)) as { bars: { bodyId: string; batchId?: string }[] };
  for (const bar of workshop.bars) {
    bar.bodyId = 'body-heron-buff';
    delete bar.batchId;
  }
  writeFileSync(file, JSON.stringify(workshop));
  await visit(page, '/files');
  await page.getByLabel('Workspace file', { exact: true }).setInputFiles(file);
  await page.getByRole('button', { name: 'Replace everything' }).click();
  await saved(page);
  await page.goto('/clay?body=body-heron-buff');
  const bars = page.getByRole('table', { name: 'Bars' });
  await expect(bars.getByRole('textbox').first()).toBeVisible();
  expect(await page.locator('main *').count()).toBeLessThan(6000);
  await expect(page.getByText(/The last 200 of 3\d\d\d are shown/)).toBeVisible();
  await page.getByRole('button', { name: 'Add a bar' }).click();
  await expect(bars.locator('input:focus')).toHaveAttribute('aria-label', /^Name of /);
});
