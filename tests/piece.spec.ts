import { answer, chooseUnits, expect, room, saved, test, type, visit } from './app';

test('the first visit shows what to weigh, what to throw and the ways to a piece of one’s own, without scrolling', async ({ page }) => {
  await visit(page);
  await expect(answer(page, 'ball')).toHaveText('645 g');
  await expect(answer(page, 'gauge')).toHaveText('141 mm');
  await expect(answer(page, 'mouthInside@wet')).toHaveText('94 mm');
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(1280);
  // the answer whole, the drawing and the first lines of its room
  const example = page.getByRole('note').filter({ hasText: 'This is an example workshop' });
  for (const seen of [
    example,
    page.getByRole('region', { name: 'Answer' }),
    page.getByTestId('drawing'),
    page.getByLabel('Mouth, outside, finished', { exact: true }),
  ])
    await expect(seen).toBeInViewport({ ratio: 1 });
  const sizes = await page.locator('main *').evaluateAll((all) => all.map((element) => parseFloat(getComputedStyle(element).fontSize)));
  const ball = await answer(page, 'ball')
    .locator('span')
    .first()
    .evaluate((element) => parseFloat(getComputedStyle(element).fontSize));
  expect(Math.max(...sizes)).toBe(ball);
  await example.getByRole('button', { name: 'Start your own workshop' }).click();
  await page.getByRole('button', { name: /^A ball of clay/ }).click();
  await page.getByLabel('Ball', { exact: true }).fill('1.9 kg');
  await page.getByRole('button', { name: 'Create piece' }).click();
  await expect(answer(page, 'ball')).toHaveText('1900 g');
  // with a piece of one's own it is not told any more
  await expect(example).toHaveCount(0);
});

test('from the first visit to a ball of one’s own in five acts: a mug of 80 x 90 in a clay that shrinks 12%, and nothing of the example left', async ({
  page,
}) => {
  await visit(page);
  await page.getByRole('button', { name: 'Start your own workshop' }).click();
  await expect(page.getByRole('heading', { name: 'What do you want to start from?' })).toBeVisible();
  await page.keyboard.type('80 x 90');
  await page.getByLabel('The clay shrinks, wet to finished', { exact: true }).fill('12');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Name of the piece', { exact: true })).toHaveValue('Cup, 80 mm across');
  await expect(answer(page, 'ball')).toHaveText(/^\d+\sg$/);
  await expect(page.getByLabel('Mouth, outside, finished', { exact: true })).toHaveValue('80');
  await expect(page.getByLabel('Clay', { exact: true }).locator('option:checked')).toHaveText('My clay, 12%');
  await visit(page, '/pieces');
  await expect(page.getByTestId('count')).toHaveText('one piece');
  await page.goto('/clay');
  await expect(page.getByLabel('Name of the clay')).toHaveValue('My clay, 12%');
  await expect(page.getByText('Heron Buff')).toHaveCount(0);
});

test('as pulled, for the gauge and trimmed are three figures', async ({ page }) => {
  await visit(page);
  await expect(page.locator('[data-number="pulled"]')).toHaveText('143.6 mm');
  await expect(page.locator('[data-number="gauge"]')).toHaveText('141.1 mm');
  await expect(page.getByLabel('Wet height, trimmed', { exact: true })).toHaveValue('135.6');
});

test('every keystroke moves the numbers and the drawing, and a reload keeps them', async ({ page }) => {
  await visit(page);
  const outline = () => page.locator('svg[role=img] path[fill="url(#hatch-glazed)"]').getAttribute('d');
  const before = await outline();
  await type(page, 'Finished height', '150');
  await expect(page.getByLabel('Height, wet', { exact: true })).toHaveValue('169.5');
  await expect(answer(page, 'gauge')).toHaveText('175 mm');
  expect(await outline()).not.toBe(before);
  await saved(page);
  await page.reload();
  await expect(page.getByLabel('Finished height', { exact: true })).toHaveValue('150');
});

