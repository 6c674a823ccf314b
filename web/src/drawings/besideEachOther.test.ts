import { describe, expect, it } from 'vitest'
import { besideEachOther } from './besideEachOther'

describe('besideEachOther', () => {
  it('keeps the whole and its lens inside the sheet, and apart', () => {
    for (const [width, height] of [
      [300, 320],
      [360, 380],
      [519, 320],
      [520, 240],
      [780, 340],
      [1400, 340],
    ] as const) {
      const { whole, lens } = besideEachOther(width, height)
      expect(lens.r).toBeGreaterThan(50)
      expect(whole.width).toBeGreaterThan(150)
      expect(whole.x + whole.width).toBeLessThanOrEqual(width)
      expect(lens.x + lens.r).toBeLessThanOrEqual(width)
      expect(lens.y - lens.r).toBeGreaterThanOrEqual(0)
      expect(lens.y + lens.r).toBeLessThanOrEqual(height)
      const isBeside = lens.x - lens.r >= whole.x + whole.width
      const isBelow = lens.y - lens.r >= whole.y + whole.height
      expect(isBeside || isBelow, `${width} × ${height}`).toBe(true)
    }
  })
})
