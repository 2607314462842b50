/**
 * The service worker: keeps the application and its fonts on the device, and answers for the server's pages while the server
 * does not. What was measured is not its business: that stands in the device's own store.
 */
import {
  CacheFirst,
  type PrecacheEntry,
  type RouteHandlerCallback,
  Serwist,
  type SerwistPlugin,
} from "serwist";
import { isKeptPage, pageOfDevice } from "./offline";

/** Every file of the application with what names its version; written in when it is built. */
declare const kept: PrecacheEntry[];

/** What stands between browser and server, and has nobody behind it. */
const nobodyBehind = new Set([502, 503, 504]);

const page: RouteHandlerCallback = async ({ request }) => {
  const answer = await fetch(request).catch(() => undefined);
  if (answer && !nobodyBehind.has(answer.status)) return answer;
  return (await serwist.matchPrecache(pageOfDevice)) ?? answer ?? Response.error();
};

const isForWorker = (event: object) =>
  "request" in event && event.request instanceof Request && event.request.destination === "worker";

/**
 * A script that a worker begins with keeps the whole address that it was asked by: what it is to do stands behind the `#`,
 * which an answer that was kept has lost.
 */
const underItsAddress: SerwistPlugin = {
  cachedResponseWillBeUsed: async ({ event, cachedResponse }) =>
    cachedResponse && isForWorker(event)
      ? new Response(cachedResponse.body, { headers: cachedResponse.headers })
      : cachedResponse,
};

const serwist = new Serwist({
  precacheEntries: kept,
  precacheOptions: {
    cleanupOutdatedCaches: true,
    concurrency: 6,
    plugins: [underItsAddress],
  },
  // A newer version waits until somebody takes it, or no window is open any more.
  skipWaiting: false,
  clientsClaim: true,
  runtimeCaching: [
    {
      matcher: ({ request, url }) => request.mode === "navigate" && isKeptPage(url.pathname),
      handler: page,
    },
    {
      matcher: ({ url, sameOrigin }) => sameOrigin && url.pathname.startsWith("/fonts/"),
      handler: new CacheFirst({ cacheName: "fathom-rule-further-fonts" }),
    },
  ],
});

serwist.addEventListeners();