test('a size typed at any stage in any unit becomes known there', async ({ page }) => {
  await visit(page);
  await type(page, 'Mouth, outside, leather hard', '4 in');
  const finished = page.getByLabel('Mouth, outside, finished', { exact: true });
  await expect(finished).toHaveValue('93.4');
  await expect(finished).not.toHaveAttribute('data-known', '');
  await expect(page.getByLabel('Mouth, outside, leather hard', { exact: true })).toHaveAttribute('data-known', '');
  await type(page, 'Mouth, outside, finished', '92');
  await expect(finished).toHaveAttribute('data-known', '');
  await expect(page.getByLabel('Mouth, outside, wet', { exact: true })).toHaveValue('104');
});

test('a figure is stepped faster than the rest follows: no step is lost, what is shown is what was entered', async ({ page }) => {
  await visit(page);
  const ledger = page.getByLabel('Height, finished', { exact: true });
  const drawn = page.getByLabel('Finished height', { exact: true });
  const wet = page.getByLabel('Height, wet', { exact: true });
  const before = await wet.inputValue();
  await ledger.focus();
  // in one turn of the page, so that nothing can have followed in between
  await page.evaluate(async () => {
    for (let i = 0; i < 7; i += 1) {
      document.activeElement!.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowUp', bubbles: true, cancelable: true }));
      await null;
    }
  });
  expect(await ledger.inputValue()).toBe('127');
  await expect(drawn).toHaveValue('127');
  await expect(wet).not.toHaveValue(before);
  // undone before it has followed
  await page.evaluate(async () => {
    for (const key of ['Enter', 'ArrowDown', 'z']) {
      const init = { key, ctrlKey: key === 'z', bubbles: true, cancelable: true };
      document.activeElement!.dispatchEvent(new KeyboardEvent('keydown', init));
      await null;
    }
  });
  await expect(ledger).toHaveValue('127');
  await expect(drawn).toHaveValue('127');
  // left at once: it never shows what was
  await ledger.fill('131.0');
  await page.keyboard.press('Tab');
  expect(Number(await ledger.inputValue())).toBe(131);
  await expect(ledger).toHaveValue('131');
  await expect(drawn).toHaveValue('131');
  await ledger.focus();
  await ledger.fill('140');
  await page.keyboard.press('Escape');
  expect(await ledger.inputValue()).toBe('131');
  await expect(drawn).toHaveValue('131');
});

test('undo and redo take whole visits to a field, by key and by button', async ({ page }) => {
  await visit(page);
  await page.getByLabel('Finished height', { exact: true }).focus();
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type('150');
  await page.getByLabel('Finished wall', { exact: true }).focus();
  await page.keyboard.type('5');
  await page.keyboard.press('ControlOrMeta+z');
  await expect(page.getByLabel('Wall, finished', { exact: true })).toHaveValue('4.6');
  await expect(page.getByRole('status').filter({ hasText: 'Undone: wall, finished' })).toBeVisible();
  await page.keyboard.press('ControlOrMeta+z');
  await expect(page.getByLabel('Height, finished', { exact: true })).toHaveValue('120');
  await page.keyboard.press('ControlOrMeta+Shift+z');
  await expect(page.getByLabel('Height, finished', { exact: true })).toHaveValue('150');
  await page.getByRole('button', { name: /^Undo: height/ }).click();
  await expect(answer(page, 'gauge')).toHaveText('141 mm');
  await saved(page);
  await page.reload();
  await page.getByRole('button', { name: /^Redo: height/ }).click();
  await expect(page.getByLabel('Finished height', { exact: true })).toHaveValue('150');
});

test('Escape takes back what was typed on this visit', async ({ page }) => {
  await visit(page);
  await type(page, 'Height, wet', '99');
  await expect(page.getByLabel('Finished height', { exact: true })).toHaveValue('87.6');
  await page.keyboard.press('Escape');
  await expect(page.getByLabel('Finished height', { exact: true })).toHaveValue('120');
  await expect(page.getByLabel('Height, wet', { exact: true })).not.toHaveAttribute('data-known', '');
});

