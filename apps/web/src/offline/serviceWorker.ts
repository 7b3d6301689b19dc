import { clientsClaim } from 'workbox-core';
import { registerRoute } from 'workbox-routing';
import { CacheFirst, NetworkFirst } from 'workbox-strategies';

/*
 * The shell and what the server said last are kept on the device, so that a run goes on when the tablet is reloaded without a network.
 * What is new always comes first: the kept copy answers only when the server does not.
 */

/** As in `api/keptHeader.ts`: a worker is one file, and shares no chunk with the pages. */
const KEPT_HEADER = 'x-kept-on-device';

/** A slow answer is waited for so long before the kept shell is shown, s. */
const SHELL_WAITS_S = 3;

const scope = globalThis as unknown as {
  skipWaiting(): Promise<void>;
  addEventListener(type: 'install', listener: () => void): void;
};
scope.addEventListener('install', () => void scope.skipWaiting());
clientsClaim();

// Every address of the app is one page.
registerRoute(
  ({ request }) => request.mode === 'navigate',
  new NetworkFirst({
    cacheName: 'shell',
    networkTimeoutSeconds: SHELL_WAITS_S,
    plugins: [{ cacheKeyWillBeUsed: () => Promise.resolve('/') }],
  }),
);

// Their names carry what is in them: what is kept is never old.
registerRoute(
  ({ url, sameOrigin }) => sameOrigin && url.pathname.startsWith('/assets/'),
  new CacheFirst({ cacheName: 'assets' }),
);

// Only reading: a command that does not arrive is said so, and taps of a run wait in their outbox.
registerRoute(
  ({ url, sameOrigin, request }) =>
    sameOrigin && request.method === 'GET' && url.pathname.startsWith('/api/') && !url.pathname.endsWith('/live'),
  new NetworkFirst({
    cacheName: 'kitchen',
    plugins: [
      {
        // A proxy's word, or a server's without its database, is no answer: what was kept is shown instead.
        fetchDidSucceed: ({ response }) =>
          response.status >= 502 && response.status <= 504
            ? Promise.reject(new Error(`answered ${response.status}`))
            : Promise.resolve(response),
        cachedResponseWillBeUsed: ({ cachedResponse }) => Promise.resolve(cachedResponse && marked(cachedResponse)),
      },
    ],
  }),
);

/** So that the page can say that it is not the server's own word of now. */
function marked(kept: Response): Response {
  const headers = new Headers(kept.headers);
  headers.set(KEPT_HEADER, '1');
  return new Response(kept.body, { status: kept.status, statusText: kept.statusText, headers });
}
