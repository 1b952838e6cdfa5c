import AxeBuilder from '@axe-core/playwright';
import { expect, test, visit } from './app';

const PLACES = ['/', '/wheel', '/pieces', '/clay?body=body-heron-buff', '/compare', '/kit', '/files'];

for (const colorScheme of ['light', 'dark'] as const) {
  for (const place of PLACES) {
    test(`${place} has no accessibility violations, ${colorScheme}`, async ({ browser, baseURL }) => {
      const context = await browser.newContext({ colorScheme, baseURL: baseURL!, reducedMotion: 'reduce' });
      const page = await context.newPage();
      await visit(page, place);
      const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa']).analyze();
      expect(violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html).join(' | ')}`)).toEqual([]);
      await context.close();
    });
  }
}

test('a refusal and an open quick size have no violations either', async ({ browser, baseURL }) => {
  const context = await browser.newContext({ baseURL: baseURL! });
  const page = await context.newPage();
  await visit(page);
  await page.getByLabel('Finished wall', { exact: true }).fill('50');
  await page.getByLabel('Quick size: a finished size', { exact: true }).fill('74');
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html).join(' | ')}`)).toEqual([]);
  await context.close();
});

test('light and dark are chosen and remembered', async ({ page }) => {
  await visit(page);
  const background = () => page.evaluate(() => getComputedStyle(document.body).backgroundColor);
  const light = await background();
  await page.getByRole('button', { name: 'Switch light and dark' }).click();
  await expect.poll(background).not.toBe(light);
  const dark = await background();
  await page.reload();
  await expect.poll(background).toBe(dark);
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  for (const place of PLACES) {
    test(`${place} is one column with nothing cut off`, async ({ page }) => {
      await visit(page, place);
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    });
  }

  test('fields and buttons are large enough to touch', async ({ page }) => {
    await visit(page);
    const small = await page
      .locator('button:visible, input:visible, select:visible')
      .evaluateAll((all) =>
        all.filter((e) => e.getBoundingClientRect().height < 43.5).map((e) => e.getAttribute('aria-label') ?? e.textContent),
      );
    expect(small).toEqual([]);
  });

  test('a finished size is typed and its wet size read by touch', async ({ page }) => {
    await visit(page);
    await page.getByLabel('Finished height', { exact: true }).tap();
    await page.getByLabel('Finished height', { exact: true }).fill('4 3/4 in');
    await expect(page.locator('[data-number="gauge"]')).toHaveText('141.8 mm');
    await page.getByLabel('Cut with the needle', { exact: true }).tap();
    await page.getByLabel('Cut with the needle', { exact: true }).fill('4');
    await expect(page.locator('[data-number="pulled"]')).toHaveText('145.8 mm');
    await page.getByRole('button', { name: /^Undo/ }).tap();
    await expect(page.getByLabel('Cut with the needle', { exact: true })).toHaveValue('2.5');
  });

  test('the answer comes before the drawing, the drawing before the ledger', async ({ page }) => {
    await visit(page);
    const top = async (name: string) => (await page.getByRole('region', { name }).boundingBox())!.y;
    const drawing = (await page.getByTestId('drawing').boundingBox())!.y;
    const ledger = (await page.getByRole('table').boundingBox())!.y;
    expect(await top('Answer')).toBeLessThan(drawing);
    expect(drawing).toBeLessThan(ledger);
  });
});
