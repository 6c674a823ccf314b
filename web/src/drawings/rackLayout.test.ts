import { describe, expect, it } from 'vitest'
import { rackLayout } from './rackLayout'

describe('rackLayout', () => {
  it('keeps every label on the lowest line where there is room', () => {
    const placed = rackLayout([
      { key: 'a', x: 0 },
      { key: 'b', x: 100 },
    ])
    expect([placed.get('a')?.row, placed.get('b')?.row]).toEqual([0, 0])
  })
  it('lifts the label of a neighbour that would touch', () => {
    const placed = rackLayout([
      { key: 'fine', x: 20 },
      { key: 'coarse', x: 0 },
      { key: 'next', x: 60 },
    ])
    expect(placed.get('coarse')?.row).toBe(0)
    expect(placed.get('fine')?.row).toBe(1)
    expect(placed.get('next')?.row).toBe(0)
  })
  it('never moves the stone itself', () => {
    const placed = rackLayout([1, 2, 3, 4, 5].map((x) => ({ key: String(x), x })))
    expect([...placed.values()].map((one) => one.x)).toEqual([1, 2, 3, 4, 5])
  })
})