test('what is impossible is said beside the field, keeps what was typed, and greys the last valid piece', async ({ page }) => {
  await visit(page);
  await type(page, 'Finished wall', '50');
  const field = page.getByLabel('Finished wall', { exact: true });
  await expect(page.locator('main [role=alert]')).toContainText('thicker than the piece is wide inside');
  await expect(field).toHaveAttribute('aria-invalid', 'true');
  await expect(page.getByTestId('drawing')).toHaveAttribute('data-greyed', 'true');
  await expect(answer(page, 'ball')).toHaveText('645 g');
  await page.getByLabel('Finished floor', { exact: true }).focus();
  await expect(field).toHaveValue('50');
  await type(page, 'Finished wall', '1,200');
  await expect(page.locator('main [role=alert]')).toContainText('could mean 1200 or 1.2');
  await type(page, 'Finished wall', '5');
  await expect(page.locator('main [role=alert]')).toHaveCount(0);
  await expect(page.getByTestId('drawing')).toHaveAttribute('data-greyed', 'false');
});

test('allowances and ways of making change the ball and what is thrown', async ({ page }) => {
  await visit(page);
  await room(page, 'Make');
  await page.getByLabel('Way of making', { exact: true }).selectOption('thrown to thickness, not trimmed');
  await expect(page.locator('[data-number="pulled"]')).toHaveText('138.6 mm');
  await expect(answer(page, 'floor')).toHaveCount(0);
  await expect(page.getByLabel('Trimmed off base', { exact: true })).toHaveValue('0');
  await page.getByLabel('Way of making', { exact: true }).selectOption('thrown on a plaster bat');
  await expect(page.getByLabel('Left under the wire', { exact: true })).toHaveValue('0');
  await expect(answer(page, 'gauge')).toHaveText('136 mm');
  await type(page, 'Trimmed off base', '3/16 in');
  await expect(page.getByLabel('Way of making', { exact: true })).toHaveValue('own');
  await expect(page.locator('[data-number="gauge"]')).toHaveText('140.4 mm');
  await type(page, 'Lost as slurry, percent of the ball', '4,5%');
  await page.keyboard.press('ArrowUp');
  await expect(page.getByLabel('Lost as slurry, percent of the ball', { exact: true })).toHaveValue('5');
  await type(page, 'Lost as slurry, percent of the ball', '60');
  await expect(page.locator('main [role=alert]')).toContainText('outside 0 to 50%');
});

test('any number opens its arithmetic, and adding the percentage shows what it costs', async ({ page }) => {
  await visit(page);
  const how = page.getByRole('region', { name: 'Working' });
  await expect(how).toContainText('÷ 0.965 for slurry = 647 g');
  await expect(page.getByTestId('adding')).toContainText('133.8 mm wet and finish 118.4 mm: 1.6 mm short');
  await answer(page, 'gauge').click();
  await expect(how).toContainText('141.1 mm: set the gauge or pointer to this');
  await page.getByLabel('Height, leather hard', { exact: true }).focus();
  await expect(how).toContainText('× 0.9632 = 130.6 mm');
  await page.getByRole('button', { name: 'Weight, bone dry: 384 g' }).click();
  await expect(how).toContainText('less 21% water');
});

const SYSTEMS = [
  { lengths: 'centimetres', weights: 'grams', volumes: 'millilitres', height: '12', gauge: '14.1 cm', ball: '645 g', holds: '557' },
  {
    lengths: 'inches, in fractions',
    weights: 'pounds and ounces',
    volumes: 'US fluid ounces',
    height: '4 3/4',
    gauge: '5 9/16',
    ball: '1 lb 6.8 oz',
    holds: '18.8',
  },
  {
    lengths: 'inches, in decimals',
    weights: 'pounds and ounces',
    volumes: 'imperial fluid ounces',
    height: '4.72',
    gauge: '5.56 in',
    ball: '1 lb 6.8 oz',
    holds: '19.6',
  },
];

for (const system of SYSTEMS) {
  test(`everything reads in ${system.lengths}, and that is remembered`, async ({ page }) => {
    await visit(page);
    await chooseUnits(page, system);
    await saved(page);
    await page.reload();
    await expect(page.getByLabel('Finished height', { exact: true })).toHaveValue(system.height);
    await expect(answer(page, 'gauge')).toContainText(system.gauge);
    await expect(answer(page, 'ball')).toHaveText(system.ball);
    await expect(page.getByLabel('Holds, to the brim', { exact: true })).toHaveValue(system.holds);
  });
}

