import { type PrecacheEntry, Serwist, type SerwistPlugin } from 'serwist';

/** Every page, script, style and font of this build; scripts/offline.mjs puts the list here. */
declare const PRECACHE: PrecacheEntry[];

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
  precacheOptions: { cleanupOutdatedCaches: true, ignoreURLParametersMatching: [/^plan$/, /^body$/], plugins: [keepsFragment] },
  skipWaiting: false,
  clientsClaim: true,
});

serwist.addEventListeners();
