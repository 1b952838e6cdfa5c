import type { Page } from '@playwright/test';
import { expect, followed, room, saved, test, type, visit } from './app';

const odds = async (page: Page): Promise<number> => Number(await page.locator('[data-odds]').getAttribute('data-odds'));
const best = (page: Page) => page.locator('[data-figure="best"]');

test('a bought stopper: measured, entered, made to, seated, and on the card', async ({ page }) => {
  await visit(page, '/kit?of=bought');
  const lots = page.getByRole('region', { name: 'Bought lids and stoppers' });
  await lots.getByRole('button', { name: 'Add a lot' }).click();
  await type(page, 'Name of the lot Lids 4', 'Ash stoppers');
  await page.getByLabel('What Ash stoppers are', { exact: true }).selectOption('tapered stopper or cork');
  const own = page.locator('[data-lot="Ash stoppers"]');
  await own.getByLabel(/^Widths at the top/).fill('84; 84.4; 83.8; 84.2; 84.1');
  await own.getByLabel('Width at the bottom', { exact: true }).fill('90');
  await expect(own).toContainText('does not taper inwards');
  await own.getByLabel('Width at the bottom', { exact: true }).fill('76');
  await own.getByLabel('Length', { exact: true }).fill('1 in');
  await expect(own).toContainText('5 measured: about 84.1 mm, ± 0.2 mm');
  await saved(page);
  await visit(page, '/?plan=plan-honey-jar');
  await room(page, 'Fit', 'Lid or stopper');
  await page.getByLabel('Which of your kit', { exact: true }).selectOption('Ash stoppers');
  // the mouth as planned is too wide for them: they drop in
  await expect(page.locator('[data-odds]')).toContainText('go in too far');
  await expect.poll(() => odds(page)).toBeLessThan(0.75);
  await page.getByRole('button', { name: /^Make the mouth/ }).click();
  await expect.poll(() => odds(page)).toBeGreaterThan(0.9);
  await expect(page.locator('[data-fit="depth"]')).toBeVisible();
  await expect(page.getByTestId('met')).toBeVisible();
  const wet = (await best(page).textContent())!.trim();
  await expect(page.getByRole('region', { name: 'Answer' })).toContainText('mouth, inside');
  await room(page, 'Tools', 'Gauges');
  await expect(page.locator('[data-room="tools"]')).toContainText('For Ash stoppers');
  await expect(page.locator('[data-room="tools"]')).toContainText('largest that fits');
  await room(page, 'Tools', 'Shelf card');
  await expect(page.locator('[data-room="tools"]')).toContainText('For Ash stoppers: smallest that fits');
  await page.keyboard.press('Control+z');
  await room(page, 'Fit', 'Lid or stopper');
  await expect(best(page)).toHaveText(wet);
  await expect.poll(() => odds(page)).toBeLessThan(0.75);
});

test('a soft lid for a jar that is leather hard already: the part of the shrinkage behind it counts', async ({ page }) => {
  await visit(page, '/?plan=plan-butter-crock');
  await room(page, 'Fit', 'Lid or stopper');
  await page.getByLabel('Stage of this pot', { exact: true }).selectOption('leather hard');
  await page.getByLabel('Mouth, measured', { exact: true }).fill('113.4; 112.6');
  // Foxglove Red: 8 % in all, half of it done; the lid is cut wet from the same clay
  const figure = Number(/[\d.]+/.exec((await best(page).textContent())!)![0]);
  const finished = (113 * (1 - 0.08)) / (1 - 0.08 * 0.5);
  // the middle of an easy gap, half of what two mouths are usually oval by, and what the mouth narrows by where the lid ends
  expect(Math.abs(figure * 0.92 - (finished - 1.65 - 0.48 - 0.7))).toBeLessThan(0.6);
  await expect(page.locator('[data-figure="disc"]')).toBeVisible();
  // once the lid has been cut and measured as well, what can still be done is said
  await page.getByLabel('Clay of the lid', { exact: true }).selectOption('Chalk Down');
  await expect(page.locator('[data-doubt="clay"]')).toBeVisible();
  await page.getByLabel('Clay of the lid', { exact: true }).selectOption('the same');
  await page.getByLabel('Lid made at', { exact: true }).selectOption('bone dry');
  await expect(page.locator('[data-fit="open"]')).toContainText('drier than the pot');
});

test('a lid for a fired pot that is no plan: its mouth measured, the disc made to it', async ({ page }) => {
  await visit(page, '/?plan=plan-egg-cup');
  await page.getByLabel('Form', { exact: true }).selectOption('disc');
  await expect(page.locator('[data-answer="ball"]')).toBeVisible();
  await room(page, 'Fit', 'Lid or stopper');
  await expect(page.locator('[data-fit="open"]')).toContainText('Measure the mouth of the pot');
  await page.getByLabel('Mouth of the pot, inside', { exact: true }).fill('98');
  await expect(page.locator('[data-odds]')).toContainText('jam');
  await page.getByRole('button', { name: /^Make the lid/ }).click();
  await expect.poll(() => odds(page)).toBeGreaterThan(0.5);
  // nothing of a fired pot shrinks any more: all the doubt is the lid's
  await expect(page.locator('[data-help="bars"]')).toBeVisible();
});

