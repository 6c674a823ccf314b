import { expect, test } from 'vitest'
import { following } from './following'

const checks = [
  { id: 'cracks', outcome: null },
  { id: 'rust', outcome: null },
  { id: 'frog', outcome: 'sound' as const },
  { id: 'screws', outcome: null },
]

const sound = { outcome: 'sound' as const, readings: [] }

test('a tap goes on at once, whether or not it has been saved', () => {
  expect(following(checks, {}, 'cracks')).toBe('rust')
  expect(following(checks, { cracks: sound, rust: sound }, 'rust')).toBe('screws')
})

test('what was left out before is come back to', () => {
  expect(following(checks, { rust: sound }, 'screws')).toBe('cracks')
})

test('at the end there is none', () => {
  expect(following(checks, { cracks: sound, rust: sound }, 'screws')).toBeNull()
  expect(following([], {}, 'cracks')).toBeNull()
})
