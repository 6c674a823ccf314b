import { expect, test } from 'vitest'
import { shrink, shrunkSize } from './shrink'

test('a photograph of twelve million pixels keeps its shape', () => {
  expect(shrunkSize(4032, 3024)).toEqual({ width: 1600, height: 1200 })
  expect(shrunkSize(3024, 4032)).toEqual({ width: 1200, height: 1600 })
})

test('a small one is not made larger', () => {
  expect(shrunkSize(800, 600)).toEqual({ width: 800, height: 600 })
})

test('what cannot be drawn here is sent as it is', async () => {
  const file = new File(['no picture'], 'note.txt', { type: 'text/plain' })
  expect(await shrink(file)).toBe(file)
})
