import { answer, expect, room, saved, test, type, visit } from './app';

const figure = (page: import('@playwright/test').Page, name: string) => page.locator(`[data-start="${name}"] b`);

/** From an empty workshop, by keyboard alone: the key of a way in, what is typed there, and what the piece then is. */
const WAYS = [
  { way: 'a finished size', key: 'f', typed: '92', name: 'Cup, 92 mm across', known: 'Mouth, outside, finished', next: 'Height, finished' },
  { way: 'a wet size', key: 'w', typed: '104', name: 'Cup, 104 mm across wet', known: 'Mouth, outside, wet', next: 'Height, wet' },
  {
    way: 'a fired piece in the hand',
    key: 'h',
    typed: '88',
    name: 'Cup, 88 mm across',
    known: 'Mouth, outside, finished',
    next: 'Height, finished',
  },
  { way: 'a capacity', key: 'c', typed: '0.5 l', name: 'Cup, 500 ml', known: undefined, next: 'Mouth, outside, finished' },
  { way: 'a ball of clay', key: 'b', typed: '1.9 kg', name: 'Cup from 1900 g', known: undefined, next: 'Height, finished' },
] as const;

test('every way in leads by keyboard from an empty workshop to a ball, its first figure typed and nothing else', async ({ page }) => {
  await visit(page, '/files');
  await page.getByRole('button', { name: 'Delete everything' }).click();
  await saved(page);
  await visit(page);
  await expect(page.getByRole('heading', { name: 'What do you want to start from?' })).toBeVisible();
  for (const { way, key, typed, name, known, next } of WAYS) {
    await test.step(way, async () => {
      await page.keyboard.press(key);
      await page.keyboard.type(typed);
      await expect(figure(page, 'weigh')).toHaveText(/\d\sg$/);
      const ball = (await figure(page, 'weigh').textContent())!;
      await page.keyboard.press('Enter');
      await expect(page.getByLabel('Name of the piece', { exact: true })).toHaveValue(name);
      await expect(answer(page, 'ball')).toHaveText(ball);
      await expect(page.getByLabel(next, { exact: true })).toBeFocused();
      const all = page.getByRole('table', { name: 'Sizes and weights at every stage' }).locator('[data-known]');
      await expect(all).toHaveCount(known ? 1 : 0);
      if (known) await expect(page.getByLabel(known, { exact: true })).toHaveAttribute('data-known', '');
      await page.getByRole('link', { name: 'New piece' }).click();
      await expect(page.getByRole('heading', { name: 'What do you want to start from?' })).toBeVisible();
    });
  }
  await test.step('a letter of a unit, or of what is looked for, is no key of a way in', async () => {
    await page.keyboard.type('9.2 cm');
    await expect(page.getByLabel('Mouth, finished', { exact: true })).toHaveValue('9.2 cm');
    await page.keyboard.press('Control+k');
    await page.keyboard.type('bl');
    await expect(page.getByRole('combobox').filter({ visible: true }).first()).toHaveValue('bl');
    await expect(page.getByRole('button', { name: /^A finished size/ })).toHaveAttribute('aria-pressed', 'true');
  });
});

test('a ball makes the largest piece of any form, with one size kept, and says when it is too little', async ({ page }) => {
  await visit(page, '/new');
  await page.getByRole('button', { name: /^A ball of clay/ }).click();
  await page.getByLabel('Ball', { exact: true }).fill('1.9 kg');
  await test.step('the other ways in are passed on the way to its form, and stay shut', async () => {
    const form = page.getByLabel('Form', { exact: true });
    const passed = page.getByRole('button', { name: /^A shared link/ });
    for (const stop of [passed, form]) {
      while (!(await stop.evaluate((element) => element === document.activeElement))) await page.keyboard.press('Tab');
      await expect(page.getByLabel('Ball', { exact: true })).toHaveValue('1900 g');
    }
  });
  for (const form of ['a plate', 'a jar', 'a box or tray', 'a bowl']) {
    await page.getByLabel('Form', { exact: true }).selectOption(form);
    // slabs are rolled in steps: the largest that the clay is enough for
    await expect(figure(page, 'weigh')).toHaveText(form === 'a box or tray' ? /^1[89]\d\d\sg$/ : /^1(900|895|905)\sg$/);
  }
  await page.getByLabel('Mouth', { exact: true }).fill('200');
  await expect(figure(page, 'finished')).toContainText('⌀ 200 mm');
  await expect(figure(page, 'weigh')).toHaveText(/^1(900|895|905)\sg$/);
  await page.getByLabel('Ball', { exact: true }).fill('30');
  await expect(page.getByRole('status').filter({ hasText: 'too little' })).toContainText(/takes \d+\sg/);
  await expect(page.getByRole('button', { name: 'Create piece' })).toBeDisabled();
  await expect(page.getByLabel('Ball', { exact: true })).toHaveValue('30');
});

