/*
 * The service worker: it keeps the application's own files, so that a page opens without the server. A page is always asked of the
 * server first; data is none of its business (see `keptAnswers`).
 */
import { cleanupOutdatedCaches, matchPrecache, precacheAndRoute } from 'workbox-precaching';
import type { PrecacheEntry } from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';

declare const self: ServiceWorkerGlobalScope & { readonly __WB_MANIFEST: PrecacheEntry[] };

/** So long a page waits for a server that does not answer. */
const PATIENCE_MS = 3000;
const PAGE = '/index.html';

async function page({ request }: { readonly request: Request }): Promise<Response> {
  try {
    return await fetch(request, { signal: AbortSignal.timeout(PATIENCE_MS) });
  } catch {
    return (await matchPrecache(PAGE)) ?? Response.error();
  }
}

precacheAndRoute(self.__WB_MANIFEST);
cleanupOutdatedCaches();
registerRoute(new NavigationRoute(page, { denylist: [/^\/(api|calendar)(\/|$)/] }));

self.addEventListener('install', () => void self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));
