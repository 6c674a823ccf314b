import { describe, expect, it } from 'vitest'
import { paperScale, toldScale } from './paperScale'

describe('the scale on paper', () => {
  it('is the largest usual one that fits', () => {
    for (let run = 0; run < 200; run++) {
      const fitting = 0.05 + Math.random() * 3.6
      const scale = paperScale(fitting)
      expect(scale).toBeLessThanOrEqual(fitting * (1 + 1e-9))
      expect(toldScale(scale)).toMatch(/^1 : (1|2|2\.5|5|10|20|25|50|100)$/)
    }
  })

  it('makes a 200 mm blade 100 mm long at 1 : 2', () => {
    const scale = paperScale(2)
    expect(toldScale(scale)).toBe('1 : 2')
    // In inches of 96 px, as a browser prints them.
    expect(((200 * scale) / 96) * 25.4).toBeCloseTo(100)
  })

  it('leaves what fits none of them as it is', () => {
    expect(paperScale(0.01)).toBeCloseTo(0.01)
  })
})
