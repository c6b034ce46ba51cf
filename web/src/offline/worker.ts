/// <reference lib="webworker" />
import { clientsClaim } from 'workbox-core'
import { ExpirationPlugin } from 'workbox-expiration'
import { cleanupOutdatedCaches, createHandlerBoundToURL, precacheAndRoute } from 'workbox-precaching'
import { NavigationRoute, registerRoute } from 'workbox-routing'
import { NetworkFirst } from 'workbox-strategies'
import { isKept, ofBefore } from './keeping'

/*
 * Runs beside the pages, between them and the server. The server always answers where it can; what it answered last is
 * given where it cannot. Whatever changes something goes to the server only: the pages keep it until it is there.
 */

declare const self: ServiceWorkerGlobalScope

const DAY_S = 24 * 60 * 60
/** A network that swallows everything is not waited for longer. */
const PATIENCE_S = 15
const MOST_ANSWERS = 1500

const files = self.__WB_MANIFEST
precacheAndRoute(files)
cleanupOutdatedCaches()
void self.skipWaiting()
clientsClaim()

/** Answers that another version of the pages asked for may have another shape. */
const version = files.map((file) => (typeof file === 'string' ? file : (file.revision ?? file.url))).join(' ')
const answers = `answers ${[...version].reduce((sum, letter) => (31 * sum + letter.charCodeAt(0)) >>> 0, 7)}`
self.addEventListener('activate', (event) => {
  const old = (name: string) => name.startsWith('answers ') && name !== answers
  event.waitUntil(caches.keys().then((names) => Promise.all(names.filter(old).map((name) => caches.delete(name)))))
})

registerRoute(
  ({ url, sameOrigin }) => sameOrigin && isKept(url.pathname),
  new NetworkFirst({
    cacheName: answers,
    networkTimeoutSeconds: PATIENCE_S,
    plugins: [
      { cachedResponseWillBeUsed: async ({ cachedResponse }) => cachedResponse && ofBefore(cachedResponse) },
      new ExpirationPlugin({ maxEntries: MOST_ANSWERS, maxAgeSeconds: 60 * DAY_S, purgeOnQuotaError: true }),
    ],
  }),
)

const page = createHandlerBoundToURL('index.html')
registerRoute(
  new NavigationRoute(
    async (given) => {
      try {
        return await fetch(given.request)
      } catch {
        return page(given)
      }
    },
    { denylist: [/^\/api\//] },
  ),
)
