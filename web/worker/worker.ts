/**
 * Pages without connection, for a phone that goes where the shop's network does not reach: the program itself lies
 * here, and what was last seen of the bench. What is read is asked of the bench first; what is kept carries a mark with
 * its date, so that the page says how old it is. What is recorded is none of its business: that waits in the page.
 */
import { ExpirationPlugin } from 'workbox-expiration'
import { precacheAndRoute } from 'workbox-precaching'
import { registerRoute } from 'workbox-routing'
import { NetworkFirst } from 'workbox-strategies'
import type { WorkboxPlugin } from 'workbox-core'

declare const self: ServiceWorkerGlobalScope & {
  /** Put in by the build: every file of the program. */
  __WB_MANIFEST: { url: string; revision: string | null }[]
}

/** The page deletes it when somebody signs out, or goes to another bench: see web/src/api/away.ts. */
const SEEN = 'seen'
const PAGES = 'pages'

/** A silent network is given up on; what computes for longer than this was never kept. */
const PATIENCE_S = 8

/** As many answers as a bench has pages that somebody looks at in a week. */
const MOST = 400

/** Questions that are posted and answered the same each time: what a page needs to be read at all. */
const ASKED = /^\/api\/(edges\/\d+\/plan|day)$/

function marked(kept: Response): Response {
  const headers = new Headers(kept.headers)
  headers.set('X-Kept', headers.get('Date') ?? new Date(0).toUTCString())
  const { status, statusText, body } = kept
  return new Response(body, { status, statusText, headers })
}

const markWithItsDate: WorkboxPlugin = {
  cachedResponseWillBeUsed: ({ cachedResponse }) =>
    Promise.resolve(cachedResponse ? marked(cachedResponse) : cachedResponse),
}

/** A server in front of the bench says that the bench does not answer. */
const BEFORE_IT = [502, 504]

/** Whoever is signed out here, or elsewhere, leaves nothing behind. */
const whatIsNoAnswer: WorkboxPlugin = {
  fetchDidSucceed: async ({ response }) => {
    if (response.status === 401) await caches.delete(SEEN)
    if (BEFORE_IT.includes(response.status)) throw new TypeError('nobody behind the door')
    return response
  },
}

/** Every address of the program is the same page. */
const onePage: WorkboxPlugin = { cacheKeyWillBeUsed: () => Promise.resolve('/') }

/** What is posted is found by its body as well. */
async function placeOf(request: Request): Promise<string> {
  const asked = new TextEncoder().encode(await request.clone().text())
  const digest = new Uint8Array(await crypto.subtle.digest('SHA-256', asked))
  return `${request.url}?asked=${[...digest].map((byte) => byte.toString(16).padStart(2, '0')).join('')}`
}

async function answerPosted({ request }: { request: Request }): Promise<Response> {
  const seen = await caches.open(SEEN)
  const place = await placeOf(request)
  try {
    const response = await fetch(request)
    if (response.ok) await seen.put(place, response.clone())
    return response
  } catch (silence) {
    const kept = await seen.match(place, matchOptions)
    if (!kept) throw silence
    return marked(kept)
  }
}

const matchOptions = { ignoreVary: true }

precacheAndRoute(self.__WB_MANIFEST)

registerRoute(
  ({ request }) => request.mode === 'navigate',
  new NetworkFirst({ cacheName: PAGES, plugins: [onePage], networkTimeoutSeconds: PATIENCE_S, matchOptions }),
)

const seen = new NetworkFirst({
  cacheName: SEEN,
  plugins: [markWithItsDate, whatIsNoAnswer, new ExpirationPlugin({ maxEntries: MOST, matchOptions })],
  networkTimeoutSeconds: PATIENCE_S,
  matchOptions,
})
registerRoute(({ url, sameOrigin }) => sameOrigin && url.pathname.startsWith('/api/'), seen)
registerRoute(({ url, sameOrigin }) => sameOrigin && ASKED.test(url.pathname), answerPosted, 'POST')

self.addEventListener('install', (event) => {
  // The page that is open was loaded before there was a worker to keep it.
  event.waitUntil(caches.open(PAGES).then((pages) => pages.add('/')))
  void self.skipWaiting()
})
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()))
