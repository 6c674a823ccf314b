import { useSyncExternalStore } from 'react'

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
}

/** The bench did not answer; nothing is known of whether it got what was sent. */
export class Unreachable extends Error {
  constructor() {
    super('The bench does not answer. Start Jack Rest again; what you typed is kept.')
  }
}

let now: Connection = { lost: false, waiting: [] }
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
        if (!now.waiting.some((one) => one.key === key))
          become({ ...now, waiting: [...now.waiting, { key, says: whereAndWhen() }] })
        await untilRestored()
      }
    }
  } finally {
    if (now.waiting.some((one) => one.key === key))
      become({ ...now, waiting: now.waiting.filter((one) => one.key !== key) })
  }
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
