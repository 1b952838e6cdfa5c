import { type Server, createServer, request as ask } from 'node:http';
import type { AddressInfo } from 'node:net';
import { answer, expect, room, saved, test, type, visit } from './app';

test.use({ serviceWorkers: 'allow' });

test('after the first visit the whole application opens and works with the network gone', async ({ page, context }) => {
  await visit(page);
  await expect(page.locator('[data-offline="ready"]')).toHaveCount(1);
  await context.setOffline(true);
  await page.reload();
  await expect(answer(page, 'ball')).toHaveText('645 g');
  await type(page, 'Finished height', '140');
  await saved(page);
  for (const [path, there] of [
    ['/wheel?plan=plan-honey-jar', 'All figures'],
    ['/pieces?x=1', 'Breakfast platter'],
    ['/clay?body=body-heron-buff', 'Heron Buff'],
  ] as const) {
    await visit(page, path);
    if (path.startsWith('/wheel')) await expect(page.locator('[data-wheel="all"]')).toBeVisible();
    else if (path.startsWith('/pieces')) await expect(page.getByRole('row', { name: there })).toBeVisible();
    else await expect(page.getByText(there).first()).toBeVisible();
  }
  await page.goto('/somewhere/else');
  await expect(page.getByRole('heading', { name: 'Page not found' })).toBeVisible();
  await visit(page, '/?anything');
  await expect(page.getByLabel('Finished height', { exact: true })).toHaveValue('140');
  await room(page, 'Tools', 'Shrink rule');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Shrink rule as PDF', exact: true }).click();
  expect((await download).suggestedFilename()).toBe('rimbet-shrink-rule-heron-buff.pdf');
});

test('offline the router goes from page to page without loading any, and a quick size is not lost on the way', async ({
  page,
  context,
}) => {
  await visit(page, '/pieces');
  await expect(page.locator('[data-offline="ready"]')).toHaveCount(1);
  await context.setOffline(true);
  await page.reload();
  await expect(page.getByRole('row', { name: 'Egg cup' })).toBeVisible();
  await page.evaluate(() => Object.assign(window, { sameDocument: true }));
  for (let i = 1; i <= 3; i += 1) {
    await page.getByLabel('Find anything, or type a finished size', { exact: true }).fill(`${70 + i}`);
    await page.keyboard.press('Enter');
    await expect(page.getByLabel('Name of the piece', { exact: true })).toHaveValue(`Cup, ${70 + i} mm across`);
    for (const [place, there] of [
      ['Kit', 'Kit'],
      ['Files', 'Files'],
      ['Clay', 'Clay'],
      ['Pieces', 'Pieces'],
    ] as const) {
      await page.getByRole('link', { name: place, exact: true }).click();
      await expect(page.getByRole('heading', { name: there, exact: true, level: 1 })).toBeVisible();
    }
  }
  expect(await page.evaluate(() => 'sameDocument' in window)).toBe(true);
  await expect(page.getByTestId('count')).toHaveText('22 pieces');
});

/** The application behind an address of its own, where its service worker can become another version. */
async function versions(baseURL: string): Promise<{ server: Server; address: string; next: () => void }> {
  const upstream = new URL(baseURL);
  let version = 1;
  const server = createServer((incoming, outgoing) => {
    const { pathname } = new URL(incoming.url!, upstream);
    const headers = { ...incoming.headers, host: upstream.host, 'accept-encoding': 'identity' };
    const asked = ask(
      { host: upstream.hostname, port: upstream.port, path: incoming.url, method: incoming.method, headers },
      (response) => {
        const { 'content-length': _, ...rest } = response.headers;
        outgoing.writeHead(response.statusCode!, rest);
        response.pipe(outgoing, { end: pathname !== '/sw.js' });
        if (pathname === '/sw.js') response.on('end', () => outgoing.end(`\n// version ${version}`));
      },
    );
    incoming.pipe(asked);
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const { port } = server.address() as AddressInfo;
  return { server, address: `http://127.0.0.1:${port}`, next: () => void (version += 1) };
}

test('a new version is offered in every tab and taken in either, with nothing typed lost', async ({ browser, baseURL }) => {
  const { server, address, next } = await versions(baseURL!);
  const context = await browser.newContext({ baseURL: address, serviceWorkers: 'allow' });
  const [one, two] = [await context.newPage(), await context.newPage()];
  await visit(one);
  await expect(one.locator('[data-offline="ready"]')).toHaveCount(1);
  await visit(two);
  next();
  await one.evaluate(async () => (await navigator.serviceWorker.getRegistration())!.update());
  const offer = (page: typeof one) => page.getByRole('button', { name: 'Update now' });
  await expect(offer(one)).toBeVisible();
  await expect(offer(two)).toBeVisible();
  await type(two, 'Finished height', '133');
  for (const page of [one, two]) {
    await page.evaluate(() => Object.assign(window, { before: true }));
    await offer(page).click();
    await expect.poll(() => page.evaluate(() => 'before' in window).catch(() => true)).toBe(false);
    await expect(offer(page)).toHaveCount(0);
    await expect(page.getByLabel('Finished height', { exact: true })).toHaveValue('133');
  }
  await context.close();
  server.close();
});
