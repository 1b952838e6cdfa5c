import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, test, visit } from './app';

const PLACES = ['/', '/wheel', '/pieces', '/clay?body=body-heron-buff', '/compare', '/kit', '/files'];

/** Of each way of making a plan, and what its tabs show; all of them are gone through. */
const PLANS = ['plan-honey-jar', 'plan-planter-box', 'plan-seed-dish', 'plan-skep-jar', 'plan-slab-mug'];

const WIDTHS = { wide: { width: 1280, height: 800 }, phone: { width: 390, height: 844 } };

/**
 * What the rules find wrong, and whether the page is wider than the screen. Points to drag may lie close: each has its field in the
 * ledger, which the rule cannot know.
 */
async function faultsOf(page: Page, within = 'body'): Promise<string[]> {
  const rules = new AxeBuilder({ page }).include(within);
  // in the dark only the colours are others
  const dark = await page.evaluate(() => matchMedia('(prefers-color-scheme: dark)').matches);
  const { violations } = await (
    dark ? rules.withRules(['color-contrast']) : rules.withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'])
  ).analyze();
  const beyond = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
  return [
    ...violations
      .filter(({ id, nodes }) => id !== 'target-size' || !nodes.every(({ html }) => html.includes('data-handle')))
      .map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 200)).join(' | ')}`),
    ...(beyond > 0 ? [`${beyond} px wider than the screen`] : []),
  ];
}

for (const colorScheme of ['light', 'dark'] as const) {
  for (const [name, viewport] of Object.entries(WIDTHS)) {
    test.describe(`${colorScheme}, ${name}`, () => {
      test.use({ colorScheme, viewport, contextOptions: { reducedMotion: 'reduce' } });

      test('no place has accessibility violations', async ({ page }) => {
        for (const place of PLACES) {
          await visit(page, place);
          expect(await faultsOf(page), place).toEqual([]);
        }
      });

      test('no tab of a piece has accessibility violations', async ({ page }) => {
        test.slow();
        const seen = new Set<string>();
        for (const plan of PLANS) {
          await visit(page, `/?plan=${plan}`);
          for (const tab of await page.getByRole('tab').all()) {
            const words = (await tab.textContent())!;
            const shared = plan !== PLANS[0] && seen.has(words) && words !== 'Handle, lid';
            if (shared) continue;
            seen.add(words);
            await tab.click();
            await expect(page.getByRole('tabpanel').locator('*').first()).toBeVisible();
            // what stands about the panel was looked at with the places
            expect(await faultsOf(page, '[role=tabpanel]'), `${plan}, ${words}`).toEqual([]);
          }
        }
      });
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
