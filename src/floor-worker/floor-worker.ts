import { CacheFirst, ExpirationPlugin, NetworkFirst, Serwist } from "serwist";

/** For how long a page of the floor is kept. Seconds. */
const PAGE_KEPT = 3 * 24 * 3600;
/** For how long the network may take before what is kept is shown. Seconds. */
const PATIENCE = 4;

/**
 * An answer that does not say from where it is. A worker's script takes its own address, with what stands behind # in it, from
 * the answer if that has one, and what is kept has none behind #.
 */
async function withoutAddress({ request, response }: { request: Request; response: Response }) {
  return request.destination === "worker" ? new Response(response.body, response) : response;
}

/**
 * The service worker of the floor: keeps its pages and what they are made of, so that a session that was opened once can be started,
 * run and reloaded while the server is away. Everything else goes to the network.
 */
new Serwist({
  skipWaiting: true,
  clientsClaim: true,
  runtimeCaching: [
    {
      matcher: ({ url, sameOrigin }) => sameOrigin && url.pathname.startsWith("/_next/static/"),
      handler: new CacheFirst({
        cacheName: "iron-step-parts",
        plugins: [new ExpirationPlugin({ maxEntries: 400 }), { handlerWillRespond: withoutAddress }],
      }),
    },
    {
      matcher: ({ request, url, sameOrigin }) =>
        sameOrigin &&
        /^\/session\/[^/]+\/floor$/.test(url.pathname) &&
        !request.headers.has("rsc") &&
        request.method === "GET",
      handler: new NetworkFirst({
        cacheName: "iron-step-floor",
        networkTimeoutSeconds: PATIENCE,
        matchOptions: { ignoreSearch: true, ignoreVary: true },
        plugins: [new ExpirationPlugin({ maxEntries: 60, maxAgeSeconds: PAGE_KEPT })],
      }),
    },
  ],
}).addEventListeners();
