import { become, connection, Unreachable, untilRestored, watchConnection, watchedFetch } from './connection'
import { asKept, isHere, keep, letGo, mine, replace, type Kept } from './outbox'

/** What is recorded is on its way even when the window is closed upon it; files are too large to be let go so. */
const TOO_LARGE = /\/api\/files\//

/** What this window itself is about to send: by the key it waits under. */
const underWay = new Set<{ key: string }>()

/**
 * Writes once: what could not be sent waits in the list and is sent when the bench answers, under the same key, so that
 * what had arrived after all is not written again.
 */
export async function sendOnce(request: Request): Promise<Response> {
  if (request.method === 'GET') return watchedFetch(request)
  const key = crypto.randomUUID()
  request.headers.set('X-Once', key)
  const keepalive = !TOO_LARGE.test(request.url)
  const waits = { key }
  underWay.add(waits)
  try {
    for (;;) {
      try {
        return await watchedFetch(request.clone(), { keepalive })
      } catch (problem) {
        if (!(problem instanceof Unreachable)) throw problem
        if (!connection().waiting.some((one) => one.key === key)) {
          const says = whereAndWhen()
          wait({ key, says })
          if (keepalive) keep(await asKept(request, key, says))
        }
        await untilRestored()
      }
    }
  } finally {
    underWay.delete(waits)
    letGo(waits.key)
    noLonger(key)
  }
}

function wait(one: { key: string; says: string }): void {
  become({ waiting: [...connection().waiting.filter(({ key }) => key !== one.key), one] })
}

function noLonger(key: string): void {
  const { waiting } = connection()
  if (waiting.some((one) => one.key === key)) become({ waiting: waiting.filter((one) => one.key !== key) })
}

/** What waits to be sent to an address, by this window or an earlier one; not what was refused. */
const waitingFor = (method: string, url: string): Kept | undefined =>
  mine().find((one) => one.method === method && pathOf(one.url) === url && one.refused === undefined)

const pathOf = (url: string) => new URL(url, 'http://here').pathname

/** The body of what waits to be sent to an address: newer than what was last heard from it. */
export function waitingBody<Body>(method: string, url: string): Body | null {
  const one = waitingFor(method, url)
  return one ? (JSON.parse(one.body) as Body) : null
}

/**
 * What stands for all before it takes the place of what waits to be sent to the same address, so that a window closed
 * without connection loses none of it; false: nothing waits. It gets a key of its own, for what it takes the place of
 * may have arrived.
 */
export function overtake(method: string, url: string, body: object): boolean {
  const one = waitingFor(method, url)
  if (!one) return false
  const key = crypto.randomUUID()
  // What it was made from stays what it was made from.
  const { version } = JSON.parse(one.body) as { version?: number }
  for (const waits of underWay) if (waits.key === one.key) waits.key = key
  replace(one.key, {
    ...one,
    key,
    headers: { ...one.headers, 'x-once': key },
    body: JSON.stringify({ ...body, version }),
  })
  return true
}

/** When nothing waits any more to be sent to an address. */
export const untilSent = (method: string, url: string) =>
  new Promise<void>((resume) => {
    const look = () => {
      if (waitingFor(method, url)) return
      stop()
      resume()
    }
    const stop = watchConnection(look)
    look()
  })

/** Something to be sent when it can be, after what waits before it: it outlives the window. Its key. */
export function sendLater(method: string, url: string, body: object, says = whereAndWhen()): string {
  const key = crypto.randomUUID()
  const headers = { 'content-type': 'application/json', accept: 'application/json', 'x-once': key }
  keep({ key, by: isHere(), says, method, url, headers, body: JSON.stringify(body) })
  wait({ key, says })
  return key
}

/**
 * Keeps what ends something changed at an address, for a window that is closed without connection: the next one sends
 * it after what waits to be sent there. This window sends it itself, in its turn, and calls what is answered then.
 */
export function keepEnding<Body extends { version: number }>(
  changed: string,
  url: string,
  body: Body,
): () => void {
  if (!connection().lost) return () => undefined
  const waits = waitingBody<{ version: number }>('PUT', changed)
  const key = sendLater('POST', url, { ...body, version: waits ? waits.version + 1 : body.version })
  const mark = { key }
  underWay.add(mark)
  return () => {
    underWay.delete(mark)
    takeBack(key)
  }
}

/** Other words for what waits under a key and is not on its way yet. */
export function rewrite(key: string, body: object): void {
  const one = mine().find((waits) => waits.key === key)
  if (one) replace(key, { ...one, body: JSON.stringify(body) })
}

/** What waits to be sent to an address, oldest first. */
export const waitingAt = (url: string): Kept[] =>
  mine().filter((one) => one.url === url && one.refused === undefined)

/** What came of what waited and was sent from this window, by its key. */
const answers = new Map<string, unknown>()

export const answerTo = (key: string): unknown => answers.get(key)

/** What was not sent yet need not be. */
function takeBack(key: string): void {
  letGo(key)
  noLonger(key)
}

/** The bench answers that it cannot just now; in a moment it may. */
const TOO_BUSY = [429, 503]
const MOMENT_MS = 5000

function sendSoon(token: () => string): void {
  setTimeout(() => void sendKept(token), MOMENT_MS)
}

let sending: Promise<void> | undefined

/**
 * Sends what waited when its window was closed, in the order it was recorded. What arrived before all the same is not
 * written twice; what the bench does not take any more is shown with its reason.
 */
export function sendKept(token: () => string): Promise<void> {
  sending ??= sendInOrder(token).finally(() => {
    sending = undefined
  })
  return sending
}

async function sendInOrder(token: () => string): Promise<void> {
  for (let one = nextKept(); one; one = nextKept()) {
    wait(one)
    const response = await sent(one, token)
    // No answer: it is looked up again, for something newer may stand in its place by then.
    if (!response) continue
    // Signed out, or an old page: it waits on, and goes with the next page of whoever recorded it.
    if (response.status === 401 || response.status === 419) return
    if (TOO_BUSY.includes(response.status)) return sendSoon(token)
    const reason = await refusal(response.clone())
    if (reason === null) answers.set(one.key, await response.json().catch(() => null))
    letGo(one.key)
    if (reason !== null) keep({ ...one, refused: reason })
    noLonger(one.key)
  }
  become({ refused: mine().filter((one) => one.refused !== undefined) })
}

const nextKept = () =>
  mine().find(
    ({ key, refused }) => refused === undefined && ![...underWay].some((waits) => waits.key === key),
  )

/** Null: there was no answer, and there may be one now. */
async function sent(one: Kept, token: () => string): Promise<Response | null> {
  try {
    return await watchedFetch(one.url, {
      method: one.method,
      headers: { ...one.headers, 'x-xsrf-token': token() },
      ...(one.body !== '' && { body: one.body }),
    })
  } catch (problem) {
    if (!(problem instanceof Unreachable)) throw problem
    await untilRestored()
    return null
  }
}

/** Null: it was taken, now or before. */
async function refusal(response: Response): Promise<string | null> {
  if (response.ok) return null
  const told = (await response.json().catch(() => null)) as {
    errors?: { field: string; message: string }[]
  } | null
  const first = told?.errors?.[0]
  return response.status === 409 && first?.field === 'once' ? null : (first?.message ?? 'It was refused.')
}

/** Somebody has read why. */
export function seenRefused(key: string): void {
  letGo(key)
  become({ refused: connection().refused.filter((one) => one.key !== key) })
}

function whereAndWhen(): string {
  const page = document.title.replace(/ – Jack Rest$/, '')
  return `${page}, ${new Date().toTimeString().slice(0, 5)}`
}
