import { describe, expect, it } from 'vitest'
import { nose, placed } from './augerLayout'

describe('placed', () => {
  it('fills the width with bits as wide as they bore', () => {
    const bits = placed([20, 40], 100, 10)
    expect(bits[1]?.x).toBeCloseTo(40)
    expect(bits[1]?.width).toBeCloseTo(60)
  })
  it('keeps small sets slender and spreads them', () => {
    const bits = placed([6, 12], 300, 10)
    expect(bits[0]?.width).toBeCloseTo(13.2)
    expect((bits[1]?.x ?? 0) + (bits[1]?.width ?? 0)).toBeCloseTo(300)
  })
  it('bears a set of none', () => {
    expect(placed([], 100, 10)).toEqual([])
  })
})

describe('nose', () => {
  it('is as wide as the spurs below and as the twist above', () => {
    const points = nose(12, 11.5, 2)
    expect(Math.max(...points.map((point) => point.x))).toBe(6)
    expect(points[0]?.x).toBe(-5.75)
    expect(Math.max(...points.filter((point) => point.x !== 0).map((point) => point.y))).toBe(2)
  })
})
