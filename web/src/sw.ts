/// <reference lib="webworker" />
import { ExpirationPlugin } from "workbox-expiration";
import type { PrecacheEntry } from "workbox-precaching";
import { cleanupOutdatedCaches, matchPrecache, precacheAndRoute } from "workbox-precaching";
import { NavigationRoute, registerRoute } from "workbox-routing";
import { NetworkFirst, NetworkOnly } from "workbox-strategies";
import { isWorthKeeping, KEPT_CACHE, withAge } from "./api/kept.model";

/**
 * What lets a device be read and worked on without a line: the app itself, and what it was answered last. Writes do not pass
 * here; they wait in the outbox of the page.
 */
declare const self: ServiceWorkerGlobalScope & { __WB_MANIFEST: PrecacheEntry[] };

/** A shift, with the way home. */
const KEPT_SECONDS = 14 * 3600;
const MOST_KEPT = 800;
/** From when on the page of this device is better than none. */
const PATIENCE_SECONDS = 5;
/** A server that is only slow is waited for: what it was asked for is newer than what lies here. */
const PATIENCE_WITH_ANSWERS_SECONDS = 20;

// Not for “/”: a page is the newest there is, below.
precacheAndRoute(self.__WB_MANIFEST, { directoryIndex: "", cleanURLs: false });
cleanupOutdatedCaches();

// The newest page where there is a line: the one of this device only opens when nothing else does.
const online = new NetworkOnly({ networkTimeoutSeconds: PATIENCE_SECONDS });
registerRoute(
  new NavigationRoute(
    async (asked) => {
      try {
        const page = await online.handle(asked);
        if (page.status < 500) {
          return page;
        }
      } catch {
        // no line
      }
      return (await matchPrecache("/index.html")) ?? Response.error();
    },
    { denylist: [/^\/api\//, /^\/actuator\//] },
  ),
);

registerRoute(
  ({ url, request, sameOrigin }) => sameOrigin && request.method === "GET" && isWorthKeeping(url.pathname),
  new NetworkFirst({
    cacheName: KEPT_CACHE,
    networkTimeoutSeconds: PATIENCE_WITH_ANSWERS_SECONDS,
    // The browser's own copy would pass for an answer.
    fetchOptions: { cache: "no-cache" },
    plugins: [
      {
        // A server in trouble has not answered.
        fetchDidSucceed: async ({ response }) => {
          if (response.status >= 500) {
            throw new Error(String(response.status));
          }
          return response;
        },
        cachedResponseWillBeUsed: async ({ cachedResponse }) => cachedResponse && withAge(cachedResponse),
      },
      new ExpirationPlugin({
        maxEntries: MOST_KEPT,
        maxAgeSeconds: KEPT_SECONDS,
        purgeOnQuotaError: true,
      }),
    ],
  }),
);

self.addEventListener("message", (event) => {
  if (event.data === "newer") {
    void self.skipWaiting();
  }
});

// The page of the first visit is looked after too; it asks once more for what it has read.
self.addEventListener("activate", (event) => event.waitUntil(self.clients.claim()));
