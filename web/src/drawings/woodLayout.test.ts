import { describe, expect, it } from 'vitest'
import { rings } from './woodLayout'

describe('rings', () => {
  it('lie along the face when flatsawn and across it when quartersawn', () => {
    for (const [from, to] of rings(100, 20, 0, 5)) expect(from.y).toBeCloseTo(to.y)
    for (const [from, to] of rings(100, 20, 90, 5)) expect(from.x).toBeCloseTo(to.x)
  })
  it('stay on the board', () => {
    for (const line of rings(100, 20, 35, 5))
      for (const { x, y } of line) {
        expect(x).toBeGreaterThan(-1e-6)
        expect(x).toBeLessThan(100 + 1e-6)
        expect(y).toBeGreaterThan(-1e-6)
        expect(y).toBeLessThan(20 + 1e-6)
      }
    expect(rings(100, 20, 35, 5).length).toBeGreaterThan(5)
  })
})
