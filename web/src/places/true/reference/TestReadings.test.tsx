// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { cleanup, render, renderHook, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import type { Schemas } from '@/api/client'
import { TestReadings } from './TestReadings'
import { useTestDraft } from './useTestDraft'

vi.mock('../FromInstrument', () => ({ FromInstrument: () => null }))
vi.mock('../InstrumentChoice', () => ({ InstrumentChoice: () => null }))

const nothing = { value: null, echo: null, error: null, doubt: null, instead: null }

const field = (name: string, label: string, but: Partial<Schemas['Field']> = {}): Schemas['Asked'] => ({
  field: {
    name,
    label,
    hint: '',
    typed: '',
    unit: 'mm',
    isLength: true,
    isReading: true,
    isAside: false,
    step: 0.05,
    when: null,
    ...but,
  } as Schemas['Field'],
  choice: null,
  list: null,
})

const choice = (but: Partial<Schemas['TestChoice']> = {}): Schemas['Asked'] => ({
  field: null,
  choice: {
    name: 'blade',
    label: 'Blade',
    hint: '',
    chosen: 'wood',
    options: [
      { value: 'wood', label: 'wood' },
      { value: 'metal', label: 'metal' },
    ],
    isAside: false,
    when: null,
    ...but,
  } as Schemas['TestChoice'],
  list: null,
})

const page = (asks: Schemas['Asked'][]): Schemas['ReferencePage'] =>
  ({ id: 1, version: 1, instrument: 'feeler', instruments: [], asks }) as unknown as Schemas['ReferencePage']

const preview = (readings: Record<string, Partial<Schemas['Reading']>> = {}): Schemas['TestPreview'] =>
  ({
    readings: Object.fromEntries(
      Object.entries(readings).map(([name, one]) => [name, { ...nothing, ...one }]),
    ),
    lists: [],
  }) as unknown as Schemas['TestPreview']

const queries = new QueryClient()

function Shown({ asks, told = preview() }: { asks: Schemas['Asked'][]; told?: Schemas['TestPreview'] }) {
  const at = page(asks)
  const draft = useTestDraft(at, 'mm', null)
  return (
    <QueryClientProvider client={queries}>
      <TestReadings page={at} preview={told} draft={draft} />
      <output>{JSON.stringify(draft.sent)}</output>
    </QueryClientProvider>
  )
}

const sent = (): Schemas['TestRequest'] => JSON.parse(screen.getByRole('status').textContent ?? '')

beforeEach(() => localStorage.clear())
afterEach(cleanup)

test('what is typed and chosen goes into the sheet', async () => {
  render(<Shown asks={[field('gap', 'Gap at the tip'), choice()]} />)
  await userEvent.type(screen.getByLabelText(/Gap at the tip/), '0.3')
  await userEvent.click(screen.getByText('metal'))
  expect(sent()).toMatchObject({
    figures: { gap: '0.3' },
    choices: { blade: 'metal' },
    instrument: 'feeler',
  })
})

test('a field that hangs on an answer is asked when that is given', async () => {
  const asks = [choice(), field('shaving', 'One shaving', { when: { choice: 'blade', is: 'wood' } })]
  render(<Shown asks={asks} />)
  expect(screen.getByLabelText(/One shaving/)).toBeTruthy()
  await userEvent.click(screen.getByText('metal'))
  expect(screen.queryByLabelText(/One shaving/)).toBeNull()
})

test('what rarely changes is folded, and opens by itself when it is wrong', () => {
  const asks = [field('gap', 'Gap'), field('width', 'Width of a line', { isAside: true, isReading: false })]
  const { rerender } = render(<Shown asks={asks} />)
  const fold = screen.getByText('Width of a line, instrument').closest('details')
  expect(fold?.open).toBe(false)
  rerender(<Shown asks={asks} told={preview({ width: { error: 'Between 0 and 2 mm.' } })} />)
  expect(fold?.open).toBe(true)
})

test('a test has begun with its first reading, not with what stays', () => {
  const asks = [field('gap', 'Gap'), field('length', 'Length', { isReading: false, typed: '200' })]
  const at = page(asks)
  const { result } = renderHook(() => useTestDraft(at, 'mm', null))
  expect(result.current.begun).toBe(false)
  expect(result.current.sent.figures).toEqual({ gap: '', length: '200' })
})

test('a test that was read wrong begins with what was typed then, in the unit of now', () => {
  const asks = [
    field('gap', 'Gap', { isLength: true }),
    field('length', 'Length', { isReading: false, typed: '200' }),
  ]
  const wrong = {
    entry: 7,
    says: 'Tested it.',
    on: '2026-11-01',
    unit: 'inch',
    body: { figures: { gap: '0.01' }, lists: [], choices: {}, instrument: 'feeler' },
    headers: { 'X-Corrects': '7' },
    end: () => undefined,
  }
  const at = page(asks)
  const { result } = renderHook(() => useTestDraft(at, 'mm', wrong))
  expect(result.current.sent.figures).toEqual({ gap: '0.01 in', length: '200' })
  expect(result.current.sent.instrument).toBe('feeler')
  expect(result.current.begun).toBe(true)
})
