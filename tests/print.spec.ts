import { PLACES, eachSection, expect, test, visit } from './app';

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

test('nothing of any place or room is cut off at the edge of the paper', async ({ page }) => {
  // A4 and Letter less the margins a browser leaves, px
  await page.setViewportSize({ width: 718, height: 1000 });
  const cutOff = () =>
    page.evaluate(() =>
      [...document.querySelectorAll('main *')]
        .filter((each) => {
          const { left, right, width, height } = each.getBoundingClientRect();
          return (
            width > 0 && height > 0 && (right > innerWidth + 1 || left < -1) && !each.closest('[data-screen], [popover], .sr-only, svg *')
          );
        })
        .map((each) => `${each.tagName} ${each.textContent?.slice(0, 40)}`),
    );
  // what a new piece starts from and what is done with files is no paper
  for (const place of PLACES.filter((each) => !/^\/(new|files)/.test(each))) {
    await visit(page, place);
    await page.emulateMedia({ media: 'print' });
    await expect.poll(cutOff, { message: place }).toEqual([]);
    await page.emulateMedia({ media: 'screen' });
  }
  await visit(page);
  await eachSection(page, async (section) => {
    await page.emulateMedia({ media: 'print' });
    await expect.poll(cutOff, { message: section }).toEqual([]);
    await page.emulateMedia({ media: 'screen' });
  });
});
