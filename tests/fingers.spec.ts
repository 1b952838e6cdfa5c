import { type Page } from '@playwright/test';
import { PLACES, eachSection, expect, fingers, middle, muddled, nameLongest, saved, test, visit } from './app';

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

    test('“Count one” counts though the finger slips or a palm lies on the glass, and once', async ({ page }) => {
      await visit(page, '/wheel?plan=plan-honey-jar');
      const { drag, send } = await fingers(page);
      const [x, y] = await middle(page, 'Count one');
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
      await page.getByRole('button', { name: 'Count one', exact: true }).click();
      await expect(count(page)).toHaveText('7 thrown');
      await page.getByRole('button', { name: 'Count one', exact: true }).focus();
      await page.keyboard.press('Enter');
      await expect(count(page)).toHaveText('8 thrown');
      await saved(page);
      await page.reload();
      await expect(count(page)).toHaveText('8 thrown');
    });

    test('scrolling what was different about the last one turns no page and says nothing of it', async ({ page }) => {
      await visit(page, '/wheel?plan=plan-honey-jar');
      await page.getByRole('button', { name: 'Count one', exact: true }).tap();
      const row = (await page.getByRole('group', { name: 'The last one was:' }).boundingBox())!;
      const { drag } = await fingers(page);
      const y = row.y + row.height / 2;
      await drag([
        [row.x + row.width * 0.8, y],
        [row.x + row.width * 0.1, y],
      ]);
      expect(await shown(page)).toBe('all');
      await expect(page.getByRole('group', { name: 'The last one was:' }).locator('[aria-pressed=true]')).toHaveCount(0);
    });
  });
}

