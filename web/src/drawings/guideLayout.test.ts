import { describe, expect, it } from 'vitest'
import { guideShape } from './guideLayout'

describe('guideShape', () => {
  it('sets the axle behind the front and below the back', () => {
    // With the blade flat on the stone the axle is where its two distances say.
    const flat = guideShape({ rollerMm: 12, setbackMm: 10, dropMm: 5, angleDeg: 0, projectionMm: 30 })
    expect(flat.axle).toEqual({ x: 40, y: -5 })
  })
  it('rests the roller on the stone at the angle its projection gives', () => {
    // 25° and 12.7 mm roller: the back stands 40.07 sin 25° above the stone there, 11.64 mm lower is the axle.
    const drop = (50 * Math.sin((25 * Math.PI) / 180) - 6.35) / Math.cos((25 * Math.PI) / 180)
    const set = guideShape({ rollerMm: 12.7, setbackMm: 10, dropMm: drop, angleDeg: 25, projectionMm: 40 })
    expect(set.axle.y).toBeCloseTo(6.35, 6)
  })
})