test('fired a thousand times it comes out as the odds say; the same press brings the same pots, and the gaps behind it are drawn', async ({
  page,
}) => {
  await visit(page, '/?plan=plan-lidded-jar');
  await room(page, 'Fit', 'Lid or stopper');
  await page.getByRole('button', { name: 'Simulate 1,000' }).click();
  const told = page.locator('[data-fired="1000"]');
  await expect(told).toBeVisible();
  const words = (await told.textContent())!;
  const good = Number(/(\d+) seat well/.exec(words)![1]);
  expect(Math.abs(good / 1000 - (await odds(page)))).toBeLessThan(0.06);
  await page.reload();
  await page.getByRole('button', { name: 'Simulate 1,000' }).click();
  await expect(told).toHaveText(words);
  await page.getByText('Spread of the finished gap').click();
  await expect(page.locator('[data-drawn]')).toContainText('In 200,000 simulated pairs');
  // typing goes on while they are drawn, and the last that was typed is what is told
  await page.getByLabel('Stage of this pot', { exact: true }).selectOption('leather hard');
  const field = page.getByLabel('Mouth, measured', { exact: true });
  await field.fill('');
  await field.pressSequentially('107.25');
  await expect(field).toHaveValue('107.25');
  await expect(page.locator('[data-drawn]')).toContainText('In 200,000 simulated pairs');
});

test('cutters come with their odds, and a batch is paired with what is left over', async ({ page }) => {
  await visit(page, '/?plan=plan-butter-crock');
  await room(page, 'Fit', 'Lid from cutters');
  await expect(page.getByRole('table', { name: 'Pairs of cutters for a lid' })).toContainText(/\d in 10/);
  // the best pair is the answer, drawn as it lies on the pot, and follows when it is cut
  const lid = page.locator('[data-figure="lid"]');
  await expect(lid).toHaveText('132 mm');
  await expect(page.getByRole('img', { name: /^A disc 121.4 mm wide on the rim and one 106.7 mm/ })).toBeVisible();
  await page.getByLabel('Cut when', { exact: true }).selectOption('Leather hard');
  // cut later it shrinks less
  await expect(page.getByRole('region', { name: 'Answer' })).toContainText('leather hard');
  await expect(page.getByRole('region', { name: 'Answer' })).not.toContainText('121.4 mm');
  await room(page, 'Fit', 'Match lids to pots');
  await page.getByLabel('Mouths, finished', { exact: true }).fill('71.8 72.4 73.1 70.9 75');
  await page.getByLabel('Lids, finished, at the seat', { exact: true }).fill('70.6; 71.5; 72.2; 69.2');
  await expect(page.locator('[data-figure="pairs"]')).toHaveText('4 of 4');
  await expect(page.locator('[data-pairs]')).toContainText('Pots left over: 5. (75 mm)');
  await saved(page);
  await page.reload();
  await expect(page.locator('[data-pairs="4"]')).toBeVisible();
});

test('a lid becomes a part of its pot: switched, sized, undone, and the same after a file', async ({ page }) => {
  await visit(page, '/?plan=plan-butter-crock');
  await room(page, 'Fit', 'Lid or stopper');
  await page.getByRole('button', { name: 'Make it a part of this piece' }).click();
  const parts = page.getByRole('navigation', { name: 'Parts of the piece' });
  await expect(parts.getByRole('button')).toHaveText(['body', 'lid', 'insert']);
  // stacked with their lids on each stands higher by more than the pot
  await room(page, 'Fit', 'Stack');
  const high = page.locator('[data-figure="height"]');
  const off = parseFloat((await high.textContent())!);
  await page.getByLabel('Their lids', { exact: true }).selectOption('on, each foot on a lid');
  await expect(page.getByRole('region', { name: 'Answer' })).toContainText('Each foot stands on the lid below');
  expect(parseFloat((await high.textContent())!)).toBeGreaterThan(off);
  await room(page, 'Fit', 'Lid or stopper');
  // from the drawing to the part that is drawn there
  await page.getByRole('button', { name: 'to the insert' }).click();
  await expect(parts.getByRole('button', { name: 'insert' })).toHaveAttribute('aria-current', 'true');
  await expect(page.locator('[data-figure="best"]')).toBeVisible();
  const width = page
    .getByLabel('Wet width at the mouth', { exact: true })
    .or(page.getByLabel('Wet width', { exact: true }))
    .first();
  const before = await width.inputValue();
  await width.fill('100');
  await expect(page.locator('[data-odds]')).toContainText(/are loose|is loose/);
  await page.keyboard.press('Enter');
  await page.keyboard.press('Control+z');
  await expect(width).toHaveValue(before);
  // the lid stays as it is while its pot changes, and its odds are those of the pot as it then is
  const odds = page.locator('[data-odds]');
  await followed(page);
  const seats = (await odds.getAttribute('data-odds'))!;
  await parts.getByRole('button', { name: 'body' }).click();
  await type(page, 'Finished width at the mouth', '125');
  await page.keyboard.press('Enter');
  await saved(page);
  await parts.getByRole('button', { name: 'insert' }).click();
  await room(page, 'Fit', 'Lid or stopper');
  await expect(odds).not.toHaveAttribute('data-odds', seats);
  await page.keyboard.press('Control+z');
  await expect(odds).toHaveAttribute('data-odds', seats);
  await type(page, 'Name of the part', 'flange');
  await expect(parts.getByRole('button')).toHaveText(['body', 'lid', 'flange']);
  await room(page, 'Tools', 'Templates');
  await expect(page.locator('[data-room="tools"]')).toContainText('slab 5.4 mm. 114.');
  await saved(page);
  // out as a file and in again
  await visit(page, '/files');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save workspace file' }).click();
  const file = (await (await download).path())!;
  await page.getByRole('button', { name: 'Delete everything' }).click();
  await page.getByLabel('Workspace file', { exact: true }).setInputFiles(file);
  await page.getByRole('button', { name: 'Replace everything' }).click();
  await saved(page);
  await visit(page, '/?plan=plan-butter-crock');
  await expect(parts.getByRole('button')).toHaveText(['body', 'lid', 'flange']);
  await parts.getByRole('button', { name: 'flange' }).click();
  await page.getByRole('button', { name: 'Delete the flange' }).click();
  await expect(parts.getByRole('button')).toHaveText(['body', 'lid']);
  await page.keyboard.press('Control+z');
  await expect(parts.getByRole('button')).toHaveText(['body', 'lid', 'flange']);
});

