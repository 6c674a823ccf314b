import { describe, expect, it } from 'vitest'
import { flatLayout } from './flatLayout'

describe('flatLayout', () => {
  it('lays the near end to the left and the left side below', () => {
    const { at, left, top, width, height } = flatLayout({ lengthMm: 400, widthMm: 200 }, 524)
    expect(at(0, 0)).toEqual({ x: left, y: top + height })
    expect(at(400, 200)).toEqual({ x: left + width, y: top })
  })
  it('draws a narrow sole wide enough to read', () => {
    expect(flatLayout({ lengthMm: 355, widthMm: 10 }, 500).height).toBe(96)
  })
  it('fits a board as wide as it is long', () => {
    expect(flatLayout({ lengthMm: 300, widthMm: 300 }, 900).height).toBeCloseTo(230)
  })
})
