import { readFileSync } from 'node:fs';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { answer, expect, room, saved, test, type, visit } from './app';

async function savedAs(page: import('@playwright/test').Page, button: string): Promise<{ name: string; bytes: Buffer }> {
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: button, exact: true }).click();
  const file = await download;
  return { name: file.suggestedFilename(), bytes: readFileSync((await file.path())!) };
}

test('a shrink rule is seen, printed from a worker with its font, and saved as SVG and DXF', async ({ page }) => {
  await visit(page);
  await room(page, 'Tools', 'Shrink rule');
  const rule = page.getByRole('region', { name: 'Shrink rule' });
  await expect(rule).toContainText('one page');
  await type(page, 'Rule reads up to', '500');
  await expect(rule).toContainText('pages');
  const { name, bytes } = await savedAs(page, 'Shrink rule as PDF');
  expect(name).toBe('rimbet-shrink-rule-heron-buff.pdf');
  const pdf = await getDocument({ data: new Uint8Array(bytes), verbosity: 0 }).promise;
  const first = await pdf.getPage(1);
  const words = (await first.getTextContent()).items.map((item) => ('str' in item ? item.str : '')).join(' ');
  expect(words).toContain('This line is 100 mm');
  expect(words).toContain('Heron Buff, August');
  const svg = await savedAs(page, 'Shrink rule as SVG');
  expect(svg.bytes.toString()).toMatch(/width="[\d.]+mm"/);
  const dxf = await savedAs(page, 'Shrink rule as DXF');
  expect(dxf.bytes.toString()).toContain('$INSUNITS');
});

test('gauges say datum and stage, and follow the bat in use', async ({ page }) => {
  await visit(page);
  await room(page, 'Tools', 'Gauges');
  const pointer = page.getByRole('region', { name: 'Pointer' });
  await expect(pointer).toContainText('set to the rim after it is cut level');
  await expect(pointer).toContainText('141.1 mm');
  await expect(pointer).toContainText('159.1 mm');
  await type(page, 'Bat, thick', '25');
  await expect(pointer).toContainText('166.1 mm');
  await expect(page.getByRole('region', { name: 'Chuck for trimming' })).toContainText('leather hard');
  await saved(page);
  await page.reload();
  await room(page, 'Tools', 'Gauges');
  await expect(page.getByRole('region', { name: 'Pointer' })).toContainText('166.1 mm');
});

test('a printer’s own line corrects what is printed, kept with its name', async ({ page }) => {
  await visit(page);
  await room(page, 'Tools');
  await page.getByLabel('Printer', { exact: true }).selectOption('a new printer…');
  await type(page, 'Name of the printer', 'Barn office');
  await type(page, 'Its 100 mm line measures', '98');
  await type(page, 'Its 100 mm line measures', '40');
  await expect(page.locator('[data-room]').getByRole('alert')).toContainText('far from 100 mm');
  await page.keyboard.press('Escape');
  await saved(page);
  await page.reload();
  await room(page, 'Tools');
  await expect(page.getByLabel('Printer', { exact: true })).toHaveValue('Barn office');
});

test('one mark of an old rule says what it suits, and rules of thumb what they cost', async ({ page }) => {
  await visit(page);
  await room(page, 'Tools', 'Check a shrink rule');
  const check = page.getByRole('region', { name: 'Check a shrink rule' });
  await expect(check.getByRole('status')).toContainText('shrinks 11.5%');
  await type(page, 'Measured from zero', '108.3');
  await expect(check.getByRole('status')).toContainText('shrinks 7.7%');
  await expect(check).toContainText('An inch per foot gives 99.7 mm wet');
});