test('on a phone the figure that is typed stays in sight above the answer, whatever way is taken', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await visit(page, '/new');
  for (const [way, label, typed] of [
    ['A finished size', 'Mouth, finished', '92'],
    ['A ball of clay', 'Ball', '1.9 kg'],
    ['A lid or pot to fit', 'Mouth, inside', '98'],
  ] as const) {
    await page.getByRole('button', { name: new RegExp(`^${way}`) }).click();
    await page.keyboard.type(typed);
    await expect(figure(page, 'weigh')).toHaveText(/\d\sg$/);
    const field = (await page.getByLabel(label, { exact: true }).boundingBox())!;
    const over = (await page.locator('.start-answer').boundingBox())!;
    expect(field.y + field.height).toBeLessThanOrEqual(over.y);
  }
});

test('a capacity under a height is kept as a limit, and a plain piece is one press away', async ({ page }) => {
  await visit(page, '/new?from=holds');
  await page.getByLabel('Holds, to the brim', { exact: true }).fill('0.5 l');
  await page.getByLabel('No taller than', { exact: true }).fill('90');
  await page.getByRole('button', { name: 'Create piece' }).click();
  await expect(page.locator('[data-window="height"]')).toContainText('≤ 90 mm');
  await page.getByRole('link', { name: 'New piece' }).click();
  await page.getByRole('button', { name: 'Start with typical sizes' }).click();
  await expect(page.getByLabel('Name of the piece', { exact: true })).toHaveValue('New piece');
  await expect(page.locator('main [data-known]')).toHaveCount(0);
});

test('the finder goes to rooms and tools of the open piece, to pieces, clays and places, by one key from anywhere', async ({ page }) => {
  await visit(page, '/kit');
  const find = async (typed: string) => {
    await page.keyboard.press('ControlOrMeta+k');
    await page.keyboard.type(typed);
    await page.getByRole('option').first().waitFor();
    await page.keyboard.press('Enter');
  };
  for (const [typed, room, section] of [
    ['shrink rule', 'tools', 'rule'],
    ['cut with the needle', 'make', 'ball'],
    ['capacity', 'sizes', 'holds'],
    ['lid from cutters', 'fit', 'lid'],
    ['odds', 'fit', 'odds'],
    ['remake', 'made', 'again'],
    ['pointer', 'tools', 'gauges'],
  ] as const) {
    await find(typed);
    await expect(page.locator(`[data-room="${room}"][data-section="${section}"]`)).toBeVisible();
  }
  await find('egg cup');
  await expect(page.getByLabel('Name of the piece', { exact: true })).toHaveValue('Egg cup');
  await find('quarry');
  await expect(page.getByLabel('Name of the clay', { exact: true })).toHaveValue('Quarry Grog');
  await find('from a ball');
  await expect(page.getByLabel('Ball', { exact: true })).toBeFocused();
  // an amount with its unit, where another way in is open already
  await find('500 ml');
  await expect(page.getByLabel('Holds, to the brim', { exact: true })).toHaveValue('500 ml');
  await find('1,9 kg');
  await expect(page.getByLabel('Ball', { exact: true })).toHaveValue('1900 g');
  // a batch, and a name without its comma
  await find('august');
  await expect(page.getByLabel('Name of the clay', { exact: true })).toHaveValue('Heron Buff');
  await find('jar honey wide');
  await expect(page.getByLabel('Name of the piece', { exact: true })).toHaveValue('Honey jar, wide');
  await find('compare');
  await expect(page.getByRole('heading', { name: 'Compare clays' })).toBeVisible();
  // the last room of a piece is remembered
  await page.getByRole('button', { name: 'Another piece' }).click();
  // its list is there before anything is typed, so what is typed is waited for
  const field = page.locator('.finder-field:focus');
  await expect(field).toBeVisible();
  await page.keyboard.type('honey jar');
  await expect(field).toHaveValue('honey jar');
  await expect(page.getByRole('option')).toHaveText([/^Honey jar, wide/]);
  await page.keyboard.press('Enter');
  await expect(page.locator('[data-section="gauges"]')).toBeVisible();
  await page.keyboard.press('5');
  await expect(page.locator('[data-room="made"]')).toBeVisible();
});

