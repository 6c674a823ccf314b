import { useSyncExternalStore } from 'react'
import type { Kept } from './outbox'

/** What was recorded while the bench did not answer, and is sent when it does. */
export interface Waiting {
  key: string
  /** Where it was recorded, and when. */
  says: string
}

export interface Connection {
  lost: boolean
  /** Of when what is shown is, where it was kept here; null: it is of now, as far as the bench answers. */
  since: Date | null
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

/** The service worker's mark on an answer that is not of now, with its date; see web/worker. */
export const KEPT = 'X-Kept'

let now: Connection = { lost: false, since: null, waiting: [], refused: [] }
const watchers = new Set<() => void>()
let restored: (() => void)[] = []

export const connection = (): Connection => now

export function become(to: Partial<Connection>): void {
  now = { ...now, ...to }
  for (const watch of watchers) watch()
}

/** Calls at every change, until what it answers is called. */
export function watchConnection(watch: () => void): () => void {
  watchers.add(watch)
  return () => watchers.delete(watch)
}

/** Tells of every answer, and of every silence: an answer sends what waits on its way. */
function heard(answers: boolean): void {
  if (now.lost !== answers) return
  become({ lost: !answers, ...(answers && { since: null }) })
  if (!answers) return
  const go = restored
  restored = []
  for (const resume of go) resume()
}

/** At once where it is not lost. */
export const untilRestored = () =>
  now.lost ? new Promise<void>((resume) => restored.push(resume)) : Promise.resolve()

/** A server in front of the bench says that the bench does not answer. */
const BEFORE_IT = [502, 504]

/** Asks, and tells whether there was an answer; one that was kept here is none of the bench's. */
export async function watchedFetch(asked: Request | string, init?: RequestInit): Promise<Response> {
  try {
    const response = await fetch(asked, init)
    if (BEFORE_IT.includes(response.status)) throw new TypeError('nobody behind the door')
    const of = response.headers.get(KEPT)
    heard(of === null)
    if (of !== null) seenAsOf(new Date(of))
    return response
  } catch (problem) {
    if ((init?.signal ?? (typeof asked === 'string' ? null : asked.signal))?.aborted) throw problem
    heard(false)
    throw new Unreachable()
  }
}

/** The oldest of what is shown says how old it is. */
function seenAsOf(when: Date): void {
  if (now.since === null || when < now.since) become({ since: when })
}

/** Whether the bench answers, and what waits for it. */
export const useConnection = (): Connection => useSyncExternalStore(watchConnection, connection)
