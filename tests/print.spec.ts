import { expect, test, visit } from './app';

test('what is printed of a page is its content: no way about, nothing to press, dark on white', async ({ page }) => {
  await page.emulateMedia({ colorScheme: 'dark' });
  for (const place of ['/', '/pieces', '/compare', '/clay?body=body-heron-buff']) {
    await visit(page, place);
    await page.emulateMedia({ media: 'print' });
    await expect(page.locator('header')).toBeHidden();
    for (const pressed of await page.locator('[data-act], [role=tab]').all()) await expect(pressed).toBeHidden();
    await expect(page.locator('main')).toBeVisible();
    const [background, ink] = await page.evaluate(() => {
      const light = (color: string) =>
        color
          .match(/\d+/g)!
          .slice(0, 3)
          .reduce((all, part) => all + Number(part), 0) / 765;
      return [light(getComputedStyle(document.body).backgroundColor), light(getComputedStyle(document.querySelector('main')!).color)];
    });
    expect(background, place).toBeGreaterThan(0.95);
    expect(ink, place).toBeLessThan(0.3);
    await page.emulateMedia({ media: 'screen' });
  }
  await visit(page);
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('region', { name: 'Answer' })).toBeVisible();
  await expect(page.getByTestId('drawing')).toBeVisible();
});
