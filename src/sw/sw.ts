import { cacheNames, type PrecacheEntry, Serwist } from "serwist";

/** Written in when this file is bundled (`app/sw.js`): every script, style, font and page of this build. */
declare const PRECACHED: readonly PrecacheEntry[];
declare const self: ServiceWorkerGlobalScope;

const serwist = new Serwist({
  precacheEntries: [...PRECACHED],
  // Which supper is meant stands in the query; the page is the same.
  precacheOptions: { cleanupOutdatedCaches: true, ignoreURLParametersMatching: [/.*/] },
  // A new version waits until the cook says so: never in the middle of a step.
  skipWaiting: false,
  clientsClaim: true,
  disableDevLogs: true,
});

/** Scripts of the version before this one: a page of it that is still open cooks on, and asks for them when it needs them. */
const BEFORE = "jade-pan-before";
const HASHED = "/_next/static/";
const absolute = (url: string): string => new URL(url, self.location.origin).href;
const MINE: ReadonlySet<string> = new Set(PRECACHED.map(({ url }) => absolute(url)));

self.addEventListener("install", (event) => event.waitUntil(keepBefore()));
/** At the activation what is not of this version is let go of; until then it is there to be kept aside. */
async function keepBefore(): Promise<void> {
  await caches.delete(BEFORE);
  const [now, before] = await Promise.all([caches.open(cacheNames.precache), caches.open(BEFORE)]);
  for (const request of await now.keys()) {
    if (MINE.has(request.url) || !new URL(request.url).pathname.startsWith(HASHED)) continue;
    const found = await now.match(request);
    if (found !== undefined) await before.put(request, found);
  }
}

/** Site data can be cleared under a service worker that lives on: what is found empty is filled again, once at a time. */
let refilling: Promise<void> | null = null;
const refill = (): Promise<void> => (refilling ??= filled().finally(() => (refilling = null)));
async function filled(): Promise<void> {
  const cache = await caches.open(cacheNames.precache);
  if ((await cache.keys()).length > 0) return;
  await Promise.all(
    PRECACHED.map(async ({ url }) => {
      const key = serwist.getPrecacheKeyForUrl(url);
      const response = key === undefined ? null : await fetch(url, { cache: "reload" }).catch(() => null);
      if (key !== undefined && response?.ok) await cache.put(key, response);
    }),
  );
}

/**
 * A bundler tells a worker its chunks in the hash of its address, and what is kept has none: it is answered here, from what is
 * kept under the address without it. Parts of pages that the router asks for go to the network; without one the router loads the
 * whole page, and that is kept under an address without a slash at its end.
 */
self.addEventListener("fetch", (event) => {
  const { request } = event;
  const { origin, pathname, search, href } = new URL(request.url);
  const answer = (response: Promise<Response> | Response) => {
    event.stopImmediatePropagation();
    event.respondWith(response);
  };
  if (request.destination === "worker") answer(kept(href.split("#")[0] ?? href));
  else if (request.headers.has("RSC")) event.stopImmediatePropagation();
  else if (request.mode === "navigate") {
    event.waitUntil(refill());
    if (pathname !== "/" && pathname.endsWith("/")) answer(Response.redirect(pathname.replace(/\/+$/, "") + search));
  } else if (origin === self.location.origin && pathname.startsWith(HASHED) && !MINE.has(href)) answer(kept(href));
});
async function kept(url: string): Promise<Response> {
  const found = (await caches.match(url, { ignoreVary: true })) ?? (await fetch(url));
  return new Response(found.body, { status: found.status, headers: found.headers });
}

serwist.addEventListeners();
