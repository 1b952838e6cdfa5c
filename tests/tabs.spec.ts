import { expect, saved, test, type, visit } from './app';

test('two tabs stay in step, and either takes back what the other did', async ({ page, context }) => {
  await visit(page);
  const other = await context.newPage();
  await visit(other);
  await type(page, 'Finished height', '150');
  await expect(other.getByLabel('Finished height', { exact: true })).toHaveValue('150');
  await other.keyboard.press('ControlOrMeta+z');
  await expect(page.getByLabel('Height, finished', { exact: true })).toHaveValue('120');
  await other.getByLabel('Finished wall', { exact: true }).fill('5');
  await saved(other);
  await expect(page.getByLabel('Finished wall', { exact: true })).toHaveValue('5');
});
