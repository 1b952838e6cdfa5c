import { type BrowserContext, type ConsoleMessage, type Page, type Request, type WebError, test as base, expect } from '@playwright/test';

/** A browser as at a first visit, but for the application's own files: nothing that was stored, no page, no leave given. */
async function asNew(context: BrowserContext, origin: string): Promise<void> {
  for (const page of context.pages()) await page.close();
  await context.clearPermissions();
  const page = await context.newPage();
  const session = await context.newCDPSession(page);
  await session.send('Storage.clearDataForOrigin', { origin, storageTypes: 'all' });
  await page.close();
}

/**
 * Every test watches for requests to anywhere else and for anything the page complains of, and fails on either. Tests of one worker share a
 * browser's cache of the application's files, and nothing else; `cold` asks for a browser that has never been here.
 */
export const test = base.extend<{ watched: void; cold: boolean }, { browsers: Map<string, BrowserContext> }>({
  cold: [false, { option: true }],
  browsers: [
    async ({}, use) => {
      const browsers = new Map<string, BrowserContext>();
      await use(browsers);
      for (const context of browsers.values()) await context.close();
    },
    { scope: 'worker' },
  ],
  context: async (
    { browser, browsers, cold, baseURL, viewport, hasTouch, isMobile, locale, colorScheme, serviceWorkers, contextOptions },
    use,
  ) => {
    if (cold || serviceWorkers === 'allow') {
      const context = await browser.newContext();
      await use(context);
      await context.close();
      return;
    }
    const kind = JSON.stringify({ viewport, hasTouch, isMobile, locale, colorScheme, contextOptions });
    const context = browsers.get(kind) ?? (await browser.newContext());
    browsers.set(kind, context);
    await asNew(context, baseURL!);
    await use(context);
  },
  watched: [
    async ({ context, baseURL }, use) => {
      const foreign: string[] = [];
      const complaints: string[] = [];
      const asked = (request: Request) => {
        const url = request.url();
        if (!url.startsWith(baseURL!) && !/^(data|blob):/.test(url)) foreign.push(url);
      };
      const said = (message: ConsoleMessage) => {
        if (message.type() === 'error' && !/status of 4\d\d|ERR_INTERNET_DISCONNECTED/.test(message.text()))
          complaints.push(message.text());
      };
      const thrown = (error: WebError) => complaints.push(String(error.error()));
      context.on('request', asked).on('console', said).on('weberror', thrown);
      await use();
      context.off('request', asked).off('console', said).off('weberror', thrown);
      expect(foreign, 'requests to another origin').toEqual([]);
      expect(complaints, 'errors on the page').toEqual([]);
    },
    { auto: true },
  ],
});

export { expect };

/** Opens a place of the application and waits until its data is there. */
export async function visit(page: Page, path = '/'): Promise<void> {
  await page.goto(path);
  await expect(page.locator('[data-status="ready"]')).toHaveCount(1);
  await expect(page.getByText('Loading…')).toHaveCount(0);
  await fetched(page);
}

/** Once every part that stands in the page was fetched: before, there is nothing of it to look at. */
const fetched = (page: Page) => expect(page.locator('[data-fetching]')).toHaveCount(0);

/** Gives a piece, its clay and an order names as long as they may be, with and without places to break them. */
export async function nameLongest(page: Page): Promise<void> {
  const long = 'Honeycomb pot with six sides and a lid that seats well for the guesthouse on the hill above the harbour, second try 3';
  for (const [place, field, name] of [
    ['/?plan=plan-honey-jar', 'Name of the piece', long],
    ['/clay?body=body-heron-buff', 'Name of the clay', long.replaceAll(' ', '-')],
    ['/orders', 'Name of the order', long],
  ] as const) {
    await visit(page, place);
    await page.getByLabel(field, { exact: true }).fill(name);
    await page.keyboard.press('Enter');
  }
}

