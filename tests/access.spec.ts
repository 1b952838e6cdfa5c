import type { Page } from '@playwright/test';
import axe, { type RunOnly } from 'axe-core';
import { PLACES, eachSection, expect, room, test, visit } from './app';

/** Of each way of making a plan, and what every one of them shows alike. */
const PLANS = ['plan-honey-jar', 'plan-planter-box', 'plan-seed-dish', 'plan-skep-jar', 'plan-slab-mug'];
const SHARED = new Set([
  'Every stage',
  'Capacity',
  'Size limits',
  'Handle',
  'Silhouette',
  'Outside rib',
  'Inside rib',
  'Shelf card',
  'Shrink rule',
  'Check a shrink rule',
  'Your own measures',
  'Send this piece',
  'Fit',
  'Stack',
  'Nest',
  'Slip casting',
  'Runs',
  'Results',
]);

/** Where what is good, bad, warned of and of each stage stands together. */
const DARK = new Set(['Every stage', 'Ball', 'Templates', 'Gauges', 'Lid or stopper', 'Nest', 'Runs']);

const RULES = {
  all: { type: 'tag', values: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'] },
  colour: { type: 'rule', values: ['color-contrast'] },
} satisfies Record<string, RunOnly>;

/**
 * What the rules find wrong, and whether the page is wider than the screen. Points to drag may lie close: each has its field in the
 * ledger, which the rule cannot know.
 */
async function faultsOf(page: Page, within: string, runOnly: RunOnly): Promise<string[]> {
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe.source);
  const { violations, beyond } = await page.evaluate(
    async ([where, only]) => {
      const { axe } = window as unknown as { axe: typeof import('axe-core') };
      const found = await axe.run(where, { runOnly: only, resultTypes: ['violations'] });
      const { scrollWidth, clientWidth } = document.documentElement;
      return { violations: found.violations, beyond: scrollWidth - clientWidth };
    },
    [within, runOnly] as const,
  );
  return [
    ...violations
      .filter(({ id, nodes }) => id !== 'target-size' || !nodes.every(({ html }) => html.includes('data-handle')))
      .map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 200)).join(' | ')}`),
    ...(beyond > 0 ? [`${beyond} px wider than the screen`] : []),
  ];
}

/** How a page is looked at: everything once, the colours in the dark. How large things are by finger, and that nothing lies beside a phone's screen, is tried in tests/fingers.spec.ts. */
const LOOKS = [
  { colorScheme: 'light', rules: RULES.all },
  { colorScheme: 'dark', rules: RULES.colour },
] as const;

/** The same page each way: it follows the colours without being loaded again. */
async function faultsEverywhere(page: Page, within = 'body', looks: readonly (typeof LOOKS)[number][] = LOOKS): Promise<string[]> {
  const faults: string[] = [];
  for (const { colorScheme, rules } of looks) {
    await page.emulateMedia({ colorScheme });
    await expect(page.locator('html')).toHaveClass(new RegExp(`\\b${colorScheme}\\b`));
    faults.push(...(await faultsOf(page, within, rules)).map((fault) => `${colorScheme}: ${fault}`));
  }
  return faults;
}

test.describe('no accessibility violations', () => {
  test.use({ contextOptions: { reducedMotion: 'reduce' } });

  // the views of the shelves are looked at with a piece open, below
  for (const place of ['/', '/wheel', ...PLACES.filter((each) => !/view=(measure|log|learned)/.test(each))]) {
    test(`at ${place}`, async ({ page }) => {
      await visit(page, place);
      expect(await faultsEverywhere(page)).toEqual([]);
    });
  }

  test('in each view of the shelves, a piece opened and the form of a table', async ({ page }) => {
    await visit(page, '/shelves');
    for (const view of ['Measure', 'Your figures', 'Log']) {
      await page.getByRole('navigation', { name: 'Of the shelves' }).getByRole('button', { name: view }).click();
      if (view === 'Log') {
        await page.getByLabel('Find among what was made', { exact: true }).fill('honey jar');
        await page.getByRole('button', { name: 'Honey jar, wide 3', exact: true }).click();
        await page.getByRole('button', { name: 'From a table…' }).click();
      }
      await expect(page.locator('main table, main figure').first()).toBeVisible();
      expect(await faultsEverywhere(page, 'main'), view).toEqual([]);
    }
  });

  for (const plan of PLANS) {
    test(`in the rooms of ${plan}`, async ({ page }) => {
      await visit(page, `/?plan=${plan}`);
      await eachSection(page, async (words) => {
        // what is the same for every way of making was looked at in the first
        if (plan !== PLANS[0] && SHARED.has(words)) return;
        // what stands about the room was looked at with the places
        // its colours are those of the theme: in the dark they were looked at at every place, and are where most of them stand together
        const looks = plan === PLANS[0] && DARK.has(words) ? LOOKS : LOOKS.filter(({ colorScheme }) => colorScheme === 'light');
        expect(await faultsEverywhere(page, '[data-room]', looks), words).toEqual([]);
      });
    });
  }
});

test('a refusal and an open quick size have no violations either', async ({ page }) => {
  await visit(page);
  await page.getByLabel('Finished wall', { exact: true }).fill('50');
  await page.getByLabel('Find anything, or type a finished size', { exact: true }).fill('74');
  expect(await faultsOf(page, 'body', RULES.all)).toEqual([]);
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
    await room(page, 'Make');
    await page.getByLabel('Cut off rim', { exact: true }).tap();
    await page.getByLabel('Cut off rim', { exact: true }).fill('4');
    await expect(page.locator('[data-number="pulled"]')).toHaveText('145.8 mm');
    // the answer in a line stands at the top while its own place is out of sight, and leaves the head alone
    const strip = page.locator('.answer-strip');
    await expect(strip).toBeInViewport();
    await expect(strip).toContainText('655 g');
    await page.getByRole('button', { name: /^Undo/ }).tap();
    await expect(strip).toBeHidden();
    await expect(page.getByLabel('Cut off rim', { exact: true })).toHaveValue('2.5');
  });

  test('every place and the pieces are in reach of the head', async ({ page }) => {
    await visit(page);
    for (const place of ['Today', 'Pieces', 'Clay', 'Shelves', 'Orders', 'Kit', 'Files'])
      await expect(page.getByRole('link', { name: place, exact: true })).toBeInViewport({ ratio: 1 });
    await page.getByRole('button', { name: 'Another piece' }).tap();
    await page.getByRole('option', { name: /^Butter crock/ }).tap();
    await expect(page.getByLabel('Name of the piece', { exact: true })).toHaveValue('Butter crock');
    await page.getByLabel('Find anything, or type a finished size').tap();
    await page.keyboard.type('inside rib');
    await page.getByRole('option', { name: /Inside rib/ }).tap();
    await expect(page.locator('[data-room="tools"]')).toBeVisible();
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
