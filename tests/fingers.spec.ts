import { type Page } from '@playwright/test';
import { expect, fingers, middle, saved, test, visit } from './app';

/** What wet and dusty fingers do on glass, sent as the hardware sends it. */

const shown = (page: Page) => page.locator('[data-wheel]').getAttribute('data-wheel');
const count = (page: Page) => page.getByRole('status').first();

for (const [device, viewport] of Object.entries({
  'a tablet lying': { width: 1180, height: 820 },
  'a tablet upright': { width: 820, height: 1180 },
  'a phone': { width: 390, height: 844 },
  'a phone lying': { width: 844, height: 390 },
})) {
  test.describe(`at the wheel on ${device}`, () => {
    test.use({ viewport, hasTouch: true, isMobile: true });

    test('one finger turns pages by a swipe, and nothing else turns them', async ({ page }) => {
      await visit(page, '/wheel?plan=plan-honey-jar');
      const { drag, send } = await fingers(page);
      const { width, height } = viewport;
      const [left, right, y] = [width * 0.15, width * 0.5, height * 0.5];
      await drag([
        [right, y],
        [left, y],
      ]);
      await expect(page.locator('[data-wheel]')).toHaveAttribute('data-wheel', 'ball');
      // too short, mostly upright, a pinch, a finger beside a palm, one taken away by the browser
      await drag([
        [right, y],
        [right - 40, y],
      ]);
      await drag([
        [right, y + 60],
        [right - 80, y - 60],
      ]);
      await send('touchStart', [
        [left, y],
        [right, y],
      ]);
      await send('touchMove', [
        [left + 90, y],
        [right - 90, y],
      ]);
      await send('touchEnd', []);
      await drag(
        [
          [right, y],
          [left, y],
        ],
        { lying: [[right, y + 60]] },
      );
      await send('touchStart', [[right, y]]);
      await send('touchMove', [[left, y]]);
      await send('touchCancel', []);
      expect(await shown(page)).toBe('ball');
      await drag([
        [left, y],
        [right, y],
      ]);
      await expect(page.locator('[data-wheel]')).toHaveAttribute('data-wheel', 'all');
      expect(await page.evaluate(() => location.pathname)).toBe('/wheel');
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width);
    });

    test('“Thrown” counts though the finger slips or a palm lies on the glass, and once', async ({ page }) => {
      await visit(page, '/wheel?plan=plan-honey-jar');
      const { drag, send } = await fingers(page);
      const [x, y] = await middle(page, 'Thrown');
      await send('touchStart', [[x, y]]);
      await send('touchEnd', []);
      await expect(count(page)).toHaveText('1 thrown');
      const slips: readonly (readonly [number, number])[] = [
        [18, 0],
        [0, 20],
        [-20, -22],
        [24, 18],
      ];
      for (const [i, [dx, dy]] of slips.entries()) {
        await drag([
          [x, y],
          [x + dx, y + dy],
        ]);
        await expect(count(page)).toHaveText(`${i + 2} thrown`);
      }
      await drag(
        [
          [x, y],
          [x + 6, y + 4],
        ],
        { lying: [[viewport.width * 0.3, viewport.height * 0.3]] },
      );
      await expect(count(page)).toHaveText('6 thrown');
      await page.getByRole('button', { name: 'Thrown', exact: true }).click();
      await expect(count(page)).toHaveText('7 thrown');
      await page.getByRole('button', { name: 'Thrown', exact: true }).focus();
      await page.keyboard.press('Enter');
      await expect(count(page)).toHaveText('8 thrown');
      await saved(page);
      await page.reload();
      await expect(count(page)).toHaveText('8 thrown');
    });

    test('scrolling what was different about the last one turns no page and says nothing of it', async ({ page }) => {
      await visit(page, '/wheel?plan=plan-honey-jar');
      await page.getByRole('button', { name: 'Thrown', exact: true }).tap();
      const row = (await page.getByRole('group', { name: 'The last one was' }).boundingBox())!;
      const { drag } = await fingers(page);
      const y = row.y + row.height / 2;
      await drag([
        [row.x + row.width * 0.8, y],
        [row.x + row.width * 0.1, y],
      ]);
      expect(await shown(page)).toBe('all');
      await expect(page.getByRole('group', { name: 'The last one was' }).locator('[aria-pressed=true]')).toHaveCount(0);
    });
  });
}

