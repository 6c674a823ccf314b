import { describe, expect, it } from 'vitest'
import { unbroken } from './unbroken'

describe('unbroken', () => {
  it('keeps a price and its sign on one line', () => {
    expect(unbroken('Get the plane: € 65. € 60 a month.')).toBe(
      'Get the plane: €\u00a065. €\u00a060 a month.',
    )
  })
  it('keeps a number and its unit on one line', () => {
    expect(unbroken('0.04 mm off, 4 min, 2 µm')).toBe('0.04\u00a0mm off, 4\u00a0min, 2\u00a0µm')
  })
  it('leaves words as they are', () => {
    expect(unbroken('3 strokes on the 1000 stone')).toBe('3 strokes on the 1000 stone')
  })
})
