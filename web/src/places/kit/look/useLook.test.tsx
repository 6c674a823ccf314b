// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { act, renderHook, waitFor } from '@testing-library/react'
import { beforeEach, expect, test, vi } from 'vitest'
import type { Schemas } from '@/api/client'
import { useLook } from './useLook'

const put = vi.hoisted(() => vi.fn())
vi.mock('@/api/client', () => ({
  client: { PUT: put },
  reader: {},
  answered: (sent: Promise<unknown>) => sent,
}))

const check = (id: string) => ({ id, outcome: null, typed: [] }) as unknown as Schemas['LookCheck']

const page = {
  id: 7,
  version: 3,
  name: 'jack plane',
  asked: '',
  good: '',
  perHour: '10',
  sizes: {},
  checks: [check('cracks'), check('rust')],
} as unknown as Schemas['Look']

const looking = () => {
  const queries = new QueryClient()
  return renderHook(() => useLook(page), {
    wrapper: ({ children }) => <QueryClientProvider client={queries}>{children}</QueryClientProvider>,
  })
}

interface Sent {
  body: { version: number; found: { check: string; outcome: string | null }[] }
}

const sent = (): Sent['body'][] => put.mock.calls.map(([, { body }]) => body as Sent['body'])

beforeEach(() => {
  put.mockReset()
})

test('two quick taps are both kept, one after the other, each on the version before it', async () => {
  const answers: ((page: unknown) => void)[] = []
  put.mockImplementation(() => new Promise((resolve) => answers.push(resolve)))
  const look = looking()
  act(() => look.result.current.found('cracks', { outcome: 'sound', readings: [] }))
  act(() => look.result.current.found('rust', { outcome: 'mend', readings: [] }))
  await waitFor(() => expect(put).toHaveBeenCalledTimes(1))
  answers[0]?.({ ...page, version: 4 })
  await waitFor(() => expect(put).toHaveBeenCalledTimes(2))
  expect(sent().map(({ version }) => version)).toEqual([3, 4])
  expect(sent()[1]?.found).toMatchObject([
    { check: 'cracks', outcome: 'sound' },
    { check: 'rust', outcome: 'mend' },
  ])
})

test('a write that fails is told, and the next one is sent all the same', async () => {
  put.mockRejectedValueOnce(new Error('No answer: what you typed is kept.'))
  put.mockResolvedValueOnce({ ...page, version: 4 })
  const look = looking()
  act(() => look.result.current.found('cracks', { outcome: 'sound', readings: [] }))
  await waitFor(() => expect(look.result.current.problem).toContain('is kept'))
  act(() => look.result.current.found('rust', { outcome: 'sound', readings: [] }))
  await waitFor(() => expect(look.result.current.problem).toBeNull())
  expect(sent()[1]?.found).toHaveLength(2)
})
