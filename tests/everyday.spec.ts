import { test as unwatched } from '@playwright/test';
import { answer, expect, room, saved, test, type, visit } from './app';

test('an entry counts whole or not at all: what its first keystrokes made goes with the refusal', async ({ page }) => {
  await visit(page);
  const mouth = page.getByLabel('Finished width at the mouth', { exact: true });
  const wet = page.getByLabel('Mouth, outside, wet', { exact: true });
  await mouth.focus();
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type('300');
  await expect(wet).not.toHaveValue('104');
  await page.keyboard.type(' g');
  await expect(page.locator('main [role=alert]').first()).toBeVisible();
  await expect(mouth).toHaveValue('300 g');
  await expect(wet).toHaveValue('104');
});

test('a share of the clay is typed in percent or in grams', async ({ page }) => {
  await visit(page, '/?plan=plan-skep-jar');
  await room(page, 'Make', 'Coils');
  const share = page.getByLabel('Pinched from the clay', { exact: true });
  await share.fill('800 g');
  await share.press('Enter');
  await expect(share).toHaveValue(/^3\d(\.\d+)?%$/);
  await expect(page.getByText('pinch the base from').locator('..').last()).toContainText('800 g');
});

test('a refusal covers no other field and goes once it is no longer true', async ({ page }) => {
  await visit(page);
  await type(page, 'Finished wall', '50');
  const why = page.locator('main [role=alert]').first();
  await expect(why).toBeVisible();
  const covered = await why.evaluate((box) => {
    const a = box.getBoundingClientRect();
    const own = box.parentElement!;
    return [...document.querySelectorAll('main input, main select')]
      .filter((field) => !own.contains(field))
      .filter((field) => {
        const b = field.getBoundingClientRect();
        return b.width > 0 && a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;
      })
      .map((field) => field.getAttribute('aria-label'));
  });
  expect(covered).toEqual([]);
  // as wide as this, a wall of 50 is possible
  await type(page, 'Finished width at the mouth', '400');
  await type(page, 'Base, outside, finished', '400');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/thicker\sthan\sthe\spiece\sis\swide/)).toHaveCount(0);
});

test('a quick size speaks for the clay in view, says which, and for another when it is chosen', async ({ page }) => {
  await visit(page, '/clay?body=body-quarry-grog');
  const quick = page.getByLabel('Find anything, or type a finished size', { exact: true });
  await quick.fill('100');
  const clay = page.getByLabel('Clay', { exact: true });
  await expect(clay.locator('option:checked')).toHaveText('Quarry Grog');
  await expect(page.locator('[data-quick="wet"]')).toHaveText(/^10[56](\.\d)?\smm$/);
  await clay.selectOption('Heron Buff');
  await expect(page.locator('[data-quick="wet"]')).toHaveText(/^11[23](\.\d)?\smm$/);
});

test('a new piece only suggests its sizes, in the clay used last: typing at any stage gives way without a conflict', async ({ page }) => {
  await visit(page, '/?plan=plan-planter-box');
  await saved(page);
  await page.getByRole('link', { name: 'Pieces' }).click();
  await page.locator('main').getByRole('link', { name: 'New piece' }).click();
  await page.getByRole('button', { name: 'Start with typical sizes' }).click();
  await expect(page.getByLabel('Name of the piece', { exact: true })).toHaveValue('New piece');
  await expect(page.getByLabel('Clay', { exact: true }).locator('option:checked')).toHaveText('Quarry Grog');
  await expect(page.getByRole('table').locator('[data-known]')).toHaveCount(0);
  await type(page, 'Mouth, outside, leather hard', '90');
  await expect(page.getByLabel('Mouth, outside, leather hard', { exact: true })).toHaveValue('90');
  await expect(page.getByRole('button', { name: /^Clear/ })).toHaveCount(0);
});

test('new things are named where they were added, the cursor in their name; example cutters go at one press', async ({ page }) => {
  await visit(page, '/clay');
  await page.getByRole('button', { name: 'New clay' }).click();
  await expect(page.getByLabel('Name of the clay', { exact: true })).toBeFocused();
  await page.keyboard.type('Alder Brown');
  await page.getByRole('button', { name: 'Add a bar' }).click();
  await expect(page.getByLabel('Name of B1', { exact: true })).toBeFocused();
  await page.getByRole('link', { name: 'Kit' }).click();
  await page.getByRole('navigation', { name: 'Kinds of kit' }).getByRole('button', { name: 'Cutters' }).click();
  await page.getByRole('button', { name: 'Add a cutter' }).click();
  const last = page.getByRole('region', { name: 'Cutters' }).getByRole('listitem').last().getByRole('textbox').first();
  await expect(last).toBeFocused();
  await page.keyboard.type('Biscuit tin');
  await expect(last).toHaveValue('Biscuit tin');
  await page.getByRole('button', { name: 'Remove the example cutters' }).click();
  await expect(page.getByRole('region', { name: 'Cutters' }).getByRole('listitem')).toHaveCount(1);
  await page.getByRole('navigation', { name: 'Kinds of kit' }).getByRole('button', { name: 'Formers' }).click();
  await page.getByRole('button', { name: 'Add a former' }).click();
  await expect(page.getByLabel('Name of New bowl', { exact: true })).toBeFocused();
});

