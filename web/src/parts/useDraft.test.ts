// @vitest-environment jsdom
import { act, renderHook } from '@testing-library/react'
import { beforeEach, expect, test } from 'vitest'
import { useDraft } from './useDraft'

interface Figures {
  length: string
  gap: string
}

const BASE: Figures = { length: '200', gap: '' }

const draftOf = (unit = 'mm', version = 1, base = BASE) =>
  renderHook(
    (props: { unit: string; version: number; base: Figures }) =>
      useDraft('square 1', props.base, props.unit, props.version),
    { initialProps: { unit, version, base } },
  )

beforeEach(() => localStorage.clear())

test('what was typed outlives the page, and what was not follows the record', () => {
  const first = draftOf()
  act(() => first.result.current.change({ gap: '0.3' }))
  first.unmount()
  const again = draftOf('mm', 1, { length: '210', gap: '' })
  expect(again.result.current.values).toEqual({ length: '210', gap: '0.3' })
})

test('a figure keeps the unit it was typed in', () => {
  const draft = draftOf()
  act(() => draft.result.current.change({ gap: '0.3' }))
  draft.rerender({ unit: 'in', version: 1, base: BASE })
  expect(draft.result.current.values.gap).toBe('0.3 mm')
  act(() => draft.result.current.change({ length: '8' }))
  expect(draft.result.current.values).toEqual({ length: '8', gap: '0.3 mm' })
})

test('a record changed elsewhere is told, and the figures can go on with it', () => {
  const draft = draftOf()
  expect(draft.result.current.overtaken).toBe(false)
  act(() => draft.result.current.change({ gap: '0.3' }))
  draft.rerender({ unit: 'mm', version: 2, base: BASE })
  expect([draft.result.current.overtaken, draft.result.current.version]).toEqual([true, 1])
  act(() => draft.result.current.keep())
  expect([draft.result.current.overtaken, draft.result.current.version]).toEqual([false, 2])
  expect(draft.result.current.values.gap).toBe('0.3')
})

test('once recorded nothing is left of it', () => {
  const draft = draftOf()
  act(() => draft.result.current.change({ gap: '0.3' }))
  act(() => draft.result.current.clear())
  expect(draft.result.current.values).toEqual(BASE)
  expect(localStorage.length).toBe(0)
})

test('a spoilt store is no draft', () => {
  localStorage.setItem('draft square 1', '{half')
  expect(draftOf().result.current.values).toEqual(BASE)
})
