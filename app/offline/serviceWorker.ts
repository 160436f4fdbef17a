/// <reference lib="webworker" />
// Built by scripts/build-offline.mjs, which names every file of the app in it.
import { clientsClaim } from "workbox-core";
import { cleanupOutdatedCaches, type PrecacheEntry, precacheAndRoute } from "workbox-precaching";
import { registerRoute } from "workbox-routing";
import { NetworkFirst } from "workbox-strategies";
import { DOCUMENTS, documentFor } from "./documents.ts";

declare const self: ServiceWorkerGlobalScope;

/** One stored document for each route, and what loaders of the server gave; another one for every build. */
const manifest = self.__WB_MANIFEST.filter((entry): entry is PrecacheEntry => typeof entry !== "string");
const PAGES = `pages-${manifest.map(({ url, revision }) => revision ?? url).reduce((sum, text) => hash(sum, text), 5381)}`;
/** A page is asked of the network so long before its stored one is taken, s. */
const PATIENCE = 3;

self.skipWaiting();
clientsClaim();
cleanupOutdatedCaches();
precacheAndRoute(manifest);

self.addEventListener("install", (event) => {
  event.waitUntil(caches.open(PAGES).then((cache) => cache.addAll(DOCUMENTS)));
});
self.addEventListener("activate", (event) => {
  event.waitUntil(
    caches.keys().then((names) => {
      const old = names.filter((name) => name.startsWith("pages-") && name !== PAGES);
      return Promise.all(old.map((name) => caches.delete(name)));
    }),
  );
});

const pages = new NetworkFirst({
  cacheName: PAGES,
  networkTimeoutSeconds: PATIENCE,
  plugins: [
    {
      // Any camera's address is answered with the one document of its route.
      cacheKeyWillBeUsed: async ({ request }) => documentFor(new URL(request.url)) ?? request,
      cacheWillUpdate: async ({ response }) => (response.status === 200 && !response.redirected ? response : null),
    },
  ],
});
registerRoute(({ request, url }) => request.mode === "navigate" && documentFor(url) !== null, pages);
registerRoute(({ url, sameOrigin }) => sameOrigin && url.pathname.endsWith(".data"), pages);

function hash(sum: number, text: string): number {
  let next = sum;
  for (let i = 0; i < text.length; i++) next = (next * 33 + text.charCodeAt(i)) % 4294967296;
  return next;
}
