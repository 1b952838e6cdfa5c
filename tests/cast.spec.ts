import { readFileSync } from 'node:fs';
import { expect, room, test, type, visit } from './app';

/** How many triangles a binary STL holds, and how large it is. */
function measured(file: string): { triangles: number; width: number; height: number } {
  const bytes = readFileSync(file);
  const triangles = bytes.readUInt32LE(80);
  expect(bytes.length).toBe(84 + 50 * triangles);
  const corners = Array.from({ length: 3 * triangles }, (_, i) => 84 + 50 * Math.floor(i / 3) + 12 + 12 * (i % 3));
  const span = (axis: number) => {
    const all = corners.map((at) => bytes.readFloatLE(at + 4 * axis));
    return all.reduce((most, each) => Math.max(most, each), -Infinity) - all.reduce((least, each) => Math.min(least, each), Infinity);
  };
  return { triangles, width: span(0), height: span(2) };
}

test('an egg cup from its plan to a model, plaster, minutes and paper; a model in, scaled, out again', async ({ page }) => {
  await visit(page, '/?plan=plan-egg-cup');
  await room(page, 'Make', 'Slip casting');
  await expect(page.locator('[data-parts="one"]')).toContainText('A one-part mould works');
  await expect(page.locator('[data-figure="plaster"]')).toHaveText('2.1 kg');
  await expect(page.locator('[data-figure="water"]')).toHaveText('1.5 kg');

  // too narrow a mould is refused in words, and what was typed stays
  await type(page, 'Case diameter', '100');
  const refusal = page.getByRole('alert').filter({ hasText: 'of plaster around the model' });
  await expect(refusal).toContainText('Use at least 20 mm');
  await expect(page.getByLabel('Case diameter', { exact: true })).toHaveValue('100');
  await type(page, 'Case diameter', '150');
  await expect(refusal).toHaveCount(0);
  await type(page, 'Water per 100 plaster', '40');
  await expect(page.getByRole('alert').filter({ hasText: /from 50 to 100|Use 50 to 100/ })).toBeVisible();
  await type(page, 'Water per 100 plaster', '70');
  await page.getByLabel('Mould case', { exact: true }).selectOption('a bucket');
  await expect(page.getByLabel('Bucket width at the fill line', { exact: true })).toBeVisible();
  await page.keyboard.press('ControlOrMeta+z');
  await expect(page.getByLabel('Case diameter', { exact: true })).toBeVisible();

  // minutes from two test casts, with their range
  for (const [minutes, mm] of [
    ['9', '2.7'],
    ['16', '3.8'],
  ] as const) {
    await type(page, 'Minutes', minutes);
    await page.getByRole('region', { name: 'Test casts' }).getByLabel('Wall', { exact: true }).fill(mm);
    await page.getByRole('button', { name: 'Add', exact: true }).click();
  }
  // 3.2 finished are 3.76 wet: (3.76 / 0.925)^2
  await expect(page.locator('[data-slip="minutes"]')).toContainText(/1[67] min/);
  await expect(page.getByText('Your test casts give')).toBeVisible();

  await page.getByRole('button', { name: 'Files to print' }).click();
  const model = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as STL' }).click();
  const wet = measured(await (await model).path());
  // 52 / 0.85, the ledge of 6 all round and 3 degrees of flare on 20; 56.9 high and the well of 20
  expect(wet.width).toBeCloseTo(75.3, 0);
  expect(wet.height).toBeCloseTo(76.9, 0);
  await page.getByRole('button', { name: 'Turn it in 3D' }).click();
  await expect(page.locator('[data-preview]')).toBeVisible();
  await page.getByLabel('What', { exact: true }).selectOption('the piece');
  const fired = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as STL' }).click();
  const path = await (await fired).path();
  expect(measured(path).height).toBeCloseTo(48, 1);

  // the fired piece as a found model: read, measured, and out again at its wet size
  await page.getByRole('button', { name: 'A model from a file' }).click();
  const input = page.getByLabel('A model as STL, in mm, at the finished size');
  await input.setInputFiles({ name: 'cup.stl', mimeType: 'model/stl', buffer: readFileSync(path) });
  await expect(page.locator('[data-found="closed"]')).toContainText('Closed: a printer can make it.');
  await expect(page.locator('[data-found-wet]')).toContainText('56.8 mm');
  const scaled = page.waitForEvent('download');
  await page.getByRole('button', { name: 'STL at wet size' }).click();
  expect(measured(await (await scaled).path()).height).toBeCloseTo(56.9, 0);
  await input.setInputFiles({ name: 'cut.stl', mimeType: 'model/stl', buffer: readFileSync(path).subarray(0, 3000) });
  await expect(page.getByRole('alert').filter({ hasText: 'cut.stl was not opened: The file says' })).toBeVisible();

  await page.getByRole('button', { name: 'On paper' }).click();
  const paper = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Mould, section as PDF' }).click();
  expect(readFileSync(await (await paper).path(), 'latin1')).toMatch(/^%PDF/);
});

test.describe('by a clock of its own', () => {
  // a clock that is set stays with the browser
  test.use({ cold: true });

  test('a bottle is told that it parts, and the clock runs beside the signs', async ({ page }) => {
    await page.clock.install();
    await visit(page, '/?plan=plan-oil-bottle');
    await room(page, 'Make', 'Slip casting');
    await expect(page.locator('[data-parts]')).toContainText('Undercut');
    await expect(page.locator('[data-parts]')).not.toHaveAttribute('data-parts', 'one');
    await page.getByRole('button', { name: 'Timer' }).click();
    await page.getByRole('button', { name: 'Slake, 4 min' }).click();
    const clock = page.getByRole('timer', { name: 'Slake' });
    await expect(clock).toHaveText('4:00');
    await page.clock.runFor(61_000);
    await expect(clock).toHaveText('2:59');
    await page.clock.runFor(180_000);
    await expect(page.getByText('time is up')).toBeVisible();
    await page.getByRole('button', { name: 'Mix now' }).click();
    await expect(page.getByRole('timer', { name: 'Mix' })).toHaveText('4:00');
  });
});
