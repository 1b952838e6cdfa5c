import ICAL from 'ical.js';
import { readFileSync } from 'node:fs';
import { expect, room, saved, test, type, visit } from './app';

test('a nest of four from one bowl: four plans, one set, one table, and the wheel from one to the next', async ({ page }) => {
  await visit(page, '/?plan=plan-serving-bowl');
  await room(page, 'Fit', 'Nest');
  await expect(page.locator('[data-bowl]')).toHaveCount(4);
  await type(page, 'Gap all round', '30');
  await expect(page.getByRole('alert').filter({ hasText: 'more than the step between bowls' })).toBeVisible();
  await type(page, 'Gap all round', '4');
  // one changed by hand, those between move along
  const third = page.locator('[data-bowl="2"] [data-stage="wet"]').first();
  const before = await third.textContent();
  await type(page, 'Mouth of the second', '170');
  await expect(third).not.toHaveText(before!);
  await expect(page.getByText('If you simply doubled the clay')).toBeVisible();
  await page.getByRole('button', { name: 'Create these pieces' }).click();
  const set = page.getByRole('region', { name: 'Seed bowl, largest of four, nest of 4' });
  await expect(set.getByRole('row')).toHaveCount(5);
  await expect(set.getByRole('link', { name: /smallest of 4/ })).toBeVisible();
  await set.getByRole('link', { name: 'Throw the set at the wheel' }).click();
  await page.getByRole('link', { name: '1 of 4: next of the set' }).click();
  await expect(page.getByRole('heading', { name: /second of 4/ })).toBeVisible();
  await page.goBack();
  await page.keyboard.press('ControlOrMeta+z');
});

test('ten beakers from the customer’s words to balls, days and a calendar file; what is moved, done and worth it', async ({ page }) => {
  await visit(page, '/orders');
  // as its piece says it: 647 g worked out, weighed to 5 g
  await expect(page.getByText(/^make \d+ for 12, balls of/)).toContainText('balls of 645');
  await page.getByRole('button', { name: 'New order' }).click();
  const named = page.getByRole('textbox', { name: 'Name of the order' });
  // the order that was open stands there until the new one is on disk
  await expect(named).toHaveValue('New order');
  await named.fill('Reading room');
  await type(page, 'What the customer asked for', 'ten beakers, a third of a litre, before new year');
  await type(page, 'Due', '3/12');
  await expect(page.getByRole('alert').filter({ hasText: 'is not a day' })).toBeVisible();
  await type(page, 'Due', '2027-01-29');
  await page.getByLabel('Add to the order', { exact: true }).selectOption('Oil pourer, straight');
  const line = page.locator('[data-line]');
  await line.getByRole('textbox', { name: 'Number' }).fill('10');
  await expect(page.locator('[data-make]')).toHaveText(/^1[2-6]$/);
  const make = await page.locator('[data-make]').textContent();
  await expect(page.locator('[data-balls]')).toContainText(`${make} balls of`);

  // a step moved by key and by drag, the ones before it follow; undo takes it back
  const step = (name: string) => page.locator(`[data-step="${name}"]`).first();
  const words = () => step('bisque').getAttribute('aria-label');
  const fell = await words();
  await step('bisque').focus();
  await page.keyboard.press('ArrowLeft');
  await expect(step('bisque')).not.toHaveAttribute('aria-label', fell!);
  await expect(step('bisque')).toHaveAttribute('aria-label', /moved/);
  await page.keyboard.press('Delete');
  await expect(step('bisque')).toHaveAttribute('aria-label', fell!);
  await step('pack').scrollIntoViewIfNeeded();
  const box = (await step('pack').boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 - 90, box.y + box.height / 2, { steps: 5 });
  await page.mouse.up();
  await expect(step('pack')).toHaveAttribute('aria-label', /moved/);
  await page.keyboard.press('ControlOrMeta+z');
  await expect(step('pack')).not.toHaveAttribute('aria-label', /moved/);

  await line.getByRole('textbox', { name: /^Price/ }).fill('-3');
  await expect(line.getByRole('alert')).toContainText('such as 34');
  await line.getByRole('textbox', { name: /^Price/ }).fill('28');
  await expect(page.locator('[data-worth]')).toContainText('per hour, target €45.00');

  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Calendar file' }).click();
  const file = readFileSync(await (await download).path(), 'utf8');
  const events = new ICAL.Component(ICAL.parse(file) as unknown[]).getAllSubcomponents('vevent');
  const days = events.map((each) => new ICAL.Event(each));
  expect(days.at(-1)!.summary).toBe('pack: Oil pourer, straight');
  expect(days.at(-1)!.startDate.toString()).toBe('2027-01-29');
  expect(new Set(days.map(({ uid }) => uid)).size).toBe(days.length);

  // the whole line is begun today: it stands in today's work, and one tap does it
  await type(page, 'Due', '2026-12-01');
  await expect(page.locator('[data-late]')).toContainText('If you start today it is ready on');
  await saved(page);
  await visit(page, '/today');
  const todo = page.getByRole('button', { name: /^Done: Throw \d+ × Oil pourer, straight/ });
  await todo.click();
  await expect(todo).toHaveCount(0);
  await page.keyboard.press('ControlOrMeta+z');
  await expect(todo).toBeVisible();
});