test('of outside, wall and width inside two stay as typed; where all three are, Rimbet asks and moves none, and undo brings it back', async ({
  page,
}) => {
  await visit(page);
  const cell = (row: string, stage: string) => page.getByLabel(`${row}, ${stage}`, { exact: true });
  const asks = page.locator('[data-asks="mouthInside"]');
  for (const stage of ['wet', 'leather hard', 'bone dry', 'bisque', 'finished']) {
    await cell('Mouth, inside', stage).fill('90');
    await page.keyboard.press('Enter');
    await expect(asks).toContainText(`you entered 90 mm ${stage}`);
    await expect(cell('Mouth, outside', 'finished')).toHaveValue('92');
    await expect(cell('Wall', 'finished')).toHaveValue('4.6');
    await expect(cell('Mouth, inside', stage)).not.toHaveAttribute('data-known', '');
    await asks.getByRole('button', { name: 'Mouth, outside' }).click();
    await expect(asks).toBeHidden();
    await expect(cell('Mouth, inside', stage)).toHaveValue('90');
    await expect(cell('Mouth, inside', stage)).toHaveAttribute('data-known', '');
    await expect(cell('Wall', 'finished')).toHaveValue('4.6');
    await expect(cell('Mouth, outside', 'finished')).not.toHaveAttribute('data-known', '');
    await page.getByRole('button', { name: /^Undo: Mouth, inside: change the outside/ }).click();
    await page.getByRole('button', { name: /^Undo: width inside the mouth/ }).click();
    await expect(cell('Mouth, outside', 'finished')).toHaveValue('92');
  }
  await cell('Mouth, inside', 'finished').fill('84');
  await asks.getByRole('button', { name: 'Wall', exact: true }).click();
  await expect(cell('Wall', 'finished')).toHaveValue('4');
  await expect(cell('Mouth, inside', 'finished')).toHaveValue('84');
  await page.getByLabel('Mouth, inside: what changes to match', { exact: true }).selectOption('keep the wall, change the outside');
  await cell('Mouth, inside', 'finished').fill('≤ 84');
  await expect(page.locator('[data-window="mouthInside"]')).toContainText('≤ 84 mm');
  await cell('Mouth, inside', 'finished').fill('');
  await expect(cell('Mouth, inside', 'finished')).not.toHaveAttribute('data-known', '');
  await saved(page);
});

test('a suggestion follows: an assumed wall goes with the size and is kept at a tap; clay there is stays, and a wet height says of what', async ({
  page,
}) => {
  await visit(page, '/new');
  await page.keyboard.type('230');
  await page.getByLabel('Height, finished', { exact: true }).fill('500');
  await page.getByRole('button', { name: 'Create piece' }).click();
  const assumed = page.getByTestId('assumed');
  await expect(assumed).toContainText('wall 13.5 mm');
  await expect(page.getByTestId('stands')).toContainText('stands about 405 mm high thrown in one go. Throw it in 2 sections');
  await assumed.getByRole('button', { name: 'wall 13.5 mm' }).click();
  await expect(assumed).not.toContainText('wall');
  await expect(page.getByLabel('Wall, finished', { exact: true })).toHaveAttribute('data-known', '');
  await test.step('a ball of clay stays mine whatever is changed, until it is let go', async () => {
    await visit(page, '/new?from=ball&g=500');
    await page.getByRole('button', { name: 'Create piece' }).click();
    await expect(page.getByTestId('clay-kept')).toContainText('Sized to your 500 g');
    await page.getByLabel('Wall, finished', { exact: true }).fill('6');
    await expect(answer(page, 'ball')).toHaveText('500 g');
    await page.getByLabel('Clay', { exact: true }).selectOption('Chalk Down');
    await expect(answer(page, 'ball')).toHaveText('500 g');
    await page.getByRole('button', { name: 'Stop keeping 500 g' }).click();
    await expect(page.getByTestId('clay-kept')).toBeHidden();
  });
  await test.step('a wet height is that of the trimmed piece, or of the rim above the bat', async () => {
    await visit(page, '/new?from=wet');
    await page.getByLabel('Height, wet', { exact: true }).fill('120');
    await expect(figure(page, 'gauge')).toHaveText('125 mm');
    await page.getByLabel('Height is', { exact: true }).selectOption('as thrown, rim above the bat');
    await expect(figure(page, 'gauge')).toHaveText('120 mm');
  });
  await test.step('a piece in the hand asks what it weighs: one ball, and its wall from the weight', async () => {
    await visit(page, '/new?from=hand');
    for (const [label, value] of [
      ['Mouth', '80'],
      ['Height', '95'],
      ['Its foot, across', '60'],
      ['Weighs', '290'],
    ] as const) {
      await page.getByLabel(label, { exact: true }).fill(value);
    }
    await expect(figure(page, 'weigh')).toHaveText(/\d+ g/);
    const ball = (await figure(page, 'weigh').textContent())!;
    await page.getByRole('button', { name: 'Create piece' }).click();
    await expect(answer(page, 'ball')).toHaveText(ball);
    await room(page, 'Results', 'Remake a fired piece');
    await expect(page.locator('[data-figure="again"]')).toHaveText(ball);
    await expect(page.getByLabel('Wall thickness', { exact: true })).toHaveValue('unknown');
  });
  await test.step('a box asks for three sizes', async () => {
    await visit(page, '/new');
    await page.getByLabel('Form', { exact: true }).selectOption('a box or tray');
    await page.getByLabel('Mouth, finished', { exact: true }).fill('500');
    await page.getByLabel('Across, short side, finished', { exact: true }).fill('250');
    await page.getByRole('button', { name: 'Create piece' }).click();
    await expect(page.getByLabel('Base, short axis, finished', { exact: true })).toHaveValue('250');
  });
});