test.describe('at the wheel on a phone lying', () => {
  test.use({ viewport: { width: 844, height: 390 }, hasTouch: true, isMobile: true });

  test('every page shows its figure whole, large, and every button in sight', async ({ page }) => {
    for (const plan of ['plan-honey-jar', 'plan-serving-bowl', 'plan-planter-box']) {
      await visit(page, `/wheel?plan=${plan}`);
      for (let i = 0; i < 9; i += 1) {
        const room = await page.locator('.wheel-page').evaluate((element) => ({
          height: element.clientHeight,
          over: element.scrollHeight - element.clientHeight,
          digits: [...element.querySelectorAll('[data-digits]')].map((digits) => digits.getBoundingClientRect().height),
        }));
        expect(room.height, plan).toBeGreaterThan(340);
        if (room.digits.length > 0) {
          expect(room.over, `${plan} ${await shown(page)}`).toBeLessThanOrEqual(0);
          expect(Math.max(...room.digits)).toBeGreaterThan(36);
        }
        for (const name of ['Previous', 'Next', /^(Thrown|Made)$/])
          await expect(page.getByRole('button', { name })).toBeInViewport({ ratio: 0.99 });
        await page.keyboard.press('PageDown');
      }
    }
  });
});

for (const [where, viewport] of [
  ['a tablet lying', { width: 1180, height: 820 }],
  ['a tablet upright', { width: 820, height: 1180 }],
  ['a phone', { width: 390, height: 844 }],
] as const) {
  test.describe(`what is dragged, on ${where}`, () => {
    test.use({ viewport, hasTouch: true, isMobile: true });
    const undo = (page: Page) => page.getByRole('button', { name: /^Undo/ });

    test('a swipe over it scrolls and moves nothing; a finger that lies still takes hold; a cancelled drag changes nothing', async ({
      page,
    }) => {
      const surfaces = [
        { at: '/shelves', what: '[data-group] button', held: '[data-group][data-held]', way: [0, -170] },
        { at: '/shelves', what: '[data-group] button', held: '[data-group][data-held]', way: [0, 170] },
        { at: '/orders', what: '[data-step]', held: '[data-step][data-held]', way: [-90, 0] },
        { at: '/?plan=plan-honey-jar', what: '[data-handle]', held: undefined, way: [0, -160] },
        { at: '/?plan=plan-honey-jar', what: '[data-handle]', held: undefined, way: [60, 0] },
      ] as const;
      const { send, drag } = await fingers(page);
      for (const { at, what, held, way } of surfaces) {
        await visit(page, at);
        const thing = page.locator(what).first();
        await thing.scrollIntoViewIfNeeded();
        const box = (await thing.boundingBox())!;
        const from = [box.x + Math.min(box.width, 40) / 2, box.y + box.height / 2] as const;
        const to = [from[0] + way[0], from[1] + way[1]] as const;
        await drag([from, to]);
        await expect(undo(page), `${at} swiped`).toHaveCount(0);
        if (!held) continue;
        await thing.scrollIntoViewIfNeeded();
        const now = (await thing.boundingBox())!;
        const start = [now.x + Math.min(now.width, 40) / 2, now.y + now.height / 2] as const;
        await send('touchStart', [start]);
        await page.locator(held).first().waitFor();
        for (let i = 1; i <= 6; i += 1) await send('touchMove', [[start[0] + (way[0] * i) / 6, start[1] + (way[1] * i) / 6]]);
        await send('touchCancel', []);
        await expect(page.locator(held)).toHaveCount(0);
        await expect(undo(page), `${at} cancelled`).toHaveCount(0);
      }
    });

    test('held first, a step on the strip is moved, and one undo takes it back', async ({ page }) => {
      const { send } = await fingers(page);
      await visit(page, '/orders');
      const step = page.locator('[data-step]').first();
      await step.scrollIntoViewIfNeeded();
      const before = await step.getAttribute('aria-label');
      const box = (await step.boundingBox())!;
      const start = [box.x + Math.min(box.width, 30) / 2, box.y + box.height / 2] as const;
      await send('touchStart', [start]);
      await page.locator('[data-step][data-held]').waitFor();
      for (let i = 1; i <= 6; i += 1) await send('touchMove', [[start[0] - 15 * i, start[1]]]);
      await send('touchEnd', []);
      await expect(step).not.toHaveAttribute('aria-label', before!);
      await undo(page).first().click();
      await expect(step).toHaveAttribute('aria-label', before!);
    });
  });
}
