import { describe, expect, it } from 'vitest'
import { standOff } from './toolLayout'

describe('standOff', () => {
  it('moves a level dimension below the outline', () => {
    expect(standOff({ x: 0, y: 50 }, { x: 100, y: 50 }, 50)).toEqual({
      from: { x: 0, y: 80 },
      to: { x: 100, y: 80 },
    })
  })
  it('moves an upright one to the right on the right side', () => {
    expect(standOff({ x: 90, y: 0 }, { x: 90, y: 60 }, 50).from.x).toBe(120)
  })
  it('and to the left on the left side', () => {
    expect(standOff({ x: 10, y: 0 }, { x: 10, y: 60 }, 50).from.x).toBe(-6)
  })
  it('keeps its length', () => {
    const { from, to } = standOff({ x: 10, y: 0 }, { x: 10, y: 60 }, 50)
    expect(to.y - from.y).toBe(60)
  })
})