test('a clay alone gives a rule, a second clay stands beside it, and the list of pieces prints', async ({ page }) => {
  await visit(page, '/clay?body=body-heron-buff');
  await page.getByText('Shrink rule for this clay', { exact: true }).click();
  await page.getByLabel('Second clay on the rule', { exact: true }).selectOption('Chalk Down');
  await page.getByLabel('Used on clay that is', { exact: true }).selectOption('leather hard');
  await expect(page.getByRole('img', { name: 'Preview: Shrink rule: Heron Buff, Chalk Down' })).toContainText('leather hard clay');
  const rule = await savedAs(page, 'Shrink rule as PDF');
  expect(rule.name).toBe('rimbet-shrink-rule-heron-buff-chalk-down.pdf');
  await visit(page, '/pieces');
  const list = await savedAs(page, 'Print the list');
  const pdf = await getDocument({ data: new Uint8Array(list.bytes), verbosity: 0 }).promise;
  const words = (await (await pdf.getPage(1)).getTextContent()).items.map((item) => ('str' in item ? item.str : '')).join(' ');
  expect(words).toContain('Honey jar, wide');
  expect(words).toContain('645 g');
});

test('own measures tell widths in the maker’s words', async ({ page }) => {
  await visit(page);
  await room(page, 'Tools', 'Your own measures');
  await page.getByRole('button', { name: 'Add a measure' }).click();
  await type(page, 'Name of measure 1', 'second ring');
  await type(page, 'Width of measure 1', '101');
  await room(page, 'Tools', 'Gauges');
  await expect(page.getByRole('region', { name: 'Calipers' })).toContainText('second ring and 3 mm');
});

test('a tester corrects the ball, and the run is made to it on the wheel screen too', async ({ page }) => {
  await visit(page);
  await room(page, 'Results', 'Test piece');
  await type(page, 'Ball used', '680');
  await expect(page.locator('[data-figure="tester"]')).toHaveText('680 g');
  await type(page, 'Rim above the bat', '150');
  await expect(page.locator('[data-figure="tester"]')).not.toHaveText('680 g');
  await page.getByRole('button', { name: 'Use this ball' }).click();
  const run = (await page.locator('[data-figure="tester"]').textContent())!;
  await room(page, 'Make', 'Ball');
  await expect(page.getByTestId('run-ball')).toContainText('From your test piece');
  await expect(answer(page, 'ball')).toHaveText(run);
  await saved(page);
  await visit(page, '/wheel?plan=plan-honey-jar');
  await expect(page.locator('[data-digits]').first()).toHaveText(run);
  await expect(page.getByText('Ball, from the test piece')).toBeVisible();
});

test('an instrument that types works in any field: a figure and Enter', async ({ page }) => {
  await visit(page);
  await page.getByLabel('Mouth, outside, finished', { exact: true }).focus();
  await page.keyboard.type('91.35\n');
  await expect(page.getByLabel('Finished width at the mouth', { exact: true })).toHaveValue(/^91\.[34]$/);
  await page.keyboard.type('90.02 mm\n');
  await expect(page.getByLabel('Finished width at the mouth', { exact: true })).toHaveValue('90');
});

test('simulated instruments fill the field the cursor stood in, and are refused where they do not fit', async ({ page }) => {
  await visit(page);
  await room(page, 'Results', 'Test piece');
  await page.getByRole('button', { name: 'Scale and caliper' }).click();
  const tray = page.getByRole('region', { name: 'Instruments' });
  await expect(tray.getByText('SIMULATED')).toHaveCount(2);
  await page.getByLabel('Ball used', { exact: true }).focus();
  await page.getByRole('button', { name: 'Simulated scale: send' }).click();
  await expect(page.getByLabel('Rim above the bat', { exact: true })).toBeVisible();
  await expect(page.getByLabel('Ball used', { exact: true })).toHaveValue('432 g');
  await room(page, 'Sizes', 'Every stage');
  await page.getByLabel('Finished width at the mouth', { exact: true }).focus();
  await type(page, 'Simulated caliper shows', '90.02 mm');
  await page.getByRole('button', { name: 'Simulated caliper: send' }).click();
  await expect(page.getByLabel('Finished width at the mouth', { exact: true })).toHaveValue('90');
  await page.getByRole('button', { name: 'Simulated scale: send' }).click();
  await expect(page.locator('main [role=alert]').first()).toContainText('weight');
});

