import { describe, expect, it } from 'vitest'
import { eyeFactor, eyeLevel } from './windingLayout'

const seen = { seenMm: 3, stickLengthMm: 450 }

describe('eyeLevel', () => {
  it('tilts the far stick by what is seen, its right end up', () => {
    // 225 px for 450 mm: 3 mm are 1.5 px, ten times as large 15 px from end to end.
    const { near, far } = eyeLevel(seen, 10, 225, { x: 200, y: 100 })
    expect(near[0].y).toBe(near[1].y)
    expect(far[0].y - far[1].y).toBe(15)
    expect((far[0].y + far[1].y) / 2).toBe(100)
  })
  it('keeps both level where nothing is seen', () => {
    const { far } = eyeLevel({ ...seen, seenMm: 0 }, 10, 225, { x: 200, y: 100 })
    expect(far[0].y).toBe(far[1].y)
  })
})

describe('eyeFactor', () => {
  it('takes the largest that leaves the stick in the picture', () => {
    expect(eyeFactor(seen, 225, 40, [1, 10, 20, 50])).toBe(20)
  })
})