test('eleven bowls measured at bisque, sorted into sets of five; one held, one kept out, one put in by keys', async ({ page }) => {
  await visit(page, '/shelves?view=sets&set=set-seed-five');
  const sets = page.locator('[data-set]');
  await expect(page.locator('[data-sorted="2"]')).toContainText('This is the best possible sorting');
  await expect(sets).toHaveCount(2);
  const left = page.getByRole('region', { name: 'Left over' });
  await expect(left.getByRole('button', { name: /^Piece 9/ })).toBeVisible();
  await sets.first().getByRole('button', { name: 'Hold' }).click();
  await expect(page.getByRole('button', { name: 'Held', pressed: true })).toHaveCount(1);
  // the odd one takes the place of another: that set stays as it then is
  await left.getByRole('button', { name: /^Piece 9/ }).focus();
  await page.keyboard.press('Enter');
  const other = sets
    .last()
    .getByRole('button', { name: /^Piece/ })
    .first();
  const name = (await other.getAttribute('aria-label'))!.slice(0, 8);
  await other.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Held', pressed: true })).toHaveCount(2);
  await expect(left.getByRole('button', { name: new RegExp(`^${name}`) })).toHaveCount(0);
  await page.keyboard.press('ControlOrMeta+z');
  await page.keyboard.press('ControlOrMeta+z');
  await expect(page.locator('[data-sorted="2"]')).toBeVisible();
  // kept out by key, and sorted again
  const first = sets
    .first()
    .getByRole('button', { name: /^Piece/ })
    .first();
  await first.focus();
  await page.keyboard.press('Delete');
  await expect(left.getByRole('button', { name: /left out. Put back/ })).toBeVisible();
  await type(page, 'Pieces per set', '12');
  await expect(page.getByRole('alert').filter({ hasText: '10 measured pieces are too few for a set of 12' })).toBeVisible();
});

test('the foot of a stack is dragged until it stands: what each further one adds follows, and undo takes it back', async ({ page }) => {
  await visit(page, '/?plan=plan-flared-mug');
  await room(page, 'Fit', 'Stack');
  const pitch = page.locator('[data-figure="pitch"]');
  const before = (await pitch.textContent())!;
  const point = page.locator('[data-handle="stack-baseDiameter"]');
  await point.focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(pitch).not.toHaveText(before);
  const keyed = (await pitch.textContent())!;
  const box = (await point.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 - 14, box.y + box.height / 2, { steps: 5 });
  await page.mouse.up();
  await expect(pitch).not.toHaveText(keyed);
  await point.blur();
  await page.keyboard.press('ControlOrMeta+z');
  await page.keyboard.press('ControlOrMeta+z');
  await expect(pitch).toHaveText(before);
});
