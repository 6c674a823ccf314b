import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { comesIn, keep, kept, letGo } from './outbox'
import { seenRefused, sendKept } from './sending'

const one = (key: string) => ({
  key,
  by: 'Hazel',
  says: `Kit, ${key}`,
  method: 'POST',
  url: '/api/tools',
  headers: { 'x-once': key },
  body: `{"name":"${key}"}`,
})

beforeEach(() => {
  const shelf = new Map<string, string>()
  vi.stubGlobal('localStorage', {
    getItem: (name: string) => shelf.get(name) ?? null,
    setItem: (name: string, text: string) => shelf.set(name, text),
    removeItem: (name: string) => shelf.delete(name),
  })
})
afterEach(() => vi.unstubAllGlobals())

const answer = (status: number, field = '', message = '') =>
  new Response(JSON.stringify({ errors: [{ field, message }] }), { status })

test('what is kept keeps its order, once each, until it is let go', () => {
  keep(one('a'))
  keep(one('b'))
  keep({ ...one('a'), says: 'again' })
  expect(kept().map(({ key }) => key)).toEqual(['b', 'a'])
  letGo('b')
  expect(kept().map(({ says }) => says)).toEqual(['again'])
  localStorage.setItem('outbox', 'broken')
  expect(kept()).toEqual([])
})

test('it is sent in order, under its key, with the token of now', async () => {
  keep(one('a'))
  keep(one('b'))
  const sent: [string, Record<string, string>, string][] = []
  vi.stubGlobal('fetch', (url: string, init: { headers: Record<string, string>; body: string }) => {
    sent.push([url, init.headers, init.body])
    return Promise.resolve(new Response('{}', { status: 201 }))
  })
  comesIn('Hazel')
  await sendKept(() => 'of now')
  expect(sent.map(([, headers]) => [headers['x-once'], headers['x-xsrf-token']])).toEqual([
    ['a', 'of now'],
    ['b', 'of now'],
  ])
  expect(sent[0]?.[2]).toBe('{"name":"a"}')
  expect(kept()).toEqual([])
})

test('what had arrived is done, what is refused stays with its reason until it was seen', async () => {
  keep(one('arrived'))
  keep(one('refused'))
  const answers = [answer(409, 'once', 'It was recorded already.'), answer(422, 'name', 'Too long.')]
  vi.stubGlobal('fetch', () => Promise.resolve(answers.shift()))
  comesIn('Hazel')
  await sendKept(() => '')
  expect(kept().map(({ key, refused }) => [key, refused])).toEqual([['refused', 'Too long.']])
  vi.stubGlobal('fetch', () => Promise.reject(new Error('it is not sent again')))
  comesIn('Hazel')
  await sendKept(() => '')
  seenRefused('refused')
  expect(kept()).toEqual([])
})

test('what another recorded waits for them, and what is recorded signed out waits on', async () => {
  keep(one('hers'))
  keep({ ...one('his'), by: 'Rowan' })
  const sent: string[] = []
  vi.stubGlobal('fetch', (_: string, init: { headers: Record<string, string> }) => {
    sent.push(init.headers['x-once'] ?? '')
    return Promise.resolve(answer(401, '', 'Sign in first.'))
  })
  comesIn('Rowan')
  await sendKept(() => '')
  expect(sent).toEqual(['his'])
  expect(kept().map(({ key, refused }) => [key, refused])).toEqual([
    ['hers', undefined],
    ['his', undefined],
  ])
})