/** Every place of the application but the pieces themselves and the wheel, with each of its views. */
export const PLACES = [
  '/new',
  '/pieces',
  '/clay?body=body-heron-buff',
  '/compare',
  '/kit',
  '/kit?of=bought',
  '/kit?of=cutters',
  '/kit?of=wheel',
  '/kit?of=rolling',
  '/shelves',
  '/shelves?view=measure',
  '/shelves?view=log',
  '/shelves?view=sets',
  '/shelves?view=learned',
  '/orders',
  '/orders?order=sets',
  '/orders?order=work',
  '/today',
  '/files',
];

export const answer = (page: Page, name: string) => page.locator(`[data-answer="${name}"]`);

/** Types into a field as a person does: everything in it is replaced. */
export async function type(page: Page, label: string, text: string): Promise<void> {
  const field = page.getByLabel(label, { exact: true });
  await field.focus();
  await field.fill(text);
}

/** Does what stands in the menu of a piece under Pieces. */
export async function more(page: Page, piece: string, what: string): Promise<void> {
  await page.getByRole('button', { name: `More for ${piece}`, exact: true }).click();
  await page
    .getByRole('menu', { name: `More for ${piece}`, exact: true })
    .getByRole('menuitem', { name: what })
    .click();
}

/** Waits until what was done is on disk. */
export async function saved(page: Page): Promise<void> {
  await expect(page.locator('[data-saving="saved"]')).toHaveCount(1);
}

/** Waits until all of the piece's screen shows what was done: what is not the answer follows a moment later. */
export async function followed(page: Page): Promise<void> {
  await expect(page.locator('[data-behind]')).toHaveCount(0);
}

/** Makes the window so large, and waits until what follows its width has followed: once two frames are painted. */
export async function resize(page: Page, size: { width: number; height: number }): Promise<void> {
  await page.setViewportSize(size);
  await page.evaluate(() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))));
}

/** The same widths, begun with the one the page has: each turn of the screen is a page laid out anew. */
export const fromHere = (page: Page, widths: readonly number[]): readonly number[] =>
  page.viewportSize()?.width === widths.at(-1) ? widths.toReversed() : widths;

interface UnitSystem {
  readonly lengths: string;
  readonly weights: string;
  readonly volumes: string;
}

/** Chooses the units that everything is told in. */
export async function chooseUnits(page: Page, { lengths, weights, volumes }: UnitSystem): Promise<void> {
  await page.getByRole('button', { name: 'Units' }).click();
  await page.getByLabel('Lengths', { exact: true }).selectOption(lengths);
  await page.getByLabel('Weights', { exact: true }).selectOption(weights);
  await page.getByLabel('Volumes', { exact: true }).selectOption(volumes);
  await page.keyboard.press('Escape');
  await expect(page.getByLabel('Lengths', { exact: true })).toBeHidden();
}

const roomNames = (page: Page) => page.getByRole('navigation', { name: 'Rooms of the piece' });

export const sectionNames = (page: Page, name: string) =>
  name === 'Tools' ? page.getByRole('list', { name: 'Tools' }) : page.getByRole('navigation', { name: `In ${name}` });

/** Opens a room of the piece, and in it the section or tool of that name. */
export async function room(page: Page, name: string, section?: string): Promise<void> {
  await roomNames(page)
    .getByRole('button', { name: new RegExp(`^${name}`) })
    .click();
  if (section) await sectionNames(page, name).getByRole('button', { name: section, exact: true }).click();
}

/** Opens every section of every room of the piece in turn, or of those only that are asked for. That they can be pressed is not what is tried. */
export async function eachSection(page: Page, look: (words: string) => Promise<void>, only?: ReadonlySet<string>): Promise<void> {
  for (const name of ['Sizes', 'Make', 'Tools', 'Fit', 'Results']) {
    await roomNames(page)
      .getByRole('button', { name: new RegExp(`^${name}`) })
      .dispatchEvent('click');
    await expect(page.locator(`[data-room="${name === 'Results' ? 'made' : name.toLowerCase()}"]`)).toBeVisible();
    const buttons = sectionNames(page, name).getByRole('button');
    const sections = await buttons.allTextContents();
    for (const [i, section] of sections.length > 0 ? sections.entries() : [[0, undefined] as const]) {
      if (only && !only.has(section ?? name)) continue;
      if (section) await buttons.nth(i).dispatchEvent('click');
      await expect(page.locator('[data-room]').locator('*').first()).toBeVisible();
      await fetched(page);
      await look(section ?? name);
    }
  }
}

