/// <reference lib="webworker" />
// Built by scripts/build-offline.mjs, which names every file of the app in it.
import { cacheNames, clientsClaim } from "workbox-core";
import { cleanupOutdatedCaches, getCacheKeyForURL, type PrecacheEntry, precacheAndRoute } from "workbox-precaching";
import { registerRoute } from "workbox-routing";
import { NetworkFirst } from "workbox-strategies";
import { DOCUMENTS, documentFor, MEND } from "./documents.ts";

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
  event.waitUntil(
    caches.open(PAGES).then((cache) =>
      Promise.all(
        DOCUMENTS.map(async (url) => {
          const answer = await fetch(url, { cache: "no-cache" });
          const stored = answer.ok ? await unled(url, answer) : null;
          if (stored === null) throw new Error(`${url} was answered ${answer.status}`);
          await cache.put(url, stored);
        }),
      ),
    ),
  );
});
self.addEventListener("activate", (event) => {
  event.waitUntil(
    caches.keys().then((names) => {
      const old = names.filter((name) => name.startsWith("pages-") && name !== PAGES);
      return Promise.all(old.map((name) => caches.delete(name)));
    }),
  );
});

// Somebody may have cleared the caches and left the worker: a page that starts has what is missing fetched again.
self.addEventListener("message", (event) => {
  if (event.data === MEND) event.waitUntil(mended());
});

/** Fetches what is missing of what was stored when this worker came. */
async function mended(): Promise<void> {
  const files = manifest.map(({ url }) => [getCacheKeyForURL(url) ?? url, url] as const);
  await filled(cacheNames.precache, files);
  await filled(
    PAGES,
    DOCUMENTS.map((url) => [url, url]),
  );
}

/** @param wanted under which address each is stored, and from where it is fetched */
async function filled(name: string, wanted: readonly (readonly [string, string])[]): Promise<void> {
  const cache = await caches.open(name);
  const there = new Set((await cache.keys()).map(({ url }) => url));
  const missing = wanted.filter(([key]) => !there.has(new URL(key, self.location.href).href));
  for (const [key, url] of missing) {
    const answer = await fetch(url).catch(() => null);
    const stored = answer?.ok ? await unled(url, answer) : null;
    if (stored !== null) await cache.put(key, stored);
  }
}

/**
 * An answer as it may be given again: a browser takes no stored one that was led elsewhere, and a host of files leads from a
 * folder’s name to the same with a slash.
 *
 * @returns `null` where it was led anywhere else
 */
async function unled(asked: string, answer: Response): Promise<Response | null> {
  if (!answer.redirected) return answer;
  const [from, to] = [asked, answer.url].map((url) => new URL(url, self.location.href).pathname);
  return to === `${from}/` ? new Response(await answer.blob(), { headers: answer.headers }) : null;
}

const pages = new NetworkFirst({
  cacheName: PAGES,
  networkTimeoutSeconds: PATIENCE,
  plugins: [
    {
      // Any camera's address is answered with the one document of its route.
      cacheKeyWillBeUsed: async ({ request }) => documentFor(new URL(request.url)) ?? request,
      cacheWillUpdate: async ({ request, response }) => (response.status === 200 ? unled(request.url, response) : null),
      // A host of files knows no camera's address: the stored document does.
      fetchDidSucceed: async ({ response }) => {
        if (response.status === 404) throw new Error("this host has no such file");
        return response;
      },
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
