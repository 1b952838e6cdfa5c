import { readFileSync } from 'node:fs';
import { expect, room, saved, test, visit } from './app';

const HERON = '/clay?body=body-heron-buff';

test('a fifth bar moves a piece’s wet width and its range, and undo takes it back', async ({ page }) => {
  await visit(page, HERON);
  const pieces = page.getByRole('region', { name: 'Pieces in this clay' });
  await expect(page.getByTestId('belief')).toContainText(
    'About 11.5%: 9 in 10 pieces between 11.0 and 12.0%. From 3 bars and 7 pieces of this batch',
  );
  await expect(page.getByTestId('belief')).toContainText('with the supplier’s figure counted as');
  for (const bar of ['A4', 'A5']) await page.getByRole('textbox', { name: `${bar}, finished` }).fill('87.6');
  await expect(page.getByTestId('belief')).toContainText('5 bars and 7 pieces of this batch');
  await expect(page.locator('[data-figure="shrinkage"]')).toHaveText('11.7%');
  await expect(pieces.getByRole('row', { name: /Honey jar/ })).toContainText('was 104 mm 104.2 mm');
  await expect(pieces).toContainText('changed with it');
  await pieces.getByRole('link', { name: 'Honey jar, wide' }).click();
  await expect(page.getByLabel('Mouth, outside, wet', { exact: true })).toHaveValue('104.2');
  const range = page.getByRole('region', { name: 'Answer' });
  await expect(range).toContainText(/9\sin\s10\sfinish\s9\d(\.\d)?\sto\s9\d(\.\d)?\smm\sacross/);
  await page.keyboard.press('ControlOrMeta+z');
  await page.keyboard.press('ControlOrMeta+z');
  await expect(page.getByLabel('Mouth, outside, wet', { exact: true })).toHaveValue('104');
  await expect(range).toContainText(/9\sin\s10\sfinish\s91(\.\d)?\sto\s9[23](\.\d)?\smm\sacross/);
});

test('five bars are entered by keyboard down the column, as a caliper types them', async ({ page }) => {
  await visit(page, '/clay?body=body-quarry-grog');
  await expect(page.getByTestId('belief')).toContainText('From the typical figure for architectural only. No bars fired yet.');
  for (let i = 0; i < 5; i += 1) await page.getByRole('button', { name: 'Add a bar' }).click();
  await page.getByRole('textbox', { name: 'B1, finished' }).focus();
  for (const reading of ['94.91', '95.02', '94.87', '95.10', '94.95']) {
    await page.keyboard.type(reading);
    await page.keyboard.press('Enter');
  }
  await expect(page.locator('[data-figure="shrinkage"]')).toHaveText('5%');
  await expect(page.getByTestId('belief')).toContainText('From 5 bars of this batch, with the typical figure for architectural');
  await expect(page.getByRole('region', { name: 'Pieces in this clay' }).getByRole('row', { name: /Yard planter/ })).toContainText(
    'was 297.9 mm 294.9 mm',
  );
  await saved(page);
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'B5, finished' })).toHaveValue('94.95');
  await page.keyboard.press('ControlOrMeta+z');
  await expect(page.getByRole('textbox', { name: 'B5, finished' })).toHaveValue('');
});

test('slips are asked about, keep what was typed, and count only once answered', async ({ page }) => {
  await visit(page, HERON);
  const field = page.getByRole('textbox', { name: 'A4, finished' });
  const question = page.getByRole('note').filter({ hasText: 'A4 is' });
  await field.fill('8.83');
  await expect(question).toContainText('8.83 mm finished after 94.8 mm bone dry. Wrong unit or decimal point?');
  await expect(page.locator('[data-figure="shrinkage"]')).toHaveText('11.5%');
  await question.getByRole('button', { name: 'It is 88.3 mm' }).click();
  await expect(field).toHaveValue('88.3');
  await expect(question).toHaveCount(0);
  await field.fill('96');
  await expect(question).toContainText('Clay only grows if it bloats');
  await field.fill('69');
  await expect(question).toContainText('more than clays shrink');
  await expect(page.getByRole('row', { name: 'A4' })).toContainText('waiting for your answer');
  await question.getByRole('button', { name: 'Yes, it is right' }).click();
  await expect(question).toHaveCount(0);
  await expect(page.locator('[data-figure="shrinkage"]')).not.toHaveText('11.5%');
  await field.fill('-3');
  await expect(page.locator('main [role=alert]')).toContainText('is negative');
});

test('batch and firing choose what counts; a firing without bars says so', async ({ page }) => {
  await visit(page, HERON);
  await expect(page.getByRole('row', { name: 'A6, hot' })).toContainText('fired differently, not used');
  await page.getByLabel('Batch', { exact: true }).first().selectOption('March');
  await expect(page.locator('[data-figure="shrinkage"]')).toHaveText('11.2%');
  await page.getByLabel('Fired to', { exact: true }).selectOption('cone 10');
  await expect(page.getByTestId('belief')).toContainText('1 bar of other batches');
  await page.getByLabel('Fired to', { exact: true }).selectOption('cone 04');
  await expect(page.getByTestId('belief')).toContainText('None of them was fired to cone 04. Guessed from cone 6');
  await expect(page.getByText('about 1060 °C')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Next thing to do' })).toContainText(
    'Two bars of the August batch wait to be measured after bisque.',
  );
  await expect(page.getByText('A3: stiffer than this batch is worked (soft)')).toHaveCount(0);
});

