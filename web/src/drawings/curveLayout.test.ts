import { describe, expect, it } from 'vitest'
import { arc, deepening } from './curveLayout'

describe('arc', () => {
  it('lies on its circle', () => {
    for (const { x, y } of arc(50, 200)) expect(Math.hypot(x, 200 - y)).toBeCloseTo(200)
  })
  it('ends at the corners', () => {
    expect(arc(50, 200)[0]?.x).toBe(-25)
    expect(arc(50, 200).at(-1)?.x).toBe(25)
  })
})

describe('deepening', () => {
  it('shows slight curves deeper', () => {
    expect(deepening(0.07, 10, 60)).toBe(50)
    expect(deepening(2.5, 10, 60)).toBe(2)
  })
})
