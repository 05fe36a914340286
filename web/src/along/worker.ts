/// <reference lib="webworker" />
import { clientsClaim } from "workbox-core";
import { cleanupOutdatedCaches, matchPrecache, precacheAndRoute } from "workbox-precaching";
import { NavigationRoute, registerRoute } from "workbox-routing";
import { type Bundle, device } from "./store";

declare const self: ServiceWorkerGlobalScope;

/** How long the program may take to answer what this device has as well. */
const PATIENCE = 4000;

// A newer program brings a newer page: neither waits for old pages to be closed.
self.skipWaiting();
clientsClaim();
cleanupOutdatedCaches();
precacheAndRoute(self.__WB_MANIFEST);

// The page comes from the program while that is there, so that both are always of one version.
registerRoute(
  new NavigationRoute(({ request }) =>
    inTime(request).catch(async () => (await matchPrecache("/index.html")) ?? Response.error()),
  ),
);

registerRoute(
  ({ url }) => /^\/api\/(pieces\/[0-9a-f]{32}|catalogue$)/.test(url.pathname),
  async ({ request, url }) => {
    const bundle = await bundleFor(url.pathname);
    if (!bundle) return fetch(request);
    const file = bundle.files[url.pathname + url.search];
    // A file is named by its content: the one that is here is the one that was asked for.
    if (file) return new Response(file.slice());
    const answer = bundle.answers[url.pathname];
    if (answer === undefined) return fetch(request);
    return inTime(request).catch(() => Response.json(answer));
  },
);

/** The program's answer, if it comes in time. */
function inTime(request: Request): Promise<Response> {
  return fetch(request, { signal: AbortSignal.timeout(PATIENCE) });
}

async function bundleFor(path: string): Promise<Bundle | undefined> {
  const kept = await device();
  const piece = path.split("/")[3];
  return piece ? kept.get("bundles", piece) : (await kept.getAll("bundles", null, 1))[0];
}