test.describe('at the wheel', () => {
  test('figures are huge, pages turn by key and pedal, nothing is typed', async ({ page }) => {
    await visit(page, '/wheel?plan=plan-honey-jar');
    const main = page.locator('[data-digits]').first();
    await expect(main).toHaveText('645 g');
    expect(await main.evaluate((element) => parseFloat(getComputedStyle(element).fontSize))).toBeGreaterThanOrEqual(96);
    const at = () => page.locator('[data-wheel]').getAttribute('data-wheel');
    await page.keyboard.press('PageDown');
    expect(await at()).toBe('ball');
    for (const key of ['ArrowRight', ' ', 'ArrowDown']) await page.keyboard.press(key);
    expect(await at()).toBe('cylinder');
    await page.keyboard.press('PageUp');
    expect(await at()).toBe('opened');
    await expect(page.locator('input, textarea, select')).toHaveCount(0);
    for (const box of await page.locator('button:visible').all()) expect((await box.boundingBox())!.height).toBeGreaterThanOrEqual(64);
    const [width, height] = await page.evaluate(() => [document.documentElement.scrollWidth, document.documentElement.scrollHeight]);
    expect([width, height]).toEqual([1280, 800]);
  });

  test('every page is seen whole, whatever is thrown: no scrolling, no figure beside its room or without its unit', async ({ page }) => {
    for (const plan of ['plan-yard-urn', 'plan-collared-bottle', 'plan-platter', 'plan-skep-jar']) {
      await page.setViewportSize({ width: 1280, height: 800 });
      await visit(page, `/wheel?plan=${plan}`);
      const pages = Number(/of (\d+)/.exec(await page.getByText(/^1 of \d+$/).innerText())![1]);
      // the courses of a coiled pot are alike
      for (let i = 0; i < Math.min(pages, 9); i += 1) {
        for (const [width, height] of [
          [390, 844],
          [1024, 768],
          [1280, 800],
        ] as const) {
          await page.setViewportSize({ width, height });
          const key = (await page.locator('[data-wheel]').getAttribute('data-wheel'))!;
          // on a phone the tester's large buttons are moved up to
          if (width === 390 && ['tester', 'run'].includes(key)) continue;
          const faults = () =>
            page.locator('[data-wheel]').evaluate((screen) => {
              const seen = screen.querySelector('[aria-live=polite]')!;
              return [
                ...(document.documentElement.scrollHeight > innerHeight ? ['the screen scrolls'] : []),
                ...(seen.scrollHeight > seen.clientHeight ? [`${seen.scrollHeight} in ${seen.clientHeight}`] : []),
                ...[...seen.querySelectorAll('[data-digits]')]
                  .filter((digits) => digits.scrollWidth > digits.clientWidth + 1 || !/[a-z]|^\d+$/.test(digits.textContent!))
                  .map((digits) => digits.textContent!),
              ];
            });
          // it is set anew once the screen is turned
          await expect.poll(faults, { message: `${plan} ${key} ${width}` }).toEqual([]);
        }
        await page.keyboard.press('PageDown');
      }
    }
    await visit(page, '/wheel?plan=plan-yard-urn');
    for (let i = 0; i < 7; i += 1) await page.keyboard.press('PageDown');
    await expect(page.getByRole('heading', { level: 2, name: 'Trimmed' })).toBeVisible();
    await expect(page.locator('[data-digits]').first()).toHaveText(/^\d+\sg$/);
  });

  test('the tester is noted in taps, and the run is made to it', async ({ page }) => {
    await visit(page, '/wheel?plan=plan-honey-jar');
    for (let i = 0; i < 8; i += 1) await page.keyboard.press('PageDown');
    await expect(page.locator('[data-wheel="tester"]')).toBeVisible();
    await expect(page.locator('[data-wheel-tester]')).toHaveText('645 g');
    for (let i = 0; i < 4; i += 1) await page.getByRole('button', { name: 'More: Rim above the bat' }).click();
    await expect(page.locator('[data-wheel-tester]')).not.toHaveText('645 g');
    await page.getByRole('button', { name: 'Use this ball' }).click();
    const wanted = (await page.locator('[data-wheel-tester]').textContent())!;
    for (let i = 0; i < 8; i += 1) await page.keyboard.press('PageUp');
    await expect(page.locator('[data-digits]').first()).toHaveText(wanted);
  });

  test.describe('on a phone', () => {
    test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

    test('no number is broken over two lines, and nothing stands beside the screen', async ({ page }) => {
      await visit(page, '/wheel?plan=plan-lidded-jar');
      for (let i = 0; i < 8; i += 1) {
        for (const digits of await page.locator('[data-digits]').all()) {
          const broken = await digits.evaluate((element) => {
            const text = element.firstChild as Text;
            return [...text.data.matchAll(/\d+/g)].some(({ 0: number, index }) => {
              const range = document.createRange();
              range.setStart(text, index);
              range.setEnd(text, index + number.length);
              return range.getClientRects().length > 1;
            });
          });
          expect(broken).toBe(false);
        }
        expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
        await page.keyboard.press('PageDown');
      }
    });
  });

  test('a run is counted in one tap, what was different in a second, and kept', async ({ page }) => {
    await visit(page, '/wheel?plan=plan-honey-jar');
    const count = page.getByRole('status').first();
    await page.getByRole('button', { name: 'Count one', exact: true }).click();
    await page.getByRole('button', { name: 'Count one', exact: true }).click();
    await page.getByRole('button', { name: 'scrapped', exact: true }).click();
    await expect(count).toHaveText('1 thrown, 1 scrapped');
    await page.getByRole('button', { name: 'scrapped', exact: true }).click();
    await expect(count).toHaveText('2 thrown');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(count).toContainText('1 scrapped');
    await saved(page);
    await page.reload();
    await expect(count).toHaveText('1 thrown, 1 scrapped');
  });

  test.describe('on an upright tablet', () => {
    test.use({ viewport: { width: 800, height: 1280 }, hasTouch: true });

    test('nothing stands beside the screen', async ({ page }) => {
      await visit(page, '/wheel?plan=plan-serving-bowl');
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(800);
    });
  });
});

