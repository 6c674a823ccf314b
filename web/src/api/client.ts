import createClient, { type Middleware } from 'openapi-fetch'
import { watchedFetch } from './connection'
import type { components, paths } from './contract.gen'
import { sendKept, sendOnce } from './sending'

export type Schemas = components['schemas']
export type FieldError = Schemas['FieldError']
/** What was typed and how it was understood, by the fields' names. */
export type ReadingsByName = Readonly<Record<string, Schemas['Reading']>>

/** What the application said was wrong, each complaint beside its field. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    readonly errors: readonly FieldError[],
  ) {
    super(errors[0]?.message ?? 'The bench does not answer. Is Jack Rest still running?')
  }

  get changedElsewhere(): boolean {
    return this.status === 409
  }

  about(field: string): string | undefined {
    return this.errors.find((error) => error.field === field)?.message
  }
}

/** Reading cookies waits for another process of the browser (15 ms on a slow phone): not at every key. */
const KEPT_MS = 10_000

let kept: { token: string; at: number } | undefined

function token(): string {
  const now = performance.now()
  if (!kept || now - kept.at > KEPT_MS) kept = { token: tokenOfCookie(), at: now }
  return kept.token
}

function tokenOfCookie(): string {
  return decodeURIComponent(/(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1] ?? '')
}

const crossSiteToken: Middleware = {
  onRequest({ request }) {
    request.headers.set('X-XSRF-TOKEN', token())
    request.headers.set('Accept', 'application/json')
    return request
  },
}

const refusal: Middleware = {
  async onResponse({ response }) {
    if (!response.ok) throw await refused(response)
  },
}

/** For questions: they fail at once when the bench does not answer. */
export const reader = createClient<paths>({
  baseUrl: '/',
  fetch: (request: Request) => watchedFetch(request),
})

/** For what is recorded: it waits for the bench, and is written once. */
export const client = createClient<paths>({ baseUrl: '/', fetch: sendOnce })

for (const one of [reader, client]) one.use(crossSiteToken, refusal)

/** What waited when its window was closed is sent when the next one opens, or when the bench answers again. */
export const sendWhatWaited = () => sendKept(token)

/** The data of an answer; what was refused has been thrown as {@link Refused}. */
export async function answered<T>(asked: Promise<{ data?: T | undefined; response: Response }>): Promise<T> {
  const { data, response } = await asked
  if (data === undefined) throw new Refused(response.status, [])
  return data
}

/** Sends a file as a form does; what travels as JSON goes through {@link client}. */
export async function sendFile<Answer = unknown>(path: string, field: string, file: File): Promise<Answer> {
  const body = new FormData()
  body.set(field, file)
  const response = await watchedFetch(path, {
    method: 'POST',
    headers: { Accept: 'application/json', 'X-XSRF-TOKEN': token() },
    body,
  })
  if (!response.ok) throw await refused(response)
  return (await response.json()) as Answer
}

/** How far long work is. */
export interface Told {
  done: number
  of: number
}

/** Asks for long work and is told how far it is, line by line; aborting stops it there. */
export async function askLong<T>(
  path: string,
  body: object,
  onTold: (told: Told) => void,
  signal?: AbortSignal,
): Promise<T> {
  const response = await watchedFetch(path, {
    method: 'POST',
    headers: {
      Accept: 'application/x-ndjson, application/json',
      'Content-Type': 'application/json',
      'X-XSRF-TOKEN': token(),
    },
    body: JSON.stringify(body),
    ...(signal && { signal }),
  })
  if (!response.ok || !response.body) throw await refused(response)
  for await (const line of linesOf(response.body)) {
    const told = JSON.parse(line) as Told | { answer: T } | { errors: FieldError[] }
    if ('answer' in told) return told.answer
    if ('errors' in told) throw new Refused(422, told.errors)
    onTold(told)
  }
  throw new Refused(0, [])
}

/** A stream line by line, however it arrives in pieces. */
export async function* linesOf(stream: ReadableStream<Uint8Array>): AsyncGenerator<string> {
  const reader = stream.getReader()
  const decoder = new TextDecoder()
  let rest = ''
  for (;;) {
    const { done, value } = await reader.read()
    const lines = (rest + decoder.decode(value, { stream: !done })).split('\n')
    rest = lines.pop() ?? ''
    for (const line of lines) if (line !== '') yield line
    if (done) break
  }
  if (rest !== '') yield rest
}

/** What a refusal says; the token is read anew after it, for it may have been that one. */
async function refused(response: Response): Promise<Refused> {
  kept = undefined
  return new Refused(response.status, complaints(await response.json().catch(() => null)))
}

function complaints(error: unknown): FieldError[] {
  return typeof error === 'object' && error !== null && 'errors' in error
    ? (error.errors as FieldError[])
    : []
}
