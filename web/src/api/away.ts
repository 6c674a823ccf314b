/** What the service worker keeps of the bench; see web/worker. */
const SEEN = 'seen'

/** Taken along without being looked at: what somebody may want where the shop's network does not reach. */
const ALONG = [
  '/api/pulse',
  '/api/bench',
  '/api/kit',
  '/api/looks',
  '/api/looks/away',
  '/api/edges',
  '/api/edges/outlook',
  '/api/rack',
  '/api/works',
  '/api/references',
  '/api/diary',
]

/** Whether this server is a shared shop's: its pages go where it does not. */
export const isShared = () => document.querySelector('meta[name=shared-shop]') !== null

/** Lets pages open without connection from now on; on the one machine there is nowhere to go. */
export function goAlong(): void {
  if (!isShared() || !('serviceWorker' in navigator)) return
  void navigator.serviceWorker.register('/worker.js').catch(() => undefined)
}

/** Once a page is quiet, what may be wanted later is fetched, and kept on its way. */
export async function takeAlong(): Promise<void> {
  if (!isShared() || !('serviceWorker' in navigator)) return
  await navigator.serviceWorker.ready
  await new Promise((quiet) => setTimeout(quiet, QUIET_MS))
  for (const address of ALONG) await fetch(address).catch(() => undefined)
}

/** A page that has just been drawn has better to do. */
const QUIET_MS = 3000

/** Whoever leaves a bench, or the program, leaves nothing of it on this device. */
export async function leaveBehind(): Promise<void> {
  if ('caches' in window) await caches.delete(SEEN)
}
