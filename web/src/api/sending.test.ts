import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { become, connection, watchedFetch } from './connection'
import { comesIn, emptyButOutbox, kept } from './outbox'
import {
  answerTo,
  keepEnding,
  overtake,
  rewrite,
  sendKept,
  sendLater,
  sendOnce,
  waitingAt,
  waitingBody,
} from './sending'

beforeEach(() => {
  const shelf = new Map<string, string>()
  vi.stubGlobal('localStorage', {
    getItem: (name: string) => shelf.get(name) ?? null,
    setItem: (name: string, text: string) => shelf.set(name, text),
    removeItem: (name: string) => shelf.delete(name),
    clear: () => shelf.clear(),
  })
  vi.stubGlobal('document', { title: 'Kit – Jack Rest' })
  become({ lost: false, since: null, waiting: [], refused: [] })
  comesIn('Hazel')
})
afterEach(() => vi.unstubAllGlobals())

const silent = () => vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no network')))

const put = (count: number) =>
  new Request('http://here/api/sessions/7', {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ version: 4, count }),
  })

/** Answers all that is sent, and tells what it was. */
function listening(status = 200): [string, string, unknown][] {
  const heard: [string, string, unknown][] = []
  vi.stubGlobal('fetch', async (asked: Request | string, init?: RequestInit) => {
    const request = typeof asked === 'string' ? new Request(new URL(asked, 'http://here'), init) : asked
    heard.push([request.method, new URL(request.url).pathname, JSON.parse(await request.text())])
    return new Response('{"id":12}', { status })
  })
  return heard
}

test('what stands for all before it takes its place, for a window that is closed', async () => {
  silent()
  void sendOnce(put(1))
  await vi.waitFor(() => expect(kept()).toHaveLength(1))
  const first = kept()[0]
  expect(overtake('PUT', '/api/sessions/7', { version: 9, count: 5 })).toBe(true)
  expect(kept()).toHaveLength(1)
  // It was made from the same state, and it may not be taken for what arrived already.
  expect(waitingBody('PUT', '/api/sessions/7')).toEqual({ version: 4, count: 5 })
  expect(kept()[0]?.key).not.toBe(first?.key)
  expect(kept()[0]?.headers['x-once']).toBe(kept()[0]?.key)
  expect(overtake('PUT', '/api/sessions/8', {})).toBe(false)

  // In this window the first is on its way still; when it has arrived nothing is left behind.
  const heard = listening()
  await watchedFetch('/api/pulse', { method: 'POST', body: '{}' })
  await vi.waitFor(() => expect(kept()).toEqual([]))
  expect(heard.slice(1)).toEqual([['PUT', '/api/sessions/7', { version: 4, count: 1 }]])
  expect(connection().waiting).toEqual([])
})

test('an end waits behind what it ends, and this window sends it itself', () => {
  silent()
  become({ lost: true })
  sendLater('PUT', '/api/looks/3', { version: 6, asked: '' })
  const release = keepEnding('/api/looks/3', '/api/looks/3/bought', { version: 2, price: '30' })
  expect(kept().map(({ url, body }) => [url, JSON.parse(body)])).toEqual([
    ['/api/looks/3', { version: 6, asked: '' }],
    ['/api/looks/3/bought', { version: 7, price: '30' }],
  ])
  release()
  expect(kept().map(({ url }) => url)).toEqual(['/api/looks/3'])
  become({ lost: false })
  keepEnding('/api/looks/3', '/api/looks/3/left', { version: 2 })
  expect(kept()).toHaveLength(1)
})

test('what is begun without connection is written on, sent once, and found again', async () => {
  silent()
  become({ lost: true })
  const key = sendLater('POST', '/api/looks/brought', { kind: 'brace', found: [] }, 'brace, looked over')
  rewrite(key, { kind: 'brace', found: ['jaws'] })
  expect(waitingAt('/api/looks/brought').map((one) => one.key)).toEqual([key])
  expect(connection().waiting).toMatchObject([{ says: 'brace, looked over' }])
  expect(answerTo(key)).toBeUndefined()
  const heard = listening()
  await sendKept(() => '')
  expect(heard).toEqual([['POST', '/api/looks/brought', { kind: 'brace', found: ['jaws'] }]])
  expect(answerTo(key)).toEqual({ id: 12 })
  expect(kept()).toEqual([])
})

test('a door without a bench behind it is no answer, and a bench that is busy is asked again', async () => {
  listening(502)
  await expect(watchedFetch('/api/kit', { method: 'POST', body: '{}' })).rejects.toThrow('does not answer')
  expect(connection().lost).toBe(true)
  vi.useFakeTimers()
  sendLater('POST', '/api/tools', { name: 'mallet' })
  listening(503)
  await sendKept(() => '')
  expect(kept().map(({ refused }) => refused)).toEqual([undefined])
  const heard = listening(201)
  await vi.advanceTimersByTimeAsync(6000)
  vi.useRealTimers()
  await vi.waitFor(() => expect(kept()).toEqual([]))
  expect(heard).toHaveLength(1)
})

test('an answer that was kept here is none of the bench’s, and tells how old it is', async () => {
  const of = (date: string) => new Response('{}', { headers: { 'X-Kept': date } })
  const dates = [
    'Sat, 28 Nov 2026 10:00:00 GMT',
    'Fri, 27 Nov 2026 09:00:00 GMT',
    'Sat, 28 Nov 2026 11:00:00 GMT',
  ]
  vi.stubGlobal('fetch', () => Promise.resolve(of(dates.shift() ?? '')))
  for (let time = 0; time < 3; time++) await watchedFetch('/api/kit')
  expect(connection().lost).toBe(true)
  expect(connection().since?.toISOString()).toBe('2026-11-27T09:00:00.000Z')
  listening()
  await watchedFetch('/api/kit', { method: 'POST', body: '{}' })
  expect([connection().lost, connection().since]).toEqual([false, null])
})

test('whoever signs out leaves what waits for others', () => {
  sendLater('POST', '/api/tools', { name: 'mallet' })
  localStorage.setItem('draft', 'something typed')
  emptyButOutbox()
  expect(kept()).toHaveLength(1)
  expect(localStorage.getItem('draft')).toBeNull()
})
