import { describe, expect, it } from 'vitest'
import { straightedgeFactor, straightedgeLayout } from './straightedgeLayout'

const crown = { lengthMm: 900, stationsMm: [0, 450, 900], heightsMm: [0, 0.2, 0] }

describe('straightedgeLayout', () => {
  it('draws heights larger than lengths by the factor it is told', () => {
    // 980 px: 900 of them for 900 mm, so 0.2 mm at ×200 is 40 px.
    const { edge, line } = straightedgeLayout(crown, 200, 980, 150)
    expect(edge[1]).toEqual({ x: 490, y: 110 })
    expect(line[0]).toEqual({ x: 40, y: 150 })
  })
  it('lays a true edge over the highest place', () => {
    const { top } = straightedgeLayout(crown, 200, 980, 150)
    expect(top[0].y).toBe(110)
    expect(top[1].y).toBe(110)
  })
})

describe('straightedgeFactor', () => {
  it('takes the largest that fits', () => {
    expect(straightedgeFactor(crown, 980, 90, [50, 100, 200, 500])).toBe(200)
  })
  it('takes the smallest where there is nothing to enlarge', () => {
    expect(straightedgeFactor({ ...crown, heightsMm: [0, 0, 0] }, 980, 90, [50, 100])).toBe(50)
  })
})
