import { Serwist, type PrecacheEntry, type SerwistPlugin } from 'serwist';
import { pageFor } from './pages';

/** Every file of this build, written in when it is built. */
declare const __ENTRIES__: PrecacheEntry[];

/** A page's other form: what the router asks for when it goes there by a link. */
const payload = '?payload';
const isPayload = (url: string) => new URL(url).search === payload;

const plugin: SerwistPlugin = {
  requestWillFetch: ({ request }) => {
    if (!isPayload(request.url)) return Promise.resolve(request);
    const { pathname, origin } = new URL(request.url);
    return Promise.resolve(new Request(origin + pathname, { headers: { RSC: '1' }, cache: 'reload' }));
  },
  // A page that came where a payload was asked for would send the router round in circles.
  cacheWillUpdate: ({ request, response }) => {
    const type = response.headers.get('content-type') ?? '';
    const right = !isPayload(request.url) || type.startsWith('text/x-component');
    return Promise.resolve(response.ok && right ? response : null);
  },
  // A stored answer carries the address it was stored under: the router would take that for the page's own, and a worker
  // would lose what its address says after the number sign.
  cachedResponseWillBeUsed: ({ cachedResponse }) =>
    Promise.resolve(cachedResponse && new Response(cachedResponse.body, cachedResponse)),
};

const serwist = new Serwist({
  precacheEntries: __ENTRIES__,
  precacheOptions: { plugins: [plugin], cleanURLs: false, directoryIndex: null, cleanupOutdatedCaches: true },
  // A newer version waits until somebody takes it: never in the middle of a job.
  skipWaiting: false,
  clientsClaim: true,
});

/** Pages and their payloads by the one page that serves them all; what is not stored goes to the server. */
serwist.registerCapture(
  ({ request, sameOrigin, url }) => {
    if (!sameOrigin || request.method !== 'GET') return false;
    // A part of a page asked for in advance is another thing than its whole payload.
    if (request.headers.has('Next-Router-Prefetch') || request.headers.has('Next-Router-Segment-Prefetch'))
      return false;
    const asked = request.mode === 'navigate' ? '' : request.headers.has('RSC') ? payload : undefined;
    return asked === undefined
      ? false
      : (serwist.getPrecacheKeyForUrl(pageFor(url.pathname) + asked) ?? false);
  },
  async ({ request, params }) => {
    const key = params as unknown as string;
    const stored = await caches.match(key);
    return stored ? new Response(stored.body, stored) : fetch(request);
  },
);

serwist.addEventListeners();