test('the gap is moved on the drawing, and what fired is kept as evidence', async ({ page }) => {
  await visit(page, '/?plan=plan-butter-crock');
  await room(page, 'Fit', 'Lid or stopper');
  const met = page.locator('.sheet-drawing');
  await expect(met).toContainText('gap 1.6 mm');
  const point = page.locator('[data-handle="gap"]');
  await point.focus();
  for (let i = 0; i < 3; i += 1) await page.keyboard.press('ArrowRight');
  await expect(met).toContainText('gap 1.9 mm');
  await expect(page.getByLabel('How tight', { exact: true })).toHaveValue('own');
  // dragged inwards the lid gets smaller
  await followed(page);
  const wide = Number(/[\d.]+/.exec((await best(page).textContent())!)![0]);
  const at = (await point.boundingBox())!;
  await page.mouse.move(at.x + at.width / 2, at.y + at.height / 2);
  await page.mouse.down();
  await page.mouse.move(at.x + at.width / 2 - 6, at.y + at.height / 2, { steps: 3 });
  await page.mouse.up();
  await expect.poll(async () => Number(/[\d.]+/.exec((await best(page).textContent())!)![0])).toBeLessThan(wide - 2);
  await page.getByLabel('What holds it', { exact: true }).selectOption('a coil flange');
  await expect(page.getByRole('region', { name: 'Answer' })).toContainText('The coil:');
  await page.getByLabel('To fit with', { exact: true }).selectOption('a bought lid or stopper');
  await page.getByLabel('Which of your kit', { exact: true }).selectOption('Pine lids, turned');
  // not the gap it was dragged to
  await page.getByLabel('How tight', { exact: true }).selectOption('easy');
  await page.getByLabel('Stage of this pot', { exact: true }).selectOption('glazed');
  await page.getByLabel('Mouth, measured', { exact: true }).fill('106');
  await followed(page);
  await page.getByRole('button', { name: /Record it as a measurement of Foxglove Red/ }).click();
  await expect(page.getByRole('region', { name: 'Answer' })).toContainText('Recorded as a measurement of Foxglove Red.');
});

test('a cork with its taper is what a new piece must fit: its mouth is worked out at once, and the cork is kept', async ({ page }) => {
  await visit(page, '/new');
  await page.keyboard.press('l');
  await page.getByLabel('Must fit', { exact: true }).selectOption('a cork or stopper');
  await page.getByLabel('Width at the top', { exact: true }).fill('38');
  await page.getByLabel('Width at the bottom', { exact: true }).fill('40');
  await page.getByLabel('Length', { exact: true }).fill('30');
  await expect(page.getByRole('status').filter({ hasText: 'does not taper inwards' })).toHaveCount(1);
  await page.getByLabel('Width at the bottom', { exact: true }).fill('32');
  await page.getByLabel('Form', { exact: true }).selectOption('a bottle or vase');
  await page.getByRole('button', { name: 'Create piece', exact: true }).click();
  await expect(page.getByLabel('Name of the piece', { exact: true })).toHaveValue('Bottle or vase for a cork of 38 mm');
  await expect.poll(() => odds(page)).toBeGreaterThan(0.9);
  // it goes in to between its two widths
  const mouth = await page.locator('[data-figure="best"]').textContent();
  expect(Number.parseFloat(mouth!)).toBeGreaterThan(32);
  await saved(page);
  await visit(page, '/kit?of=bought');
  await expect(page.locator('[data-lot="Cork, 38 mm"]').getByLabel('Width at the bottom', { exact: true })).toHaveValue('32 mm');
});
