// The service worker: the app itself is kept once it was loaded, and what the server last answered; both only for when it is away.
import { matchPrecache, precacheAndRoute, type PrecacheEntry } from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';
import { NetworkFirst } from 'workbox-strategies';
import { ANSWERS, KEPT_AT } from './api/kept';

/** What this file needs of where it runs; the page's own types do not know it. */
interface Scope {
  readonly __WB_MANIFEST: PrecacheEntry[];
  readonly skipWaiting: () => Promise<void>;
  readonly clients: { readonly claim: () => Promise<void> };
  readonly addEventListener: (
    type: 'install' | 'activate',
    listener: (event: { readonly waitUntil: (work: Promise<unknown>) => void }) => void,
  ) => void;
}
declare const self: Scope;

self.addEventListener('install', (event) => {
  event.waitUntil(self.skipWaiting());
});
self.addEventListener('activate', (event) => {
  event.waitUntil(self.clients.claim());
});

// Files whose names change with what is in them.
precacheAndRoute(self.__WB_MANIFEST, { cleanURLs: false });

// Pages come from the server while it answers, so that a new version is had at once.
registerRoute(
  new NavigationRoute(async ({ request }) => {
    try {
      return await fetch(request);
    } catch {
      return (await matchPrecache('/index.html')) ?? Response.error();
    }
  }),
);

/** Answers kept at most: what was looked at last. */
const MOST = 300;
const WHEN = 'X-Answered-At';

const marked = async (response: Response, name: string, value: string): Promise<Response> => {
  const headers = new Headers(response.headers);
  headers.set(name, value);
  return new Response(await response.blob(), { status: response.status, headers });
};

// What is read: from the server, and when it is away as it last answered, which is said.
registerRoute(
  ({ url, request }) =>
    request.method === 'GET' &&
    /^\/api\/(pieces|rack|shop|weigh-ins|classes)\b/.test(url.pathname) &&
    // Who is here now, and what is made now, is nothing to keep: a wall has to say its age.
    !/\/(here|makings)$/.test(url.pathname),
  new NetworkFirst({
    cacheName: ANSWERS,
    plugins: [
      {
        cacheWillUpdate: async ({ response }) =>
          response.ok ? marked(response, WHEN, new Date().toISOString()) : null,
        cacheDidUpdate: async () => {
          const cache = await caches.open(ANSWERS);
          const keys = await cache.keys();
          await Promise.all(keys.slice(0, -MOST).map((k) => cache.delete(k)));
        },
        cachedResponseWillBeUsed: async ({ cachedResponse }) =>
          cachedResponse
            ? marked(cachedResponse, KEPT_AT, cachedResponse.headers.get(WHEN) ?? '')
            : null,
      },
    ],
  }),
);