test('a piece is sent as a link and a code, shown before it is kept, and is the same piece there', async ({ page, browser, baseURL }) => {
  await visit(page);
  await type(page, 'Finished height', '133');
  const ball = (await answer(page, 'ball').textContent())!;
  await room(page, 'Tools', 'Send this piece');
  await expect(page.getByRole('img', { name: 'Code that holds Honey jar, wide' })).toBeVisible();
  const link = await page.getByLabel('Link to the piece', { exact: true }).inputValue();
  const there = await (await browser.newContext({ baseURL: baseURL! })).newPage();
  await visit(there, '/files');
  await there.getByRole('button', { name: 'Delete everything' }).click();
  await saved(there);
  await visit(there, '/new');
  await there.getByRole('button', { name: /^A shared link/ }).click();
  await there.getByLabel('Paste the link', { exact: true }).fill('https://nothing');
  await expect(there.getByRole('alert').filter({ hasText: 'not a link to a piece' })).toBeVisible();
  await there.getByLabel('Paste the link', { exact: true }).fill(link);
  const preview = there.getByRole('region', { name: 'What the file would change' });
  await expect(preview).toContainText('Honey jar, wide');
  await expect(preview).toContainText('Heron Buff');
  await expect(preview.getByRole('button', { name: 'Replace everything' })).toHaveCount(0);
  await preview.getByRole('button', { name: 'Add to my pieces' }).click();
  await expect(there.getByLabel('Name of the piece', { exact: true })).toHaveValue('Honey jar, wide');
  await expect(answer(there, 'ball')).toHaveText(ball);
  await there.goto(`/files#sent=${link.slice(-40)}`);
  await expect(there.getByRole('alert').filter({ hasText: 'not a Rimbet piece' })).toBeVisible();
  await there.context().close();
});

test('what it must fit: a lid for a pot in the hand, and a pot for a bought lid that comes into the kit', async ({ page }) => {
  await visit(page, '/new');
  await expect(page.getByRole('heading', { name: 'What do you want to start from?' })).toBeVisible();
  await page.keyboard.press('l');
  await page.keyboard.type('98');
  await expect(figure(page, 'weigh')).toHaveText(/\d\sg$/);
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Name of the piece', { exact: true })).toHaveValue('Lid for a mouth of 98 mm');
  await expect(page.locator('[data-room="fit"][data-section="odds"]')).toBeVisible();
  await expect(page.getByText(/, which fits: /)).toBeVisible();
  // the letter in the very moment the question is put into the page, before anything can follow it
  await page.evaluate(() => {
    new MutationObserver((_, watch) => {
      if (!document.querySelector('[data-way]')) return;
      watch.disconnect();
      (document.activeElement ?? document.body).dispatchEvent(new KeyboardEvent('keydown', { key: 'l', bubbles: true, cancelable: true }));
    }).observe(document.body, { childList: true, subtree: true });
  });
  await page.getByRole('link', { name: 'New piece' }).click();
  await page.getByLabel('Must fit', { exact: true }).selectOption('a bought lid');
  await page.getByLabel('Lid width where it goes in', { exact: true }).fill('3 7/8 in');
  await page.getByRole('button', { name: 'Create piece', exact: true }).click();
  await expect(page.getByLabel('Which of your kit', { exact: true })).toHaveValue(/./);
  await expect(page.getByText(/, which fits: /)).toBeVisible();
  await saved(page);
  await visit(page, '/kit?of=bought');
  await expect(page.getByRole('region', { name: 'Bought lids and stoppers' })).toContainText('1 measured: about 98.4 mm');
  await page.keyboard.press('Control+z');
  await expect(page.locator('[data-lot]')).toHaveCount(3);
});

