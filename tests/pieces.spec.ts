import { readFileSync } from 'node:fs';
import { answer, expect, more, saved, test, visit } from './app';

test('pieces are listed, found, sorted, renamed, duplicated and deleted with undo', async ({ page }) => {
  await visit(page, '/pieces');
  const rows = page.getByRole('table', { name: 'Pieces' }).locator('tbody tr');
  const count = page.getByTestId('count');
  await expect(count).toHaveText('19 pieces');
  await page.getByLabel('Sort pieces by', { exact: true }).selectOption('by weight, heaviest first');
  await expect(rows.first().getByRole('link')).toHaveText('Planter box');
  await page.getByLabel('Find a piece', { exact: true }).fill('chalk');
  await expect(rows).toHaveCount(3);
  await expect(count).toHaveText('3 of 19 pieces');
  await page.getByLabel('Find a piece', { exact: true }).fill('nothing like it');
  await expect(page.getByText('No piece matches “nothing like it”.')).toBeVisible();
  await page.getByLabel('Find a piece', { exact: true }).fill('');

  await more(page, 'Egg cup', 'Rename');
  await page.getByLabel('Name of Egg cup', { exact: true }).fill('Egg cup, tall');
  await page.keyboard.press('Enter');
  await more(page, 'Egg cup, tall', 'Delete');
  await expect(count).toHaveText('18 pieces');
  await page.getByRole('status').getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: 'Egg cup, tall', exact: true })).toBeVisible();

  await more(page, 'Honey jar, wide', 'Duplicate');
  await expect(page.getByLabel('Name of the piece', { exact: true })).toHaveValue('Honey jar, wide (copy)');
  await expect(answer(page, 'ball')).toHaveText('645 g');
  await page.getByRole('link', { name: 'Pieces' }).click();
  await expect(count).toHaveText('20 pieces');
  await page.locator('main').getByRole('link', { name: 'New piece' }).click();
  await page.getByRole('button', { name: 'Start with typical sizes' }).click();
  await expect(page.getByLabel('Name of the piece', { exact: true })).toHaveValue('New piece');
  await saved(page);
});

test('a row opens its piece wherever it is pressed; its menu is worked by key and closes on Escape', async ({ page }) => {
  await visit(page, '/pieces');
  await page.getByRole('row', { name: 'Egg cup' }).locator('td.weigh').click({ force: true });
  await expect(page.getByLabel('Name of the piece', { exact: true })).toHaveValue('Egg cup');
  await page.goBack();
  const dots = page.getByRole('button', { name: 'More for Egg cup', exact: true });
  await dots.focus();
  await page.keyboard.press('Enter');
  const menu = page.getByRole('menu', { name: 'More for Egg cup', exact: true });
  await expect(menu).toBeVisible();
  await page.keyboard.press('ArrowUp');
  await expect(menu.getByRole('menuitem', { name: 'Delete' })).toBeFocused();
  await page.keyboard.press('ArrowDown');
  await expect(menu.getByRole('menuitem', { name: 'Rename' })).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(menu).toBeHidden();
  await expect(dots).toBeFocused();
});

test('the table goes out as CSV and to the clipboard', async ({ page, context }) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await visit(page, '/pieces');
  await more(page, 'Egg cup', 'Rename');
  await page.getByLabel('Name of Egg cup', { exact: true }).fill('=1+1');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save CSV' }).click();
  const csv = readFileSync(await (await download).path(), 'utf8');
  expect(csv).toContain("'=1+1");
  expect(csv).toContain('"Honey jar, wide",Heron Buff,11.5,120,92,,84,135.6,104,,94.9,141.1,645,');
  await page.getByRole('button', { name: 'Copy table' }).click();
  await expect(page.getByText('Copied')).toBeVisible();
  expect(await page.evaluate(() => navigator.clipboard.readText())).toContain('Honey jar, wide\tHeron Buff\t11.5');
});

test('a typed name is text, never markup', async ({ page }) => {
  const hostile = '<img src=x onerror="document.title=\'owned\'"><b>Jar</b>';
  await visit(page);
  await page.getByLabel('Name of the piece', { exact: true }).fill(hostile);
  await page.getByRole('link', { name: 'Pieces' }).click();
  await expect(page.getByRole('row', { name: hostile })).toBeVisible();
  await expect(page.locator('main img, main td b')).toHaveCount(0);
  await expect(page).toHaveTitle(/Pieces/);
});

test('an empty workshop says how to start, and a quick size starts it', async ({ page }) => {
  await visit(page, '/files');
  await page.getByRole('button', { name: 'Delete everything' }).click();
  await page.getByRole('link', { name: 'Pieces' }).click();
  await expect(page.getByText('Make the first with “New piece”')).toBeVisible();
  await page.getByRole('link', { name: 'Clay', exact: true }).click();
  await expect(page.getByText('No clay yet')).toBeVisible();
  await visit(page);
  await expect(page.getByRole('heading', { name: 'What do you want to start from?' })).toBeVisible();
  await page.keyboard.press('ControlOrMeta+k');
  await page.keyboard.type('74');
  await expect(page.locator('[data-quick="wet"]')).toHaveText('84.1 mm');
  await page.keyboard.press('Enter');
  await expect(page.getByText('typical stoneware, shrinks about 12%')).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(page.getByLabel('Finished width at the mouth', { exact: true })).toHaveValue('74');
});

test('a pasted table becomes pieces: columns said by hand, faults by line, all of it undone at once', async ({ page }) => {
  await visit(page, '/pieces');
  await page.getByRole('button', { name: 'Import a table…' }).click();
  const table = page.getByRole('region', { name: 'Pieces from a table' });
  await table
    .getByLabel('Paste the table', { exact: true })
    .fill('piece\tsort\tmouth\theight\nTumbler\tcup\t82\t110\nSoup\tdishes\t160\t70\nPot\tteapot\t90\t90\nSlip\tcup\twide\t90');
  // a heading that says nothing is left out until it is said what it holds
  await expect(table.getByLabel('Column sort holds', { exact: true })).toHaveValue('');
  await table.getByLabel('Column sort holds', { exact: true }).selectOption('form');
  await expect(table.getByRole('row', { name: /Pot/ })).toContainText('not a form Rimbet knows');
  await expect(table.getByRole('row', { name: /Slip/ })).toContainText('wide');
  await expect(table.getByRole('status')).toHaveText(/2 of 4 lines can become pieces/);
  await expect(table.getByRole('row', { name: /Soup/ })).toContainText('wet, as a bowl in Heron Buff');
  await table.getByRole('button', { name: 'Create 2 pieces' }).click();
  await expect(page.getByTestId('count')).toHaveText('21 pieces');
  // what is none yet stays to be put right, its columns as they were said
  await expect(table.getByRole('status')).toHaveText(/None of 2 lines can become pieces/);
  const left = table.getByLabel('Paste the table', { exact: true });
  await expect(left).toHaveValue('piece\tsort\tmouth\theight\nPot\tteapot\t90\t90\nSlip\tcup\twide\t90');
  await expect(page.getByRole('row', { name: 'Soup' })).toBeVisible();
  await page.getByRole('status').getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByTestId('count')).toHaveText('19 pieces');
  await saved(page);
});
