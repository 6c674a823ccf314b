import { useSyncExternalStore } from 'react'
import { asKept, isHere, keep, letGo, mine, type Kept } from './outbox'

/** What is recorded is on its way even when the window is closed upon it; files are too large to be let go so. */
const TOO_LARGE = /\/api\/files\//

/** What was recorded while the bench did not answer, and is sent when it does. */
export interface Waiting {
  key: string
  /** Where it was recorded, and when. */
  says: string
}

export interface Connection {
  lost: boolean
  waiting: readonly Waiting[]
  /** Of what waited, what the bench would not take. */
  refused: readonly Kept[]
}

/** The bench did not answer; nothing is known of whether it got what was sent. */
export class Unreachable extends Error {
  constructor() {
    super('The bench does not answer. Start Jack Rest again; what you typed is kept.')
  }
}

let now: Connection = { lost: false, waiting: [], refused: [] }
const watchers = new Set<() => void>()
let restored: (() => void)[] = []

function become(next: Connection): void {
  now = next
  for (const watch of watchers) watch()
}

/** Tells of every answer, and of every silence: an answer sends what waits on its way. */
function heard(answers: boolean): void {
  if (now.lost !== answers) return
  become({ ...now, lost: !answers })
  if (!answers) return
  const go = restored
  restored = []
  for (const resume of go) resume()
}

const untilRestored = () => new Promise<void>((resume) => restored.push(resume))

/** Asks, and tells whether there was an answer. */
export async function watchedFetch(asked: Request | string, init?: RequestInit): Promise<Response> {
  try {
    const response = await fetch(asked, init)
    heard(true)
    return response
  } catch (problem) {
    if ((init?.signal ?? (typeof asked === 'string' ? null : asked.signal))?.aborted) throw problem
    heard(false)
    throw new Unreachable()
  }
}

/**
 * Writes once: what could not be sent waits in the list and is sent when the bench answers, under the same key, so that
 * what had arrived after all is not written again.
 */
export async function sendOnce(request: Request): Promise<Response> {
  if (request.method === 'GET') return watchedFetch(request)
  const key = crypto.randomUUID()
  request.headers.set('X-Once', key)
  const keepalive = !TOO_LARGE.test(request.url)
  try {
    for (;;) {
      try {
        return await watchedFetch(request.clone(), { keepalive })
      } catch (problem) {
        if (!(problem instanceof Unreachable)) throw problem
        if (!now.waiting.some((one) => one.key === key)) {
          const says = whereAndWhen()
          become({ ...now, waiting: [...now.waiting, { key, says }] })
          if (keepalive) keep(await asKept(request, key, says))
        }
        if (now.lost) await untilRestored()
      }
    }
  } finally {
    noLonger(key)
  }
}

function noLonger(key: string): void {
  letGo(key)
  if (now.waiting.some((one) => one.key === key))
    become({ ...now, waiting: now.waiting.filter((one) => one.key !== key) })
}

/**
 * Sends what waited when its window was closed, in the order it was recorded. What arrived before all the same is not
 * written twice; what the bench does not take any more is shown with its reason.
 */
export async function sendKept(person: string, token: () => string): Promise<void> {
  isHere(person)
  for (const one of mine()) {
    if (one.refused === undefined) {
      become({ ...now, waiting: [...now.waiting, { key: one.key, says: one.says }] })
      const response = await sent(one, token)
      // Signed out, or an old page: it waits on, and goes with the next page of whoever recorded it.
      if (response.status === 401 || response.status === 419) return
      const reason = await refusal(response)
      noLonger(one.key)
      if (reason !== null) keep({ ...one, refused: reason })
    }
  }
  become({ ...now, refused: mine().filter((one) => one.refused !== undefined) })
}

/** Somebody has read why. */
export function seenRefused(key: string): void {
  letGo(key)
  become({ ...now, refused: now.refused.filter((one) => one.key !== key) })
}

async function sent(one: Kept, token: () => string): Promise<Response> {
  for (;;) {
    try {
      return await watchedFetch(one.url, {
        method: one.method,
        headers: { ...one.headers, 'x-xsrf-token': token() },
        ...(one.body !== '' && { body: one.body }),
      })
    } catch (problem) {
      if (!(problem instanceof Unreachable)) throw problem
      if (now.lost) await untilRestored()
    }
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

function whereAndWhen(): string {
  const page = document.title.replace(/ – Jack Rest$/, '')
  return `${page}, ${new Date().toTimeString().slice(0, 5)}`
}

/** Whether the bench answers, and what waits for it. */
export const useConnection = (): Connection =>
  useSyncExternalStore(
    (watch) => {
      watchers.add(watch)
      return () => watchers.delete(watch)
    },
    () => now,
  )