test('the piece leads to the wheel and back', async ({ page }) => {
  await visit(page);
  await page.getByRole('link', { name: 'At the wheel' }).click();
  await expect(page.locator('[data-wheel="all"]')).toBeVisible();
  await page.getByRole('link', { name: 'Back to the piece' }).click();
  await expect(answer(page, 'ball')).toHaveText('645 g');
});

test('a bat of the kit is taken by every piece it holds: the pointer follows its thickness, plaster offers no wire', async ({ page }) => {
  await visit(page, '/kit?of=wheel');
  const bats = page.getByRole('region', { name: 'Bats' });
  await bats.getByRole('button', { name: 'Add a bat' }).click();
  await type(page, 'Name of bat 1', 'Plaster round');
  await type(page, 'across of Plaster round', '120');
  await type(page, 'thick of Plaster round', '30');
  await page.getByLabel('Plaster round is plaster', { exact: true }).check();
  await page.getByRole('button', { name: 'Add a die' }).click();
  await expect(page.getByRole('region', { name: 'Extruder dies' })).toContainText(/26.6\smm × 7.1\smm in/);
  await saved(page);
  await visit(page);
  await room(page, 'Tools', 'Gauges');
  await expect(page.getByRole('note').filter({ hasText: 'Plaster round' })).toContainText('smallest of your bats');
  // 141.1 above the bat and 30 of it
  await expect(page.getByRole('region', { name: 'Pointer' })).toContainText('171.1 mm');
  await page.getByRole('button', { name: 'Set to no wire' }).click();
  await expect(page.getByRole('region', { name: 'Pointer' })).toContainText('170.1 mm');
  await saved(page);
});