test('what is typed at once is not lost: keys pressed while the page is still being made stand in the figure', async ({ page }) => {
  // the database is held back until the keys are pressed: the page is painted, and its question is not there yet
  await page.addInitScript(() => {
    const open = IDBFactory.prototype.open;
    IDBFactory.prototype.open = function (this: IDBFactory, ...args: [string, number?]) {
      const request = open.apply(this, args);
      return new Proxy(request, {
        get: (target, name) => {
          const value = Reflect.get(target, name) as unknown;
          return typeof value === 'function' ? (value as () => void).bind(target) : value;
        },
        set: (target, name, value: unknown) => {
          if (name !== 'onsuccess') return Reflect.set(target, name, value);
          const own = window as unknown as { letGo?: () => void };
          const held = new Promise<void>((resolve) => (own.letGo = resolve));
          target.onsuccess = (event) => void held.then(() => (value as (event: Event) => void).call(target, event));
          return true;
        },
      });
    };
  });
  await page.goto('/new');
  await expect(page.getByText('Loading…')).toBeVisible();
  await page.waitForFunction(() => 'letGo' in window);
  await page.keyboard.type('100');
  await page.evaluate(() => (window as unknown as { letGo: () => void }).letGo());
  await expect(page.locator('[data-way="finished"] input').first()).toHaveValue('100');
});

test('width and height typed together are both taken, at the start, in the table and in the search', async ({ page }) => {
  await visit(page, '/new');
  await page.keyboard.type('80x90');
  await expect(page.getByLabel('Height, finished', { exact: true })).toHaveValue('90 mm');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Name of the piece', { exact: true })).toHaveValue('Cup, 80 mm across');
  const mouth = page.getByLabel('Mouth, outside, finished', { exact: true });
  const high = page.getByLabel('Height, finished', { exact: true });
  await expect(mouth).toHaveValue('80');
  await expect(high).toHaveValue('90');
  await type(page, 'Mouth, outside, wet', '4 x 4 1/2 in');
  await page.keyboard.press('Enter');
  await expect(mouth).not.toHaveValue('80');
  await expect(page.getByLabel('Height, wet', { exact: true })).toHaveValue('114.3');
  await expect(page.getByLabel('Mouth, outside, wet', { exact: true })).toHaveValue('101.6');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(mouth).toHaveValue('80');
  await expect(high).toHaveValue('90');
  await type(page, 'Height, finished', '80 x 90 x 70');
  await expect(page.getByText('enter its width and its height')).toBeVisible();
  await page.keyboard.press('Escape');
  await page.keyboard.press('Control+k');
  await page.keyboard.type('110 x 60');
  await page.getByRole('option', { name: /finished size of 110 mm × 60 mm/ }).click();
  await expect(page.getByLabel('Height, finished', { exact: true })).toHaveValue('60 mm');
  await expect(figure(page, 'weigh')).toHaveText(/\d\sg$/);
  // nothing of it is dropped: a cup has no third, a box has
  const across = page.getByLabel('Mouth, finished', { exact: true });
  await across.fill('80 x 90 x 70');
  await expect(page.getByText('A cup has two: enter its width and its height.')).toBeVisible();
  await page.getByLabel('Form', { exact: true }).selectOption('a box or tray');
  await across.fill('180 x 100 x 60');
  await expect(page.getByLabel('Across, short side, finished', { exact: true })).toHaveValue('100 mm');
  await expect(page.getByLabel('Height, finished', { exact: true })).toHaveValue('60 mm');
});

test.describe('in a language that sets thousands apart by points', () => {
  test.use({ locale: 'de-DE' });

  test('1.200 is asked once, then taken as it was meant', async ({ page }) => {
    await visit(page, '/new');
    await page.keyboard.press('b');
    const ball = page.getByLabel('Ball', { exact: true });
    await ball.fill('1.200 g');
    await expect(page.getByText('could mean 1200 or 1.2')).toBeVisible();
    await expect(figure(page, 'weigh')).toHaveCount(0);
    await ball.fill('1200 g');
    await ball.press('Tab');
    await ball.fill('1.500 g');
    await expect(figure(page, 'weigh')).toHaveText(/^1500\sg$/);
    await page.getByRole('button', { name: 'Units' }).click();
    await page.getByLabel('1.200 means', { exact: true }).selectOption('1.2');
    await page.keyboard.press('Escape');
    await ball.fill('1.500 kg');
    await expect(figure(page, 'weigh')).toHaveText(/^1500\sg$/);
  });
});
