import { Serwist, type PrecacheEntry, type SerwistGlobalConfig } from 'serwist';

declare global {
  interface WorkerGlobalScope extends SerwistGlobalConfig {
    __SW_MANIFEST: (PrecacheEntry | string)[] | undefined;
  }
}
declare const self: ServiceWorkerGlobalScope;

/** Keeps the whole application on the machine: pages, scripts, workers, fonts. Data never passes through here. */
new Serwist({
  precacheEntries: self.__SW_MANIFEST,
  // A newer version waits until no page is open any more, or until it is asked for (screens/shell/use-update.ts).
  skipWaiting: false,
  clientsClaim: true,
  precacheOptions: {
    cleanupOutdatedCaches: true,
    // A student's page is one page whoever she is; but a router's own data request must not be answered with a page.
    ignoreURLParametersMatching: [/^(?!_rsc$)/],
    plugins: [
      {
        // A cached response keeps the address it was stored under, which loses a worker's parameters: wrap it anew.
        cachedResponseWillBeUsed: ({ cachedResponse: r }) =>
          Promise.resolve(
            r && new Response(r.body, { status: r.status, statusText: r.statusText, headers: r.headers }),
          ),
      },
    ],
  },
}).addEventListeners();