test.describe('at the wheel on a phone lying', () => {
  test.use({ viewport: { width: 844, height: 390 }, hasTouch: true, isMobile: true });

  test('every page shows its figure whole, large, and every button in sight', async ({ page }) => {
    for (const plan of ['plan-honey-jar', 'plan-serving-bowl', 'plan-planter-box']) {
      await visit(page, `/wheel?plan=${plan}`);
      // besides the way back, three targets and nothing else
      await expect(page.locator('.wheel button:visible')).toHaveText(['Count one', 'Previous', 'Next']);
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
        for (const name of ['Previous', 'Next', 'Count one'])
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

/** What can be pressed and is smaller than a finger, with how large it is. A point to drag and a mark of a chart have their fields and tables. */
const tooSmall = (page: Page, least: number) =>
  page.evaluate((px) => {
    const all = document.querySelectorAll(
      'a[href], button, input, select, textarea, summary, [role=button], [role=option], [role=checkbox]',
    );
    return [...all].flatMap((each) => {
      const { width, height } = (each.closest('label') ?? each).getBoundingClientRect();
      const isThere =
        width > 0 && height > 0 && !(each as HTMLButtonElement).disabled && each.checkVisibility({ visibilityProperty: true });
      if (!isThere || (width >= px - 0.5 && height >= px - 0.5)) return [];
      return [`${each.tagName} ${each.getAttribute('aria-label') ?? each.textContent}: ${Math.round(width)} x ${Math.round(height)}`];
    });
  }, least);

/** Fields that a phone would enlarge the page for. */
const tooFine = (page: Page) =>
  page.evaluate(() =>
    [...document.querySelectorAll('input:not([type=checkbox], [type=radio], [type=file], [type=range]), select, textarea')].flatMap(
      (each) =>
        each.checkVisibility() && parseFloat(getComputedStyle(each).fontSize) < 16 ? [each.getAttribute('aria-label') ?? each.id] : [],
    ),
  );

for (const [device, viewport] of Object.entries({ 'a tablet': { width: 1180, height: 820 }, 'a phone': { width: 390, height: 844 } })) {
  test.describe(`what is pressed on ${device}`, () => {
    test.use({ viewport, hasTouch: true, isMobile: true });

    test('is as large as a finger in every place and every room, 64 px at the wheel; on a phone no field enlarges the page and nothing lies beside it, however long a name is', async ({
      page,
    }) => {
      const isPhone = viewport.width < 768;
      if (isPhone) await nameLongest(page);
      const found: string[] = [];
      const look = async (where: string, least: number) => {
        if (isPhone) await expect.poll(() => muddled(page, 'header, main'), { message: where }).toEqual([]);
        const fine = isPhone ? (await tooFine(page)).map((field) => `${field}: its type`) : [];
        found.push(...[...(await tooSmall(page, least)), ...fine].map((each) => `${where}: ${each}`));
      };
      for (const place of PLACES) {
        await visit(page, place);
        await look(place, 44);
      }
      await visit(page, '/wheel?plan=plan-honey-jar');
      await look('at the wheel', 64);
      for (const plan of ['plan-honey-jar', 'plan-planter-box', 'plan-skep-jar']) {
        await visit(page, `/?plan=${plan}`);
        await eachSection(page, (section) => look(`${plan}, ${section}`, 44));
      }
      expect(found).toEqual([]);
    });
  });
}

test.describe('with a finger', () => {
  test.use({ viewport: { width: 1180, height: 820 }, hasTouch: true, isMobile: true });

  test('figures bring the number keys, words and fractions all of them', async ({ page }) => {
    await visit(page);
    const mouth = page.getByLabel('Finished width at the mouth', { exact: true });
    await expect(mouth).toHaveAttribute('inputmode', 'decimal');
    await page.getByRole('button', { name: 'Units' }).tap();
    await page.getByLabel('Lengths', { exact: true }).selectOption('inch-fraction');
    await page.keyboard.press('Escape');
    await expect(mouth).toHaveAttribute('inputmode', 'text');
    await visit(page, '/clay?body=body-heron-buff');
    await expect(page.getByLabel('M1, wet', { exact: true })).toHaveAttribute('inputmode', 'decimal');
    await expect(page.getByLabel('Note', { exact: true }).first()).not.toHaveAttribute('inputmode', 'decimal');
  });

  test('a step of an order is done, and not done, by a tap', async ({ page }) => {
    await visit(page, '/orders');
    const step = page.getByTestId('strip').getByRole('button', { name: /^Honey jar, wide: throw/ });
    await step.tap();
    const chosen = page.getByRole('group', { name: 'The step chosen' });
    await expect(chosen).toContainText('Honey jar, wide: throw');
    await chosen.getByRole('button', { name: 'Done', exact: true }).tap();
    await expect(step).toHaveAttribute('aria-label', /, done\./);
    await chosen.getByRole('button', { name: 'Not done yet' }).tap();
    await expect(step).not.toHaveAttribute('aria-label', /, done\./);
    const before = await step.getAttribute('aria-label');
    await chosen.getByRole('button', { name: 'A day later' }).tap();
    await expect(step).not.toHaveAttribute('aria-label', before!);
    await chosen.getByRole('button', { name: 'Back to the plan’s days' }).tap();
    await expect(step).toHaveAttribute('aria-label', before!);
  });
});

test('the focus stays where work is: after a move, a deletion, Escape', async ({ page }) => {
  await visit(page, '/shelves');
  const group = page.locator('[data-shelf="leather"] [data-run] button[aria-label*="Choose"]').first();
  const run = (await group.locator('xpath=ancestor::*[@data-run]').getAttribute('data-run'))!;
  await group.focus();
  await page.keyboard.press('ArrowDown');
  const moved = page.locator(`[data-shelf="drying"] [data-run="${run}"] button[aria-label*="Choose"]`);
  await expect(moved).toBeFocused();
  await page.keyboard.press('ArrowUp');
  await expect(page.locator(`[data-shelf="leather"] [data-run="${run}"] button[aria-label*="Choose"]`)).toBeFocused();
  await visit(page, '/pieces');
  const rows = page.getByRole('table', { name: 'Pieces' }).locator('tbody tr');
  const name = (await rows.nth(1).getAttribute('aria-label'))!;
  const next = (await rows.nth(2).getAttribute('aria-label'))!;
  await page.getByRole('button', { name: `More for ${name}`, exact: true }).focus();
  await page.keyboard.press('Enter');
  await page
    .getByRole('menu', { name: `More for ${name}`, exact: true })
    .getByRole('menuitem', { name: 'Delete' })
    .focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('link', { name: next, exact: true })).toBeFocused();
  await visit(page, '/clay?body=body-heron-buff');
  await page
    .getByRole('button', { name: /^Delete batch/ })
    .first()
    .focus();
  await page.keyboard.press('Enter');
  await expect(page.locator(':focus')).toHaveCount(1);
  const before = page.getByRole('button', { name: 'Add a bar' });
  await before.focus();
  await page.keyboard.press('/');
  await expect(page.locator('.finder-field').first()).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(before).toBeFocused();
});

test('what is read aloud while dragging names pots and places, never ids', async ({ page }) => {
  await visit(page, '/shelves');
  const group = page.locator('[data-shelf="leather"] [data-run] button[aria-label*="Choose"]').first();
  const name = (await group.getAttribute('aria-label'))!.split(',')[0]!;
  const said = page.locator('[id^="DndLiveRegion"]');
  const from = (await group.boundingBox())!;
  const to = (await page.locator('[data-shelf="drying"]').boundingBox())!;
  await page.mouse.move(from.x + 20, from.y + 20);
  await page.mouse.down();
  await page.mouse.move(from.x + 40, from.y + 40, { steps: 4 });
  await page.mouse.move(to.x + 300, to.y + to.height / 2, { steps: 8 });
  await expect(said).toContainText(name);
  await page.mouse.up();
  await expect(said).toContainText(`${name}`);
  await expect(said).toContainText('dropped on drying');
  await expect(said).not.toContainText(/[0-9a-f]{8}-|run-|piece-|\|/);
});