test('a run has a count to reach, one key counts, and a new run counts from nothing', async ({ page }) => {
  await visit(page, '/wheel?plan=plan-honey-jar');
  const count = page.getByRole('status').first();
  for (let i = 0; i < 9; i += 1) await page.keyboard.press('PageDown');
  for (let i = 0; i < 3; i += 1) await page.getByRole('button', { name: 'More: How many to make' }).click();
  await expect(count).toHaveText('0 of 3 thrown');
  await page.locator('body').click({ position: { x: 640, y: 300 } });
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
  await page.keyboard.press('Enter');
  await page.keyboard.press('Enter');
  await expect(count).toHaveText('2 of 3 thrown');
  await page.getByRole('button', { name: 'Start a new run' }).click();
  await expect(count).toHaveText('0 of 3 thrown');
  await page.getByRole('button', { name: /^Undo: new run/ }).click();
  await expect(count).toHaveText('2 of 3 thrown');
  await saved(page);
});

test('the list, the card and the wheel weigh out what the piece itself says, by an accepted test piece too', async ({ page }) => {
  await visit(page);
  await room(page, 'Results', 'Test piece');
  await type(page, 'Ball used', '680');
  await type(page, 'Rim above the bat', '150');
  await page.getByRole('button', { name: 'Use this ball' }).click();
  const ball = (await page.locator('[data-figure="tester"]').textContent())!.replace(/\s/g, ' ');
  await room(page, 'Make', 'Ball');
  await expect(answer(page, 'ball')).toHaveText(ball);
  await room(page, 'Make', 'Steps');
  await expect(page.locator('[data-step="ball"]')).toContainText(ball);
  await room(page, 'Tools', 'Shelf card');
  await expect(page.getByRole('region', { name: 'Shelf card' })).toContainText(`Ball, by the test piece${ball}`);
  await saved(page);
  await page.getByRole('link', { name: 'Pieces' }).click();
  await expect(page.getByRole('row', { name: 'Honey jar, wide' })).toContainText(ball);
});

test('the browser’s back leads to the room and the part looked at before, and out of the piece only from the first', async ({ page }) => {
  await visit(page, '/pieces');
  await page.getByRole('link', { name: 'Honey jar, wide' }).first().click();
  const shown = (name: string, section: string) => expect(page.locator(`[data-room="${name}"][data-section="${section}"]`)).toBeVisible();
  await expect(page.locator('[data-room]')).toBeVisible();
  await room(page, 'Make', 'Steps');
  await shown('make', 'steps');
  await page.keyboard.press('4');
  await shown('fit', 'odds');
  await room(page, 'Fit', 'Nest');
  await shown('fit', 'nest');
  await page.goBack();
  await shown('fit', 'odds');
  await page.goBack();
  await shown('make', 'steps');
  await page.goForward();
  await shown('fit', 'odds');
  await page.goBack();
  await page.goBack();
  await page.goBack();
  await shown('sizes', 'ledger');
  await page.goBack();
  await expect(page).toHaveURL(/pieces$/);
  // the views of a place as well
  for (const [place, nav, view, shown] of [
    ['/shelves', 'Of the shelves', 'Log', /view=log/],
    ['/orders', 'Orders', 'Workshop settings', /order=work/],
  ] as const) {
    await visit(page, place);
    await page.getByRole('navigation', { name: nav, exact: true }).getByRole('button', { name: view }).click();
    await expect(page).toHaveURL(shown);
    await page.goBack();
    await expect(page).toHaveURL(new RegExp(`${place}$`));
  }
});

// the browser complains of what is not there, and here it is right to
unwatched('what cannot be fetched says so in its own place and is loaded again, while the rest of the page stands', async ({ page }) => {
  await visit(page);
  const code = /_next\/static\/chunks\/.*\.js/;
  await page.route(code, (route) => route.abort());
  await page.getByRole('button', { name: 'Scale and caliper' }).click();
  const said = page.getByText('This part of Rimbet could not be loaded. Your work is still here.');
  await expect(said).toBeVisible();
  await expect(answer(page, 'ball')).toHaveText(/\d\sg$/);
  await type(page, 'Finished width at the mouth', '95');
  await expect(answer(page, 'ball')).not.toHaveText(/^645/);
  await saved(page);
  await page.unroute(code);
  await page.getByRole('button', { name: 'Load it again' }).click();
  await expect(page.getByLabel('Finished width at the mouth', { exact: true })).toHaveValue('95');
  await page.getByRole('button', { name: 'Scale and caliper' }).click();
  await expect(page.getByLabel('Instruments', { exact: true })).toBeVisible();
});
