import { expect, test } from 'vitest'
import { hours } from './hours'

test('minutes, then half hours', () => {
  expect([50, 89, 90, 100, 120, 166].map(hours)).toEqual([
    'about 50 minutes',
    'about 89 minutes',
    'about 1½ hours',
    'about 1½ hours',
    'about 2 hours',
    'about 3 hours',
  ])
})
