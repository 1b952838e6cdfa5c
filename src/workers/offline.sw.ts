import { type PrecacheEntry, Serwist, type SerwistPlugin } from 'serwist';

/** Every page, script, style and font of this build; scripts/offline.mjs puts the list here. */
declare const PRECACHE: PrecacheEntry[];

/** What the router asks for when it goes from page to page, and a name for all of it that changes with the build. */
interface RouterPart {
  readonly path: string;
  /** A segment asked for ahead; the whole page without. */
  readonly segment?: string;
}
declare const ROUTER_PARTS: { readonly build: string; readonly parts: readonly RouterPart[]; readonly nowhere: string };

const scope = self as unknown as {
  readonly location: Location;
  addEventListener(type: 'install' | 'activate', listener: (event: { waitUntil(work: Promise<unknown>): void }) => void): void;
  addEventListener(
    type: 'fetch',
    listener: (event: {
      readonly request: Request;
      respondWith(answer: Promise<Response>): void;
      stopImmediatePropagation(): void;
    }) => void,
  ): void;
};

const PREFIX = 'rimbet-router-';
const CACHE = PREFIX + ROUTER_PARTS.build;
const SEGMENT = 'next-router-segment-prefetch';

/** Router parts are kept under an address of their own: the page's, and which part. */
const keyOf = ({ path, segment = 'whole' }: RouterPart): string => `${path}?part=${encodeURIComponent(segment)}`;

/** A response as it can be kept: one that came by way of a redirect cannot be handed out for what was asked. */
const plain = async (response: Response): Promise<Response> =>
  new Response(await response.blob(), { status: response.status, headers: response.headers });

async function keepRouterParts(): Promise<void> {
  const cache = await caches.open(CACHE);
  const keep = async (part: RouterPart) => {
    const headers = { rsc: '1', ...(part.segment && { 'next-router-prefetch': '1', [SEGMENT]: part.segment }) };
    const response = await fetch(part.path, { headers, cache: 'reload' });
    if (!response.ok) throw new Error(`${part.path} could not be kept: ${response.status}`);
    await cache.put(keyOf(part), await plain(response));
  };
  const nowhere = await plain(await fetch(ROUTER_PARTS.nowhere, { cache: 'reload' }));
  await Promise.all([...ROUTER_PARTS.parts.map(keep), cache.put(ROUTER_PARTS.nowhere, nowhere)]);
}

async function dropOld(): Promise<void> {
  const names = await caches.keys();
  await Promise.all(names.filter((name) => name.startsWith(PREFIX) && name !== CACHE).map((name) => caches.delete(name)));
}

scope.addEventListener('install', (event) => event.waitUntil(keepRouterParts()));
scope.addEventListener('activate', (event) => event.waitUntil(dropOld()));

const PAGES = new Set(ROUTER_PARTS.parts.map(({ path }) => path));

async function routerPart(request: Request): Promise<Response> {
  const { pathname: path } = new URL(request.url);
  const segment = request.headers.get(SEGMENT);
  const cache = await caches.open(CACHE);
  return (await cache.match(keyOf({ path, ...(segment && { segment }) }))) ?? fetch(request);
}

/** An address that is no page: the server says so, and with the server gone the page that says so. */
async function nowhere(request: Request): Promise<Response> {
  try {
    return await fetch(request);
  } catch (error) {
    const kept = await (await caches.open(CACHE)).match(ROUTER_PARTS.nowhere);
    if (kept) return kept;
    throw error;
  }
}

// the router asks for parts of a page at the page's own address: they are told apart before pages are looked for
scope.addEventListener('fetch', (event) => {
  const { request } = event;
  const { origin, pathname } = new URL(request.url);
  if (origin !== scope.location.origin || request.method !== 'GET') return;
  const answers = request.headers.get('rsc') ? routerPart : request.mode === 'navigate' && !PAGES.has(pathname) ? nowhere : undefined;
  if (!answers) return;
  event.stopImmediatePropagation();
  event.respondWith(answers(request));
});

/**
 * A worker's script handed out of a cache loses the part of its address behind #, which the bundler needs: a response made
 * anew has none of its own, so the one asked for stays.
 */
const keepsFragment: SerwistPlugin = {
  cachedResponseWillBeUsed: ({ event, cachedResponse }) => {
    // the request handed in is the cache's own key; only the event knows who asked
    const anew = cachedResponse && (event as { request?: Request }).request?.destination === 'worker';
    return Promise.resolve(anew ? new Response(cachedResponse.body, { status: 200, headers: cachedResponse.headers }) : cachedResponse);
  },
};

/** After the first visit the whole application opens with the server gone. A new version waits until it is asked for. */
const serwist = new Serwist({
  precacheEntries: PRECACHE,
  // a page is the same page whatever stands behind its ?
  precacheOptions: { cleanupOutdatedCaches: true, ignoreURLParametersMatching: [/^/], plugins: [keepsFragment] },
  skipWaiting: false,
  clientsClaim: true,
});

serwist.addEventListeners();