test('the main job is done by keyboard alone', async ({ page }) => {
  await visit(page);
  await page.keyboard.press('/');
  await page.keyboard.type('3 5/8 in');
  await expect(page.locator('[data-quick="wet"]')).toHaveText('104 mm');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Name of the piece', { exact: true })).toHaveValue('Cup, 92.1 mm across');
  const reach = async (label: string) => {
    for (let i = 0; i < 80; i += 1) {
      if ((await page.evaluate(() => document.activeElement?.getAttribute('aria-label'))) === label) return;
      await page.keyboard.press('Tab');
    }
    throw new Error(`${label} is not reached by Tab`);
  };
  await reach('Clay');
  await page.keyboard.type('Foxglove');
  await expect(page.getByText('shrinks about 8%')).toBeVisible();
  await reach('Finished height');
  await page.keyboard.type('100');
  await page.keyboard.press('ArrowUp');
  await expect(page.getByLabel('Height, finished', { exact: true })).toHaveValue('101');
  await expect(page.getByLabel('Height, wet', { exact: true })).toHaveValue('109.8');
});

test('a capacity is typed like a size, and the piece scales until it holds it', async ({ page }) => {
  await visit(page);
  await type(page, 'Holds, to the brim', '0.4 l');
  await expect(page.getByLabel('Finished width at the mouth', { exact: true })).toHaveValue('83.2');
  await expect(page.getByLabel('Finished height', { exact: true })).toHaveValue('108.5');
  await expect(page.getByLabel('Finished wall', { exact: true })).toHaveValue('4.6');
  await type(page, 'Holds, to the brim', '12 stone');
  await expect(page.locator('main [role=alert]')).toContainText('not a unit Rimbet knows');
  await page.keyboard.press('Escape');
  await expect(page.getByLabel('Finished height', { exact: true })).toHaveValue('120');
});

test('what is fetched late hides nothing else meanwhile: a room, and all that slabs need', async ({ page }) => {
  await visit(page);
  await expect(page.getByRole('region', { name: 'Working' })).toBeVisible();
  await expect(page.locator('[data-handle="rim"]')).toBeVisible();
  let arrive = () => undefined as void;
  const arrived = new Promise<void>((resolve) => (arrive = resolve));
  await page.route('**/_next/static/chunks/*.js', async (route) => {
    await arrived;
    await route.continue();
  });
  await page.keyboard.press('2');
  await expect(page.getByRole('button', { name: /^Make/ })).toHaveAttribute('aria-current', 'true');
  await page.getByLabel('Way of making', { exact: true }).selectOption('built from slabs');
  await expect(page.locator('[data-section="ball"]')).toBeEmpty();
  await expect(answer(page, 'ball')).toHaveText('645 g');
  await expect(page.getByTestId('drawing')).toBeVisible();
  await type(page, 'Finished height', '130');
  await expect(page.getByLabel('Finished height', { exact: true })).toBeFocused();
  await expect(answer(page, 'ball')).not.toHaveText('645 g');
  arrive();
  await expect(answer(page, 'hand')).toHaveText(/^\d+\sg$/);
  await room(page, 'Sizes', 'Every stage');
  await expect(page.getByLabel('Finished height', { exact: true })).toHaveValue('130');
});

test('a piece is added what it can have: a lid and a handle where they are made, a saucer for its foot as a part', async ({ page }) => {
  await visit(page);
  const add = page.getByLabel('Add a part', { exact: true });
  await add.selectOption('a lid or a stopper');
  await expect(page.locator('[data-figure="best"]')).toHaveText(/\d/);
  await add.selectOption('a handle');
  await expect(page.locator('[data-figure="handle"]')).toHaveText(/\d\smm/);
  await expect(page.getByTestId('handle-picture')).toBeVisible();
  await add.selectOption('a saucer');
  await expect(page.getByLabel('Name of the part', { exact: true })).toHaveValue('saucer');
  await expect(page.getByLabel('Form', { exact: true })).toHaveValue('plate');
  // a foot of 84 stands on it
  await expect(page.getByLabel('Diameter, finished', { exact: true })).toHaveValue('176.4');
  await page.getByRole('button', { name: 'Delete the saucer' }).click();
  await expect(page.getByRole('navigation', { name: 'Parts of the piece' })).toHaveCount(0);
});