test('a bar’s weights, boiling and firing are kept, and figures that cannot be are pointed out', async ({ page }) => {
  await visit(page, HERON);
  await expect(page.getByText('absorption 3% by boiling')).toBeVisible();
  await page.getByRole('button', { name: 'More of A1' }).click();
  await page.getByLabel('Weight finished, g').fill('40');
  await page.getByLabel('Weight boiled, g').fill('48');
  await expect(page.getByRole('note').filter({ hasText: 'do not agree' })).toBeVisible();
  await page.getByLabel('Cone', { exact: true }).first().fill('6.5');
  await expect(page.locator('main [role=alert]')).toContainText('from 022 to 01 or from 1 to 13');
  await expect(page.getByText('Boiling scalds')).toBeVisible();
});

test('a fired piece from a plan is evidence about its clay', async ({ page }) => {
  await visit(page);
  await room(page, 'Results', 'Runs');
  await page.getByText('Record a fired piece').click();
  await page.getByLabel('Mouth as thrown').fill('104');
  const came = page.getByLabel('Mouth, finished');
  await came.fill('110');
  await came.press('Enter');
  await expect(page.locator('main [role=alert]')).toContainText('it must be smaller fired');
  await came.fill('91');
  await page.getByRole('button', { name: 'Add to the log' }).click();
  await expect(page.getByRole('button', { name: 'shrinks about 11.6%' })).toBeVisible();
  await page.getByRole('status').getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: 'shrinks about 11.5%' })).toBeVisible();
});

test('charts tell their values in words, by keyboard and as tables', async ({ page }) => {
  await visit(page, HERON);
  const charts = page.getByRole('region', { name: 'Charts' });
  const stair = page.getByRole('figure', { name: 'From 100 wet to finished' });
  await expect(stair.getByRole('group', { name: /From 100 wet to 88\.5 finished/ })).toBeVisible();
  const end = stair.getByRole('img', { name: /finished: 8\d\.\d left of 100$/ }).first();
  await end.focus();
  await expect(end).toBeFocused();
  await expect(charts.getByRole('group', { name: /Shrinkage by cone\. At cone 6 about 11\.5%/ })).toBeVisible();
  await expect(charts.getByRole('group', { name: /Batches compared/ })).toBeVisible();
  const dot = charts.getByRole('img', { name: 'A6, hot, cone 10: shrank 12.8%, not used' });
  await dot.focus();
  await expect(dot).toBeFocused();
  await stair.getByText('as a table').click();
  await expect(stair.getByRole('table', { name: 'From 100 wet to finished' }).getByRole('row', { name: 'estimated' })).toContainText(
    '88.5',
  );
  await charts.getByText('How the estimate was reached').click();
  await expect(charts.getByRole('group', { name: /Before any bars: about 11%/ })).toBeVisible();
});

test('two clays are mixed, and every piece is compared in every clay', async ({ page }) => {
  await visit(page, HERON);
  await page.getByText('Mix two clays').click();
  await page.getByLabel('First clay').selectOption('Heron Buff');
  await page.getByLabel('Second clay', { exact: true }).selectOption('Quarry Grog');
  await page.getByLabel('Its parts').selectOption('3 parts');
  await page.getByRole('button', { name: 'Create the mixture' }).click();
  await expect(page.getByLabel('Name of the clay')).toHaveValue('Heron Buff 3 : 1 Quarry Grog');
  await expect(page.getByTestId('belief')).toContainText('From the supplier’s range only');
  await page.getByRole('link', { name: 'Compare clays' }).click();
  await expect(page.getByRole('row', { name: /Honey jar/ })).toContainText('⌀ 104 mm × 135.6 mm');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save CSV' }).click();
  const csv = readFileSync(await (await download).path(), 'utf8');
  expect(csv.split('\r\n')[0]).toContain('"Chalk Down, wet mouth mm"');
  expect(csv).toContain('"Honey jar, wide",');
});

test('the bar sheet is a PDF', async ({ page }) => {
  await visit(page, HERON);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Print a bar sheet' }).click();
  expect(
    readFileSync(await (await download).path())
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-');
});

test('a piece names its batch and its firing', async ({ page }) => {
  await visit(page);
  await page.getByLabel('Batch', { exact: true }).selectOption('March');
  await expect(page.getByRole('button', { name: 'shrinks about 11.2%' })).toBeVisible();
  await page.getByLabel('Fired to', { exact: true }).selectOption('cone 10');
  await expect(page.getByRole('button', { name: 'shrinks about 12.4%' })).toBeVisible();
  await page.getByRole('button', { name: /^shrinks about/ }).click();
  await expect(page.getByRole('region', { name: 'Working' })).toContainText('1 bar of other batches');
  await expect(page.getByLabel('Mouth, outside, wet', { exact: true })).toHaveValue(/^105/);
});