type Point = readonly [x: number, y: number];

/**
 * Fingers on the glass, as the browser has them from its hardware: what becomes of them (clicks, scrolling, a gesture of the browser's
 * own, a touch it takes away) is its own doing.
 */
export async function fingers(page: Page) {
  const session = await page.context().newCDPSession(page);
  const send = (type: 'touchStart' | 'touchMove' | 'touchEnd' | 'touchCancel', points: readonly Point[]) =>
    session.send('Input.dispatchTouchEvent', { type, touchPoints: points.map(([x, y], id) => ({ x, y, id })) });
  return {
    send,
    /** One finger along a way, in so many moves a stretch; others may lie on the glass meanwhile. */
    async drag(way: readonly Point[], { moves = 8, lying = [] as readonly Point[] } = {}): Promise<void> {
      const [first, ...rest] = way;
      await send('touchStart', [...lying, first!]);
      let [x, y] = first!;
      for (const [toX, toY] of rest) {
        for (let i = 1; i <= moves; i += 1) await send('touchMove', [...lying, [x + ((toX - x) * i) / moves, y + ((toY - y) * i) / moves]]);
        [x, y] = [toX, toY];
      }
      // the palm is lifted after the finger
      if (lying.length > 0) await send('touchEnd', lying);
      await send('touchEnd', []);
    },
  };
}

/** The middle of an element. */
export async function middle(page: Page, name: string): Promise<Point> {
  const box = (await page.getByRole('button', { name, exact: true }).boundingBox())!;
  return [box.x + box.width / 2, box.y + box.height / 2];
}

/** Words that stand over other words, and words that stand beside the screen, by what they say. What scrolls by itself or stands over the page is left out. */
export const muddled = (page: Page, within: string) =>
  page.evaluate((where) => {
    const isLeaf = (each: Element) =>
      [...each.childNodes].some(({ nodeType, textContent }) => nodeType === 3 && textContent!.trim() !== '');
    const stands = (each: Element): boolean => {
      for (let at: Element | null = each; at; at = at.parentElement) {
        const { overflowX, position } = getComputedStyle(at);
        if (/auto|scroll|hidden/.test(overflowX) || /fixed|sticky/.test(position)) return false;
      }
      return true;
    };
    const seen = [...document.querySelectorAll(where)]
      .flatMap((part) => [...part.querySelectorAll('*')])
      .filter(
        (each) =>
          !each.closest('svg, [popover], option, [data-testid="drawing"]') &&
          isLeaf(each) &&
          each.checkVisibility({ visibilityProperty: true }),
      );
    const rects = seen.flatMap((each) => {
      const words = each.textContent!.trim().slice(0, 30);
      if (!stands(each)) return [];
      // its own words: what is folded up within it has a place too
      return [...each.childNodes]
        .filter(({ nodeType }) => nodeType === 3)
        .flatMap((text) => {
          const range = document.createRange();
          range.selectNodeContents(text);
          return [...range.getClientRects()];
        })
        .filter(({ width, height }) => width > 2 && height > 2)
        .map((rect) => ({ each, rect, words }));
    });
    const over: string[] = [];
    rects.forEach((a, i) => {
      if (a.rect.right > innerWidth + 1 || a.rect.left < -1) over.push(`“${a.words}” is beside the screen`);
      for (const b of rects.slice(i + 1)) {
        if (a.each === b.each || a.each.contains(b.each) || b.each.contains(a.each)) continue;
        const wide = Math.min(a.rect.right, b.rect.right) - Math.max(a.rect.left, b.rect.left);
        const high = Math.min(a.rect.bottom, b.rect.bottom) - Math.max(a.rect.top, b.rect.top);
        if (wide > 2 && high > 0.4 * Math.min(a.rect.height, b.rect.height)) over.push(`“${a.words}” over “${b.words}”`);
      }
    });
    const { scrollWidth } = document.documentElement;
    return [...new Set(over), ...(scrollWidth > innerWidth ? [`the page is ${scrollWidth} wide`] : [])];
  }, within);
