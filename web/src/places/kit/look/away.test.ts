import { expect, test } from 'vitest'
import type { Schemas } from '@/api/client'
import { placeOf } from './away'

const check = (id: string, standings: number) => ({ id, standings }) as Schemas['AwayCheck']

const checks = [check('joint', 2), check('flip', 3), check('lock', 3)]

test('the first check counts ones, each later one the product of the standings before it', () => {
  const outcomes: Record<string, 'sound' | 'mend'> = {}
  const place = () => placeOf(checks, (id) => outcomes[id] ?? null)
  expect(place()).toBe(0)
  outcomes['joint'] = 'sound'
  expect(place()).toBe(1)
  outcomes['flip'] = 'mend'
  expect(place()).toBe(1 + 2 * 2)
  outcomes['lock'] = 'sound'
  expect(place()).toBe(1 + 2 * 2 + 6)
})

test('every way they can stand has a place of its own, and there is none beside them', () => {
  const places = [null, 'sound'].flatMap((joint) =>
    [null, 'sound', 'mend'].flatMap((flip) =>
      [null, 'sound', 'mend'].map((lock) =>
        placeOf(checks, (id) => ({ joint, flip, lock })[id] as 'sound' | 'mend' | null),
      ),
    ),
  )
  expect([...places].sort((a, b) => a - b)).toEqual(Array.from({ length: 18 }, (_, at) => at))
})
