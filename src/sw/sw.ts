import { type PrecacheEntry, Serwist } from "serwist";

/** Written in when this file is bundled (`app/sw.js`): every script, style, font and page of this build. */
declare const PRECACHED: readonly PrecacheEntry[];
declare const self: ServiceWorkerGlobalScope;

/**
 * A bundler tells a worker its chunks in the hash of its address, and what is kept has none: it is answered here, from what is
 * kept under the address without it. Parts of pages that the router asks for go to the network; without one the router loads the
 * whole page, and that is kept.
 */
self.addEventListener("fetch", (event) => {
  const { request } = event;
  if (request.destination === "worker") {
    event.stopImmediatePropagation();
    event.respondWith(kept(request.url.split("#")[0] ?? request.url));
  } else if (request.headers.has("RSC")) event.stopImmediatePropagation();
});
async function kept(url: string): Promise<Response> {
  const found = (await caches.match(url, { ignoreVary: true })) ?? (await fetch(url));
  return new Response(found.body, { status: found.status, headers: found.headers });
}

new Serwist({
  precacheEntries: [...PRECACHED],
  // Which supper is meant stands in the query; the page is the same.
  precacheOptions: { cleanupOutdatedCaches: true, ignoreURLParametersMatching: [/.*/] },
  // A new version waits until the cook says so: never in the middle of a step.
  skipWaiting: false,
  clientsClaim: true,
  disableDevLogs: true,
}).addEventListeners();
