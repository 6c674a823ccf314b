import { describe, expect, it } from 'vitest'
import { pathEnds } from './pathEnds'

describe('pathEnds', () => {
  it('adds up the steps of a path, which are told from the place before', () => {
    expect(pathEnds('M10 20l5-3-2 4h7v-1.5c1 1 2 2 3-4')).toEqual({
      from: { x: 10, y: 20 },
      to: { x: 23, y: 15.5 },
    })
  })

  it('reads numbers that only a sign or a point parts', () => {
    expect(pathEnds('M-1.5-.5l.5.5')).toEqual({ from: { x: -1.5, y: -0.5 }, to: { x: -1, y: 0 } })
  })

  it('has no ends where there is no path', () => {
    expect(pathEnds('')).toBeNull()
  })
})
