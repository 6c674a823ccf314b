import { describe, expect, it } from 'vitest'
import { squareLayout } from './squareLayout'

const square = { bladeMm: 200, bladeWidthMm: 40, stockMm: 150, stockWidthMm: 40, testedMm: 200, errorMm: 0.1 }

describe('squareLayout', () => {
  it('draws the error enlarged by exactly the stated factor', () => {
    const drawn = squareLayout(square, 100, 700, 600)
    expect(drawn.firstLine[0].x - drawn.firstLine[1].x).toBeCloseTo(0.1 * 100 * drawn.pixelsPerMm, 6)
  })
  it('parts the lines by twice the error', () => {
    const drawn = squareLayout(square, 100, 700, 600)
    expect(drawn.secondLine[1].x - drawn.firstLine[1].x).toBeCloseTo(2 * 0.1 * 100 * drawn.pixelsPerMm, 6)
  })
  it('tips a blade that leans toward its stock to the left, where the stock lies first', () => {
    expect(squareLayout(square, 100, 700, 600).firstLine[1].x).toBeLessThan(350)
  })
  it('crosses the lines over when it leans away', () => {
    const drawn = squareLayout({ ...square, errorMm: -0.1 }, 100, 700, 600)
    expect(drawn.firstLine[1].x).toBeGreaterThan(drawn.secondLine[1].x)
  })
  it('keeps true proportions: the blade is as long as its scale says', () => {
    const drawn = squareLayout({ ...square, errorMm: 0 }, 100, 700, 600)
    expect(drawn.foot.y - (drawn.blade[1]?.y ?? 0)).toBeCloseTo(200 * drawn.pixelsPerMm, 6)
  })
  it('stays on a narrow sheet', () => {
    const drawn = squareLayout({ ...square, errorMm: 0 }, 100, 326, 400)
    const xs = [...drawn.stock, ...drawn.stockTurned].map((point) => point.x)
    expect(Math.min(...xs)).toBeGreaterThanOrEqual(0)
    expect(Math.max(...xs)).toBeLessThanOrEqual(326)
  })
})
