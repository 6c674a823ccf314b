// @vitest-environment jsdom
import { expect, test } from 'vitest'
import { pollEvery } from './idle'

test('a window that is left alone asks seldom, until a hand is on it again', () => {
  expect(pollEvery()).toBe(2500)
  expect(pollEvery(Date.now() + 119_000)).toBe(2500)
  expect(pollEvery(Date.now() + 121_000)).toBe(15000)
  window.dispatchEvent(new KeyboardEvent('keydown', { key: 'a' }))
  expect(pollEvery()).toBe(2500)
})
